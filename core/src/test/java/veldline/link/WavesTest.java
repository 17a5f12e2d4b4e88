package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import veldline.antenna.Bounds;
import veldline.path.FreeSpace;
import veldline.path.Leaves;
import veldline.path.TwoRay;
import veldline.path.TwoRayHeights;

/** Polarization, noise, fields and bounds held to conservation and to each other. */
class WavesTest {
    @RepeatedTest(40)
    void twoCrossedAntennasTakeTheWholeWaveBetweenThem(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double wave = 1 + 5 * random.nextDouble();
        double antenna = 1 + 5 * random.nextDouble();
        double angle = Math.PI * random.nextDouble();
        double one = PolarizationMatch.share(wave, antenna, angle, true);
        // Its opposite turns the other way round with its major axis across.
        double other = PolarizationMatch.share(wave, antenna, angle + Math.PI / 2, false);
        assertThat(one + other).isCloseTo(1, within(1e-12));
        assertThat(one).isBetween(-1e-12, 1 + 1e-12);
        assertThat(PolarizationMatch.share(antenna, wave, -angle, true))
                .as("either may send")
                .isCloseTo(one, within(1e-12));
    }

    @Test
    void theUsualCasesAreTheUsualFigures() {
        double straight = 1e6;
        assertThat(PolarizationMatch.share(1, straight, 0.3, true))
                .as("3 dB from turning to straight")
                .isCloseTo(0.5, within(1e-5));
        assertThat(PolarizationMatch.share(1, 1, 0.7, false))
                .as("opposite hands")
                .isCloseTo(0, within(1e-12));
        assertThat(PolarizationMatch.tiltLossDb(60)).isCloseTo(6.02, within(0.01));
        assertThat(PolarizationMatch.share(straight, straight, Math.toRadians(60), true))
                .isCloseTo(Math.pow(10, -PolarizationMatch.tiltLossDb(60) / 10), within(1e-5));
        assertThat(PolarizationMatch.discriminationDb(Math.pow(10, 3 / 20.0))).isCloseTo(15.3, within(0.1));
    }

    @Test
    void aLossInFrontCostsItsOwnDecibelsAndBehindAnAmplifierNearlyNothing() {
        Noise.Stage amp = Noise.Stage.amplifier(20, 1.5);
        Noise.Stage cable = Noise.Stage.loss(4, Noise.T0);
        Noise.Stage set = Noise.Stage.amplifier(30, 7);
        assertThat(Noise.figure(Noise.cascade(List.of(cable)))).isCloseTo(4, within(1e-9));
        double without = Noise.figure(Noise.cascade(List.of(cable, set)));
        assertThat(without).isCloseTo(11, within(1e-9));
        double with = Noise.figure(Noise.cascade(List.of(amp, cable, set)));
        assertThat(with).isBetween(1.5, 2.2);
        double behind = Noise.figure(Noise.cascade(List.of(cable, amp, set)));
        assertThat(behind).as("after the cable it comes too late").isGreaterThan(5.4);
        assertThat(Noise.dbm(290, 1)).isCloseTo(-173.98, within(0.01));
    }

    /** The field at a place, taken by an antenna of a gain, is what the path loss says. */
    @RepeatedTest(20)
    void fieldStrengthAndPathLossAgree(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double f = 1e8 + 5e9 * random.nextDouble();
        double d = 100 + 1e4 * random.nextDouble();
        double gain = 20 * random.nextDouble();
        double eirp = 36;
        double field = 20 * Math.log10(1e6 * FieldStrength.field(FieldStrength.density(eirp, d)));
        double volts = field - FieldStrength.antennaFactorDb(FreeSpace.wavelength(f), gain, 50);
        double received = volts - 90 - 10 * Math.log10(50);
        assertThat(received).isCloseTo(eirp - FreeSpace.lossDb(d, f) + gain, within(1e-3));
    }

    @Test
    void exposureGrowsWithTheRootOfPower() {
        double one = Exposure.distance(30, 2.437e9);
        assertThat(Exposure.distance(36.02, 2.437e9)).isCloseTo(2 * one, within(0.001 * one));
        assertThat(Exposure.distance(30, 2.437e9, 1)).isCloseTo(one / 1.6, within(1e-9));
        assertThat(Exposure.publicLevel(300e6)).isEqualTo(2);
        assertThat(Exposure.publicLevel(1e9)).isEqualTo(5);
        assertThatThrownBy(() -> Exposure.publicLevel(14e6)).hasMessageContaining("30 MHz");
        double density = FieldStrength.density(30, Exposure.distance(30, 2.437e9, 1));
        assertThat(density).as("there it has thinned to the limit").isCloseTo(10, within(1e-9));
    }

    @Test
    void ceilingsGrowWithSizeAndFrequency() {
        assertThat(Bounds.apertureDbi(1, 1e9) - Bounds.apertureDbi(0.5, 1e9)).isCloseTo(3.01, within(0.01));
        assertThat(Bounds.apertureDbi(1, 2e9) - Bounds.apertureDbi(1, 1e9)).isCloseTo(6.02, within(0.01));
        assertThat(Bounds.normalGainDbi(0.5)).isLessThan(Bounds.normalGainDbi(5));
        // Two beams of one width: the schools differ by no more than two decibels.
        double most = Bounds.fromBeamwidthsDbi(41_253, 30, 30);
        double least = Bounds.fromBeamwidthsDbi(26_000, 30, 30);
        assertThat(most - least).isBetween(1.9, 2.1);
        assertThat(Bounds.taiPereiraDbi(30, 30)).isBetween(least, most);
    }

    @Test
    void leavesJoinSmoothlyAndEndWhereTheFitEnds() {
        assertThat(Leaves.WEISSBERGER.lossDb(2.4e9, 0)).isZero();
        double at14 = Leaves.WEISSBERGER.lossDb(2.4e9, 14);
        assertThat(Leaves.WEISSBERGER.lossDb(2.4e9, 14.001)).isCloseTo(at14, within(0.05 * at14));
        double before = 0;
        for (double d = 1; d <= 400; d += 7) {
            assertThat(Leaves.WEISSBERGER.lossDb(2.4e9, d)).isGreaterThan(before * 0.99);
            before = Leaves.WEISSBERGER.lossDb(2.4e9, d);
        }
        assertThatThrownBy(() -> Leaves.WEISSBERGER.lossDb(2.4e9, 401)).hasMessageContaining("400");
        assertThatThrownBy(() -> Leaves.WEISSBERGER.lossDb(1e8, 10)).hasMessageContaining("0.23");
    }

    /** The heights said to be nulls and maxima are those of the two rays over a mirror. */
    @Test
    void nullHeightsAreNullsAndMaximaDoubleTheField() {
        double wave = FreeSpace.wavelength(2.437e9);
        TwoRayHeights heights = new TwoRayHeights(wave, 2000, 10);
        Complex mirror = new Complex(-1);
        for (int n = 1; n <= 3; n++) {
            double nothing = heights.exact(2 * n);
            double most = heights.exact(2 * n - 1);
            assertThat(level(mirror, nothing, wave)).as("null " + n).isLessThan(-50);
            assertThat(level(mirror, most, wave)).as("maximum " + n).isCloseTo(6.02, within(0.01));
            assertThat(heights.approximate(2 * n)).isCloseTo(nothing, within(0.001 * nothing));
        }
    }

    private static double level(Complex reflection, double height, double wave) {
        return TwoRay.levelDb(reflection, Math.hypot(2000, 10 - height), Math.hypot(2000, 10 + height), wave);
    }
}
