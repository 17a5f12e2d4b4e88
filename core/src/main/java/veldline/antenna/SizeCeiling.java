package veldline.antenna;

import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * The most gain that can be had from a size without fine tricks that no antenna on sale plays. A claim above it cannot
 * be so, whoever makes it.
 */
public final class SizeCeiling {
    private static final double C = 299_792_458.0;

    public static final Formula CEILING = new Formula(
            "Most gain for its size",
            "Whatever fits into a ball of the antenna's greatest measure; b is half of that measure in waves times 2π.",
            "G",
            "10·log10(b^2 + 2·b)",
            "Harrington, IRE Trans. AP-6 (1958), normal gain of a ball",
            "A ceiling, +1 dB for what superdirective pairs reach; good antennas stay 2 to 6 dB below it");

    /** What goes beyond a ceiling by less than this is not called impossible, dB. */
    public static final double ROOM = 1;

    /** Where the ball's figure is 1.5, the directivity of a short dipole. */
    private static final double SHORT_DIPOLE = Math.sqrt(1 + 1.5) - 1;

    private SizeCeiling() {}

    /**
     * In dBi, never less than a short dipole's 1.76.
     *
     * @param longest greatest measure, metres, 0 or more
     * @param frequency hertz
     */
    public static Worked worked(double longest, double frequency) {
        // For less than this the ball's own figure falls below what the shortest dipole has.
        double b = Math.max(Math.PI * longest * frequency / C, SHORT_DIPOLE);
        return Worked.of(CEILING)
                .computed("b", "half its measure in waves, times 2π", b, "", 4)
                .gives(10 * Math.log10(b * b + 2 * b), "dBi", 1, ROOM);
    }
}
