package veldline.measure;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealVector;
import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well19937c;

/**
 * A {@link Profile} of readings of which some were lost because the level lay under the floor. Leaving those out would
 * take the mean too high, and counting them as the floor too. They are filled in many times over with levels they may
 * have had: by chance from what the profile, their neighbours in time and the floor allow, the profile being fitted
 * anew each time (data augmentation, Tanner and Wong, JASA 82 (1987)); the results are put together by Rubin's rules
 * (Multiple Imputation, 1987, §3.1). The chance is seeded, so the same readings give the same answer.
 */
public final class Censored {
    private static final int BURN = 30;
    private static final int DRAWS = 100;
    /** One in so many rounds looks anew at how long readings hang together. */
    private static final int MEMORY_EVERY = 10;

    /** A lost reading this many spreads over the floor was lost for another reason, and may be left out. */
    private static final double FAR_OVER = 4;

    private static final long SEED = 20_260_914;
    private static final NormalDistribution NORMAL = new NormalDistribution();

    private final double[] seconds;
    private final double[] levels;
    private final List<Profile.Place> places;
    private final int knots;
    private final double floor;
    private final double lost;
    private final int[] missing;
    private final RandomGenerator random = new Well19937c(SEED);

    /**
     * @param mean a weighted sum of the profile's values, dBm
     * @param variance of that
     * @param spread of a reading about the profile, dB
     * @param drawn whether lost readings had to be drawn, which is done with the likeliest memory
     */
    public record Estimate(double mean, double variance, double spread, boolean drawn) {}

    /** How long readings hang together, of which only they themselves tell. */
    public enum Memory {
        /** Every one they allow, by how well they do. */
        WEIGHED,
        /** The likeliest alone. */
        LIKELIEST
    }

    private Censored(
            double[] seconds, double[] levels, List<Profile.Place> places, int knots, double floor, double lost) {
        this.seconds = seconds;
        this.levels = levels.clone();
        this.places = places;
        this.knots = knots;
        this.floor = floor;
        this.lost = lost;
        this.missing = IntStream.range(0, levels.length)
                .filter(i -> Double.isNaN(levels[i]))
                .toArray();
    }

    /**
     * @param seconds when each reading was made, not falling
     * @param levels of each, dBm; not a number where it was lost
     * @param places of each between the knots
     * @param floor under which nothing is heard, dBm
     * @param lost chance that a reading is lost for another reason, over 0
     * @param weights of the profile's values in what is asked for
     * @param memory where nothing has to be drawn
     */
    public static Estimate of(
            double[] seconds,
            double[] levels,
            List<Profile.Place> places,
            int knots,
            double floor,
            double lost,
            RealVector weights,
            Memory memory) {
        int[] heard = IntStream.range(0, levels.length)
                .filter(i -> !Double.isNaN(levels[i]))
                .toArray();
        Profile plain = Profile.fit(pick(seconds, heard), pick(levels, heard), pick(places, heard), knots);
        double near = floor + FAR_OVER * plain.spread();
        int[] used = IntStream.range(0, levels.length)
                .filter(i -> !Double.isNaN(levels[i]) || plain.at(plain.values(), places.get(i)) < near)
                .toArray();
        if (used.length > heard.length) {
            return new Censored(pick(seconds, used), pick(levels, used), pick(places, used), knots, floor, lost)
                    .drawn(weights);
        }
        return together(
                memory == Memory.LIKELIEST
                        ? List.of(new Profile.Likely(1, plain))
                        : Profile.likely(plain, pick(seconds, heard), pick(levels, heard), pick(places, heard)),
                weights);
    }

    /** A mean over every memory the readings allow, and its variance with theirs. */
    private static Estimate together(List<Profile.Likely> likely, RealVector weights) {
        double mean = likely.stream()
                .mapToDouble(l -> l.weight() * l.profile().mean(weights))
                .sum();
        double variance = likely.stream()
                .mapToDouble(l -> {
                    double off = l.profile().mean(weights) - mean;
                    return l.weight() * (l.profile().variance(weights) + off * off);
                })
                .sum();
        double spread = likely.stream()
                .mapToDouble(l -> l.weight() * l.profile().spread())
                .sum();
        return new Estimate(mean, variance, spread, false);
    }

