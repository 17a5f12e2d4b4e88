package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every way to a match, with parts as they are bought. */
class MatchWayTest {
    private static final double F = 145e6;

    /** With parts of the E24 series each comes near; what steps up only has nothing for what is higher already. */
    @ParameterizedTest
    @EnumSource(
            value = MatchWay.class,
            mode = EnumSource.Mode.MATCH_NONE,
            names = {"LOOP", "WOUND.*", "T_MATCH"})
    void aLoadOfTwentyFiveOhmsIsMatched(MatchWay way) {
        Complex load = new Complex(25, -6);
        MatchWay.Plan plan = way.plan(load, 50, F).orElseThrow();
        assertThat(Mismatch.swr(plan.ladder().seen(plan.load(), F), 50))
                .as(plan.ladder().words())
                .isLessThan(1.6);
        assertThat(plan.loss(50, F)).isBetween(-1e-9, 1.0);
        assertThat(plan.ladder().words()).isNotBlank();
        assertThat(way.title()).isNotBlank();
        assertThat(plan.load().getReal()).as("cut short at most").isEqualTo(25);
    }

    /** A resonance of known quality is found again, and nothing that is built of parts without loss keeps SWR 2 over more. */
    @Test
    void noMatchIsWiderThanItsBound() {
        double q = 20;
        double r = 25;
        java.util.function.DoubleFunction<Complex> series = f -> new Complex(r, r * q * (f / F - F / f));
        double step = F / 1e4;
        for (double f : new double[] {F, 1.01 * F}) {
            double found = BodeFano.quality(series.apply(f - step), series.apply(f), series.apply(f + step), f, step);
            assertThat(found).isCloseTo(q, within(f == F ? 1e-4 : 0.5));
        }
        double widest = 1e6 * BodeFano.widest(q, F).value();
        for (MatchWay way :
                List.of(MatchWay.L_NETWORK, MatchWay.QUARTER_WAVE, MatchWay.TWO_QUARTERS, MatchWay.STUB, MatchWay.PI)) {
            Ladder ladder = way.plan(new Complex(r), 50, F).orElseThrow().ladder();
            double kept = java.util.stream.DoubleStream.iterate(0.8 * F, f -> f < 1.2 * F, f -> f + F / 4000)
                            .filter(f -> Mismatch.swr(ladder.seen(series.apply(f), f), 50) <= 2)
                            .count()
                    * F
                    / 4000;
            assertThat(kept).as(way.title()).isPositive().isLessThan(widest);
        }
    }

    /** A folded dipole of 280 Ω on half a wave of cable is 70 Ω; two rods bring the same loop to 50. */
    @Test
    void aLoopAndTwoRodsFeedWhatIsBalanced() {
        MatchWay.Plan folded = MatchWay.LOOP.plan(new Complex(280), 50, F).orElseThrow();
        assertThat(folded.ladder().seen(new Complex(280), F).getReal()).isCloseTo(70, within(1.5));
        assertThat(MatchWay.LOOP.plan(new Complex(60), 50, F)).isEmpty();
        Complex load = new Complex(36, -10);
        assertThat(MatchWay.T_MATCH.plan(new Complex(12), 50, F))
                .as("never raised so far")
                .isEmpty();
        MatchWay.Plan rods = MatchWay.T_MATCH.plan(load, 50, F).orElseThrow();
        assertThat(Mismatch.swr(rods.ladder().seen(load, F), 50)).isLessThan(1.3);
        // Half of it is a gamma rod to half of the loop's two hundred.
        GammaRod rod = GammaRod.of(0.008, 0.002, 0.02);
        double metres = rod.made(load, 100, F).orElseThrow().metres();
        assertThat(((Piece.Stub) rods.ladder().pieces().get(1)).line().metres()).isCloseTo(metres, within(1e-12));
    }

    @Test
    void aHairpinNeedsLessThanTheLine() {
        assertThat(MatchWay.HAIRPIN.plan(new Complex(56, -3), 50, F)).isEmpty();
        assertThat(MatchWay.DOUBLE_STUB.plan(new Complex(20), 50, F))
                .as("conducts too much")
                .isEmpty();
        MatchWay.Plan pin = MatchWay.HAIRPIN.plan(new Complex(25, 8), 50, F).orElseThrow();
        assertThat(pin.load().getImaginary()).isCloseTo(-25, within(1e-9));
        assertThat(pin.note()).contains("−33 Ω");
        assertThat(MatchWay.all().stream().filter(MatchWay::balanced))
                .containsExactly(MatchWay.HAIRPIN, MatchWay.GAMMA, MatchWay.T_MATCH, MatchWay.LOOP);
    }

    /** Two steps by the same ratio hold wider than one: over a tenth of the band nothing of the kind loses more. */
    @Test
    void twoQuarterWavesHoldWiderThanOne() {
        Complex load = new Complex(12.5);
        double[] bands = new double[2];
        List<MatchWay> ways = List.of(MatchWay.QUARTER_WAVE, MatchWay.TWO_QUARTERS);
        for (int i = 0; i < 2; i++) {
            Section first =
                    Section.ideal(i == 0 ? 25 : 12.5 * Math.sqrt(2), 1, 0).cut(0.25, F);
            Section second = Section.ideal(25 * Math.sqrt(2), 1, 0).cut(0.25, F);
            Ladder ladder = i == 0
                    ? Ladder.of(new Piece.Along(first))
                    : Ladder.of(new Piece.Along(first), new Piece.Along(second));
            for (double f = F; f < 2 * F; f += F / 1000) {
                if (Mismatch.swr(ladder.seen(load, f), 50) > 1.5) {
                    break;
                }
                bands[i] = 2 * (f - F) / F;
            }
            assertThat(ways.get(i).plan(load, 50, F)).isPresent();
        }
        assertThat(bands[0]).isCloseTo(QuarterWave.fractionalBandwidth(12.5, 50, 1.5), within(0.003));
        assertThat(bands[1]).isGreaterThan(1.5 * bands[0]);
    }

    /** Parts that are exact keep it always, parts that are far off seldom; steeper networks less often than flat ones. */
    @ParameterizedTest
    @CsvSource({"0, 1000, 1000", "0.05, 950, 1000", "0.5, 100, 900"})
    void theShareThatServesFallsWithTheTolerance(double within, int least, int most) {
        MatchWay.Plan plan = MatchWay.L_NETWORK.plan(new Complex(12, 20), 50, F).orElseThrow();
        assertThat(MatchYield.keeping(plan, 50, F, within, 2)).isBetween(least, most);
        assertThat(MatchYield.keeping(plan, 50, F, within, 2))
                .as("the same every time")
                .isEqualTo(MatchYield.keeping(plan, 50, F, within, 2));
        PiNetwork steep = PiNetwork.of(50, new Complex(12, 20), 30);
        MatchWay.Plan sharp = new MatchWay.Plan(new Complex(12, 20), steep.made(x -> Reactor.exact(x, F)), "");
        assertThat(MatchYield.keeping(sharp, 50, F, within, 2))
                .isLessThanOrEqualTo(MatchYield.keeping(plan, 50, F, within, 2));
    }
}
