package veldline.link;

/** How much of a wave an antenna takes that stands or turns differently (IEEE Std 145; Balanis §2.12.2). */
public final class PolarizationMatch {
    private PolarizationMatch() {}

    /**
     * Share of the power that is taken, for two ellipses.
     *
     * @param ratioA axial ratio of the wave, 1 or more
     * @param ratioB axial ratio of the antenna, as a sender
     * @param between angle between their major axes, radians, in one frame
     * @param sameHand whether both turn the same way
     */
    public static double share(double ratioA, double ratioB, double between, boolean sameHand) {
        double a2 = ratioA * ratioA;
        double b2 = ratioB * ratioB;
        double hands = 4 * ratioA * ratioB * (sameHand ? 1 : -1);
        return 0.5 + (hands + (a2 - 1) * (b2 - 1) * Math.cos(2 * between)) / (2 * (a2 + 1) * (b2 + 1));
    }

    /** Wanted over crossed circular component, dB, of a wave with this axial ratio. */
    public static double discriminationDb(double ratio) {
        return 20 * Math.log10((ratio + 1) / (ratio - 1));
    }

    /** Loss between two straight polarizations at an angle, dB; endless where they are crossed. */
    public static double tiltLossDb(double degrees) {
        return -20 * Math.log10(Math.abs(Math.cos(Math.toRadians(degrees))));
    }
}
