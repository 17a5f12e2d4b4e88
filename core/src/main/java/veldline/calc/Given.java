package veldline.calc;

import java.util.List;
import java.util.Map;

/**
 * What was given for a topic, by name, each number already in the unit that the topic counts in.
 *
 * @param values a Double, String or List for each name
 */
public record Given(Map<String, Object> values) {
    public Given {
        values = Map.copyOf(values);
    }

    /** A number. */
    double n(String name) {
        if (values.get(name) instanceof Double d) {
            return d;
        }
        throw missing(name, "a number");
    }

    /** A number over zero. */
    double over0(String name) {
        double v = n(name);
        if (!(v > 0)) {
            throw new IllegalArgumentException(name + " is " + v + "; give a value over zero");
        }
        return v;
    }

    String text(String name) {
        if (values.get(name) instanceof String s) {
            return s;
        }
        throw missing(name, "a word");
    }

    /** A list of numbers. */
    double[] list(String name) {
        if (values.get(name) instanceof List<?> l && l.stream().allMatch(Number.class::isInstance)) {
            return l.stream().mapToDouble(v -> ((Number) v).doubleValue()).toArray();
        }
        throw missing(name, "a list of numbers such as [1, 2, 3]");
    }

    /** A list of pairs of numbers. */
    List<double[]> pairs(String name) {
        if (values.get(name) instanceof List<?> l
                && l.stream()
                        .allMatch(p -> p instanceof List<?> two
                                && two.size() == 2
                                && two.stream().allMatch(Number.class::isInstance))) {
            return l.stream()
                    .map(p -> ((List<?>) p)
                            .stream()
                                    .mapToDouble(v -> ((Number) v).doubleValue())
                                    .toArray())
                    .toList();
        }
        throw missing(name, "a list of pairs such as [[7, 7.2], [14, 14.35]]");
    }

    /** A list of things with named parts. */
    List<Map<String, Object>> parts(String name) {
        if (values.get(name) instanceof List<?> l && l.stream().allMatch(Map.class::isInstance)) {
            return l.stream()
                    .map(o -> {
                        Map<String, Object> named = new java.util.HashMap<>();
                        ((Map<?, ?>) o).forEach((k, v) -> named.put(k.toString(), v));
                        return named;
                    })
                    .toList();
        }
        throw missing(name, "a list of parts with names");
    }

    private IllegalArgumentException missing(String name, String what) {
        return new IllegalArgumentException(
                values.containsKey(name)
                        ? name + " is “" + values.get(name) + "”; give " + what
                        : name + " is not given; give " + what);
    }
}
