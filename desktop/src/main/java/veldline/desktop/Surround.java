package veldline.desktop;

import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import veldline.desktop.bench.Showing;
import veldline.desktop.look.Appearance;

/**
 * What stands around the line and the bench: the top bar, the steps and the foot. Their controls and styles take longer
 * to make than the line does, so the window may show the line first; until then their room is kept free.
 */
final class Surround {
    private static final double TOP = 40;
    private static final double STEPS = 44;
    private static final double FOOT = 26;
    /** Under this width words give way to keys and marks. */
    private static final double NARROW = 1000;

    private final TopBar top;
    private final StepRow steps;
    private final FootBar foot;

    private Surround(VeldlineWindow window, Workbench work) {
        this.top = new TopBar(window, work);
        this.steps = new StepRow(work);
        this.foot = new FootBar(work);
    }

    /** Only its room, and the line in its place. */
    static void keepRoom(BorderPane content, LineBand line) {
        VBox over = new VBox(blank(TOP), blank(STEPS), line);
        // The tip of the chosen stop hangs into the bench.
        over.setViewOrder(-1);
        content.setTop(over);
        content.setBottom(blank(FOOT));
    }

    private static Region blank(double height) {
        Region room = new Region();
        room.setMinHeight(height);
        return room;
    }

    /** Puts everything where its room was kept. */
    static Surround of(VeldlineWindow window, Workbench work, BorderPane content) {
        Surround made = new Surround(window, work);
        VBox over = (VBox) content.getTop();
        over.getChildren().set(0, made.top);
        over.getChildren().set(1, made.steps);
        content.setBottom(made.foot);
        return made;
    }

    void fit(double width) {
        top.narrow(width < NARROW);
        steps.fit(width);
        foot.narrow(width < NARROW);
    }

    void refresh(Showing s, Appearance look) {
        top.refresh(s, look);
        steps.refresh(s);
        foot.refresh();
    }

    /** News has come. */
    void tell() {
        foot.refresh();
    }

    TopBar top() {
        return top;
    }
}
