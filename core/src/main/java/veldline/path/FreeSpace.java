package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/** Loss between isotropic antennas in free space. */
public final class FreeSpace {
    public static final double C = 299_792_458.0;

    public static final Formula FORMULA = new Formula(
            "Free-space path loss",
            "Power spreads over a growing sphere; an isotropic antenna catches λ²/4π of it.",
            "L",
            "20·log10(4·pi·d·f ÷ 0.299792458)",
            "ITU-R P.525-4 eq. 4",
            "Exact in free space; what stands or lies in the way is added by its own line");

    private FreeSpace() {}

    /** Metres a wave is long at a frequency in hertz. */
    public static double wavelength(double frequency) {
        return C / frequency;
    }

    /**
     * Loss in dB, positive.
     *
     * @param distance metres, above zero
     * @param frequency hertz, above zero
     */
    public static double lossDb(double distance, double frequency) {
        if (!(distance > 0) || !(frequency > 0)) {
            throw new IllegalArgumentException("Distance " + distance + " m and frequency " + frequency
                    + " Hz must both be above zero; correct them in Brief");
        }
        return 20 * Math.log10(4 * Math.PI * distance * frequency / C);
    }

    public static Worked worked(double distance, double frequency) {
        return Worked.of(FORMULA)
                .typed("d", "distance", distance / 1000, "km", 4)
                .typed("f", "frequency", frequency / 1e6, "MHz", 3)
                .gives(lossDb(distance, frequency), "dB", 1);
    }
}
