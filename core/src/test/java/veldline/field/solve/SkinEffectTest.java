package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class SkinEffectTest {
    private static final double COPPER = 5.8e7;
    private static final double MU0 = 4e-7 * Math.PI;

    @Test
    void atLowFrequencyItIsTheResistanceOfTheMetalAndItsInnerInductance() {
        double omega = 2 * Math.PI * 50;
        Complex z = SkinEffect.perMetre(omega, COPPER, 1e-3);
        assertThat(z.getReal()).isCloseTo(1 / (COPPER * Math.PI * 1e-6), within(1e-3 * z.getReal()));
        assertThat(z.getImaginary()).isCloseTo(omega * MU0 / (8 * Math.PI), within(1e-3 * z.getImaginary()));
    }

    @Test
    void inAThickWireItIsTheSurfaceAlone() {
        double omega = 2 * Math.PI * 1e9;
        double depth = Math.sqrt(2 / (omega * MU0 * COPPER));
        double surface = 1 / (COPPER * depth) / (2 * Math.PI * 2e-3);
        Complex z = SkinEffect.perMetre(omega, COPPER, 2e-3);
        assertThat(z.getReal()).isCloseTo(surface, within(1e-3 * surface));
        assertThat(z.getImaginary()).isCloseTo(surface, within(1e-3 * surface));
    }

    @Test
    void betweenThemTheNextTermOfTheSeriesHolds() {
        double omega = 2 * Math.PI * 145e6;
        double depth = Math.sqrt(2 / (omega * MU0 * COPPER));
        double radius = 20 * depth;
        double surface = 1 / (COPPER * depth) / (2 * Math.PI * radius);
        assertThat(SkinEffect.perMetre(omega, COPPER, radius).getReal())
                .isCloseTo(surface * (1 + depth / (2 * radius)), within(1e-3 * surface));
    }

    @Test
    void theFractionAndTheSeriesMeetWhereTheyTakeOver() {
        Complex below = SkinEffect.ratio(new Complex(1, 1).multiply(59.999 / Math.sqrt(2)));
        Complex above = SkinEffect.ratio(new Complex(1, 1).multiply(60.001 / Math.sqrt(2)));
        assertThat(below.subtract(above).norm()).isLessThan(2e-6);
    }
}
