package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines and networks held to what power and symmetry ask of them, on loads drawn at random. */
class LinePropertiesTest {
    private static final double F = 1e8;

    private static Complex load(Random random) {
        return new Complex(1 + 300 * random.nextDouble(), 400 * random.nextDouble() - 200);
    }

    @RepeatedTest(30)
    void halfAWaveOfLosslessLineShowsTheLoadItself(RepetitionInfo run) {
        Complex z = load(new Random(run.getCurrentRepetition()));
        Complex seen = new LossyLine(50, 0, 0.5).seen(z);
        assertThat(seen.subtract(z).norm()).isLessThan(1e-9 * (1 + z.norm()));
    }

    @RepeatedTest(30)
    void aQuarterWaveTurnsTheLoadOver(RepetitionInfo run) {
        Complex z = load(new Random(run.getCurrentRepetition()));
        Complex seen = new LossyLine(50, 0, 0.25).seen(z);
        assertThat(seen.subtract(new Complex(2500).divide(z)).norm()).isLessThan(1e-8 * seen.norm());
        assertThat(quarter(z, 50, 1e8, 1e8).subtract(seen).norm()).isLessThan(1e-6 * seen.norm());
    }

    @RepeatedTest(30)
    void aLosslessLineKeepsTheSwrAndALossyOneFlattersIt(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Complex z = load(random);
        double length = random.nextDouble();
        double swr = Mismatch.swr(z, 50);
        assertThat(Mismatch.swr(new LossyLine(50, 0, length).seen(z), 50)).isCloseTo(swr, within(1e-6 * swr));
        assertThat(Mismatch.swr(new LossyLine(50, 2, length).seen(z), 50)).isLessThan(swr);
    }

    /** Power in less power lost is power out: worked out from currents, not from the formula for the loss. */
    @RepeatedTest(30)
    void theTotalLossIsWhatIsMissingAtTheLoad(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Complex z = load(random);
        LossyLine whole = new LossyLine(50, 3 * random.nextDouble(), random.nextDouble());
        // In a hundred short pieces each takes so little that where it sits on the line decides what it takes.
        double kept = 1;
        Complex at = z;
        int pieces = 100;
        LossyLine piece = new LossyLine(50, whole.matchedLossDb() / pieces, whole.wavelengths() / pieces);
        for (int i = 0; i < pieces; i++) {
            double rho = Mismatch.reflection(at, 50).norm();
            kept *= Math.pow(10, -piece.totalLossDb(rho) / 10);
            at = piece.seen(at);
        }
        double rho = Mismatch.reflection(z, 50).norm();
        assertThat(-10 * Math.log10(kept)).isCloseTo(whole.totalLossDb(rho), within(1e-6));
        assertThat(at.subtract(whole.seen(z)).norm()).isLessThan(1e-6 * at.norm());
        assertThat(whole.totalLossDb(rho)).isGreaterThanOrEqualTo(whole.matchedLossDb() - 1e-12);
        assertThat(whole.rhoAtLoad(Mismatch.reflection(at, 50).norm())).isCloseTo(rho, within(1e-6));
    }

    @RepeatedTest(40)
    void everyLNetworkBringsItsLoadToTheLine(RepetitionInfo run) {
        Complex z = load(new Random(run.getCurrentRepetition()));
        List<LNetwork> found = LNetwork.solutions(z, 50);
        assertThat(found).hasSizeBetween(2, 4);
        for (LNetwork n : found) {
            Complex seen = n.made(x -> Reactor.exact(x, F)).seen(z, F);
            assertThat(Mismatch.swr(seen, 50)).isCloseTo(1, within(1e-6));
        }
    }

    @RepeatedTest(30)
    void partsWithoutLossPassEverythingAndPartsWithLossLess(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Complex z = load(random);
        for (LNetwork n : LNetwork.solutions(z, 50)) {
            assertThat(n.made(x -> Reactor.exact(x, F)).look(z, F).through()).isCloseTo(1, within(1e-12));
            double better = through(n, z, 200, 800);
            double worse = through(n, z, 50, 200);
            assertThat(better).isBetween(0.0, 1.0).isGreaterThan(worse);
            assertThat(worse).isPositive();
        }
    }

