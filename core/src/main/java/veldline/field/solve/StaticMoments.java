package veldline.field.solve;

import java.util.Arrays;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Nearest;
import veldline.field.wire.Vec;

/**
 * The four integrals {@code ∫∫ Ni(s)·Nj(s') ds ds' ÷ R} over a pair of segments that lie close together, N0 falling and
 * N1 rising from 0 to 1. They do not depend on frequency.
 *
 * <p>On one straight line 1/R is averaged around both tubes: the exact kernel, {@code 1/AGM(√(z²+(a+b)²),
 * √(z²+(a−b)²))}, AGM the arithmetic-geometric mean (Gauss; the complete elliptic integral of Balanis, Antenna Theory,
 * 3rd ed., §8.3 in its fastest form). Elsewhere the inner integral is closed and the outer one numerical.
 */
final class StaticMoments {
    private StaticMoments() {}

    /**
     * By how much the whole of 1/R falls from a segment's surface to the outside of a coating on it, metres: the same
     * moments summed, taken at the wider radius, less those at its own.
     */
    static double fallThrough(Segment p, Segment q, double thickness) {
        Segment outside = new Segment(p.wire(), p.start(), p.end(), p.radius() + thickness);
        return sum(of(p, q)) - sum(of(outside, q));
    }

    private static double sum(double[] moments) {
        return moments[0] + moments[1] + moments[2] + moments[3];
    }

    /**
     * Moments in the order 00, 01, 10, 11, metres; after them what the tubes' radii add to the square of the distance
     * between axes, square metres.
     */
    static double[] of(Segment p, Segment q) {
        boolean collinear = onOneLine(p, q);
        double[] moments = Arrays.copyOf(collinear ? collinear(p, q) : apart(p, q), 5);
        moments[4] = collinear ? p.radius() * p.radius() + q.radius() * q.radius() : thickness(p, q);
        return moments;
    }

    static boolean onOneLine(Segment p, Segment q) {
        Vec d = p.direction();
        return d.cross(q.direction()).length() < 1e-9
                && d.cross(q.start().minus(p.start())).length() < 1e-6 * Math.min(p.radius(), q.radius());
    }

    /** 1/R averaged around two coaxial tubes of radii a and b, z apart. */
    static double exactKernel(double z, double a, double b) {
        double x = Math.sqrt(z * z + (a + b) * (a + b));
        double y = Math.sqrt(z * z + (a - b) * (a - b));
        while (x - y > 1e-9 * x) {
            double mean = 0.5 * (x + y);
            y = Math.sqrt(x * y);
            x = mean;
        }
        return 2 / (x + y);
    }

    private static double[] collinear(Segment p, Segment q) {
        Vec d = p.direction();
        double lp = p.length();
        double lq = q.length();
        boolean turned = d.dot(q.direction()) < 0;
        double q0 = d.dot((turned ? q.end() : q.start()).minus(p.start()));
        double[] sum = new double[4];
        double[] cuts = {q0 - lp, Math.min(q0, q0 + lq - lp), Math.max(q0, q0 + lq - lp), q0 + lq};
        for (int i = 0; i < 3; i++) {
            double from = cuts[i];
            double to = cuts[i + 1];
            if (from < 0 && to > 0) {
                outward(-from, 0, -1, lp, lq, q0, p.radius(), q.radius(), sum);
                outward(to, 0, 1, lp, lq, q0, p.radius(), q.radius(), sum);
            } else if (to > from) {
                double near = Math.min(Math.abs(from), Math.abs(to));
                double far = Math.max(Math.abs(from), Math.abs(to));
                outward(far, near, from < 0 ? -1 : 1, lp, lq, q0, p.radius(), q.radius(), sum);
            }
        }
        return turned ? new double[] {sum[1], sum[0], sum[3], sum[2]} : sum;
    }

