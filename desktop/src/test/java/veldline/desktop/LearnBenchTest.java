package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.desktop.bench.Overlay;
import veldline.picture.Mark;

/** An experiment is opened, walked and dragged in the window, and the job is left alone. */
class LearnBenchTest extends WindowTest {
    private void open() {
        settle();
        push(KeyCode.L);
        until(() -> work.overlay().equals(Optional.of(Overlay.LEARN)));
        until(() -> work.showing().orElseThrow().advice().lesson().isPresent());
        until(() -> !work.showing().orElseThrow().busy().isPresent());
    }

    private boolean shows(String text) {
        return texts().stream().anyMatch(t -> t.contains(text));
    }

    @Test
    void anExperimentIsWalkedAndItsFindingsFollow() {
        open();
        until(() -> shows("0.440 waves"));
        assertThat(shows("it directs")).isTrue();
        for (int i = 0; i < 12; i++) {
            push(KeyCode.RIGHT);
        }
        until(() -> shows("0.500 waves"));
        assertThat(shows("it reflects")).isTrue();
        assertThat(lookup("#finding-0").query().getAccessibleText()).contains("ahead less back");
        assertThat(work.desk().job()).isEqualTo(JOB);
        push(KeyCode.ESCAPE);
        until(() -> work.overlay().isEmpty());
    }

    @Test
    void theDotIsDraggedAlongItsCurve() {
        open();
        until(() -> shows("0.440 waves"));
        Mark.Zone dot = zone("slide");
        drag(picture().localToScreen(dot.x() + 22, dot.y() + 60)).dropBy(200, 0);
        until(() -> shows("it reflects"));
        assertThat(work.desk().job()).isEqualTo(JOB);
    }

    @Test
    void anotherIsPickedAndLeadsToTheBenchOfTheSameQuestion() {
        open();
        interact(() -> {
            work.pick("set:learn=flattered");
            work.command(veldline.desktop.bench.Input.Command.EXPERIMENT);
        });
        until(() -> shows("SWR through a lossy line") && shows("Cable 0 m"));
        interact(() -> work.pick("step:MATCH"));
        until(() -> work.overlay().isEmpty() && work.step() == Step.MATCH);
    }
}
