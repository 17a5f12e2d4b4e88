package veldline.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/**
 * Readings as a polyline over a height, when readings close in time move together: generalised least squares with an
 * exponential correlation in time, its length by restricted maximum likelihood, which takes account of the polyline that
 * was fitted (Patterson and Thompson, Biometrika 58 (1971); Diggle et al., Analysis of Longitudinal Data, §4.5).
 *
 * @param values at the knots; one near which nothing was read is near zero and must not be used
 * @param covariance of the values
 * @param spread standard deviation of a reading about the polyline, dB
 * @param memory seconds over which readings hang together
 */
public record Profile(RealVector values, RealMatrix covariance, double spread, double memory) {
    private static final double LONGEST = 0.995;
    /** A memory longer than this part of the recording cannot be told from the polyline itself. */
    private static final double LEAST_MEMORIES = 12;
    /** And one longer than this not even guessed at. */
    private static final double FEWEST_MEMORIES = 12;
    /** Memories are looked at in so many steps of this to either side of the likeliest. */
    private static final int AROUND = 5;

    private static final double FACTOR = 1.4;
    /** Readings are looked at from no farther apart than this many. */
    private static final int MOST_STRIDE = 8;

    private static final double NEGLIGIBLE = 1e-3;
    /** Gaps that differ by less than this part are one. */
    private static final double SAME = 1e-6;
    /** Keeps knots without readings from making the equations singular; far below one reading's weight. */
    private static final double TETHER = 1e-7;

    /**
     * Where a reading lies between knots.
     *
     * @param knot the one below
     * @param share of the way to the next, 0 to 1
     */
    public record Place(int knot, double share) {}

    /**
     * @param seconds when each reading was made, not falling
     * @param levels of each, dB
     * @param places of each between the knots
     * @param knots how many there are
     */
    public static Profile fit(double[] seconds, double[] levels, List<Place> places, int knots) {
        double step = typicalStep(seconds);
        double[] centred = centred(levels);
        double span = seconds.length == 0 ? 0 : seconds[seconds.length - 1] - seconds[0];
        double longest = Math.min(LONGEST, Math.exp(-step * LEAST_MEMORIES / Math.max(span, step)));
        double rho = new BrentOptimizer(1e-4, 1e-5)
                .optimize(
                        new MaxEval(200),
                        new UnivariateObjectiveFunction(
                                r -> new Whitened(seconds, centred, places, knots, step, r).likelihood()),
                        GoalType.MAXIMIZE,
                        new SearchInterval(0, longest))
                .getPoint();
        return of(seconds, levels, places, knots, rho <= 1e-6 ? 0 : -step / Math.log(rho));
    }

    /**
     * A profile for a memory that the readings allow.
     *
     * @param weight how well they do, of one together
     */
    record Likely(double weight, Profile profile) {}

    /**
     * Profiles for memories around the likeliest, each weighed by its restricted likelihood: how long readings hang together is itself
     * only known from them, and a mean that takes one memory for granted is told too sure of (Diggle et al. §4.5; the prior is flat in the
     * memory's logarithm).
     *
     * @param best the likeliest of them, as {@link #fit} finds it
     */
    static List<Likely> likely(Profile best, double[] seconds, double[] levels, List<Place> places) {
        int knots = best.values.getDimension();
        double step = typicalStep(seconds);
        double span = seconds.length == 0 ? 0 : seconds[seconds.length - 1] - seconds[0];
        double longest = span / FEWEST_MEMORIES;
        double middle = Math.max(best.memory, step / 2);
        double[] centred = centred(levels);
        int stride = (int) Math.max(1, Math.min(MOST_STRIDE, best.memory / (2 * step)));
        // A meter's own step is noise that does not hang together; between neighbours it passes for a short memory,
        // from afar it hardly does.
        List<Every> seen = Every.of(seconds, centred, places, stride);
        List<Double> memories = new ArrayList<>();
        List<Double> likelihoods = new ArrayList<>();
        for (int k = -AROUND; k <= AROUND; k++) {
            double memory = middle * Math.pow(FACTOR, k);
            if (memory <= longest) {
                memories.add(memory);
                likelihoods.add(seen.stream()
                        .mapToDouble(e -> e.likelihood(memory, knots))
                        .average()
                        .orElseThrow());
            }
        }
        double most =
                likelihoods.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        double sum = likelihoods.stream()
                .mapToDouble(l -> Math.exp(l - most))
                .filter(w -> w > NEGLIGIBLE)
                .sum();
        List<Likely> all = new ArrayList<>();
        for (int i = 0; i < memories.size(); i++) {
            double weight = Math.exp(likelihoods.get(i) - most);
            if (weight > NEGLIGIBLE) {
                all.add(new Likely(weight / sum, of(seconds, levels, places, knots, memories.get(i))));
            }
        }
        return all.isEmpty() ? List.of(new Likely(1, best)) : all;
    }

    /** Every so manieth reading from one of the first on. */
    private record Every(double[] seconds, double[] levels, List<Place> places) {
        static List<Every> of(double[] seconds, double[] levels, List<Place> places, int stride) {
            return IntStream.range(0, stride)
                    .mapToObj(first -> {
                        int[] which = IntStream.iterate(first, i -> i < levels.length, i -> i + stride)
                                .toArray();
                        return new Every(
                                IntStream.of(which).mapToDouble(i -> seconds[i]).toArray(),
                                IntStream.of(which).mapToDouble(i -> levels[i]).toArray(),
                                IntStream.of(which).mapToObj(places::get).toList());
                    })
                    .toList();
        }

