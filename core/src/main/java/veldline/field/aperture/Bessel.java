package veldline.field.aperture;

import org.hipparchus.special.BesselJ;

/** The two Bessel functions that round openings need, and what is made of them. */
final class Bessel {
    private static final double SMALL = 1e-8;

    private Bessel() {}

    static double j0(double x) {
        return BesselJ.value(0, Math.abs(x));
    }

    static double j1(double x) {
        return x < 0 ? -BesselJ.value(1, -x) : BesselJ.value(1, x);
    }

    /** J1(x) over x, one half in the middle. */
    static double j1Over(double x) {
        return Math.abs(x) < SMALL ? 0.5 : j1(x) / x;
    }

    /** The slope of J1. */
    static double j1Slope(double x) {
        return j0(x) - j1Over(x);
    }
}
