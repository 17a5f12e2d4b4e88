package veldline.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.stat.StatUtils;

/**
 * Stretches of a recording without a link that are longer than a lost reading.
 *
 * @param count how many
 * @param longest seconds
 * @param every seconds from the beginning of one to that of the next, where they keep a rhythm; it points to what comes and goes
 */
public record Silences(int count, double longest, Optional<Double> every) {
    /** Shorter ones are lost readings, seconds and readings. */
    private static final double LEAST = 3;

    private static final int LEAST_READINGS = 3;
    /** Fewer stretches keep no rhythm. */
    private static final int RHYTHM = 4;
    /** A rhythm strays by less than this part of itself. */
    private static final double STRAYS = 0.2;

    private record Stretch(double from, double length) {}

    public static Silences of(Series series) {
        List<Reading> readings = series.readings();
        double interval = series.interval();
        List<Stretch> all = new ArrayList<>();
        int begun = -1;
        for (int i = 0; i <= readings.size(); i++) {
            boolean deaf = i < readings.size() && readings.get(i).levelDbm().isEmpty();
            if (deaf && begun < 0) {
                begun = i;
            } else if (!deaf && begun >= 0) {
                double length =
                        readings.get(i - 1).seconds() - readings.get(begun).seconds() + interval;
                if (length > LEAST && i - begun > LEAST_READINGS) {
                    all.add(new Stretch(readings.get(begun).seconds(), length));
                }
                begun = -1;
            }
        }
        double longest = all.stream().mapToDouble(Stretch::length).max().orElse(0);
        return new Silences(all.size(), longest, rhythm(all));
    }

    private static Optional<Double> rhythm(List<Stretch> all) {
        if (all.size() < RHYTHM) {
            return Optional.empty();
        }
        double[] apart = IntStream.range(1, all.size())
                .mapToDouble(i -> all.get(i).from - all.get(i - 1).from)
                .toArray();
        double mean = StatUtils.mean(apart);
        return Math.sqrt(StatUtils.variance(apart)) < STRAYS * mean ? Optional.of(mean) : Optional.empty();
    }
}