        double likelihood(double memory, int knots) {
            double step = typicalStep(seconds);
            return new Whitened(seconds, levels, places, knots, step, Math.exp(-step / memory)).likelihood();
        }
    }

    private static double[] centred(double[] levels) {
        double middle = Arrays.stream(levels).average().orElse(0);
        return Arrays.stream(levels).map(v -> v - middle).toArray();
    }

    /**
     * The same where it is known for how long readings hang together.
     *
     * @param memory seconds; zero where each stands alone
     */
    static Profile of(double[] seconds, double[] levels, List<Place> places, int knots, double memory) {
        double step = typicalStep(seconds);
        double middle = Arrays.stream(levels).average().orElse(0);
        double[] centred = Arrays.stream(levels).map(v -> v - middle).toArray();
        double rho = memory > 0 ? Math.exp(-step / memory) : 0;
        Whitened best = new Whitened(seconds, centred, places, knots, step, rho);
        return new Profile(
                best.beta.mapAdd(middle), best.inverse.scalarMultiply(best.sigma2), Math.sqrt(best.sigma2), memory);
    }

    /** The level of the polyline at a place. */
    double at(RealVector knotValues, Place place) {
        int above = Math.min(place.knot + 1, knotValues.getDimension() - 1);
        return (1 - place.share) * knotValues.getEntry(place.knot) + place.share * knotValues.getEntry(above);
    }

    /** A weighted sum of the values. */
    public double mean(RealVector weights) {
        return weights.dotProduct(values);
    }

    /** The variance of a weighted sum of the values. */
    public double variance(RealVector weights) {
        return weights.dotProduct(covariance.operate(weights));
    }

    private static double typicalStep(double[] seconds) {
        double[] gaps = new double[Math.max(1, seconds.length - 1)];
        for (int i = 0; i + 1 < seconds.length; i++) {
            gaps[i] = seconds[i + 1] - seconds[i];
        }
        Arrays.sort(gaps);
        return Math.max(1e-9, gaps[gaps.length / 2]);
    }

    /** Readings with the correlation taken out: each less what the one before foretells, scaled to one variance. */
    private static final class Whitened {
        private final int n;
        private final int p;
        private double logScale;
        private final RealMatrix inverse;
        private final RealVector beta;
        private final double sigma2;
        private final double logDeterminant;

        Whitened(double[] seconds, double[] levels, List<Place> places, int knots, double step, double rho) {
            this.n = levels.length;
            this.p = knots;
            // Plain arrays: this is run thousands of times.
            double[][] normal = new double[knots][knots];
            double[] right = new double[knots];
            for (int k = 0; k < knots; k++) {
                normal[k][k] = TETHER;
            }
            double square = 0;
            // A row has at most four entries: two for this reading, two for the one before.
            int[] at = new int[4];
            double[] x = new double[4];
            double gap = 0;
            double keep = 0;
            double scale = 1;
            double log = 0;
            for (int i = 0; i < n; i++) {
                double now = i == 0 ? 0 : Math.max(1e-6, (seconds[i] - seconds[i - 1]) / step);
                // Most gaps are the same but for the last digits, and a power and a logarithm are dear a million times
                // over.
                if (Math.abs(now - gap) > SAME * now) {
                    gap = now;
                    keep = Math.pow(rho, gap);
                    scale = Math.sqrt(Math.max(1e-9, 1 - keep * keep));
                    log = Math.log(scale);
                }
                logScale += log;
                double y = (levels[i] - (i == 0 ? 0 : keep * levels[i - 1])) / scale;
                row(places.get(i), 1 / scale, at, x, 0);
                row(places.get(Math.max(0, i - 1)), -keep / scale, at, x, 2);
                for (int a = 0; a < 4; a++) {
                    right[at[a]] += x[a] * y;
                    for (int b = 0; b < 4; b++) {
                        normal[at[a]][at[b]] += x[a] * x[b];
                    }
                }
                square += y * y;
            }
            CholeskyDecomposition factors =
                    new CholeskyDecomposition(new Array2DRowRealMatrix(normal, false), 1e-6, 1e-14);
            RealMatrix solved = factors.getSolver().getInverse();
            this.inverse = solved.add(solved.transpose()).scalarMultiply(0.5);
            RealVector rightSide = new ArrayRealVector(right, false);
            this.beta = inverse.operate(rightSide);
            this.sigma2 = Math.max(1e-9, (square - beta.dotProduct(rightSide)) / Math.max(1, n - p));
            double determinant = 0;
            for (int k = 0; k < knots; k++) {
                determinant += 2 * Math.log(factors.getL().getEntry(k, k));
            }
            this.logDeterminant = determinant;
        }

        private void row(Place place, double scale, int[] at, double[] x, int from) {
            at[from] = place.knot;
            x[from] = scale * (1 - place.share);
            at[from + 1] = Math.min(place.knot + 1, p - 1);
            x[from + 1] = scale * place.share;
        }

        /** Restricted log likelihood but for a constant. */
        double likelihood() {
            return -0.5 * ((n - p) * Math.log(sigma2) + logDeterminant) - logScale;
        }
    }
}
