package veldline.field.aperture;

import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * A dish lit by a feed whose power falls as cosⁿ of the angle, nothing behind it (Balanis, Antenna Theory, 3rd ed., §15.4).
 *
 * @param dish what is lit
 * @param n of the power pattern 2·(n+1)·cosⁿ
 */
public record CosineFeed(Paraboloid dish, double n) {
    private static final double C = 299_792_458.0;
    private static final double EXACT = 1e-12;

    public CosineFeed {
        if (!(n >= 0)) {
            throw new IllegalArgumentException("A feed of cos^" + n + " grows off its axis; give 0 or more");
        }
    }

    /** Beyond square to the axis this feed gives nothing, so a deeper rim is not lit. */
    private double edge() {
        return Math.min(dish.halfAngle(), Math.PI / 2);
    }

    /** Field on the opening over that in its middle, at an angle from the feed. */
    private double lit(double angle) {
        return angle >= Math.PI / 2 ? 0 : Math.pow(Math.cos(angle), n / 2) * Math.pow(Math.cos(angle / 2), 2);
    }

    /** The rim against the middle, feed and space, dB under zero. */
    public double edgeDb() {
        return 20 * Math.log10(lit(dish.halfAngle()));
    }

    /** The share of the feed's power that meets the dish. */
    public double spillover() {
        return 1 - Math.pow(Math.cos(edge()), n + 1);
    }

    /** The gain over that of the same opening evenly lit by all of the feed's power. */
    public double illumination() {
        double t0 = dish.halfAngle();
        double sum = Quadrature.of(
                t -> Math.sqrt(2 * (n + 1)) * Math.pow(Math.cos(t), n / 2) * Math.tan(t / 2), 0, edge(), 4);
        return sum * sum / Math.pow(Math.tan(t0 / 2), 2);
    }

    /** Of what meets the dish, what its evenness leaves. */
    public double taper() {
        return illumination() / spillover();
    }

    /** What roughness takes, dB (Ruze, Proc. IEEE 54 (1966)). */
    public static double ruzeDb(double rms, double frequency) {
        double share = 4 * Math.PI * rms * frequency / C;
        return 10 / Math.log(10) * share * share;
    }

    /** Of the opening evenly lit, as a plain ratio. */
    public double uniform(double frequency) {
        double around = Math.PI * dish.diameter() * frequency / C;
        return around * around;
    }

    /** Field off the axis over that on it, by the opening's own transform. */
    public double field(double angle, double frequency) {
        double k = 2 * Math.PI * frequency / C;
        double turn = k * dish.diameter() / 2 * Math.abs(Math.sin(angle));
        int pieces = 4 + (int) (turn / 4);
        return transform(k * Math.sin(angle), pieces) / transform(0, pieces);
    }

    private double transform(double k, int pieces) {
        double f = dish.focalLength();
        return Quadrature.of(
                t -> lit(t) * Bessel.j0(k * dish.radius(t)) * dish.radius(t) * f / Math.pow(Math.cos(t / 2), 2),
                0,
                edge(),
                pieces);
    }

    /** Half-power beamwidth, radians. */
    public double width(double frequency) {
        double guess = C / frequency / dish.diameter();
        double half = Math.sqrt(0.5);
        return 2
                * new BrentSolver(EXACT)
                        .solve(200, a -> field(a, frequency) - half, 0, Math.min(Math.PI / 2, 1.1 * guess));
    }
}
