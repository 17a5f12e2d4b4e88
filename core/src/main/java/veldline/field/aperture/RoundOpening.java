package veldline.field.aperture;

import org.hipparchus.complex.Complex;

/**
 * A round opening, whole or cut, and how it is lit, with a round shadow in its middle (Balanis, Antenna Theory, 3rd ed., §12.6 and §15.4; a shadow as a
 * field that is missing).
 *
 * @param rim what bounds it
 * @param shadow its radius, metres; 0 for none
 * @param wave wavelength, metres
 * @param lit the field along the polarization at a place of the opening, x in the E plane, y in the H plane
 */
public record RoundOpening(Rim rim, double shadow, double wave, Lit lit) {
    /** Field over an opening; its greatest may be anything. */
    @FunctionalInterface
    public interface Lit {
        Complex at(double x, double y);
    }

    /** Strips for each radian of phase from the middle to the edge, and never fewer. */
    private static final double PER_RADIAN = 1.3;

    private static final int LEAST = 48;
    /** Chords of a cut rim have kinks: so many times as many strips. */
    private static final int KINKED = 2;

    /** Not cut. */
    public RoundOpening(double radius, double shadow, double wave, Lit lit) {
        this(Rim.round(radius), shadow, wave, lit);
    }

    public RoundOpening {
        if (!(shadow >= 0 && shadow < rim.radius() && wave > 0)) {
            throw new IllegalArgumentException("An opening of radius " + rim.radius() + " m with a shadow of " + shadow
                    + " m cannot be; the shadow is the smaller one");
        }
    }

    /** Field in a plane through the axis over nothing in particular, to be compared with itself. */
    public interface Cut {
        /** @param theta off the axis, radians; under zero to the other side */
        Complex towards(double theta);
    }

    /** Power between the two planes, what is square to the polarization with it: fields lit by cosines of twice the angle add up so. */
    static double power(Complex e, Complex h, double phi) {
        double c = Math.cos(phi) * Math.cos(phi);
        return c * e.norm() * e.norm() + (1 - c) * h.norm() * h.norm();
    }

    /** @param phi of the plane from the E plane, radians */
    public Cut cut(double phi) {
        Strips whole = strips(rim, phi);
        double k = 2 * Math.PI / wave;
        if (shadow == 0) {
            return theta -> whole.towards(k * Math.sin(theta));
        }
        Strips missing = strips(new Rim(shadow, Math.min(shadow, rim.along()), Math.min(shadow, rim.across())), phi);
        return theta -> whole.towards(k * Math.sin(theta)).subtract(missing.towards(k * Math.sin(theta)));
    }

    /** Nodes that lie closer towards the rim, where the strips grow short. */
    private Strips strips(Rim within, double phi) {
        double r = within.reach(phi);
        double turn = 2 * Math.PI / wave * r;
        int along = (LEAST + 2 * (int) (PER_RADIAN * turn / 2)) * (within.cut() ? KINKED : 1);
        double[][] beside = Quadrature.nodes(1 + (int) (PER_RADIAN * turn / 48));
        double[] at = new double[along];
        double[] real = new double[along];
        double[] imaginary = new double[along];
        double c = Math.cos(phi);
        double s = Math.sin(phi);
        for (int i = 0; i < along; i++) {
            double t = Math.PI * ((i + 0.5) / along - 0.5);
            double u = r * Math.sin(t);
            double[] chord = within.chord(u, phi);
            double middle = (chord[0] + chord[1]) / 2;
            double half = (chord[1] - chord[0]) / 2;
            double re = 0;
            double im = 0;
            for (int j = 0; j < beside[0].length; j++) {
                double v = middle + half * beside[0][j];
                Complex a = lit.at(u * c - v * s, u * s + v * c);
                re += a.getReal() * beside[1][j];
                im += a.getImaginary() * beside[1][j];
            }
            // On a round rim the slope of its place is the strip's own half length: the sum over strips is one over a
            // whole turn.
            double weight = half * r * Math.cos(t) * Math.PI / along;
            at[i] = u;
            real[i] = weight * re;
            imaginary[i] = weight * im;
        }
        return new Strips(at, real, imaginary);
    }
}
