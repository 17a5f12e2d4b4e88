package veldline.line;

/** How good any lossless match to a resistance with a capacitor beside it can be (Fano, J. Franklin Inst. 249 (1950)). */
public final class BodeFano {
    private BodeFano() {}

    /** The least reflection over a whole band, R in ohms, C in farads, band in hertz. */
    public static double bestReflection(double r, double c, double low, double high) {
        return Math.exp(-1 / (2 * (high - low) * r * c));
    }

    /** The widest band for a return loss in dB, hertz. */
    public static double widestBand(double r, double c, double returnLossDb) {
        return 1 / (2 * r * c * Math.log(Math.pow(10, returnLossDb / 20)));
    }
}
