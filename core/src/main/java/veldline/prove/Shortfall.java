package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.regression.SimpleRegression;
import veldline.measure.Reading;
import veldline.measure.Series;

/**
 * A recording against what was worked out, reading by reading.
 *
 * @param level median of what is over the level worked out for the same tide, dB
 * @param shape how far that swings from tide to tide, as a standard deviation, dB; empty where there is too little tide
 * @param warm what was lost from the coolest to the warmest reading, dB; empty where the radio stayed as warm as it was
 */
public record Shortfall(double level, Optional<Double> shape, Optional<Double> warm) {
    /** Readings of a radio that changed less tell nothing of heat, kelvin. */
    private static final double LEAST_WARMTH = 5;
    /** Tides of less say nothing of a bounce, metres. */
    private static final double LEAST_TIDE = 0.5;

    private static final int BINS = 8;
    private static final int LEAST = 8;

    /**
     * @param expected level at so many metres over low water, dBm
     * @param floor what a reading without a link counts as, dBm
     * @return empty with fewer than eight readings
     */
    public static Optional<Shortfall> of(Series series, DoubleUnaryOperator expected, double floor) {
        List<Reading> readings = series.readings();
        if (readings.size() < LEAST) {
            return Optional.empty();
        }
        double[] over = readings.stream()
                .mapToDouble(r -> r.levelDbm().orElse(floor)
                        - expected.applyAsDouble(r.tide().orElse(0.0)))
                .toArray();
        Optional<SimpleRegression> heat = heat(readings, over);
        return Optional.of(new Shortfall(
                StatUtils.percentile(over, 50),
                shape(readings, over, heat),
                heat.map(h -> -h.getSlope() * warmth(readings))));
    }

    private static double warmth(List<Reading> readings) {
        double[] c = readings.stream()
                .flatMap(r -> r.celsius().stream())
                .mapToDouble(Double::doubleValue)
                .toArray();
        return c.length == 0 ? 0 : StatUtils.max(c) - StatUtils.min(c);
    }

    private static Optional<SimpleRegression> heat(List<Reading> readings, double[] over) {
        if (warmth(readings) < LEAST_WARMTH) {
            return Optional.empty();
        }
        SimpleRegression fit = new SimpleRegression();
        for (int i = 0; i < over.length; i++) {
            Optional<Double> c = readings.get(i).celsius();
            if (c.isPresent() && readings.get(i).levelDbm().isPresent()) {
                fit.addData(c.get(), over[i]);
            }
        }
        return fit.getN() < LEAST ? Optional.empty() : Optional.of(fit);
    }

    /** Of means over equal steps of the tide, what heat explains taken off. */
    private static Optional<Double> shape(List<Reading> readings, double[] over, Optional<SimpleRegression> heat) {
        double[] tides = readings.stream()
                .flatMap(r -> r.tide().stream())
                .mapToDouble(Double::doubleValue)
                .toArray();
        if (tides.length < over.length || StatUtils.max(tides) - StatUtils.min(tides) < LEAST_TIDE) {
            return Optional.empty();
        }
        double low = StatUtils.min(tides);
        double step = (StatUtils.max(tides) - low) / BINS;
        List<List<Double>> bins = new ArrayList<>();
        for (int b = 0; b < BINS; b++) {
            bins.add(new ArrayList<>());
        }
        for (int i = 0; i < over.length; i++) {
            double warm = readings.get(i).celsius().orElse(0.0);
            double rest = over[i] - heat.map(h -> h.getSlope() * warm).orElse(0.0);
            bins.get(Math.min(BINS - 1, (int) ((tides[i] - low) / step))).add(rest);
        }
        double[] means = bins.stream()
                .filter(b -> b.size() >= LEAST)
                .mapToDouble(b -> StatUtils.mean(
                        b.stream().mapToDouble(Double::doubleValue).toArray()))
                .toArray();
        return means.length < 3 ? Optional.empty() : Optional.of(Math.sqrt(StatUtils.variance(means)));
    }
}
