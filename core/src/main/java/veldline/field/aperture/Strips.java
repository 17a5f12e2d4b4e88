package veldline.field.aperture;

import org.hipparchus.complex.Complex;
import veldline.field.wire.Phasors;

/**
 * An opening as strips across one plane: what lies beside the plane is summed once for each strip, and the field at any angle in the plane
 * is the sum of the strips with their lead. Strips lie in pairs about the middle, so that each pair takes one sine and cosine: what both
 * have in common goes with the cosine, what they differ by with the sine.
 */
final class Strips {
    private final double[] at;
    private final double[] evenReal;
    private final double[] evenImaginary;
    private final double[] oddReal;
    private final double[] oddImaginary;

    /**
     * @param at places of the strips along the plane, metres; an even number of them, the last as far out as the first
     * @param real part of each strip's sum
     * @param imaginary likewise
     */
    Strips(double[] at, double[] real, double[] imaginary) {
        int pairs = at.length / 2;
        this.at = new double[pairs];
        this.evenReal = new double[pairs];
        this.evenImaginary = new double[pairs];
        this.oddReal = new double[pairs];
        this.oddImaginary = new double[pairs];
        for (int i = 0; i < pairs; i++) {
            int other = at.length - 1 - i;
            this.at[i] = at[i];
            evenReal[i] = real[i] + real[other];
            evenImaginary[i] = imaginary[i] + imaginary[other];
            oddReal[i] = real[i] - real[other];
            oddImaginary[i] = imaginary[i] - imaginary[other];
        }
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
            re += evenReal[i] * cosine[i] - oddImaginary[i] * sine[i];
            im += evenImaginary[i] * cosine[i] + oddReal[i] * sine[i];
        }
        return new Complex(re, im);
    }
}
