package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.WireFamily;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.shape.DesignHandle;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.quantity.Unit;
import veldline.sheet.Paper;
import veldline.sheet.Sheets;
import veldline.stock.Metal;
import veldline.study.Candidate;

/** Antennas by their measures in the real window: taken in Choose, typed and dragged in Shape, freed to own wires. */
class DesignTest extends WindowTest {
    private Design design() {
        return (Design) work.desk().job().nearAntenna();
    }

    private void fit(WireFamily f) {
        settle();
        interact(() -> {
            work.apply(new JobChange.Fit(true, f.design(new Family.Wish(2437e6, 0.45, 1.6e-3, Metal.BRASS, false))));
            work.go(Step.SHAPE);
        });
        settle();
    }

    @Test
    void aQuadIsTakenInChooseAndItsSideDraggedInShape() {
        settle();
        interact(() -> work.go(Step.CHOOSE));
        until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
        settle();
        java.util.List<Candidate> list = veldline.study.Weigh.MARGIN.ranked(
                work.showing().orElseThrow().candidates().value().orElseThrow());
        int quad = java.util.stream.IntStream.range(0, list.size())
                .filter(i -> list.get(i).shaped().title().equals("Two-loop quad"))
                .findFirst()
                .orElseThrow();
        interact(() -> {
            work.pick("candidate:" + quad);
            picture().requestFocus();
        });
        push(KeyCode.ENTER);
        until(() -> work.desk().job().nearAntenna() instanceof Design);
        interact(() -> {
            work.go(Step.SHAPE);
            work.pick("set:wires.view=SIDE");
        });
        settle();
        double side = design().size(1);
        Mark.Zone handle = zone("measure:1");
        double x = handle.x() + 11;
        double y = handle.y() + 11;
        // Away from the middle makes it larger, whichever end the handle is at.
        drag(picture().localToScreen(x, y)).dropBy(0, y < 146 ? -25 : 25);
        until(() -> design().size(1) > side * 1.02);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> design().size(1) == side);
    }

    /** Measures that move no corner: diameters, electrical lengths and phases, and distances to what is not there. */
    private static final Map<String, Integer> STILL = Map.of(
            "quad", 3,
            "folded dipole", 1,
            "stepped dipole", 2,
            "sleeve dipole", 2,
            "turnstile", 1,
            "log-periodic", 1,
            "helix", 1,
            "stacked Yagis", 1,
            "dipole array", 1,
            "hung wire", 3);

    @Test
    void everyFamilyHasABoxForEachMeasureAndAHandleForEachLength() {
        for (WireFamily f : Families.wires()) {
            fit(f);
            for (int i = 0; i < f.measures().size(); i++) {
                if (f.measures().get(i).isChoice()) {
                    continue;
                }
                assertThat(lookup("#box-measure-" + i).queryAs(TextField.class))
                        .as(f.key())
                        .isNotNull();
            }
            long handles =
                    f.measures().stream().filter(m -> m.unit() != Unit.ONE).count();
            long missing = STILL.getOrDefault(f.key(), 0);
            assertThat(DesignHandle.of(design()).stream().map(DesignHandle::at).distinct())
                    .as(f.key() + ", no two in one place")
                    .hasSize((int) (handles - missing));
            assertThat(picture().picture().zones().filter(z -> z.id().startsWith("measure:")))
                    .as(f.key())
                    .hasSize((int) (handles - missing));
            // A wire that hangs in the job's short wave would hang in the earth's nearest centimetre, and is refused
            // there.
            assertThat(work.showing().orElseThrow().assessment().line().answered())
                    .as(f.key())
                    .isEqualTo(!f.key().equals("hung wire"));
        }
    }

    @Test
    void aMeasureOutsideItsRangeIsRefusedAndAWholeNumberIsAskedFor() {
        fit(Families.wires("quad"));
        Design before = design();
        type("measure-0", "2.5");
        assertThat(lookup("#complaint-measure-0").tryQuery()).isPresent();
        type("measure-1", "3 m");
        assertThat(lookup("#complaint-measure-1").tryQuery()).isPresent();
        assertThat(design()).isEqualTo(before);
        type("measure-0", "3");
        until(() -> design().title().equals("Three-loop quad"));
    }

    @Test
    void aLoopThatWasTypedTooLargeIsCutToResonanceByItsButton() {
        fit(Families.wires("quad"));
        double side = design().size(1);
        type("measure-1", "40 mm");
        until(() -> design().size(1) == 0.04);
        settle();
        interact(() -> work.command(Input.Command.TUNE));
        until(() -> Math.abs(design().size(1) - side) < 0.0002);
        assertThat(work.desk().history().undoLabel()).isPresent();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> design().size(1) == 0.04);
    }

    private void type(String box, String text) {
        TextField field = lookup("#box-" + box).queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
        settle();
    }

    /** One that only these tests know stands in Choose, in Shape and on the sheet, with no line changed anywhere. */
    @Test
    void aFamilyOfOnesOwnIsInChooseInShapeAndOnTheSheet() {
        settle();
        interact(() -> work.go(Step.CHOOSE));
        until(() -> work.showing().orElseThrow().candidates().value().isPresent());
        assertThat(work.showing().orElseThrow().candidates().value().orElseThrow())
                .anyMatch(c -> c.shaped().title().equals("Test vee"));
        fit(Families.wires("test vee"));
        assertThat(lookup("#box-measure-1").queryAs(TextField.class).getText()).isEqualTo("20");
        assertThat(DesignHandle.of(design())).hasSize(2);
        assertThat(Sheets.of(Step.SHAPE, work.desk().job())
                        .pages(work.showing().orElseThrow().assessment(), Paper.A4)
                        .get(0)
                        .texts()
                        .map(Mark.Text::text))
                .contains("Test vee", "arm");
    }
}
