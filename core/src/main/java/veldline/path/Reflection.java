package veldline.path;

import org.hipparchus.complex.Complex;

/** Reflection coefficients of a smooth, flat surface (ITU-R P.526-15 §3; Balanis, Antenna Theory, 3rd ed., §4.8). */
public final class Reflection {
    private static final double EPSILON0 = 8.8541878128e-12;

    private Reflection() {}

    /**
     * Complex reflection coefficient, time factor exp(+jωt). For upright waves the sign is that of the vertical field,
     * so that both tend to −1 at grazing.
     *
     * @param grazing angle to the surface, radians, 0 to π/2
     * @param permittivity relative
     * @param conductivity siemens per metre
     */
    public static Complex coefficient(
            double frequency, double permittivity, double conductivity, double grazing, boolean upright) {
        Complex epsilon = new Complex(permittivity, -conductivity / (2 * Math.PI * frequency * EPSILON0));
        double sine = Math.sin(grazing);
        double cosine = Math.cos(grazing);
        Complex root = epsilon.subtract(cosine * cosine).sqrt();
        Complex own = upright ? epsilon.multiply(sine) : new Complex(sine);
        return own.subtract(root).divide(own.add(root));
    }
}
