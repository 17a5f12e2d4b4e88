package veldline.path;

/** A single hill with a round top (ITU-R P.526-15 §4.2). */
public final class RoundedHill {
    private RoundedHill() {}

    /**
     * Loss in dB.
     *
     * @param h height over the straight line, metres
     * @param d1 metres to one end
     * @param d2 metres to the other
     * @param radius of the top's curvature, metres, zero for an edge
     */
    public static double lossDb(double h, double d1, double d2, double radius, double wavelength) {
        return KnifeEdge.lossDb(KnifeEdge.v(h, d1, d2, wavelength)) + roundingDb(h, d1, d2, radius, wavelength);
    }

    /** What the roundness adds to the edge, dB (eq. 33 to 36). */
    public static double roundingDb(double h, double d1, double d2, double radius, double wavelength) {
        if (!(radius >= 0)) {
            throw new IllegalArgumentException("The hill's radius is " + radius + " m; give zero for an edge, or more");
        }
        if (radius == 0) {
            return 0;
        }
        double size = Math.PI * radius / wavelength;
        double m = radius * (d1 + d2) / (d1 * d2) / Math.cbrt(size);
        double n = h * Math.pow(size, 2.0 / 3) / radius;
        double root = Math.sqrt(m);
        double common = 7.2 * root + 3.6 * m * root - 0.8 * m * m;
        return m * n <= 4 ? common - (2 - 12.5 * n) * m : common - 6 - 20 * Math.log10(m * n) - (2 - 17 * n) * m;
    }

    /**
     * Radius of curvature of a top that falls by so much within so many metres either side.
     *
     * @param fall metres, over zero
     * @param within metres to one side
     */
    public static double radius(double fall, double within) {
        return within * within / (2 * fall);
    }
}
