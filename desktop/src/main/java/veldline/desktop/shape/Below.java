package veldline.desktop.shape;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import veldline.antenna.ApertureDesign;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.picture.Pen;

/** What stands under the drawing to scale. To add one, write its view and list it here. */
enum Below {
    FIGURES("pattern and SWR", Reading.ELEMENTS, () -> (s, pen) -> {}),
    CUT("any cut", Reading.CUT, CutView::new),
    SPHERE("the whole sphere", Reading.SPHERE, SphereView::new),
    BAND("over the band", Reading.BAND, BandView::new),
    OHMS("resistance and reactance", Reading.SWR, OhmsView::new),
    GROUND("over the ground", Reading.HEIGHT, GroundView::new),
    PHASE("what the phase does", Reading.PHASE, PhaseView::new),
    WINDOWS("lengths clear of half waves", Reading.LENGTH, WindowsView::new),
    MORE("what more of it buys", Reading.MORE, MoreView::new),
    TRUE("pieces at true size", Reading.PIECES, TrueView::new),
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

        /** What dragging one of its other zones there says. */
        default Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
            return Optional.empty();
        }

        /** Which of the places that are walked lies under a place of the picture; empty for a view that is not dragged. */
        default Optional<Integer> placeAt(Showing s, double x, double y, double width, double height) {
            return Optional.empty();
        }
    }

    static Below chosen(Showing s) {
        return Optional.ofNullable(s.noted().get(NAME))
                .map(Below::valueOf)
                .filter(b -> !opening(s) || b.serves(s))
                .orElse(FIGURES);
    }

    /** What left and right walk while it is shown. */
    Reading walked() {
        return walked;
    }

    void draw(Showing s, Pen pen) {
        view.get().draw(s, pen);
    }

    /** What dragging its zone there says. */
    Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        return view.get().turned(s, zone, x, y, width, height).or(() -> read(s, zone, x, y, width, height));
    }

    private Optional<String> read(Showing s, String zone, double x, double y, double width, double height) {
        return zone.equals(walked.pick()) && walked.count(s) > 0
                ? view.get()
                        .placeAt(s, x, y, width, height)
                        .map(p -> walked.at(Math.max(0, Math.min(walked.count(s) - 1, p))))
                : Optional.empty();
    }

    /** What an antenna with an opening has: its pattern with what its gain loses, and its field all around. */
    private static final Set<Below> OPENINGS = EnumSet.of(FIGURES, CUT, SPHERE, BAND, OHMS, GROUND, BESIDE);

    private static boolean opening(Showing s) {
        return s.job().antenna(!s.atFar()) instanceof ApertureDesign;
    }

    /** Whether the antenna has what it shows. */
    private boolean serves(Showing s) {
        if (opening(s)) {
            boolean shaped = s.atFar() != s.job().madeNear();
            // What stands beside is compared with the one that is shaped, and that is the one known over the band.
            return OPENINGS.contains(this)
                    && (switch (this) {
                        case BESIDE, BAND -> shaped;
                        case OHMS -> shaped && s.assessment().sweep().value().isPresent();
                        default -> true;
                    });
        }
        return switch (this) {
            case PHASE -> PhaseView.serves(s);
            case WINDOWS -> WindowsView.serves(s);
            case BAND -> false;
            default -> true;
        };
    }

    static Input input(Showing s) {
        return new Input.Pick(
                "below",
                "Under the drawing",
                java.util.Arrays.stream(values())
                        .filter(b -> b == chosen(s) || b.serves(s))
                        .map(b -> new Input.Option(
                                b == FIGURES && opening(s) ? "pattern and losses" : b.words,
                                b == chosen(s),
                                new Input.Outcome.Picked("set:" + NAME + "=" + b.name())))
                        .toList());
    }
}
