package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.measure.Censored;
import veldline.measure.Power;
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
 * @param used readings heard in both
 * @param gap where nothing could be compared, because before was deaf there
 */
public record Comparison(
        Worked difference, Worked half, double beforeCount, double afterCount, int used, Optional<Gap> gap) {
    /**
     * Heights of the tide at which before was nearly always deaf and after was not.
     *
     * @param from lowest, metres
     * @param to highest, metres
     * @param atLeast what after has over the floor there, so at least so much was won, dB
     */
    public record Gap(double from, double to, double atLeast) {}

    /** The level over the tide is a polyline with so many knots, fine enough to follow a null. */
    private static final int KNOTS = 25;
    /** Where fewer than this share of the readings were heard, nothing can be said of the rest. */
    private static final double SELDOM = 0.1;
    /** An interval this wide to either side says nothing, dB. */
    private static final double NO_USE = 25;
    /** Chance that a reading is lost though the level was there: a busy radio, a line that dropped. */
    private static final double LOST = 0.01;
    /** Fewer readings than this are no basis. */
    private static final int LEAST = 8;

    public static final Formula DIFFERENCE = new Formula(
            "Improvement",
            "Mean of the after readings at each height of the tide less that of the before readings there, averaged over"
                    + " the heights at which both hear. Readings lost under the floor count as under it.",
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

    public static final Formula NINE = new Formula(
            "Shown in nine of ten",
            "What an estimate has to clear, half of the interval or the least that is called an improvement, and 1.28 of its standard"
                    + " deviations, for half of the interval is t of them.",
            "S",
            "c + 1.2816·h ÷ t",
            "Cohen, Statistical Power Analysis, 2nd ed., §2",
            "For recordings as long and as restless as these two");

    /** The improvement that recordings like these show in nine of ten, dB. */
    public Worked nineInTen() {
        double t = half.inputs().get(0).value();
        double cleared = Math.max(half.value(), Verdict.LEAST);
        double error = half.value() / t;
        return Worked.of(NINE)
                .computed("c", "what has to be cleared", cleared, "dB", 3)
                .computed("h", "half of the interval", half.value(), "dB", 3)
                .computed("t", "for the sureness asked", t, "", 3)
                .gives(new Power(error, half.value(), cleared).nineInTen(), "dB", 1);
    }

    public double low() {
        return difference.value() - half.value();
    }

    public double high() {
        return difference.value() + half.value();
    }

    /**
     * Compares two series.
     *
     * @param floor under which the radio hears nothing, dBm
     * @param step the radio's own step, dB
     * @param confidence 0 to 1
     * @throws IllegalArgumentException if either has too few readings or they share no height of the tide
     */
    public static Comparison of(
            Series before, Series after, ProvePlan.LineUp lineUp, double floor, double step, double confidence) {
        double top = Math.max(highestTide(before), highestTide(after));
        Placed b = new Placed(before, lineUp, top);
        Placed a = new Placed(after, lineUp, top);
        if (b.heard() < LEAST || a.heard() < LEAST) {
            throw new IllegalArgumentException("A comparison needs " + LEAST + " readings of each; there are "
                    + b.heard() + " before and " + a.heard() + " after. Record for longer");
        }
        RealVector weights = common(b, a);
        List<Censored.Estimate> both = both(b, a, weights, floor, Censored.Memory.WEIGHED);
        // What is drawn takes one memory for known; the other side is then taken the same way, so that like is held
        // against like.
        if (both.get(0).drawn() != both.get(1).drawn()) {
            both = both(b, a, weights, floor, Censored.Memory.LIKELIEST);
        }
        Censored.Estimate eb = both.get(0);
        Censored.Estimate ea = both.get(1);
        double meanB = eb.mean();
        double meanA = ea.mean();
        double vb = Math.max(1e-9, eb.variance());
        double va = Math.max(1e-9, ea.variance());
        double sb = eb.spread();
        double sa = ea.spread();
        double nb = sb * sb / vb;
        double na = sa * sa / va;
        double quantum = 0.1 * step / Math.sqrt(12);
        double freedom = Math.max(
                2,
                (vb + va) * (vb + va) / (vb * vb / Math.max(1, b.heard() - 1) + va * va / Math.max(1, a.heard() - 1)));
        double t = new TDistribution(Math.min(freedom, 1e6)).inverseCumulativeProbability(0.5 + confidence / 2);
        double half = t * Math.sqrt(vb + va + quantum * quantum);
        if (!(half < NO_USE)) {
            throw new IllegalArgumentException("Too few readings were heard to say how much better it is: "
                    + b.heard() + " of " + b.levels.size() + " before, " + a.heard() + " of " + a.levels.size()
                    + " after. Record with a receiver that hears weaker signals, or at another height of the tide");
        }
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
                b.heard() + a.heard(),
                gap(b, a, floor));
    }

    private static List<Censored.Estimate> both(
            Placed b, Placed a, RealVector weights, double floor, Censored.Memory memory) {
        return Stream.of(b, a)
                .parallel()
                .map(s -> s.estimate(weights, floor, memory))
                .toList();
    }

    private static double highestTide(Series series) {
        return series.readings().stream()
                .flatMap(r -> r.tide().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
    }

    /** How much each knot counts: the readings of both, between knots where both heard something. */
    private static RealVector common(Placed b, Placed a) {
        RealVector weights = new ArrayRealVector(b.knots);
        double total = 0;
        for (Placed side : List.of(b, a)) {
            for (Profile.Place p : side.places) {
                if (b.firm(p.knot()) && a.firm(p.knot())) {
                    weights.addToEntry(p.knot(), 1 - p.share());
                    weights.addToEntry(Math.min(p.knot() + 1, b.knots - 1), p.share());
                    total++;
                }
            }
        }
        if (total == 0) {
            throw new IllegalArgumentException("The two recordings share no height of the tide at which both hear"
                    + " something; record the same part of a tide, or line up by order");
        }
        return weights.mapDivide(total);
    }

    private static Optional<Gap> gap(Placed b, Placed a, double floor) {
        double from = Double.MAX_VALUE;
        double to = -1;
        double sum = 0;
        int n = 0;
        for (int i = 0; i < a.places.size(); i++) {
            int knot = a.places.get(i).knot();
            if (b.asked[knot] > 0 && !b.hears(knot) && a.hears(knot) && !Double.isNaN(a.levels.get(i))) {
                double height = a.height(a.places.get(i));
                from = Math.min(from, height);
                to = Math.max(to, height);
                sum += a.levels.get(i) - floor;
                n++;
            }
        }
        return n == 0 ? Optional.empty() : Optional.of(new Gap(from, to, sum / n));
    }

    /** Readings with their places between the knots; lost ones have no number for a level. */
    private static final class Placed {
        final List<Double> seconds = new ArrayList<>();
        final List<Double> levels = new ArrayList<>();
        final List<Profile.Place> places = new ArrayList<>();
        final int knots;
        final double top;
        final int[] asked;
        final int[] answered;

        Placed(Series series, ProvePlan.LineUp lineUp, double top) {
            boolean byTide = lineUp == ProvePlan.LineUp.TIDE && top > 0;
            this.knots = byTide ? KNOTS : 1;
            this.top = top;
            this.asked = new int[knots];
            this.answered = new int[knots];
            for (Reading r : series.readings()) {
                if (lineUp == ProvePlan.LineUp.TIDE && r.tide().isEmpty()) {
                    continue;
                }
                double at = byTide ? Math.max(0, r.tide().get()) / top * (knots - 1) : 0;
                int knot = Math.max(0, Math.min(knots - 2, (int) at));
                seconds.add(r.seconds());
                levels.add(r.levelDbm().orElse(Double.NaN));
                places.add(new Profile.Place(knot, byTide ? Math.min(1, at - knot) : 0));
                asked[knot]++;
                answered[knot] += r.levelDbm().isPresent() ? 1 : 0;
            }
        }

        int heard() {
            return java.util.Arrays.stream(answered).sum();
        }

        /** Whether enough was heard between two knots to say what the rest may have been. */
        boolean hears(int knot) {
            return answered[knot] > 0 && answered[knot] >= SELDOM * asked[knot];
        }

        /** And whether what lies on either side is known too: at the edge of a null the end of a line swings freely. */
        boolean firm(int knot) {
            return hears(knot)
                    && (knot == 0 || asked[knot - 1] == 0 || hears(knot - 1))
                    && (knot + 1 >= knots || asked[knot + 1] == 0 || hears(knot + 1));
        }

        double height(Profile.Place p) {
            return knots == 1 ? 0 : (p.knot() + p.share()) * top / (knots - 1);
        }

        Censored.Estimate estimate(RealVector weights, double floor, Censored.Memory memory) {
            int[] used = IntStream.range(0, levels.size())
                    .filter(i ->
                            !Double.isNaN(levels.get(i)) || hears(places.get(i).knot()))
                    .toArray();
            return Censored.of(
                    IntStream.of(used).mapToDouble(seconds::get).toArray(),
                    IntStream.of(used).mapToDouble(levels::get).toArray(),
                    IntStream.of(used).mapToObj(places::get).toList(),
                    knots,
                    floor,
                    LOST,
                    weights,
                    memory);
        }
    }
}
