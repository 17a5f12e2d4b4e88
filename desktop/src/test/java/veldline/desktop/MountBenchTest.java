package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.explain.Finding;
import veldline.picture.Mark;
import veldline.raise.Declination;

/** An antenna on its mount: drawn up, blown at harder, and aimed by a compass whose declination was typed. */
class MountBenchTest extends WindowTest {
    private void look() {
        settle();
        interact(() -> {
            work.go(Step.RAISE);
            work.pick("set:raise=mount");
        });
        settle();
    }

    private List<Finding> findings() {
        return work.showing().orElseThrow().assessment().of(Step.RAISE);
    }

    private double free() {
        return work.desk().job().raise().mount().free().value();
    }

    @Test
    void anAntennaDrawnUpLeansMoreAndAWindIsWalked() {
        look();
        double leans = work.showing()
                .orElseThrow()
                .assessment()
                .raise()
                .mount()
                .orElseThrow()
                .sway()
                .value();
        Mark.Zone top = zone("free");
        double x = top.x() + 16;
        double y = top.y() + 16;
        drag(picture().localToScreen(x, y)).dropTo(picture().localToScreen(x, y - 60));
        until(() -> free() > 1.1);
        settle();
        assertThat(work.showing()
                        .orElseThrow()
                        .assessment()
                        .raise()
                        .mount()
                        .orElseThrow()
                        .sway()
                        .value())
                .isGreaterThan(leans);
        List<String> before = texts();
        push(KeyCode.RIGHT);
        until(() -> !texts().equals(before));
        assertThat(work.desk().history().at()).as("walking edits nothing").isEqualTo(1);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> free() == 1.0);
    }

    @Test
    void aTubeThatIsTooThinIsAStopAndOneThatCannotBeIsRefused() {
        look();
        enter("tube-wall", "40 mm");
        assertThat(complaint("tube-wall")).contains("half its diameter");
        enter("free", "9 m");
        enter("wind", "180 km/h");
        until(() -> findings().stream().anyMatch(f -> f.tag().equals("mount too weak")));
        enter("tube-diameter", "300 mm");
        until(() -> findings().stream().noneMatch(f -> f.tag().equals("mount too weak")));
    }

    @Test
    void aCompassIsSetByADeclination() {
        look();
        assertThat(findings()).anyMatch(f -> f.tag().equals("declination?"));
        enter("declination", "3.2");
        until(() -> findings().stream().anyMatch(f -> f.sentence().startsWith("71.0 ° by compass")));
        assertThat(work.desk().job().raise().declination().map(Declination::date))
                .isPresent();
    }
}
