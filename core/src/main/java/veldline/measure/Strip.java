package veldline.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A recording in as many equal steps of time as are drawn of it, so that a million readings cost no more to show than a hundred.
 *
 * @param end seconds at which the last step ends
 * @param bins in order
 */
public record Strip(double end, List<Bin> bins) {
    /**
     * What was read in one step.
     *
     * @param asked readings that were made
     * @param heard how many of them had a link
     * @param mean of those, dBm, not a number where there are none
     * @param low least of them
     * @param high greatest
     * @param tide mean height of the tide, metres, where it was known
     */
    public record Bin(int asked, int heard, double mean, double low, double high, Optional<Double> tide) {}

    public Strip {
        bins = List.copyOf(bins);
    }

    /** @param end seconds, over zero; what was read later is left out */
    public static Strip of(Series series, double end, int count) {
        int[] asked = new int[count];
        int[] heard = new int[count];
        int[] tides = new int[count];
        double[] sum = new double[count];
        double[] low = new double[count];
        double[] high = new double[count];
        double[] tide = new double[count];
        for (Reading r : series.readings()) {
            int i = (int) (r.seconds() / end * count);
            if (i < 0 || i >= count) {
                continue;
            }
            asked[i]++;
            if (r.levelDbm().isPresent()) {
                double level = r.levelDbm().get();
                low[i] = heard[i] == 0 ? level : Math.min(low[i], level);
                high[i] = heard[i] == 0 ? level : Math.max(high[i], level);
                sum[i] += level;
                heard[i]++;
            }
            if (r.tide().isPresent()) {
                tide[i] += r.tide().get();
                tides[i]++;
            }
        }
        List<Bin> bins = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            bins.add(new Bin(
                    asked[i],
                    heard[i],
                    heard[i] == 0 ? Double.NaN : sum[i] / heard[i],
                    low[i],
                    high[i],
                    tides[i] == 0 ? Optional.empty() : Optional.of(tide[i] / tides[i])));
        }
        return new Strip(end, bins);
    }

    public int asked() {
        return bins.stream().mapToInt(Bin::asked).sum();
    }

    /** Readings without a link. */
    public int lost() {
        return asked() - bins.stream().mapToInt(Bin::heard).sum();
    }

    /** Seconds at the middle of a step. */
    public double middle(int bin) {
        return end * (bin + 0.5) / bins.size();
    }
}
