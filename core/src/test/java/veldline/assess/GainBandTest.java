package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.demo.TernholmSands;
import veldline.field.pattern.Sweep;
import veldline.field.solve.SolveFailure;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Antennas with an opening over a band: the same metal at one frequency after the other. */
class GainBandTest {
    private static final double F = 2437e6;

    static List<ApertureFamily> families() {
        return Families.apertures();
    }

    private static ApertureDesign begun(ApertureFamily family) {
        return family.design(new Family.Wish(F, 0.6, 1.6e-3, Metal.COPPER, false));
    }

    private static GainBand of(ApertureDesign d) {
        return GainBand.of(new ApertureStage.Input(d, F), () -> true);
    }

    /** In the middle it is what the bench shows; from point to point nothing jumps. */
    @ParameterizedTest
    @MethodSource("families")
    void theMiddleIsTheAntennaAndTheCurveIsSmooth(ApertureFamily family) {
        ApertureDesign d = begun(family);
        List<GainBand.Point> p = of(d).points();
        assertThat(p).hasSize(41);
        assertThat(p.get(20).frequency()).isCloseTo(F, within(1.0));
        assertThat(p.get(20).gain().value()).isCloseTo(d.radiation(F).gain().value(), within(1e-9));
        for (int i = 1; i < p.size(); i++) {
            assertThat(p.get(i).frequency()).isGreaterThan(p.get(i - 1).frequency());
            assertThat(Math.abs(p.get(i).gain().value() - p.get(i - 1).gain().value()))
                    .isLessThan(0.6);
        }
    }

    /** The same opening is more waves across higher up: twenty times the logarithm of the frequency. */
    @Test
    void aDishGainsWithTheFrequency() {
        ApertureFamily dish = Families.apertures("dish");
        int feed = dish.measures().stream()
                .flatMap(m -> m.words().stream()
                        .filter("by its level at the rim"::equals)
                        .map(w -> dish.measures().indexOf(m)))
                .findFirst()
                .orElseThrow();
        int level = dish.measures().get(feed).words().indexOf("by its level at the rim");
        GainBand band = of(begun(dish)
                .withSize(0, Quantity.of("3", Unit.M))
                .withSize(1, Quantity.of("1.2", Unit.M))
                .withSize(feed, Quantity.of(Integer.toString(level), Unit.ONE)));
        double first = band.points().get(0).gain().value();
        double last = band.points().get(40).gain().value();
        assertThat(last - first).isCloseTo(20 * Math.log10(1.1 / 0.9), within(0.1));
        assertThat(band.fed()).as("a level at the rim is typed").isEmpty();
    }

    /** A resonator of quality Q is matched within SWR 2 over f ÷ (Q·√2) (Balanis §14.2), and so is the curve. */
    @Test
    void aPatchIsMatchedOverTheBandItsQualityAllows() {
        ApertureDesign d = Families.apertures("patches").tuned(begun(Families.apertures("patches")), F);
        Sweep fed = of(d).fed().orElseThrow();
        double told = d.of().schools(d, F).get(0).value();
        double band = SwrBand.of(fed, 50).orElseThrow().value();
        assertThat(band).isCloseTo(told, within(0.08 * told));
        assertThat(fed.points().get(20).swr(50)).isLessThan(1.05);
        assertThat(fed.resonances())
                .singleElement()
                .satisfies(f -> assertThat(f).isCloseTo(F, within(2e-3 * F)));
    }

    /** Where a guide passes nothing there is no point, and the band begins where it does. */
    @Test
    void underTheCutOffThereIsNothing() {
        ApertureDesign narrow = begun(Families.apertures("can")).withSize(0, Quantity.of("74", Unit.MM));
        List<GainBand.Point> p = of(narrow).points();
        assertThat(p).hasSizeBetween(10, 40);
        assertThat(p.get(of(narrow).centre()).frequency())
                .as("not the middle of what is left")
                .isCloseTo(F, within(1.0));
        assertThat(p.get(0).frequency()).isGreaterThan(1.8412 * 299_792_458.0 / (Math.PI * 0.074));
    }

    @Test
    void aBandOfAGainEndsWhereItHasFallenSoFar() {
        GainBand band = of(begun(Families.apertures("patches")));
        double there = band.points().get(20).gain().value();
        double decibels = 0.2;
        assertThat(band.goesOn(decibels)).as("it ends within what is looked at").isFalse();
        double wide = band.within(decibels).orElseThrow().value() * 1e6;
        long kept = band.points().stream()
                .filter(p -> Math.abs(p.gain().value() - there) <= decibels)
                .count();
        assertThat((kept - 1) * 0.1 * F / 40).as("its points, side by side").isCloseTo(wide, within(1e5));
        assertThat(band.within(99).orElseThrow().value()).isCloseTo(0.1 * F / 1e6, within(0.1));
        assertThat(band.goesOn(99)).isTrue();
        assertThat(new GainBand(List.of(), 0).within(1)).isEmpty();
    }

    @Test
    void itCanBeCalledOff() {
        assertThatThrownBy(
                        () -> GainBand.of(new ApertureStage.Input(begun(Families.apertures("horn")), F), () -> false))
                .isInstanceOf(SolveFailure.class);
    }

    /** Its net tells what comes back over the band once that was asked for, and only of the antenna it was asked of. */
    @Test
    void aNetIsSolvedOverTheBandWhenAsked() {
        ApertureDesign can = begun(Families.apertures("can"));
        Job job = new JobChange.Fit(true, can).applyTo(TernholmSands.nestCamera());
        Assessor assessor = new Assessor();
        assertThat(assessor.assess(job, Assessor.Depth.SWEEP, () -> true).sweep())
                .isInstanceOf(Stage.Absent.class);
        assessor.solveBand(job, () -> true);
        Sweep net = assessor.assess(job, Assessor.Depth.QUICK, () -> true)
                .sweep()
                .value()
                .orElseThrow();
        GridFigures alone = GridFigures.of(can.of().grid(can, F), can.of().trusted(), F, () -> true)
                .orElseThrow();
        assertThat(net.points().get(20).swr(50)).isCloseTo(alone.swr().value(), within(0.06));
        assertThat(net.points().get(20).gainDbi()).isCloseTo(alone.gain().value(), within(0.1));
        Job other = new JobChange.Fit(true, can.withSize(1, Quantity.of("30", Unit.MM))).applyTo(job);
        assertThat(assessor.assess(other, Assessor.Depth.SWEEP, () -> true).sweep())
                .isInstanceOf(Stage.Absent.class);
    }
}
