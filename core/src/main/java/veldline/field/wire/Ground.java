package veldline.field.wire;

import org.hipparchus.complex.Complex;

/**
 * What lies below z = 0.
 *
 * @param permittivity relative, of a real ground; 1 otherwise
 * @param conductivity siemens a metre, of a real ground; 0 otherwise
 */
public record Ground(Kind kind, double permittivity, double conductivity) {
    public static final Ground FREE = new Ground(Kind.FREE, 1, 0);
    public static final Ground PERFECT = new Ground(Kind.PERFECT, 1, 0);

    private static final double EPSILON0 = 8.8541878128e-12;

    /** How much of a mirror it is. */
    public enum Kind {
        /** Nothing at all. */
        FREE,
        PERFECT,
        /** Earth or water: reflects a part and takes the rest. */
        REAL
    }

    public static Ground real(double permittivity, double conductivity) {
        return new Ground(Kind.REAL, permittivity, conductivity);
    }

    /** Whether there is any: waves then leave upwards only. */
    public boolean reflects() {
        return kind != Kind.FREE;
    }

    /** {@code εr − jσ/ωε₀}. */
    public Complex complexPermittivity(double omega) {
        return new Complex(permittivity, -conductivity / (omega * EPSILON0));
    }

    /**
     * What the image of a vertical current counts, 1 over a perfect ground: Fresnel's coefficient for the magnetic field,
     * E in the plane of incidence (ITU-R P.527; Balanis, Advanced Engineering Electromagnetics, §5.3).
     *
     * @param cosine of the angle of incidence, from the vertical
     */
    public Complex upright(Complex epsilon, double cosine) {
        if (kind == Kind.PERFECT) {
            return Complex.ONE;
        }
        Complex root = epsilon.subtract(1 - cosine * cosine).sqrt();
        Complex front = epsilon.multiply(cosine);
        return front.subtract(root).divide(front.add(root));
    }

    /** What the image of a horizontal current square to the plane of incidence counts, 1 over a perfect ground. */
    public Complex flat(Complex epsilon, double cosine) {
        if (kind == Kind.PERFECT) {
            return Complex.ONE;
        }
        Complex root = epsilon.subtract(1 - cosine * cosine).sqrt();
        return root.subtract(cosine).divide(root.add(cosine));
    }

    /** What the image of a charge counts close by: {@code (ε−1)/(ε+1)}. */
    public Complex charge(Complex epsilon) {
        return kind == Kind.PERFECT ? Complex.ONE : epsilon.subtract(1).divide(epsilon.add(1));
    }
}
