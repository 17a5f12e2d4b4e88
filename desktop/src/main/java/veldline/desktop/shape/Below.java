package veldline.desktop.shape;

import java.util.Optional;
import java.util.function.Supplier;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.picture.Pen;

/** What stands under the drawing to scale. To add one, write its view and list it here. */
enum Below {
    FIGURES("pattern and SWR", Reading.ELEMENTS, () -> (s, pen) -> {}),
    SPHERE("the whole sphere", Reading.SPHERE, SphereView::new),
    OHMS("resistance and reactance", Reading.SWR, OhmsView::new),
    GROUND("over the ground", Reading.HEIGHT, GroundView::new),
    MORE("what more of it buys", Reading.MORE, MoreView::new),
    WORK("stock, boom and shifts", Reading.WORK, WorkView::new),
    BESIDE("another beside it", Reading.BESIDE, BesideView::new);

    static final String NAME = "shape.below";

    private final String words;
    private final Reading walked;
    private final Supplier<View> view;

    Below(String words, Reading walked, Supplier<View> view) {
        this.words = words;
        this.walked = walked;
        this.view = view;
    }

    /** One of them, drawn under {@link ShapeFigures#RULE}. */
    interface View {
        void draw(Showing s, Pen pen);
    }

    static Below chosen(Showing s) {
        return Optional.ofNullable(s.noted().get(NAME)).map(Below::valueOf).orElse(FIGURES);
    }

    /** What left and right walk while it is shown. */
    Reading walked() {
        return walked;
    }

    void draw(Showing s, Pen pen) {
        view.get().draw(s, pen);
    }

    static Input input(Showing s) {
        return new Input.Pick(
                "below",
                "Under the drawing",
                java.util.Arrays.stream(values())
                        .map(b -> new Input.Option(
                                b.words, b == chosen(s), new Input.Outcome.Picked("set:" + NAME + "=" + b.name())))
                        .toList());
    }
}
