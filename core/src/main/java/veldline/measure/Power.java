package veldline.measure;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * How often a comparison will show an improvement that is there: its estimate must lie over what is called one, and its interval over nothing
 * (Welch's interval with independent readings; Cohen, Statistical Power Analysis, 2nd ed., §2).
 *
 * @param error standard deviation of the estimate, dB
 * @param half half of the interval, dB
 * @param cleared what the estimate has to lie over: half of the interval, or the least that is called an improvement
 */
public record Power(double error, double half, double cleared) {
    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final double MOST = 1e7;

    /**
     * @param spreadBefore standard deviation of the readings before, dB, over zero
     * @param before independent readings they amount to, over one
     * @param confidence 0 to 1
     * @param least an estimate under this is not called an improvement, dB
     */
    public static Power of(
            double spreadBefore, double spreadAfter, double before, double after, double confidence, double least) {
        if (!(before > 1) || !(after > 1)) {
            throw new IllegalArgumentException("A comparison of " + before + " with " + after
                    + " independent readings has no interval; give more than one of each");
        }
        double vb = spreadBefore * spreadBefore / before;
        double va = spreadAfter * spreadAfter / after;
        double freedom = (vb + va) * (vb + va) / (vb * vb / (before - 1) + va * va / (after - 1));
        double error = Math.sqrt(vb + va);
        double half = new TDistribution(freedom).inverseCumulativeProbability(0.5 + confidence / 2) * error;
        return new Power(error, half, Math.max(half, least));
    }

    /** In how many of a hundred an improvement of so many dB is shown. */
    public double chance(double improvement) {
        return 100 * NORMAL.cumulativeProbability((improvement - cleared) / error);
    }

    /** The improvement that is shown in nine of ten, dB. */
    public double nineInTen() {
        return cleared + NORMAL.inverseCumulativeProbability(0.9) * error;
    }

    /**
     * Independent readings of each that show an improvement in nine of ten.
     *
     * @param improvement dB, over the least that is called one
     * @throws IllegalArgumentException where no number of readings does
     */
    public static double wanted(double improvement, double spread, double confidence, double least) {
        double low = 2;
        double high = MOST;
        if (!(improvement > least)
                || of(spread, spread, high, high, confidence, least).nineInTen() > improvement) {
            throw new IllegalArgumentException("An improvement of " + improvement
                    + " dB cannot be shown where less than " + least + " dB is not called one; give more");
        }
        while (high / low > 1 + 1e-9) {
            double middle = Math.sqrt(low * high);
            if (of(spread, spread, middle, middle, confidence, least).nineInTen() > improvement) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
