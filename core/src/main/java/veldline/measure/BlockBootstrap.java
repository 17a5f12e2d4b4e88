package veldline.measure;

import java.util.Arrays;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Interval for a difference of means when readings hang together: whole blocks of neighbours are drawn, so that what
 * binds them stays inside (Künsch, Ann. Statist. 17 (1989); Efron and Tibshirani §8.6).
 */
public final class BlockBootstrap {
    private static final int DRAWS = 4000;

    /**
     * An interval.
     *
     * @param difference mean of after less mean of before, dB
     */
    public record Interval(double difference, double low, double high) {}

    private BlockBootstrap() {}

    /**
     * Percentile interval of mean(after) − mean(before).
     *
     * @param block readings to a block
     * @param confidence 0 to 1
     * @param seed same seed, same answer
     */
    public static Interval meanDifference(double[] before, double[] after, int block, double confidence, long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        double[] draws = new double[DRAWS];
        for (int d = 0; d < DRAWS; d++) {
            draws[d] = drawnMean(after, block, random) - drawnMean(before, block, random);
        }
        Arrays.sort(draws);
        double tail = (1 - confidence) / 2;
        return new Interval(
                Arrays.stream(after).average().orElseThrow()
                        - Arrays.stream(before).average().orElseThrow(),
                draws[(int) Math.floor(tail * (DRAWS - 1))],
                draws[(int) Math.ceil((1 - tail) * (DRAWS - 1))]);
    }

    private static double drawnMean(double[] x, int block, RandomGenerator random) {
        int size = Math.min(block, x.length);
        double sum = 0;
        int count = 0;
        while (count < x.length) {
            int start = random.nextInt(x.length - size + 1);
            for (int i = 0; i < size && count < x.length; i++, count++) {
                sum += x[start + i];
            }
        }
        return sum / count;
    }
}
