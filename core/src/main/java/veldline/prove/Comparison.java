package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.measure.Correlation;
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
    /** Tide heights are sorted into so many classes, each compared with its own kind. */
    private static final int CLASSES = 12;

    public static final Formula DIFFERENCE = new Formula(
            "Improvement",
            "Mean of the after readings at each height of the tide less that of the before readings there, averaged over"
                    + " the heights both have.",
            "D",
            "a − b",
            "Stratified difference of means; Cochran, Sampling Techniques, §5",
            "See the interval beside it");

    public static final Formula HALF_WIDTH = new Formula(
            "Half of the interval",
            "Spread s of what the tide does not explain over the root of independent readings n, before (1) and after (2);"
                    + " t for the sureness asked. q is the share a reading's own step adds.",
            "H",
            "t·sqrt(u^2 ÷ n + v^2 ÷ m + q^2)",
            "Welch interval with effective counts; Priestley §5.3",
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
     * @throws IllegalArgumentException if either has fewer than 8 readings or they share no height of the tide
     */
    public static Comparison of(Series before, Series after, ProvePlan.LineUp lineUp, double step, double confidence) {
        Sorted b = new Sorted(before, lineUp);
        Sorted a = new Sorted(after, lineUp);
        if (b.levels.size() < 8 || a.levels.size() < 8) {
            throw new IllegalArgumentException("A comparison needs 8 readings of each; there are " + b.levels.size()
                    + " before and " + a.levels.size() + " after. Record for longer");
        }
        double sumB = 0;
        double sumA = 0;
        double weights = 0;
        for (int c = 0; c < CLASSES; c++) {
            int nb = b.count(c);
            int na = a.count(c);
            if (nb > 0 && na > 0) {
                double w = 2.0 * nb * na / (nb + na);
                sumB += w * b.mean(c);
                sumA += w * a.mean(c);
                weights += w;
            }
        }
        if (weights == 0) {
            throw new IllegalArgumentException(
                    "The two recordings share no height of the tide; record the same part of a tide, or line up by order");
        }
        double meanB = sumB / weights;
        double meanA = sumA / weights;
        double[] rb = b.residuals();
        double[] ra = a.residuals();
        double nb = Correlation.effectiveCount(rb);
        double na = Correlation.effectiveCount(ra);
        double sb = spread(rb);
        double sa = spread(ra);
        double quantum = 0.1 * step / Math.sqrt(12);
        double vb = sb * sb / nb;
        double va = sa * sa / na;
        double freedom = Math.max(
                2, (vb + va) * (vb + va) / (vb * vb / Math.max(1, nb - 1) + va * va / Math.max(1, na - 1) + 1e-300));
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
                rb.length + ra.length);
    }

    private static double spread(double[] residuals) {
        double sum = 0;
        for (double r : residuals) {
            sum += r * r;
        }
        return Math.sqrt(sum / Math.max(1, residuals.length - 1));
    }

    /** Readings sorted into classes of tide height. */
    private static final class Sorted {
        final List<Double> levels = new ArrayList<>();
        final List<Integer> classes = new ArrayList<>();
        final double[] sums = new double[CLASSES];
        final int[] counts = new int[CLASSES];

        Sorted(Series series, ProvePlan.LineUp lineUp) {
            double most = series.readings().stream()
                    .flatMap(r -> r.tide().stream())
                    .mapToDouble(Double::doubleValue)
                    .max()
                    .orElse(0);
            // Classes of a fixed height, so that both recordings are cut alike.
            double height = Math.max(0.05, Math.ceil(most * 10) / 10 / CLASSES);
            for (Reading r : series.readings()) {
                if (r.levelDbm().isEmpty()
                        || lineUp == ProvePlan.LineUp.TIDE && r.tide().isEmpty()) {
                    continue;
                }
                int c = lineUp == ProvePlan.LineUp.TIDE
                        ? Math.max(0, Math.min(CLASSES - 1, (int) (r.tide().get() / height)))
                        : 0;
                levels.add(r.levelDbm().get());
                classes.add(c);
                sums[c] += r.levelDbm().get();
                counts[c]++;
            }
        }

        int count(int c) {
            return counts[c];
        }

        double mean(int c) {
            return sums[c] / counts[c];
        }

        double[] residuals() {
            double[] r = new double[levels.size()];
            for (int i = 0; i < r.length; i++) {
                r[i] = levels.get(i) - mean(classes.get(i));
            }
            return r;
        }
    }
}
