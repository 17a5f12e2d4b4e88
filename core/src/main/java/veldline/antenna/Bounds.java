package veldline.antenna;

/** What no antenna of a size does better than, and quick estimates that are often quoted. */
public final class Bounds {
    /** Square degrees of a whole sphere. */
    public static final double SPHERE = 41_253;

    private static final double C = 299_792_458.0;

    private Bounds() {}

    /** Gain of an evenly lit aperture, dBi (IEEE Std 145; Balanis, Antenna Theory, 3rd ed., §12.5). */
    public static double apertureDbi(double area, double frequency) {
        double wave = C / frequency;
        return 10 * Math.log10(4 * Math.PI * area / (wave * wave));
    }

    /** The greatest gain without super-directivity inside a sphere, dBi (Harrington, 1958). */
    public static double normalGainDbi(double ka) {
        return 10 * Math.log10(ka * ka + 2 * ka);
    }

    /** Directivity from both beamwidths in degrees, dBi: {@code constant} is 41,253, 32,400 or 26,000 by school. */
    public static double fromBeamwidthsDbi(double constant, double azimuth, double elevation) {
        return 10 * Math.log10(constant / (azimuth * elevation));
    }

    /** Directivity from both beamwidths for broad beams, dBi (Tai and Pereira, IEEE Trans. AP-24 (1976)). */
    public static double taiPereiraDbi(double azimuth, double elevation) {
        return 10 * Math.log10(72_815 / (azimuth * azimuth + elevation * elevation));
    }
}
