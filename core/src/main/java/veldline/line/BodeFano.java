package veldline.line;

import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** How good any lossless match to a resistance with a capacitor beside it can be (Fano, J. Franklin Inst. 249 (1950)). */
public final class BodeFano {
    static final Formula WIDEST = new Formula(
            "Widest band with SWR 2",
            "What no match without loss goes beyond, of however many parts; q is the quality of the antenna alone, f where it is in use.",
            "B",
            "pi·f ÷ (q·2.302585·log10(3))",
            "Fano, J. Franklin Inst. 249 (1950); quality by Yaghjian and Best, IEEE Trans. AP-53 (2005), eq. 96",
            "±10 % for one resonance; loss in the parts buys width with power");

    private BodeFano() {}

    /**
     * Quality of an antenna by its impedance beside a frequency, as if it were tuned there.
     *
     * @param below impedance at the frequency less the step, ohms
     * @param at impedance at the frequency
     * @param above impedance at the frequency and the step
     * @param step hertz, over zero
     */
    public static double quality(Complex below, Complex at, Complex above, double frequency, double step) {
        Complex slope = above.subtract(below).divide(2 * step);
        Complex tuned = slope.add(Complex.I.multiply(Math.abs(at.getImaginary()) / frequency));
        return frequency / (2 * at.getReal()) * tuned.norm();
    }

    /** @param quality of the antenna, over zero */
    public static Worked widest(double quality, double frequency) {
        return Worked.of(WIDEST)
                .computed("q", "quality of the antenna", quality, "", 3)
                .computed("f", "frequency", frequency / 1e6, "MHz", 3)
                .gives(Math.PI * frequency / 1e6 / (quality * Math.log(3)), "MHz", frequency / quality > 10e6 ? 0 : 2);
    }

    /** The least reflection over a whole band, R in ohms, C in farads, band in hertz. */
    public static double bestReflection(double r, double c, double low, double high) {
        return Math.exp(-1 / (2 * (high - low) * r * c));
    }

    /** The widest band for a return loss in dB, hertz. */
    public static double widestBand(double r, double c, double returnLossDb) {
        return 1 / (2 * r * c * Math.log(Math.pow(10, returnLossDb / 20)));
    }
}
