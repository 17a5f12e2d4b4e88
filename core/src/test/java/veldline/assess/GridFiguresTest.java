package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.demo.TernholmSands;
import veldline.field.pattern.PatternSummary;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.WireModel;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Cans and cones as nets of wires, against the sums over their openings and against themselves. */
class GridFiguresTest {
    private static final double F = 2437e6;
    private static final double WAVE = 299_792_458.0 / F;

    private static ApertureDesign begun(String key) {
        return Families.apertures(key).design(new Family.Wish(F, 1, 1.6e-3, Metal.COPPER, false));
    }

    private static GridFigures solved(ApertureDesign d) {
        return GridFigures.of(d.of().grid(d, F), d.of().trusted(), F, () -> true)
                .orElseThrow();
    }

    /** Under a wave the rim sends as well: the net has a decibel or two more than the mouth alone, and both say so. */
    @ParameterizedTest
    @ValueSource(doubles = {0.66, 0.7, 0.74})
    void aCansNetIsWithinWhatBothSayOfThemselves(double waves) {
        ApertureDesign d = begun("can").withSize(0, Quantity.shown(waves * WAVE, Unit.MM, 2));
        double mouth = d.radiation(F).gain().value();
        GridFigures net = solved(d);
        assertThat(net.gain().value()).isBetween(mouth, mouth + d.radiation(F).doubt() + 0.5);
        assertThat(net.frontToBack().value()).isBetween(8.0, 20.0);
    }

    /** The probe a family begins with is near its match, with nothing trimmed yet. */
    @Test
    void theProbeOfACanIsNearItsMatch() {
        ApertureDesign d = begun("can");
        assertThat(solved(d).swr().value()).isLessThan(1.6);
        ApertureDesign wrong = d.withSize(1, Quantity.shown(0.5 * d.size(1), Unit.MM, 2));
        assertThat(solved(wrong).swr().value())
                .as("half as far from the closed end")
                .isGreaterThan(1.8);
    }

    /** The power that goes in comes out, and a cone of two waves gains what its opening's sum says. */
    @Test
    void aConesNetGainsWhatItsOpeningSays() {
        ApertureDesign d = begun("round horn")
                .withSize(0, Quantity.shown(1.25 * WAVE, Unit.MM, 2))
                .withSize(1, Quantity.shown(0.7 * WAVE, Unit.MM, 2));
        WireModel net = d.of().grid(d, F).orElseThrow();
        assertThat(ModelCheck.faults(net, F)).isEmpty();
        PatternSummary p = PatternSummary.of(new FieldSolver(net, MeshRule.standard(F), () -> true).at(F));
        assertThat(p.powerBalance()).isCloseTo(1, within(0.01));
        assertThat(p.gainDbi())
                .isCloseTo(d.radiation(F).gain().value(), within(d.radiation(F).doubt() + 0.5));
    }

    /**
     * An open guide gains 21.6 times its width in metres times gigahertz, which was measured (Yaghjian, IEEE Trans. AP-32 (1984), eq. 28):
     * sum and net are within a quarter of a decibel of that, from two sides that share nothing.
     */
    @Test
    void anOpenGuideGainsWhatWasMeasured() {
        ApertureDesign begun = begun("horn");
        ApertureDesign guide = begun.withSize(0, begun.sizes().get(3))
                .withSize(1, begun.sizes().get(4))
                .withSize(2, Quantity.of("23", Unit.MM));
        double measured = 10 * Math.log10(21.6 * F / 1e9 * guide.size(3));
        assertThat(guide.radiation(F).gain().value()).isCloseTo(measured, within(0.3));
        assertThat(solved(guide).gain().value()).isCloseTo(measured, within(0.3));
    }

    /** A small horn's net and the sum over its opening share nothing but the measures. */
    @Test
    void aSmallHornsNetBearsOutItsSum() {
        ApertureDesign d = begun("horn").of().forGain(begun("horn"), F, 8.5);
        assertThat(d.radiation(F).gain().value()).isCloseTo(8.5, within(0.02));
        GridFigures net = solved(d);
        assertThat(net.gain().value()).isCloseTo(8.5, within(0.5));
        assertThat(net.frontToBack().value()).isGreaterThan(9);
        assertThat(begun("horn").of().grid(begun("horn"), F))
                .as("15 dBi asks for too fine a net")
                .isEmpty();
    }

    /** A choke ring stops what runs round the rim: the back falls by several decibels, ahead gains a little, and the power still adds up. */
    @Test
    void aChokeRingQuietsTheBack() {
        ApertureDesign plain = begun("can");
        ApertureDesign ringed = plain.withSize(8, Quantity.shown(0.2 * WAVE, Unit.MM, 2))
                .withSize(9, Quantity.shown(0.2 * WAVE, Unit.MM, 2));
        GridFigures without = solved(plain);
        GridFigures with = solved(ringed);
        assertThat(with.frontToBack().value())
                .isGreaterThan(without.frontToBack().value() + 4);
        assertThat(with.gain().value())
                .isBetween(without.gain().value(), without.gain().value() + 1.5);
        WireModel net = ringed.of().grid(ringed, F).orElseThrow();
        assertThat(ModelCheck.faults(net, F)).isEmpty();
        for (double deep : new double[] {0.12, 0.31, 0.4}) {
            ApertureDesign d = ringed.withSize(9, Quantity.shown(deep * WAVE, Unit.MM, 2));
            assertThat(ModelCheck.faults(d.of().grid(d, F).orElseThrow(), F))
                    .as(deep + " deep")
                    .isEmpty();
        }
        assertThat(ringed.of().watch(ringed, F)).anyMatch(w -> w.contains("choke ring"));
        assertThat(plain.of().uses(plain, 9)).isFalse();
    }

    @Test
    void whatIsTooLargeForANetHasNoneAndSaysNothing() {
        ApertureDesign large = begun("round horn").withSize(0, Quantity.shown(5 * WAVE, Unit.MM, 1));
        assertThat(large.of().grid(large, F)).isEmpty();
        Job job = new JobChange.Fit(true, large).applyTo(TernholmSands.nestCamera());
        Assessment a = new Assessor().assess(job);
        assertThat(a.grid().value().orElseThrow()).isEmpty();
        assertThat(OpeningRules.net(a)).isEmpty();
        assertThat(new Assessor()
                        .assess(TernholmSands.nestCamera(), Assessor.Depth.QUICK, () -> true)
                        .grid())
                .isInstanceOf(Stage.Absent.class);
        Job can = new JobChange.Fit(true, begun("can")).applyTo(TernholmSands.nestCamera());
        Assessor assessor = new Assessor();
        assertThat(assessor.assess(can, Assessor.Depth.QUICK, () -> true).grid())
                .isInstanceOf(Stage.Running.class);
        assertThat(OpeningRules.net(assessor.assess(can))).hasSize(3);
        assertThat(assessor.assess(can, Assessor.Depth.QUICK, () -> true).grid())
                .as("known by now")
                .isInstanceOf(Stage.Fresh.class);
    }
}
