package veldline.measure;

import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well19937c;
import org.hipparchus.stat.StatUtils;

/**
 * Readings that hang together, drawn again in blocks (Künsch, Ann. Statist. 17 (1989)): so many blocks of so many neighbours as fill the
 * series, each from any of its places, the ends not joined. Neighbours inside a block keep what ties them.
 *
 * @param means of every block there is
 * @param drawn blocks that fill the series
 */
public record MovingBlocks(double[] means, int drawn) {
    /** Enough for the ends of an interval to be good to a twentieth of it. */
    private static final int DRAWS = 20_000;

    private static final long SEED = 0xB10C;

    /**
     * @param length neighbours in a block
     * @throws IllegalArgumentException where no block fits in
     */
    public static MovingBlocks of(double[] series, int length) {
        if (length < 1 || length > series.length) {
            throw new IllegalArgumentException("A block of " + length + " does not fit into " + series.length
                    + " readings; give 1 to " + series.length);
        }
        double[] means = new double[series.length - length + 1];
        for (int i = 0; i < means.length; i++) {
            means[i] = StatUtils.mean(series, i, length);
        }
        return new MovingBlocks(means, Math.max(1, series.length / length));
    }

    /** What the mean comes to on average; not quite the series' own, since its ends are drawn less often. */
    public double centre() {
        return StatUtils.mean(means);
    }

    /** Variance of the mean, exactly. */
    public double variance() {
        return StatUtils.populationVariance(means) / drawn;
    }

    /** Between these two lie so many percent of all differences of two means, drawn; the same every time. */
    public static double[] interval(MovingBlocks before, MovingBlocks after, double percent) {
        RandomGenerator random = new Well19937c(SEED);
        double[] differences = new double[DRAWS];
        for (int i = 0; i < DRAWS; i++) {
            differences[i] = after.mean(random) - before.mean(random);
        }
        return new double[] {
            StatUtils.percentile(differences, (100 - percent) / 2),
            StatUtils.percentile(differences, (100 + percent) / 2)
        };
    }

    private double mean(RandomGenerator random) {
        double sum = 0;
        for (int i = 0; i < drawn; i++) {
            sum += means[random.nextInt(means.length)];
        }
        return sum / drawn;
    }

    /** How much each reading has of the one before it, −1 to 1. */
    public static double lag(double[] series) {
        double mean = StatUtils.mean(series);
        double neighbours = 0;
        double squares = 0;
        for (int i = 0; i < series.length; i++) {
            squares += (series[i] - mean) * (series[i] - mean);
            if (i > 0) {
                neighbours += (series[i] - mean) * (series[i - 1] - mean);
            }
        }
        return neighbours / squares;
    }
}
