package veldline.measure;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * An immutable run of readings. Two are equal when their readings are; the hash is computed once, when it is first asked
 * for.
 */
public final class Series {
    private final List<Reading> readings;
    /** Zero until it is asked for; threads that ask at once find the same. */
    private int hash;

    public Series(List<Reading> readings) {
        this.readings = List.copyOf(readings);
    }

    public List<Reading> readings() {
        return readings;
    }

    public int size() {
        return readings.size();
    }

    /** Levels of the readings that had a link, in order, dBm. */
    public double[] levels() {
        return readings.stream()
                .flatMap(r -> r.levelDbm().stream())
                .mapToDouble(Double::doubleValue)
                .toArray();
    }

    /** Seconds between readings, the middle one of all gaps. */
    public double interval() {
        if (readings.size() < 2) {
            return 0;
        }
        double[] gaps = new double[readings.size() - 1];
        for (int i = 0; i < gaps.length; i++) {
            gaps[i] = readings.get(i + 1).seconds() - readings.get(i).seconds();
        }
        Arrays.sort(gaps);
        return gaps[gaps.length / 2];
    }

    /** From the first reading to the last. */
    public double seconds() {
        return readings.isEmpty()
                ? 0
                : readings.get(readings.size() - 1).seconds() - readings.get(0).seconds();
    }

    /** How many readings had no link. */
    public int dropouts() {
        return (int) readings.stream().filter(r -> r.levelDbm().isEmpty()).count();
    }

    /**
     * The level that a share of the readings lies under, 0 to 1; empty without readings.
     *
     * @param floor what readings without a link count as, dBm
     */
    public Optional<Double> quantile(double share, double floor) {
        double[] sorted =
                readings.stream().mapToDouble(r -> r.levelDbm().orElse(floor)).toArray();
        if (sorted.length == 0) {
            return Optional.empty();
        }
        Arrays.sort(sorted);
        double at = share * (sorted.length - 1);
        int below = (int) Math.floor(at);
        int above = Math.min(below + 1, sorted.length - 1);
        return Optional.of(sorted[below] + (at - below) * (sorted[above] - sorted[below]));
    }

    /**
     * Mean of the levels themselves, in dB; empty without readings.
     *
     * @param floor what readings without a link count as, dBm
     */
    public Optional<Double> mean(double floor) {
        double sum = 0;
        for (Reading r : readings) {
            sum += r.levelDbm().orElse(floor);
        }
        return readings.isEmpty() ? Optional.empty() : Optional.of(sum / readings.size());
    }

    /** Level of the mean power, dBm: what a slow meter would show. The same of lost readings. */
    public Optional<Double> meanPower(double floor) {
        double sum = 0;
        for (Reading r : readings) {
            sum += Math.pow(10, r.levelDbm().orElse(floor) / 10);
        }
        return readings.isEmpty() ? Optional.empty() : Optional.of(10 * Math.log10(sum / readings.size()));
    }

    /** The readings from so many seconds on. */
    public Series after(double seconds) {
        return new Series(readings.stream().filter(r -> r.seconds() >= seconds).toList());
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Series s && s.readings.equals(readings);
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            hash = readings.hashCode();
        }
        return hash;
    }
}
