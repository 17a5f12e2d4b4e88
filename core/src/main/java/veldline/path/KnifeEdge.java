package veldline.path;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** What a sharp edge across the way takes (ITU-R P.526-15 §4.1). */
public final class KnifeEdge {
    public static final Formula FORMULA = new Formula(
            "One edge",
            "What an edge takes that stands so far into the first zone: v is 0 where it just touches the line and grows as"
                    + " it rises over it.",
            "J",
            "6.9 + 20·log10(sqrt((v − 0.1)^2 + 1) + v − 0.1)",
            "ITU-R P.526-15 §4.1, eq. 31",
            "±0.1 dB for a sharp edge across; hills and houses are rounder and take more");

    /** Below this the edge takes nothing to speak of. */
    public static final double CLEAR = -0.78;

    /** Beyond this many units the rotated integrand is under 1e−17. */
    private static final double FAR = 5;

    private static final GaussIntegrator RULE = new GaussIntegratorFactory().legendre(60, 0, FAR);

    private KnifeEdge() {}

    /**
     * The edge's place among the zones, without unit.
     *
     * @param h height of the edge over the straight line, metres; below zero where it lies under it
     * @param d1 metres to one end
     * @param d2 metres to the other
     */
    public static double v(double h, double d1, double d2, double wavelength) {
        return h * Math.sqrt(2 / wavelength * (1 / d1 + 1 / d2));
    }

    /** Loss in dB by the usual approximation, zero or more. */
    public static double lossDb(double v) {
        double w = v - 0.1;
        return v > CLEAR ? 6.9 + 20 * Math.log10(Math.sqrt(w * w + 1) + w) : 0;
    }

    /**
     * Loss in dB by the Fresnel–Kirchhoff integral; swings about zero where the edge is clear. The integral runs along a
     * line turned by 45°, on which it does not swing.
     */
    public static double exactDb(double v) {
        Complex beyond = tail(Math.abs(v));
        Complex field = v >= 0 ? beyond : new Complex(1, -1).subtract(beyond);
        return -20 * Math.log10(field.norm() / Math.sqrt(2));
    }

    /** ∫ exp(−jπt²/2) dt from v to infinity, v zero or more. */
    private static Complex tail(double v) {
        double turn = Math.PI * v / Math.sqrt(2);
        double re = RULE.integrate(s -> Math.exp(-Math.PI * s * s / 2 - turn * s) * Math.cos(turn * s));
        double im = RULE.integrate(s -> -Math.exp(-Math.PI * s * s / 2 - turn * s) * Math.sin(turn * s));
        double phase = -Math.PI / 4 - Math.PI * v * v / 2;
        return new Complex(re, im).multiply(new Complex(Math.cos(phase), Math.sin(phase)));
    }

    /** @param what the edge by name and place */
    public static Worked worked(double v, String what) {
        Worked.Builder w = Worked.of(v > CLEAR ? FORMULA : NOTHING).computed("v", what, v, "", 4);
        return w.gives(lossDb(v), "dB", 1, v > CLEAR ? 1 : 0);
    }

    private static final Formula NOTHING = new Formula(
            "One edge",
            "The edge lies so far under the line that it takes nothing; v would have to be over −0.78.",
            "J",
            "0·v",
            "ITU-R P.526-15 §4.1",
            "Under 0.5 dB either way");
}