    private static double[] pick(double[] from, int[] which) {
        return IntStream.of(which).mapToDouble(i -> from[i]).toArray();
    }

    private static List<Profile.Place> pick(List<Profile.Place> from, int[] which) {
        return IntStream.of(which).mapToObj(from::get).toList();
    }

    private Estimate drawn(RealVector weights) {
        Arrays.stream(missing).forEach(i -> levels[i] = floor - 1);
        double[] means = new double[DRAWS];
        double within = 0;
        double spread = 0;
        Profile p = Profile.fit(seconds, levels, places, knots);
        for (int round = -BURN; round < DRAWS; round++) {
            fill(p);
            p = Math.floorMod(round, MEMORY_EVERY) == 0
                    ? Profile.fit(seconds, levels, places, knots)
                    : Profile.of(seconds, levels, places, knots, p.memory());
            if (round >= 0) {
                means[round] = p.mean(weights);
                within += p.variance(weights) / DRAWS;
                spread += p.spread() / DRAWS;
            }
        }
        double mean = Arrays.stream(means).average().orElseThrow();
        double between = Arrays.stream(means).map(m -> (m - mean) * (m - mean)).sum() / (DRAWS - 1);
        return new Estimate(mean, within + (1 + 1.0 / DRAWS) * between, spread, true);
    }

    /** Draws a profile that the readings allow, then each lost level given that and its neighbours. */
    private void fill(Profile p) {
        RealVector chance = new ArrayRealVector(knots);
        for (int k = 0; k < knots; k++) {
            chance.setEntry(k, random.nextGaussian());
        }
        RealVector values = p.values()
                .add(new CholeskyDecomposition(p.covariance(), 1e-6, 1e-14)
                        .getL()
                        .operate(chance));
        double freedom = Math.max(1, levels.length - knots);
        double sigma = p.spread() * Math.sqrt(freedom / chiSquare(freedom));
        for (int i : missing) {
            double weight = 0;
            double pull = 0;
            if (i > 0) {
                double keep = keep(p, seconds[i] - seconds[i - 1]);
                weight += 1 / (1 - keep * keep);
                pull += keep * residual(p, values, i - 1) / (1 - keep * keep);
            } else {
                weight += 1;
            }
            if (i + 1 < levels.length) {
                double keep = keep(p, seconds[i + 1] - seconds[i]);
                weight += keep * keep / (1 - keep * keep);
                pull += keep * residual(p, values, i + 1) / (1 - keep * keep);
            }
            double mean = p.at(values, places.get(i)) + pull / weight;
            levels[i] = lostLevel(mean, sigma / Math.sqrt(weight));
        }
    }

    private static double keep(Profile p, double gap) {
        return p.memory() > 0 ? Math.min(0.999, Math.exp(-Math.max(gap, 1e-6) / p.memory())) : 0;
    }

    private double residual(Profile p, RealVector values, int i) {
        return levels[i] - p.at(values, places.get(i));
    }

    /** A level under the floor, or, as seldom as other losses are, any level over it. */
    private double lostLevel(double mean, double sigma) {
        double under = NORMAL.cumulativeProbability((floor - mean) / sigma);
        double over = lost * (1 - under);
        boolean isUnder = random.nextDouble() * (under + over) < under;
        double share = isUnder ? under * random.nextDouble() : under + (1 - under) * random.nextDouble();
        return mean + sigma * NORMAL.inverseCumulativeProbability(Math.max(1e-12, Math.min(1 - 1e-12, share)));
    }

    /** Near enough for hundreds of readings (Wilson and Hilferty, PNAS 17 (1931)). */
    private double chiSquare(double freedom) {
        double c = 2 / (9 * freedom);
        return freedom * Math.pow(1 - c + random.nextGaussian() * Math.sqrt(c), 3);
    }
}
