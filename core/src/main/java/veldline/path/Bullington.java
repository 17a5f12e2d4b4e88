package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * All that stands in the way as one edge where the tangents from both ends meet (ITU-R P.526-15 §4.5.1).
 *
 * @param blocked whether something reaches over the straight line
 * @param v the one edge's place among the zones
 * @param edgeDb what it would take alone
 * @param lossDb with the correction for what is left out
 * @param at where the edge stands, metres from the near end; where the way is clear, its tightest point
 */
public record Bullington(boolean blocked, double v, double edgeDb, double lossDb, double at) {
    public static final Formula FORMULA = new Formula(
            "Edges, as one",
            "Everything in the way stands for one edge where the lines of sight from both ends meet. j is what that edge"
                    + " takes, d the distance in kilometres.",
            "L",
            "j + (1 − exp(−j ÷ 6))·(10 + 0.02·d)",
            "ITU-R P.526-15 §4.5.1 (Bullington)",
            "±6 dB over real ground, less over one plain ridge");

    public static Bullington of(Sightline s) {
        if (s.size() < 3) {
            return new Bullington(false, Double.NEGATIVE_INFINITY, 0, 0, s.length() / 2);
        }
        double up = Double.NEGATIVE_INFINITY;
        double down = Double.NEGATIVE_INFINITY;
        double d = s.length();
        for (int i = 1; i < s.size() - 1; i++) {
            double stands = s.ground(i) + s.bulge(i);
            up = Math.max(up, (stands - s.near()) / s.along(i));
            down = Math.max(down, (stands - s.far()) / (d - s.along(i)));
        }
        double straight = (s.far() - s.near()) / d;
        if (up < straight) {
            int i = s.tightest();
            return found(false, s.v(i), s.along(i), d);
        }
        double at = (s.far() - s.near() + down * d) / (up + down);
        double over = s.near() + up * at - (s.near() * (d - at) + s.far() * at) / d;
        return found(true, KnifeEdge.v(over, at, d - at, s.wavelength()), at, d);
    }

    private static Bullington found(boolean blocked, double v, double at, double distance) {
        double j = KnifeEdge.lossDb(v);
        return new Bullington(blocked, v, j, j + (1 - Math.exp(-j / 6)) * (10 + 0.02 * distance / 1000), at);
    }

    public Worked worked(double distance) {
        return Worked.of(FORMULA)
                .from("j", "the one edge", KnifeEdge.worked(v, "its place among the zones"))
                .computed("d", "distance", distance / 1000, "km", 3)
                .gives(lossDb, "dB", 1, doubt());
    }

    /** What terrain is usually good to, dB: nothing where it takes nothing. */
    double doubt() {
        return Math.min(6, lossDb / 2);
    }
}
