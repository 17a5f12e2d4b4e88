package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class RationalCurveTest {
    /** Two resonances close above the band's middle, and a slope. */
    private static Complex[] circuit(double f) {
        Complex a = new Complex(f - 101, 0.8).reciprocal();
        Complex b = new Complex(f - 104, 1.5).reciprocal();
        return new Complex[] {
            a.add(b.multiply(2)).add(f / 50),
            a.subtract(b),
            new Complex(3),
            a.multiply(b).multiply(100),
            new Complex(1e-16 * Math.sin(1e6 * f))
        };
    }

    private static RationalCurve through(int n) {
        List<Double> places = new ArrayList<>();
        List<Complex[]> values = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double f = 100 - 6 * Math.cos(Math.PI * i / (n - 1));
            places.add(f);
            values.add(circuit(f));
        }
        return RationalCurve.through(places, values);
    }

    private static double worst(RationalCurve curve) {
        double worst = 0;
        for (double f = 94; f <= 106; f += 0.37) {
            Complex[] is = circuit(f);
            Complex[] found = curve.at(f);
            for (int c = 0; c < is.length; c++) {
                worst = Math.max(worst, is[c].subtract(found[c]).norm());
            }
        }
        return worst;
    }

    @Test
    void resonancesAreMetToTheDigitOnceTheirPolesAreFound() {
        assertThat(worst(through(9))).isLessThan(1e-6);
    }

    @Test
    void morePlacesDoNoHarm() {
        assertThat(worst(through(25))).isLessThan(1e-6);
    }

    @Test
    void knownPlacesAreMet() {
        Complex[] at = through(9).at(94);
        assertThat(at[0].subtract(circuit(94)[0]).norm()).isLessThan(1e-9);
    }
}
