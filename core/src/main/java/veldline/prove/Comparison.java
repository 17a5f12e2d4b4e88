package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.measure.Profile;
import veldline.measure.Reading;
import veldline.measure.Series;

/**
 * After less before, lined up, with an interval that knows that readings close in time move together.
 *
 * @param difference how it was worked out, dB
 * @param half half the interval's width, dB
 * @param beforeCount independent readings the first amounts to
 * @param afterCount independent readings the second amounts to
 * @param used readings used of both
 */
public record Comparison(Worked difference, Worked half, double beforeCount, double afterCount, int used) {
    /** The level over the tide is a polyline with so many knots, fine enough to follow a null. */
    private static final int KNOTS = 25;
    /** Fewer readings than this are no basis. */
    private static final int LEAST = 8;

    public static final Formula DIFFERENCE = new Formula(
            "Improvement",
            "Mean of the after readings at each height of the tide less that of the before readings there, averaged over"
                    + " the heights both have.",
            "D",
            "a − b",
            "Generalised least squares over the tide; Diggle et al., Analysis of Longitudinal Data, §4.5",
            "See the interval beside it");

    public static final Formula HALF_WIDTH = new Formula(
            "Half of the interval",
            "Spread of what the tide does not explain over the root of independent readings u and n before, v and m after;"
                    + " t for the sureness asked. q is the share a reading's own step adds.",
            "H",
            "t·sqrt(u^2 ÷ n + v^2 ÷ m + q^2)",
            "Generalised least squares, restricted likelihood (Diggle et al. §4.5); Welch's degrees of freedom",
            "Holds the truth as often as it says over simulated runs; it cannot know what changed between the two");

    public double low() {
        return difference.value() - half.value();
    }

    public double high() {
        return difference.value() + half.value();
    }

    /**
     * Compares two series.
     *
     * @param step the radio's own step, dB
     * @param confidence 0 to 1
     * @throws IllegalArgumentException if either has too few readings or they share no height of the tide
     */
    public static Comparison of(Series before, Series after, ProvePlan.LineUp lineUp, double step, double confidence) {
        double top = Math.max(highestTide(before), highestTide(after));
        Placed b = new Placed(before, lineUp, top);
        Placed a = new Placed(after, lineUp, top);
        if (b.levels.size() < LEAST || a.levels.size() < LEAST) {
            throw new IllegalArgumentException("A comparison needs " + LEAST + " readings of each; there are "
                    + b.levels.size() + " before and " + a.levels.size() + " after. Record for longer");
        }
        RealVector weights = common(b, a);
        Profile fitB = b.fit();
        Profile fitA = a.fit();
        double meanB = fitB.mean(weights);
        double meanA = fitA.mean(weights);
        double vb = Math.max(1e-9, fitB.variance(weights));
        double va = Math.max(1e-9, fitA.variance(weights));
        double sb = fitB.spread();
        double sa = fitA.spread();
        double nb = sb * sb / vb;
        double na = sa * sa / va;
        double quantum = 0.1 * step / Math.sqrt(12);
        double freedom =
                Math.max(2, (vb + va) * (vb + va) / (vb * vb / Math.max(1, nb - 1) + va * va / Math.max(1, na - 1)));
        double t = new TDistribution(Math.min(freedom, 1e6)).inverseCumulativeProbability(0.5 + confidence / 2);
        double half = t * Math.sqrt(vb + va + quantum * quantum);
        return new Comparison(
                Worked.of(DIFFERENCE)
                        .measured("a", "mean after", meanA, "dBm", 2)
                        .measured("b", "mean before", meanB, "dBm", 2)
                        .gives(meanA - meanB, "dB", 1, half),
                Worked.of(HALF_WIDTH)
                        .computed("t", "for the sureness asked", t, "", 3)
                        .computed("u", "spread before", sb, "dB", 3)
                        .computed("n", "independent readings before", nb, "", 1)
                        .computed("v", "spread after", sa, "dB", 3)
                        .computed("m", "independent readings after", na, "", 1)
                        .computed("q", "share of the reading's step", quantum, "dB", 3)
                        .gives(half, "dB", 1),
                nb,
                na,
                b.levels.size() + a.levels.size());
    }

    private static double highestTide(Series series) {
        return series.readings().stream()
                .flatMap(r -> r.tide().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
    }

    /** How much each knot counts: the readings of both, where both have readings between the same two knots. */
    private static RealVector common(Placed b, Placed a) {
        RealVector weights = new ArrayRealVector(b.knots);
        double total = 0;
        for (Placed side : List.of(b, a)) {
            for (Profile.Place p : side.places) {
                if (b.counts[p.knot()] > 0 && a.counts[p.knot()] > 0) {
                    weights.addToEntry(p.knot(), 1 - p.share());
                    weights.addToEntry(Math.min(p.knot() + 1, b.knots - 1), p.share());
                    total++;
                }
            }
        }
        if (total == 0) {
            throw new IllegalArgumentException(
                    "The two recordings share no height of the tide; record the same part of a tide, or line up by order");
        }
        return weights.mapDivide(total);
    }

    /** Readings with their places between the knots. */
    private static final class Placed {
        final List<Double> seconds = new ArrayList<>();
        final List<Double> levels = new ArrayList<>();
        final List<Profile.Place> places = new ArrayList<>();
        final int knots;
        final int[] counts;

        Placed(Series series, ProvePlan.LineUp lineUp, double top) {
            boolean byTide = lineUp == ProvePlan.LineUp.TIDE && top > 0;
            this.knots = byTide ? KNOTS : 1;
            this.counts = new int[knots];
            for (Reading r : series.readings()) {
                if (r.levelDbm().isEmpty()
                        || lineUp == ProvePlan.LineUp.TIDE && r.tide().isEmpty()) {
                    continue;
                }
                double at = byTide ? Math.max(0, r.tide().get()) / top * (knots - 1) : 0;
                int knot = Math.max(0, Math.min(knots - 2, (int) at));
                seconds.add(r.seconds());
                levels.add(r.levelDbm().get());
                places.add(new Profile.Place(knot, byTide ? Math.min(1, at - knot) : 0));
                counts[knot]++;
            }
        }

        Profile fit() {
            return Profile.fit(
                    seconds.stream().mapToDouble(d -> d).toArray(),
                    levels.stream().mapToDouble(d -> d).toArray(),
                    places,
                    knots);
        }
    }
}
