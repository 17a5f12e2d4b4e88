package veldline.field.aperture;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.complex.Complex;

/**
 * A rectangular opening lit by the product of what its two sides are (Balanis, Antenna Theory, 3rd ed., §12.5 and §13.4).
 *
 * @param height along the E plane, metres
 * @param width along the H plane, metres
 */
public record RectangularOpening(double height, double width, double wave, Side e, Side h) {
    /**
     * How one side is lit.
     *
     * @param amplitude by the place from the middle, metres
     * @param late by how many radians it comes after the middle
     */
    public record Side(DoubleUnaryOperator amplitude, DoubleUnaryOperator late) {
        public static Side even() {
            return new Side(x -> 1, x -> 0);
        }

        /** Half a wave of a cosine, nothing at its ends. */
        public static Side cosine(double length) {
            return new Side(x -> Math.cos(Math.PI * x / length), x -> 0);
        }

        /** A cosine on a step, its ends so many decibels under its middle. */
        public static Side falling(double length, double decibels) {
            double step = Math.pow(10, -decibels / 20);
            return new Side(x -> step + (1 - step) * Math.cos(Math.PI * x / length), x -> 0);
        }

        /** What unevenness leaves of an even light's gain over a length, a ratio. */
        public double taper(double length) {
            double sum = Quadrature.of(amplitude, -length / 2, length / 2, 2);
            double squares = Quadrature.of(x -> Math.pow(amplitude.applyAsDouble(x), 2), -length / 2, length / 2, 2);
            return sum * sum / (length * squares);
        }

        /** The same as seen from an apex so far behind. */
        public Side from(double apex, double wave) {
            return new Side(amplitude, x -> Math.PI * x * x / (wave * apex));
        }
    }

    /** Sum over one side with the lead of an angle, over that straight ahead. */
    static Complex sum(Side side, double length, double lead) {
        double turns = Math.abs(lead) * length / (2 * Math.PI) + Math.abs(side.late.applyAsDouble(length / 2)) / 2;
        return Quadrature.turning(
                side.amplitude,
                x -> side.late.applyAsDouble(x) - lead * x,
                -length / 2,
                length / 2,
                1 + (int) (turns / 3));
    }

    /** In the E plane, over straight ahead. */
    public Complex inE(double theta) {
        return sum(e, height, 2 * Math.PI / wave * Math.sin(theta)).divide(sum(e, height, 0));
    }

    /** In the H plane. */
    public Complex inH(double theta) {
        return sum(h, width, 2 * Math.PI / wave * Math.sin(theta)).divide(sum(h, width, 0));
    }

    /**
     * Straight ahead over what the same power would give everywhere alike, by the sum of all directions. For many waves it is what its
     * closed form says; under two that one counts power that a small opening never sends, and is 2.5 dB low for an open guide.
     */
    public double directivity() {
        double k = 2 * Math.PI / wave;
        double waves = Math.max(height, width) / wave;
        DoubleUnaryOperator up = table(e, height, k, waves);
        DoubleUnaryOperator across = table(h, width, k, waves);
        double ahead = up.applyAsDouble(0) * across.applyAsDouble(0);
        FarField far = (theta, phi) -> {
            double lean = (1 + Math.cos(theta)) / 2;
            double s = k * Math.sin(theta);
            return lean
                    * lean
                    * up.applyAsDouble(Math.abs(s * Math.cos(phi)))
                    * across.applyAsDouble(Math.abs(s * Math.sin(phi)))
                    / ahead;
        };
        return far.directivity(2 + (int) (2 * waves), 16 + (int) (8 * waves));
    }

    /** Power of one side by the lead, from none to that of a grazing angle; joined smoothly, since all directions ask for it. */
    private static DoubleUnaryOperator table(Side side, double length, double most, double waves) {
        int n = 48 + (int) (32 * waves);
        double[] lead = new double[n + 1];
        double[] power = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            lead[i] = most * i / n;
            power[i] = Math.pow(sum(side, length, lead[i]).norm(), 2);
        }
        PolynomialSplineFunction joined = new SplineInterpolator().interpolate(lead, power);
        return u -> joined.value(Math.min(most, u));
    }

    /** With the lean of a small piece of a wave's front. */
    public FarField field() {
        double ahead = sum(e, height, 0).norm() * sum(h, width, 0).norm();
        double k = 2 * Math.PI / wave;
        return (theta, phi) -> {
            double lean = (1 + Math.cos(theta)) / 2;
            double s = k * Math.sin(theta);
            double f = sum(e, height, s * Math.cos(phi)).norm()
                    * sum(h, width, s * Math.sin(phi)).norm()
                    / ahead;
            return lean * lean * f * f;
        };
    }
}
