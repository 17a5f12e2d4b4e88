package veldline.field.aperture;

/**
 * A round rim, straight edges cut into it where it is cut.
 *
 * @param radius before it is cut, metres
 * @param along so far it reaches along the E plane to either side, metres; the radius or more where it is not cut
 * @param across likewise along the H plane
 */
public record Rim(double radius, double along, double across) {
    /** Pieces of the rim's angle on either side of a kink; a chord is one. */
    private static final int PIECES = 2;

    public Rim {
        if (!(radius > 0 && along > 0 && across > 0)) {
            throw new IllegalArgumentException("A rim of radius " + radius + " m cut to " + 2 * along + " by "
                    + 2 * across + " m holds nothing; give all three over 0");
        }
    }

    public static Rim round(double radius) {
        return new Rim(radius, radius, radius);
    }

    public boolean cut() {
        return along < radius || across < radius;
    }

    /** Something over what it holds. */
    @FunctionalInterface
    public interface Over {
        double at(double x, double y);
    }

    /** What it holds, square metres. */
    public double area() {
        return cut() ? sum((x, y) -> 1) : Math.PI * radius * radius;
    }

    /** Of something that is alike on all four quarters. */
    public double sum(Over f) {
        double end = Math.min(along, radius);
        // Where a straight edge meets the round one the chord has a kink: either side is summed for itself.
        double kink = across < radius ? Math.min(end, Math.sqrt(radius * radius - across * across)) : 0;
        return 4 * (from(f, 0, kink) + from(f, kink, end));
    }

    private double from(Over f, double from, double to) {
        if (to <= from) {
            return 0;
        }
        // By the sine of the place: a chord that shrinks to nothing at a round rim does so smoothly then.
        double a = Math.asin(from / radius);
        double b = Math.asin(Math.min(1, to / radius));
        return Quadrature.of(
                t -> {
                    double x = radius * Math.sin(t);
                    double top = Math.min(across, radius * Math.cos(t));
                    return radius * Math.cos(t) * Quadrature.of(y -> f.at(x, y), 0, top, 1);
                },
                a,
                b,
                PIECES);
    }

    /** From the middle to where it ends, at an angle from the E plane, metres. */
    public double edge(double phi) {
        return Math.min(radius, Math.min(along / Math.abs(Math.cos(phi)), across / Math.abs(Math.sin(phi))));
    }

    /** How far it reaches along a line through its middle, at an angle from the E plane: the farthest point's place on that line. */
    double reach(double phi) {
        double c = Math.abs(Math.cos(phi));
        double s = Math.abs(Math.sin(phi));
        double x = Math.min(along, radius * c);
        double y = Math.min(across, radius * s);
        if (x == along && along < radius * c) {
            y = Math.min(across, Math.sqrt(radius * radius - along * along));
        } else if (y == across && across < radius * s) {
            x = Math.min(along, Math.sqrt(radius * radius - across * across));
        }
        return x * c + y * s;
    }

    /** From where to where it is met across that line, so far along it; alike where it is not met. */
    double[] chord(double u, double phi) {
        double half = Math.sqrt(Math.max(0, radius * radius - u * u));
        double from = -half;
        double to = half;
        double c = Math.cos(phi);
        double s = Math.sin(phi);
        // On the line the place is (u·c − v·s, u·s + v·c): each straight edge bounds v.
        double[][] edges = {{u * c, -s, along}, {u * s, c, across}};
        for (double[] e : edges) {
            if (Math.abs(e[1]) < 1e-12) {
                if (Math.abs(e[0]) > e[2]) {
                    to = from;
                }
                continue;
            }
            double one = (-e[2] - e[0]) / e[1];
            double other = (e[2] - e[0]) / e[1];
            from = Math.max(from, Math.min(one, other));
            to = Math.min(to, Math.max(one, other));
        }
        return new double[] {from, Math.max(from, to)};
    }
}
