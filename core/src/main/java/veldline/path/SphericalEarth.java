package veldline.path;

/** What the smooth round earth itself takes beyond the straight line (ITU-R P.526-15 §3). */
public final class SphericalEarth {
    private static final double NEAR_ENOUGH = 1e-9;

    private SphericalEarth() {}

    /** How far two antennas over the smooth earth see each other, metres. */
    public static double horizon(double h1, double h2, double earth) {
        return Math.sqrt(2 * earth) * (Math.sqrt(Math.max(h1, 0)) + Math.sqrt(Math.max(h2, 0)));
    }

    /**
     * Loss in dB, zero or more (§3.2).
     *
     * @param distance metres
     * @param h1 height of one antenna over the smooth earth, metres
     * @param h2 height of the other
     * @param earth effective radius, metres
     */
    public static double lossDb(
            double frequency, double distance, double h1, double h2, double earth, Surface surface, boolean upright) {
        double low1 = Math.max(h1, 0);
        double low2 = Math.max(h2, 0);
        if (distance >= horizon(low1, low2, earth)) {
            return Math.max(0, beyond(frequency, distance, low1, low2, earth, surface, upright));
        }
        double d1 = Math.max(
                0,
                Math.min(distance, SpherePoint.of(distance, low1, low2, earth).d1()));
        double d2 = distance - d1;
        double clear = ((low1 - d1 * d1 / (2 * earth)) * d2 + (low2 - d2 * d2 / (2 * earth)) * d1) / distance;
        double needed = 0.552 * Math.sqrt(d1 * d2 * FreeSpace.wavelength(frequency) / distance);
        if (clear > needed) {
            return 0;
        }
        double radius = 0.5 * Math.pow(distance / (Math.sqrt(low1) + Math.sqrt(low2)), 2);
        double a = beyond(frequency, distance, low1, low2, radius, surface, upright);
        return a < 0 ? 0 : (1 - clear / Math.max(needed, NEAR_ENOUGH)) * a;
    }

    /** The first term of the residue series (§3.1.1), dB. */
    private static double beyond(
            double frequency, double distance, double h1, double h2, double earth, Surface surface, boolean upright) {
        double mhz = frequency / 1e6;
        double km = earth / 1000;
        double loss = Math.pow(18_000 * surface.conductivity() / mhz, 2);
        double flat =
                0.36 * Math.pow(km * mhz, -1.0 / 3) * Math.pow(Math.pow(surface.permittivity() - 1, 2) + loss, -0.25);
        double k = upright ? flat * Math.sqrt(Math.pow(surface.permittivity(), 2) + loss) : flat;
        double k2 = k * k;
        double beta = (1 + 1.6 * k2 + 0.67 * k2 * k2) / (1 + 4.5 * k2 + 1.53 * k2 * k2);
        double x = 2.188 * beta * Math.cbrt(mhz) * Math.pow(km, -2.0 / 3) * distance / 1000;
        double y = 9.575e-3 * beta * Math.pow(mhz, 2.0 / 3) / Math.cbrt(km);
        double f = x >= 1.6 ? 11 + 10 * Math.log10(x) - 17.6 * x : -20 * Math.log10(x) - 5.6488 * Math.pow(x, 1.425);
        return -f - height(beta * y * h1, k) - height(beta * y * h2, k);
    }

    private static double height(double b, double k) {
        double g =
                b > 2 ? 17.6 * Math.sqrt(b - 1.1) - 5 * Math.log10(b - 1.1) - 8 : 20 * Math.log10(b + 0.1 * b * b * b);
        return Math.max(g, 2 + 20 * Math.log10(k));
    }
}
