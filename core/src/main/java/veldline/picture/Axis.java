package veldline.picture;

import java.util.ArrayList;
import java.util.List;

/** A linear scale from values to drawing units. */
public record Axis(double from, double to, double start, double end) {
    public double at(double value) {
        return start + (value - from) / (to - from) * (end - start);
    }

    /** The value at a place in the drawing. */
    public double value(double place) {
        return from + (place - start) / (end - start) * (to - from);
    }

    /** Round values from end to end, 1, 2 or 5 times a power of ten apart, no more of them than asked for. */
    public List<Double> ticks(int most) {
        double low = Math.min(from, to);
        double high = Math.max(from, to);
        double step = step((high - low) / Math.max(1, most - 1));
        List<Double> ticks = new ArrayList<>();
        // Counted in whole steps, so that what should be zero is.
        for (long k = (long) Math.ceil(low / step - 1e-9); k * step <= high + 1e-9 * step; k++) {
            ticks.add(k * step);
        }
        return ticks;
    }

    /** The least of 1, 2, 5, 10, … that is not under a value. */
    private static double step(double least) {
        double decade = Math.pow(10, Math.floor(Math.log10(least)));
        for (double k : new double[] {1, 2, 5}) {
            if (k * decade >= least * (1 - 1e-9)) {
                return k * decade;
            }
        }
        return 10 * decade;
    }

    /** The place of a value, or of the nearest one on the scale. */
    public double clamped(double value) {
        return at(Math.max(Math.min(from, to), Math.min(Math.max(from, to), value)));
    }
}
