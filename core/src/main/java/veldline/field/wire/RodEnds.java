package veldline.field.wire;

/** What the shape of a rod's ends is worth. */
public final class RodEnds {
    private static final double C = 299_792_458.0;
    /** A half-wave element's length over half a wavelength, roughly; what is asked here is small. */
    private static final double SHORTENED = 0.95;

    /** Radius in wavelengths above which what closes a rod's end is worth telling. */
    public static final double MATTER_FROM = 0.006;

    private RodEnds() {}

    /** A half-wave element of rod, metres. */
    public static double halfWave(double frequency) {
        return SHORTENED * C / frequency / 2;
    }

    /**
     * How much lower a half-wave rod with flat ends resonates than an open tube of its size, megahertz: its two ends act
     * {@link Wire#CAP_RADII} of its radius longer each.
     */
    public static double megahertz(double frequency, double radius) {
        return frequency * 2 * Wire.CAP_RADII * radius / halfWave(frequency) / 1e6;
    }
}
