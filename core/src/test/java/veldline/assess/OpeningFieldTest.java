package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.OpeningChange;
import veldline.demo.TernholmSands;
import veldline.field.wire.Ground;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.BesideChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** The field all around what has an opening: as its figures have it, turned as it stands, and looked at from either end. */
class OpeningFieldTest {
    private static final double F = 2437e6;

    private static ApertureDesign begun(String key, boolean upright) {
        return Families.apertures(key).design(new Family.Wish(F, 1, 1.6e-3, Metal.COPPER, upright));
    }

    private static WideField wide(ApertureDesign d) {
        return new OpeningField(d, F).wide();
    }

    /** Its level and upright cuts are the E and the H plane of its figures, whichever way it lies. */
    @ParameterizedTest
    @ValueSource(strings = {"dish", "horn", "round horn", "can", "trough"})
    void itsCutsAreItsFigures(String key) {
        for (boolean upright : new boolean[] {false, true}) {
            ApertureDesign d = begun(key, upright);
            WideField w = wide(d);
            AntennaFigures f = ApertureStage.look(new ApertureStage.Input(d, F)).figures();
            List<Double> level = upright ? f.hCut() : f.eCut();
            List<Double> standing = upright ? f.eCut() : f.hCut();
            for (int deg : new int[] {0, 7, 30, 75, 140}) {
                assertThat(w.cuts().get(0).at(deg)).as(key + " level " + deg).isCloseTo(level.get(deg), within(1e-6));
                assertThat(w.cuts().get(9).at(-deg))
                        .as(key + " upright " + deg)
                        .isCloseTo(standing.get(deg), within(1e-6));
            }
            // The feed's own light from behind adds its hundredth of a decibel ahead.
            assertThat(w.gains().get(18).get(36)).isCloseTo(f.gain().value(), within(0.02));
            assertThat(w.hand().rightDbi()).isCloseTo(w.hand().leftDbi(), within(1e-9));
            assertThat(w.hand().axialRatio().value()).isEqualTo(60);
            assertThat(w.ahead().get(0).upright().norm() > 0).isEqualTo(upright);
        }
    }

    /** A fan lies below the beam, standing or flat; over perfect ground both rays meet in step or out of it. */
    @Test
    void aFanLiesBelow() {
        ApertureDesign fan = begun("trough", true)
                .withSize(0, Quantity.of("1500", Unit.MM))
                .withSize(2, Quantity.of("600", Unit.MM))
                .withSize(6, Quantity.of("40", Unit.DEG))
                .withSize(12, Quantity.of("1", Unit.ONE));
        WideField w = wide(fan);
        assertThat(w.cuts().get(9).at(-20)).isGreaterThan(w.cuts().get(9).at(20) + 6);
        assertThat(w.below().get(20).upright().norm())
                .isGreaterThan(2 * w.ahead().get(20).upright().norm());
        double open = 20 * Math.log10(w.ahead().get(0).upright().norm());
        assertThat(w.overGroundDbi(0, 5, Ground.PERFECT, F)).isCloseTo(open + 20 * Math.log10(2), within(1e-3));
    }

    /** What turns says by its ellipse how much turns the other way. */
    @Test
    void whatTurnsHasItsHand() {
        ApertureDesign right = begun("patches", false).withSize(12, Quantity.of("1", Unit.ONE));
        OptionalDouble ellipse = right.of().ellipse(right, F);
        WideField w = wide(right);
        assertThat(w.hand().rightDbi()).isGreaterThan(w.hand().leftDbi() + 3);
        assertThat(w.hand().rightDbi()).isCloseTo(right.radiation(F).gain().value(), within(1e-6));
        assertThat(w.hand().axialRatio().value()).isCloseTo(20 * Math.log10(ellipse.orElseThrow()), within(1e-3));
        WideField left = wide(right.withSize(12, Quantity.of("2", Unit.ONE)));
        assertThat(left.hand().leftDbi()).isCloseTo(w.hand().rightDbi(), within(1e-9));
    }

    /** It comes later than the figures, at whichever end it stands, and is known from then on. */
    @Test
    void itStandsForTheEndThatIsLookedAt() {
        Job job = new JobChange.Fit(false, begun("can", true)).applyTo(TernholmSands.nestCamera());
        Assessor assessor = new Assessor();
        Assessment quick = assessor.assess(job, Assessor.Depth.QUICK, () -> true);
        assertThat(quick.wide(false)).isEmpty();
        assertThat(quick.figures(false).orElseThrow().gain().value())
                .isNotEqualTo(quick.figures(true).orElseThrow().gain().value());
        Assessment whole = assessor.assess(job, Assessor.Depth.ALL, () -> true);
        assertThat(whole.wide(false).orElseThrow().gains().get(18).get(36))
                .isCloseTo(quick.figures(false).orElseThrow().gain().value(), within(0.02));
        assertThat(assessor.assess(job, Assessor.Depth.QUICK, () -> true).wide(false))
                .isPresent();
    }

    /** A dish as it was measured after building stands beside the one that was meant: what is worth mending first, and in its file. */
    @Test
    void aDishAsBuiltIsComparedMeasureByMeasure() throws FormatException {
        ApertureDesign dish = begun("dish", false);
        Job kept = new JobChange.OfBeside(new BesideChange.Keep(true, dish))
                .applyTo(new JobChange.Fit(true, dish).applyTo(TernholmSands.nestCamera()));
        Job measured = new JobChange.OfBeside(
                        new BesideChange.OfOpening(new OpeningChange.Size(7, Quantity.of("30", Unit.MM))))
                .applyTo(new JobChange.OfBeside(
                                new BesideChange.OfOpening(new OpeningChange.Size(8, Quantity.of("2", Unit.MM))))
                        .applyTo(kept));
        BesideFigures beside = new Assessor().assess(measured).beside().value().orElseThrow();
        assertThat(beside.sweep()).isEmpty();
        assertThat(beside.differences()).hasSize(2);
        BesideFigures.Difference first = beside.differences().get(0);
        assertThat(first.name()).isEqualTo("Feed beyond the focus");
        assertThat(first.gained().value())
                .isGreaterThan(beside.differences().get(1).gained().value())
                .isPositive();
        assertThat(beside.figures().gain().value() + first.gained().value())
                .isCloseTo(
                        dish.withSize(8, Quantity.of("2", Unit.MM))
                                .radiation(F)
                                .gain()
                                .value(),
                        within(1e-6));
        JobFile.Parts parts = JobFile.write(measured);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(measured);
        assertThat(new BesideChange.OfOpening(new OpeningChange.Stands(true)).applyTo(Optional.empty()))
                .isEmpty();
        assertThat(new Assessor()
                        .assess(new JobChange.OfBeside(new BesideChange.Clear()).applyTo(measured))
                        .beside())
                .isInstanceOf(Stage.Absent.class);
    }
}
