package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.study.Candidate;
import veldline.study.Weigh;

/** Antennas with an opening in the real window: taken in Choose, typed, walked and dragged in Shape, solved as a net beside. */
class OpeningTest extends WindowTest {
    private ApertureDesign design() {
        return (ApertureDesign) work.desk().job().nearAntenna();
    }

    private void fit(String key) {
        settle();
        interact(() -> {
            work.apply(new JobChange.Fit(
                    true,
                    Families.apertures(key).design(new Family.Wish(2437e6, 0.45, 1.6e-3, Metal.ALUMINIUM, false))));
            work.goStop("near-antenna");
            work.go(Step.SHAPE);
        });
        settle();
    }

    private double gain() {
        return work.showing()
                .orElseThrow()
                .assessment()
                .antenna()
                .value()
                .orElseThrow()
                .gain()
                .value();
    }

    @Test
    void aColumnOfPatchesIsTakenInChoose() {
        settle();
        interact(() -> work.go(Step.CHOOSE));
        until(() -> work.showing().orElseThrow().candidates() instanceof Stage.Fresh);
        settle();
        List<Candidate> list = Weigh.MARGIN.ranked(
                work.showing().orElseThrow().candidates().value().orElseThrow());
        int column = IntStream.range(0, list.size())
                .filter(i -> list.get(i).shaped().title().startsWith("Column of"))
                .findFirst()
                .orElseThrow();
        interact(() -> {
            work.pick("candidate:" + column);
            picture().requestFocus();
        });
        push(KeyCode.ENTER);
        until(() -> work.desk().job().nearAntenna() instanceof ApertureDesign);
        settle();
        assertThat(gain()).isCloseTo(list.get(column).gain().value(), within(1e-9));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().yagi().isPresent());
    }

    /** Typed in any unit, the line follows; what lies outside its range is refused in a sentence. */
    @Test
    void aDishIsTypedAndTheLineFollows() {
        fit("dish");
        double before = gain();
        enter("measure-0", "1 m");
        until(() -> Math.abs(design().size(0) - 1) < 1e-9);
        settle();
        assertThat(gain()).isGreaterThan(before + 1.5);
        enter("measure-0", "10 mm");
        assertThat(complaint("measure-0")).contains("mm");
        assertThat(design().size(0)).isCloseTo(1, within(1e-9));
        leaveBoxes();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> Math.abs(design().size(0) - 1) > 0.05);
    }

    /** The rim is pulled outward, and the diameter grows with it. */
    @Test
    void aRimIsDragged() {
        fit("dish");
        double was = design().size(0);
        Mark.Zone rim = zone("opening:0");
        double x = rim.x() + 11;
        double y = rim.y() + 11;
        drag(picture().localToScreen(x, y)).dropBy(0, y > 146 ? 18 : -18);
        until(() -> design().size(0) > 1.02 * was);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> design().size(0) == was);
    }

    /** Arrows walk from measure to measure; each says what it is. */
    @Test
    void measuresAreWalked() {
        fit("can");
        interact(() -> work.pick("opening:0"));
        settle();
        assertThat(texts().toString()).contains("Tube, inside");
        interact(() -> picture().requestFocus());
        push(KeyCode.RIGHT);
        until(() -> texts().toString().contains("Probe from the closed end 56"));
    }

    /** Cut for the frequency at a keystroke; its curve over the band is walked, and what the net has at the socket is taken over. */
    @Test
    void aPatchIsCutAndWalkedOverTheBand() {
        fit("patches");
        enter("measure-2", "50 mm");
        until(() -> Math.abs(design().size(2) - 0.05) < 1e-9);
        interact(() -> work.command(Input.Command.TUNE));
        until(() -> design().size(2) > 0.052);
        settle();
        assertThat(work.showing()
                        .orElseThrow()
                        .assessment()
                        .antenna()
                        .value()
                        .orElseThrow()
                        .swr()
                        .value())
                .isLessThan(1.05);
        interact(() -> work.pick("set:shape.below=BAND"));
        until(() -> texts().contains("At 2437.0 MHz"));
        interact(() -> picture().requestFocus());
        push(KeyCode.RIGHT);
        until(() -> texts().contains("At 2443.1 MHz"));
        assertThat(texts()).contains("SWR on its line", "within 1 dB");
    }

    /** The probe's net is solved over the band when it is asked for, and no sooner; Esc calls it off. */
    @Test
    void aNetIsSolvedOverTheBandOnRequest() {
        fit("can");
        interact(() -> work.pick("set:shape.below=BAND"));
        until(() -> lookup("#action-net-band").tryQuery().isPresent());
        interact(() -> work.command(Input.Command.NET_BAND));
        // What is worked out beside may still be under way, and Esc would call that off.
        until(() -> work.showing()
                .orElseThrow()
                .busy()
                .filter(b -> b.what().startsWith("Solving its net"))
                .isPresent());
        push(KeyCode.ESCAPE);
        until(() -> work.showing().orElseThrow().busy().isEmpty());
        assertThat(work.showing().orElseThrow().assessment().sweep().value()).isEmpty();
    }

    /** After a while the net of wires stands among the findings; the line did not wait for it. */
    @Test
    void theNetOfWiresComesLater() {
        fit("can");
        assertThat(work.showing().orElseThrow().assessment().line().answered()).isTrue();
        until(() -> work.showing().orElseThrow().assessment().grid() instanceof Stage.Fresh);
        until(() -> work.showing().orElseThrow().assessment().of(Step.SHAPE).stream()
                .anyMatch(f -> f.rest().contains("as a net of wires")));
    }

    @Test
    void everyFamilyHasABoxOrAChoiceForEachMeasure() {
        for (ApertureFamily f : Families.apertures()) {
            fit(f.key());
            for (int i = 0; i < f.measures().size(); i++) {
                String id = "measure-" + i;
                if (!f.uses(design(), i)) {
                    continue;
                }
                assertThat(work.showing()
                                .map(s -> veldline.desktop.bench.Benches.of(Step.SHAPE)
                                        .inputs(s))
                                .orElseThrow())
                        .as(f.key())
                        .anyMatch(in -> in.id().equals(id));
                if (!f.measures().get(i).isChoice() && f.measures().get(i).unit() == Unit.MM) {
                    assertThat(lookup("#box-" + id).tryQuery()).as(f.key() + id).isPresent();
                }
            }
        }
    }

    /** Under the drawing stand its losses, any cut, the sphere and the pattern over the ground, walked and turned like those of wires. */
    @Test
    void theFieldAllAroundIsReadLikeThatOfWires() {
        fit("trough");
        until(() -> work.showing().orElseThrow().assessment().wide(true).isPresent());
        interact(() -> work.pick("set:shape.below=CUT"));
        settle();
        assertThat(texts().toString()).contains("The level cut", "half-power beamwidth");
        interact(() -> picture().requestFocus());
        push(KeyCode.RIGHT);
        until(() -> texts().toString().contains("The cut 10° from level"));
        interact(() -> work.pick("set:shape.below=SPHERE"));
        settle();
        assertThat(texts().toString()).contains("Everywhere around it", "a straight field");
        interact(() -> work.pick("set:shape.below=GROUND"));
        settle();
        assertThat(texts().toString()).contains("Up and down, over flat ground");
        interact(() -> work.pick("set:shape.below=MORE"));
        settle();
        assertThat(texts().toString()).as("what only wires have is not shown").contains("What its gain loses");
    }

    /** The feed is chosen from a list, its own boxes stand in place of the other's, and the dipole is dragged before its plate. */
    @Test
    void aDishTakesAnotherFeed() {
        fit("dish");
        double tube = gain();
        interact(() -> work.apply(new JobChange.OfOpening(
                true, new veldline.antenna.OpeningChange.Size(2, veldline.quantity.Quantity.of("3", Unit.ONE)))));
        until(() -> design().count(2) == 3);
        settle();
        assertThat(gain()).isNotEqualTo(tube);
        assertThat(work.showing()
                        .map(s -> veldline.desktop.bench.Benches.of(Step.SHAPE).inputs(s))
                        .orElseThrow())
                .anyMatch(in -> in.id().equals("measure-17"))
                .noneMatch(in -> in.id().equals("measure-4"));
        double before = design().size(17);
        Mark.Zone dipole = zone("opening:17");
        drag(picture().localToScreen(dipole.x() + 11, dipole.y() + 11)).dropBy(-12, 0);
        until(() -> design().size(17) > 1.05 * before);
    }

    /** From a gain to its measures: typed, the dish is made for it; what no dish has is refused in a sentence. */
    @Test
    void aDishIsMadeForAGain() {
        fit("dish");
        double before = design().size(0);
        enter("gain", "25 dBi");
        until(() -> design().size(0) > 1.05 * before);
        settle();
        assertThat(gain()).isCloseTo(25, within(0.05));
        enter("gain", "1 dBi");
        until(() -> lookup("#news").queryLabeled().getText().contains("ask for"));
        assertThat(design().size(0)).as("refused, so as it was").isGreaterThan(1.05 * before);
        leaveBoxes();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> design().size(0) == before);
    }

    /** As built: a box for each measure that was measured, the one that is worth mending first at the top. */
    @Test
    void aDishIsComparedAsBuilt() {
        fit("dish");
        interact(() -> work.pick("set:shape.below=BESIDE"));
        settle();
        assertThat(texts().toString()).as("a Yagi still stands beside it").contains("Of another kind");
        interact(() -> work.apply(new JobChange.OfBeside(new veldline.job.BesideChange.Keep(true, design()))));
        settle();
        enter("built-7", "25 mm");
        until(() -> texts().toString().contains("worth mending first"));
        until(() -> texts().toString().contains("Feed beyond the focus"));
        leaveBoxes();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> texts().toString().contains("No measure differs"));
    }
}