    /**
     * Integrates kernel times overlap from {@code near} to {@code far} on one side of zero separation, in steps that
     * grow threefold; the first step is drawn together towards the logarithmic singularity.
     */
    private static void outward(
            double far, double near, int side, double lp, double lq, double q0, double a, double b, double[] sum) {
        double scale = Math.max(a, b);
        double from = near;
        if (from < 1e-9 * scale) {
            double to = Math.min(far, scale);
            for (int i = 0; i < Quadrature.TWELVE.x().length; i++) {
                double t = Quadrature.TWELVE.x()[i];
                double u = to * t * t * t;
                add(side * u, Quadrature.TWELVE.w()[i] * 3 * t * t * to * exactKernel(u, a, b), lp, lq, q0, sum);
            }
            from = to;
        }
        while (from < far * (1 - 1e-12)) {
            double to = Math.min(far, 3 * Math.max(from, scale / 3));
            for (int i = 0; i < Quadrature.SIX.x().length; i++) {
                double u = from + (to - from) * Quadrature.SIX.x()[i];
                add(side * u, Quadrature.SIX.w()[i] * (to - from) * exactKernel(u, a, b), lp, lq, q0, sum);
            }
            from = to;
        }
    }

    /** Adds weight times the overlap integral of Ni(s)·Nj(s+u) for one separation u. */
    private static void add(double u, double weight, double lp, double lq, double q0, double[] sum) {
        double from = Math.max(0, q0 - u);
        double to = Math.min(lp, q0 + lq - u);
        if (to <= from) {
            return;
        }
        for (int i = 0; i < 2; i++) {
            double s = from + (to - from) * Quadrature.TWO.x()[i];
            double w = weight * Quadrature.TWO.w()[i] * (to - from);
            double t = s / lp;
            double r = (s + u - q0) / lq;
            sum[0] += w * (1 - t) * (1 - r);
            sum[1] += w * (1 - t) * r;
            sum[2] += w * t * (1 - r);
            sum[3] += w * t * r;
        }
    }

    /**
     * What two tubes that are not on one line add to the square of the distance between their axes. Side by side it is
     * nothing, since the mean logarithm around a circle is that of its centre; one ahead of the other, as around a gentle
     * bend, it is up to the product of the radii, the field on one's surface of a current on the other's axis; and so it
     * is where they meet or run into each other, which keeps a joint from being felt as a point.
     */
    static double thickness(Segment p, Segment q) {
        double both = p.radius() * q.radius();
        Vec between = q.start().towards(q.end(), 0.5).minus(p.start().towards(p.end(), 0.5));
        double square = between.dot(between);
        double alongP = p.radius() * between.dot(p.direction());
        double alongQ = q.radius() * between.dot(q.direction());
        double ahead = square > 0 ? (alongP * alongP + alongQ * alongQ) / square : both;
        double gap = Nearest.between(p.start(), p.end(), q.start(), q.end()).distance() / (p.radius() + q.radius());
        return Math.max(Math.min(ahead, both), both * (1 - gap * gap));
    }

    private static double[] apart(Segment p, Segment q) {
        double lp = p.length();
        double lq = q.length();
        Vec d = q.direction();
        double extra = thickness(p, q);
        double[] sum = new double[4];
        for (int i = 0; i < Quadrature.TWELVE.x().length; i++) {
            double t = Quadrature.TWELVE.x()[i];
            double w = Quadrature.TWELVE.w()[i] * lp;
            Vec from = p.start().towards(p.end(), t).minus(q.start());
            double s0 = from.dot(d);
            double rho2 = Math.max(from.dot(from) - s0 * s0, 0) + extra;
            double r1 = Math.sqrt(s0 * s0 + rho2);
            double r2 = Math.sqrt((lq - s0) * (lq - s0) + rho2);
            double rho = Math.sqrt(rho2);
            double zeroth = asinh((lq - s0) / rho) + asinh(s0 / rho);
            double rising = (r2 - r1 + s0 * zeroth) / lq;
            sum[0] += w * (1 - t) * (zeroth - rising);
            sum[1] += w * (1 - t) * rising;
            sum[2] += w * t * (zeroth - rising);
            sum[3] += w * t * rising;
        }
        return sum;
    }

    private static double asinh(double x) {
        double y = Math.abs(x);
        return Math.copySign(Math.log(y + Math.sqrt(y * y + 1)), x);
    }
}
