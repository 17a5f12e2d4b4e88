package veldline.link;

import veldline.antenna.Polarized;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** How much of a wave an antenna takes that stands or turns differently (IEEE Std 145; Balanis §2.12.2). */
public final class PolarizationMatch {
    public static final Formula LOSS = new Formula(
            "Polarization loss",
            "The part of the wave that the far antenna cannot take: u and v are the two axial ratios, t the angle between"
                    + " the long axes, h is 1 for the same hand, −1 for opposite ones and 0 where a straight one has none to speak of.",
            "L",
            "−10·log10(0.5 + (4·u·v·h + (u^2 − 1)·(v^2 − 1)·cos(2·t)) ÷ (2·(u^2 + 1)·(v^2 + 1)))",
            "IEEE Std 145; Balanis, Antenna Theory §2.12.2",
            "±1 dB for straight to turning; crossed pairs lose 15 to 25 dB as they are built");

    private PolarizationMatch() {}

    /** What two antennas lose to each other as such antennas are built; a turning one may lie at any angle. */
    public static Worked loss(Polarized near, Polarized far) {
        double between = between(near, far);
        int hand = hand(near, far);
        double share = share(near, far, between);
        return Worked.of(LOSS)
                .computed("u", "axial ratio, " + near.words(), near.axialRatio(), "", 1)
                .computed("v", "axial ratio, " + far.words(), far.axialRatio(), "", 1)
                .computed("t", "between the long axes, rad", between, "", 4)
                .computed(
                        "h",
                        hand == 1 ? "same hand" : hand == 0 ? "hand of the straight one unknown" : "opposite hands",
                        hand,
                        "",
                        0)
                .gives(-10 * Math.log10(share), "dB", 1, between == 0 ? 0.1 : 1);
    }

    /** The same as a number. */
    static double lossDb(Polarized near, Polarized far) {
        return -10 * Math.log10(share(near, far, between(near, far)));
    }

    /** Between their long axes, radians; a turning one may lie at any angle. */
    private static double between(Polarized near, Polarized far) {
        return near.circular() || far.circular() ? Math.PI / 4 : near.tilt() - far.tilt();
    }

    private static int hand(Polarized near, Polarized far) {
        return near.circular() != far.circular() ? 0 : near.sameHand(far) ? 1 : -1;
    }

    /**
     * Share of the power that two antennas as they are built have in common.
     *
     * @param between angle between their long axes, radians
     */
    static double share(Polarized near, Polarized far, double between) {
        double u = near.axialRatio();
        double v = far.axialRatio();
        int hand = hand(near, far);
        return hand == 0
                ? 0.5 * (share(u, v, between, true) + share(u, v, between, false))
                : share(u, v, between, hand > 0);
    }

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
