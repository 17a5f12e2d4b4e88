package veldline.field.solve;

import org.hipparchus.complex.Complex;

/**
 * What a metre of a solid round wire adds to its field's impedance: {@code γ/(2πaσ) · I₀(γa)/I₁(γa)}, {@code γ =
 * (1+j)/δ}, {@code δ = √(2/ωμσ)} (Stratton, Electromagnetic Theory, §9.17, in modified Bessel functions; Schelkunoff 1934).
 * For wires much thicker than the skin it comes to √(ωμ/2σ) over the circumference, with equal resistance and reactance;
 * for thin ones to the direct-current resistance and μ/8π henries a metre.
 */
final class SkinEffect {
    private static final double MU0 = 4e-7 * Math.PI;
    /** Beyond so many skin depths the asymptotic series is exact to ten digits. */
    private static final double THICK = 60;

    private SkinEffect() {}

    /**
     * @param omega angular frequency, radians a second
     * @param sigma conductivity, siemens a metre
     * @param radius metres
     * @return ohms a metre
     */
    static Complex perMetre(double omega, double sigma, double radius) {
        double depth = Math.sqrt(2 / (omega * MU0 * sigma));
        Complex gamma = new Complex(1 / depth, 1 / depth);
        return gamma.multiply(ratio(gamma.multiply(radius))).divide(2 * Math.PI * radius * sigma);
    }

    /** I₀(z)/I₁(z) by the continued fraction of I₁/I₀, {@code 1/(2/z + 1/(4/z + …))} (Gauss), from the far end. */
    static Complex ratio(Complex z) {
        double size = z.norm();
        if (size > THICK) {
            Complex v = z.reciprocal();
            // Quotient of the asymptotic series (Abramowitz and Stegun 9.7.1).
            return Complex.ONE
                    .add(v.multiply(0.5))
                    .add(v.multiply(v).multiply(0.375))
                    .add(v.multiply(v).multiply(v).multiply(0.375));
        }
        Complex twoOver = z.reciprocal().multiply(2);
        int terms = (int) (2 * size) + 20;
        Complex rest = Complex.ZERO;
        for (int n = terms; n >= 1; n--) {
            rest = twoOver.multiply(n).add(rest).reciprocal();
        }
        return rest.reciprocal();
    }
}
