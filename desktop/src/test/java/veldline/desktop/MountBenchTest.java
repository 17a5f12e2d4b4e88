package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.explain.Finding;
import veldline.picture.Mark;
import veldline.raise.Aim;
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

    @Test
    void anAntennaIsSwungToItsMark() {
        settle();
        interact(() -> {
            work.go(Step.RAISE);
            work.pick("set:raise=swing");
        });
        settle();
        assertThat(texts()).anyMatch(t -> t.startsWith("Nothing was read yet"));
        type("60 -60, 70 -58.5, 80 -59, 90 -62");
        until(() -> findings().stream().anyMatch(f -> f.tag().equals("aim?")));
        type("30 -72, 45 -65, 60 -60, 70 -58.5, 80 -58.4, 90 -60.2, 105 -66, 120 -73");
        until(() -> work.showing().orElseThrow().assessment().raise().aim().isPresent());
        double mark = work.showing()
                .orElseThrow()
                .assessment()
                .raise()
                .aim()
                .orElseThrow()
                .mark()
                .value();
        assertThat(mark).isBetween(72.0, 78.0);
        assertThat(texts()).contains("best so far, at 80 °");
        push(KeyCode.LEFT);
        until(() -> texts().contains("dBm at 105 °"));
        type("30 -72, 400 -65");
        assertThat(work.desk().job().raise().swung())
                .as("what was not understood changes nothing")
                .hasSize(8);
    }

    /** Rotator and receiver over their sockets: readings come one by one, and all of them are one edit. */
    @Test
    void anAntennaIsSwungByItsRotator() {
        settle();
        interact(() -> {
            work.go(Step.RAISE);
            work.pick("set:raise=swing");
        });
        settle();
        int edits = work.desk().history().at();
        interact(() -> work.command(Input.Command.SWING));
        until(() -> work.showing()
                .flatMap(s -> s.assessment().raise().aim())
                .filter(a -> a.edges())
                .isPresent());
        settle();
        double off = Aim.off(
                work.showing()
                        .orElseThrow()
                        .assessment()
                        .raise()
                        .aim()
                        .orElseThrow()
                        .mark()
                        .value(),
                work.showing().orElseThrow().assessment().raise().bearing(true).value());
        assertThat(Math.abs(off)).as("the map is off by a few degrees").isLessThan(12);
        assertThat(work.desk().history().at()).isEqualTo(edits + 1);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().raise().swung().isEmpty());
    }

    /** What is to be looked at is walked along the link and ticked; ticks are the job's. */
    @Test
    void whatIsLookedAtIsWalkedAndTicked() {
        settle();
        interact(() -> {
            work.go(Step.RAISE);
            work.pick("set:raise=commission");
        });
        until(() -> texts().contains("16.0 dBm"));
        push(KeyCode.RIGHT);
        until(() -> texts().contains("Hide, from behind"));
        push(KeyCode.ENTER);
        until(() -> work.desk().job().raise().ticked().contains("done:near-antenna-field"));
        push(KeyCode.ENTER);
        until(() -> !work.desk().job().raise().ticked().contains("done:near-antenna-field"));
    }

    private void type(String text) {
        TextField field = lookup("#text-swung").query();
        interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
        leaveBoxes();
    }
}
