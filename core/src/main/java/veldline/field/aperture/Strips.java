package veldline.field.aperture;

import org.hipparchus.complex.Complex;
import veldline.field.wire.Phasors;

/**
 * An opening as strips across one plane: what lies beside the plane is summed once for each strip, and the field at any angle in the plane
 * is the sum of the strips with their lead.
 */
final class Strips {
    private final double[] at;
    private final double[] real;
    private final double[] imaginary;

    /** @param at places of the strips along the plane, metres */
    Strips(double[] at, double[] real, double[] imaginary) {
        this.at = at;
        this.real = real;
        this.imaginary = imaginary;
    }

    /** @param lead radians a metre along the plane: the wave number times the sine of the angle */
    Complex towards(double lead) {
        int n = at.length;
        double[] phase = new double[n];
        double[] cosine = new double[n];
        double[] sine = new double[n];
        for (int i = 0; i < n; i++) {
            phase[i] = lead * at[i];
        }
        Phasors.of(phase, cosine, sine, n);
        double re = 0;
        double im = 0;
        for (int i = 0; i < n; i++) {
            re += real[i] * cosine[i] - imaginary[i] * sine[i];
            im += real[i] * sine[i] + imaginary[i] * cosine[i];
        }
        return new Complex(re, im);
    }
}