    private static double through(LNetwork n, Complex load, double seriesQ, double shuntQ) {
        return n.made(x -> Reactor.of(x, F, x == n.series() ? seriesQ : shuntQ))
                .look(load, F)
                .through();
    }

    private static Complex quarter(Complex load, double z, double design, double frequency) {
        return Ladder.of(new Piece.Along(Section.ideal(z, 1, 0).cut(0.25, design)))
                .seen(load, frequency);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.3e-9, 3.9e-9, 47e-9, 1.2e-6})
    void theNearestPartIsNearest(double henry) {
        double f = 2.437e9;
        Reactor r = Reactor.nearest(2 * Math.PI * f * henry, f);
        assertThat(r.coil()).isTrue();
        assertThat(r.value() / henry).as("E24 steps are a tenth apart").isBetween(0.95, 1.053);
        assertThat(r.impedance(f).getImaginary() / r.impedance(f).getReal()).isCloseTo(Reactor.COIL_Q, within(1e-9));
        assertThat(r.label()).matches("[0-9.]+ (nH|µH)");
    }

    @Test
    void aCapacitorIsNamedByItsSize() {
        double f = 2.437e9;
        Reactor r = Reactor.nearest(-1 / (2 * Math.PI * f * 1.2e-12), f);
        assertThat(r.coil()).isFalse();
        assertThat(r.label()).isEqualTo("1.2 pF");
    }

    @Test
    void mismatchIsTheSameSeenFromReflectionSwrOrReturnLoss() {
        for (double rho = 0.01; rho < 0.99; rho += 0.07) {
            double swr = Mismatch.swrOf(rho);
            assertThat((swr - 1) / (swr + 1)).isCloseTo(rho, within(1e-12));
            assertThat(Mismatch.returnLossDb(swr)).isCloseTo(-20 * Math.log10(rho), within(1e-9));
            assertThat(Mismatch.lossDb(new Complex(50 * swr), 50))
                    .isCloseTo(-10 * Math.log10(1 - rho * rho), within(1e-9));
            assertThat(Mismatch.swr(new Complex(50 / swr), 50))
                    .as("too low is as bad as too high")
                    .isCloseTo(swr, within(1e-9));
        }
    }

    @Test
    void aCableTakesMoreTheLongerAndTheHigher() {
        CableLoss c = new CableLoss(1.35, 0.0035);
        assertThat(c.lossDb(2, 1e9)).isCloseTo(2 * c.lossDb(1, 1e9), within(1e-12));
        assertThat(c.lossDb(1, 4e9)).isBetween(2 * c.lossDb(1, 1e9), 4 * c.lossDb(1, 1e9));
    }

    @Test
    void aSectionIsGoodOverLessOfTheBandTheMoreItTransforms() {
        double mild = QuarterWave.fractionalBandwidth(75, 50, 1.5);
        double hard = QuarterWave.fractionalBandwidth(400, 50, 1.5);
        assertThat(hard).isLessThan(mild);
        assertThat(QuarterWave.fractionalBandwidth(60, 50, 1.5))
                .as("it always holds")
                .isEqualTo(2);
        // At the edge it is where it says: the SWR of the section itself there is the limit.
        double z = QuarterWave.impedanceFor(200, 50);
        double share = QuarterWave.fractionalBandwidth(200, 50, 1.5);
        Complex edge = quarter(new Complex(200), z, 1e8, 1e8 * (1 + share / 2));
        assertThat(Mismatch.swr(edge, 50)).isCloseTo(1.5, within(0.01));
    }

    @Test
    void transformersAndTheFanoBoundKnowTheirLimits() {
        assertThat(new Transformer(49).seen(new Complex(2450, 490))).isEqualTo(new Complex(50, 10));
        assertThat(new Transformer(49).turnsRatio()).isEqualTo(7);
        assertThatThrownBy(() -> new Transformer(0)).hasMessageContaining("over zero");
        double half = BodeFano.bestReflection(50, 50e-12, 50e6, 75e6);
        assertThat(half)
                .as("half the band can be matched better")
                .isLessThan(BodeFano.bestReflection(50, 50e-12, 50e6, 100e6));
        double band = BodeFano.widestBand(50, 50e-12, 10);
        assertThat(-20 * Math.log10(BodeFano.bestReflection(50, 50e-12, 1e9, 1e9 + band)))
                .isCloseTo(10, within(1e-9));
    }
}
