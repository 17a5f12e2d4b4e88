package veldline.study;

import java.util.List;
import java.util.function.DoubleFunction;
import veldline.field.wire.WireModel;

/**
 * Something with dimensions that may be chosen.
 *
 * @param free those dimensions
 * @param shape what it is for values of them
 */
public record Subject(List<Free> free, Shape shape) {
    /** @param low least, metres; likewise most and what it is now */
    public record Free(String name, double low, double high, double start) {}

    /** For values of the free dimensions, metres. */
    public interface Shape {
        WireModel model(double[] values);

        /** Along the beam, metres. */
        double length(double[] values);

        /** How the length changes with each of them. */
        double[] lengthSlopes();
    }

    public Subject {
        free = List.copyOf(free);
    }

    double[] start() {
        return free.stream().mapToDouble(Free::start).toArray();
    }

    /** Kept within the bounds. */
    double[] within(double[] values) {
        double[] kept = values.clone();
        for (int i = 0; i < kept.length; i++) {
            kept[i] = Math.max(free.get(i).low(), Math.min(free.get(i).high(), kept[i]));
        }
        return kept;
    }

    /** The model when one dimension is so many metres larger. */
    DoubleFunction<WireModel> varied(double[] values, int which) {
        return by -> {
            double[] next = values.clone();
            next[which] += by;
            return shape.model(next);
        };
    }
}
