package veldline.field.wire;

/**
 * The nearest points of two straight edges.
 *
 * @param s how far along the first, 0 to 1
 * @param t how far along the second, 0 to 1
 * @param at the point on the first
 */
public record Nearest(double s, double t, double distance, Vec at) {
    /** Clamped minimisation of the squared distance, ends tried in turn; exact for parallel edges too. */
    public static Nearest between(Vec a0, Vec a1, Vec b0, Vec b1) {
        Vec u = a1.minus(a0);
        Vec v = b1.minus(b0);
        Vec w = a0.minus(b0);
        double uu = u.dot(u);
        double uv = u.dot(v);
        double vv = v.dot(v);
        double det = uu * vv - uv * uv;
        Nearest best = at(a0, u, b0, v, clamp(-w.dot(u) / uu), 0);
        best = better(best, at(a0, u, b0, v, clamp(v.minus(w).dot(u) / uu), 1));
        best = better(best, at(a0, u, b0, v, 0, clamp(w.dot(v) / vv)));
        best = better(best, at(a0, u, b0, v, 1, clamp(w.plus(u).dot(v) / vv)));
        if (det > 1e-12 * uu * vv) {
            double s = (uv * w.dot(v) - vv * w.dot(u)) / det;
            double t = (uu * w.dot(v) - uv * w.dot(u)) / det;
            if (s >= 0 && s <= 1 && t >= 0 && t <= 1) {
                best = better(best, at(a0, u, b0, v, s, t));
            }
        }
        return best;
    }

    private static Nearest at(Vec a0, Vec u, Vec b0, Vec v, double s, double t) {
        Vec p = a0.plus(u.times(s));
        return new Nearest(s, t, p.minus(b0.plus(v.times(t))).length(), p);
    }

    private static Nearest better(Nearest a, Nearest b) {
        return b.distance < a.distance ? b : a;
    }

    private static double clamp(double x) {
        return Math.max(0, Math.min(1, x));
    }
}
