package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Overlay;
import veldline.picture.Mark;
import veldline.study.Improvement;

/** Looking for what the antenna could be, in the real window. */
class ImproveTest extends WindowTest {
    private Improvement.Result looked() {
        settle();
        interact(() -> work.go(Step.SHAPE));
        push(KeyCode.I);
        until(() -> work.busy().filter(b -> b.done() > 60).isPresent());
        assertThat(work.overlay()).contains(Overlay.IMPROVE);
        // While it looks, Esc stops it and stays.
        push(KeyCode.ESCAPE);
        until(() -> work.improvement() instanceof Stage.Fresh);
        assertThat(work.overlay()).contains(Overlay.IMPROVE);
        assertThat(work.desk().history().at()).as("nothing is taken unasked").isZero();
        return work.improvement().value().orElseThrow();
    }

    @Test
    void theCurveIsWalkedOneIsTakenAndTakenBack() {
        Improvement.Result r = looked();
        assertThat(r.front()).isNotEmpty();
        for (int i = 0; i < 12; i++) {
            push(KeyCode.LEFT);
        }
        until(() ->
                work.showing().orElseThrow().noted().getOrDefault("IMPROVE", "").equals("design:0"));
        String gain =
                r.front().get(0).worked(veldline.study.Measure.GAIN, r.ask()).shown();
        until(() -> texts().contains(gain));
        push(KeyCode.ENTER);
        until(() -> work.overlay().isEmpty());
        assertThat(work.desk().job().yagi()).contains(r.front().get(0).yagi());
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().equals(JOB));
    }

    @Test
    void draggingGoesToTheNearestAndALimitThatCannotBeKeptSaysSo() {
        Improvement.Result r = looked();
        int last = r.front().size() - 1;
        Mark.Zone from = zone("design:0");
        Mark.Zone to = zone("design:" + last);
        drag(picture().localToScreen(from.x() + 14, from.y() + 14))
                .dropTo(picture().localToScreen(to.x() + 14, to.y() + 14));
        WaitForAsyncUtils.waitForFxEvents();
        until(() ->
                last == 0 || work.showing().orElseThrow().noted().get("IMPROVE").equals("design:" + last));
        interact(() -> {
            work.pick("set:improve.swr=1.1");
            work.pick("set:improve.band=400000000");
        });
        push(KeyCode.I);
        until(() -> work.busy().filter(b -> b.done() > 20).isPresent());
        assertThat(texts()).as("what was found before stays in view").anyMatch(t -> t.startsWith("As it was found"));
        push(KeyCode.ESCAPE);
        until(() -> work.improvement() instanceof Stage.Fresh);
        until(() -> lookup("#finding-0").query().getAccessibleText().contains("keeps every limit"));
        push(KeyCode.ESCAPE);
        until(() -> work.overlay().isEmpty());
    }
}
