package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import veldline.assess.AntennaFigures;
import veldline.assess.Step;
import veldline.field.pattern.Sweep;
import veldline.picture.Mark;
import veldline.quantity.NumberText;

/** Curves read by pointer and by keys, and what can be laid over the drawing, in the real window. */
class ShapeReadingTest extends WindowTest {
    private void shape() {
        settle();
        interact(() -> work.go(Step.SHAPE));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private AntennaFigures figures() {
        return work.showing().orElseThrow().assessment().antenna().value().orElseThrow();
    }

    @Test
    void theSwrIsReadWhereItIsDraggedAndThenPointByPoint() {
        shape();
        Mark.Zone curve = zone("set:shape.walk=SWR");
        drag(picture().localToScreen(curve.x() + 20, curve.y() + 30)).dropBy(curve.width() / 2, 0);
        WaitForAsyncUtils.waitForFxEvents();
        String at = work.showing().orElseThrow().noted().get("shape.read.SWR");
        List<Sweep.Point> points = work.showing()
                .orElseThrow()
                .assessment()
                .sweep()
                .value()
                .orElseThrow()
                .points();
        Sweep.Point here = points.get(Integer.parseInt(at));
        assertThat(texts()).contains(NumberText.shown(here.frequency() / 1e6, 1));
        leaveBoxes();
        push(KeyCode.RIGHT);
        Sweep.Point next = points.get(Integer.parseInt(at) + 1);
        until(() -> texts().contains(NumberText.shown(next.frequency() / 1e6, 1)));
        assertThat(texts()).contains("SWR " + NumberText.shown(next.swr(50), 2));
        assertThat(work.desk().job()).as("reading is no edit").isEqualTo(JOB);
    }

    @Test
    void thePatternIsReadInBothCutsAndElementsAreWalkedAgain() {
        shape();
        Mark.Zone polar = zone("set:shape.walk=PATTERN");
        // Straight up from the middle: a right angle off the beam.
        drag(picture().localToScreen(polar.x() + polar.width() / 2 + 40, polar.y() + polar.height() / 2))
                .dropTo(picture().localToScreen(polar.x() + polar.width() / 2, polar.y() + 10));
        until(() -> texts().contains("90° off:"));
        assertThat(texts()).contains("E " + NumberText.shown(figures().eCut().get(90), 1) + " dBi");
        leaveBoxes();
        push(KeyCode.LEFT);
        until(() -> texts().contains("89° off:"));
        interact(() -> work.pick("set:shape.walk=ELEMENTS"));
        leaveBoxes();
        push(KeyCode.RIGHT);
        until(() -> work.showing()
                .orElseThrow()
                .picked()
                .getOrDefault(Step.SHAPE, "")
                .equals("element:2"));
    }

    @Test
    void currentsAndCutsAreLaidOverTheDrawing() {
        shape();
        interact(() -> work.pick("element:1"));
        interact(() -> work.pick("set:shape.show=CURRENTS"));
        until(() -> texts().contains("100 %"));
        assertThat(texts()).contains("0 °");
        var driven = figures().currents().get(1);
        interact(() -> work.pick("element:3"));
        String share = figures().currents().get(3).share(driven).shown();
        until(() -> texts().contains(share));
        interact(() -> work.pick("set:shape.show=CUTS"));
        until(() -> texts().contains(figures().unknowns() + " current unknowns"));
    }
}
