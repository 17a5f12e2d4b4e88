package veldline.path;

/**
 * The even ground that fits a profile best, no higher than the ground at the ends, and how high the antennas stand over
 * it (ITU-R P.526-15 §4.5.2 and attachment; the same fit as P.452).
 *
 * @param near height of the near antenna over it, metres
 * @param far height of the far one
 */
public record SmoothEarth(double near, double far) {
    public static SmoothEarth under(Sightline s) {
        int n = s.size();
        double d = s.length();
        double v1 = 0;
        double v2 = 0;
        for (int i = 1; i < n; i++) {
            double a = s.along(i - 1);
            double b = s.along(i);
            v1 += (b - a) * (s.ground(i) + s.ground(i - 1));
            v2 += (b - a) * (s.ground(i) * (2 * b + a) + s.ground(i - 1) * (b + 2 * a));
        }
        double fitNear = (2 * v1 * d - v2) / (d * d);
        double fitFar = (v2 - v1 * d) / (d * d);
        double over = Double.NEGATIVE_INFINITY;
        double nearSlope = Double.NEGATIVE_INFINITY;
        double farSlope = Double.NEGATIVE_INFINITY;
        for (int i = 1; i < n - 1; i++) {
            double x = s.along(i);
            double h = s.ground(i) - (s.near() * (d - x) + s.far() * x) / d;
            over = Math.max(over, h);
            nearSlope = Math.max(nearSlope, h / x);
            farSlope = Math.max(farSlope, h / (d - x));
        }
        if (over > 0) {
            fitNear -= over * nearSlope / (nearSlope + farSlope);
            fitFar -= over * farSlope / (nearSlope + farSlope);
        }
        return new SmoothEarth(s.near() - Math.min(fitNear, s.ground(0)), s.far() - Math.min(fitFar, s.ground(n - 1)));
    }

    /** The way over this ground alone. */
    Sightline level(Sightline s) {
        double[] along = new double[s.size()];
        for (int i = 0; i < along.length; i++) {
            along[i] = s.along(i);
        }
        return new Sightline(along, new double[along.length], near, far, s.wavelength(), s.earth());
    }
}
