package veldline.antenna;

/**
 * What a claim of gain and level width of a sector antenna leaves for its upright beam, and how tall it must then be. A
 * claim without the upright beam is half a claim.
 */
public final class SectorClaim {
    private static final double C = 299_792_458.0;

    /** Square degrees of a whole ball: the kindest reading, since nothing is lost beside the beam. */
    public static final double KINDEST = 41_253;

    /** What most antennas reach (Kraus, Antennas; Stutzman and Thiele). */
    public static final double USUAL = 32_400;

    /** What lossy ones with side lobes reach. */
    public static final double POOR = 26_000;

    /** Half-power width of a uniform line source: sin of half of it, times its length in waves. */
    private static final double UNIFORM = 0.4429;

    private SectorClaim() {}

    /**
     * Upright width to half power, degrees.
     *
     * @param gainDbi as claimed
     * @param width level width to half power, degrees
     * @param product gain times both widths, square degrees
     */
    public static double uprightWidth(double gainDbi, double width, double product) {
        return product / (Math.pow(10, gainDbi / 10) * width);
    }

    /** Least height of an evenly lit antenna with such an upright width, metres. */
    public static double leastHeight(double uprightWidth, double frequency) {
        return UNIFORM * C / frequency / Math.sin(Math.toRadians(uprightWidth / 2));
    }
}
