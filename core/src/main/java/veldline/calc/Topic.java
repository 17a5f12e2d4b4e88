package veldline.calc;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.function.Function;

/**
 * One sum that can be asked for by name.
 *
 * @param name as it is asked for
 * @param asks what goes in, in order
 * @param formula in one line
 * @param source the text it is taken from
 * @param goodTo what it is good to and where it stops
 * @param work the sum; throws {@link IllegalArgumentException} with a sentence where it cannot be done
 */
public record Topic(
        String name, List<Ask> asks, String formula, String source, String goodTo, Function<Given, List<Answer>> work) {

    /**
     * A number, text or list that goes in.
     *
     * @param unit the unit it counts in inside this topic; empty for texts, lists and plain numbers
     */
    public record Ask(String name, String unit) {}

    /**
     * A result.
     *
     * @param value a Double, Boolean, String or a List of them or of maps
     */
    public record Answer(String name, Object value, String unit) {}

    /** Asks in the form {@code name:unit}, the unit left out where there is none. */
    static List<Ask> asks(String... namesAndUnits) {
        return List.of(namesAndUnits).stream()
                .map(s -> s.split(":", 2))
                .map(p -> new Ask(p[0], p.length > 1 ? p[1] : ""))
                .toList();
    }

    static Answer is(String name, double value, String unit) {
        return new Answer(name, value, unit);
    }

    static Answer is(String name, Object value) {
        return new Answer(name, value, "");
    }

    /** A result as it is read: numbers to seven figures, which is finer than any of them is good to. */
    public static String shown(Object value) {
        if (value instanceof Double d && Double.isFinite(d)) {
            BigDecimal seven = new BigDecimal(d, new MathContext(7)).stripTrailingZeros();
            boolean handy = d == 0 || Math.abs(d) >= 1e-4 && Math.abs(d) < 1e11;
            return handy ? seven.toPlainString() : seven.toString();
        }
        return value instanceof List<?> l
                ? "[" + String.join(", ", l.stream().map(Topic::shown).toList()) + "]"
                : String.valueOf(value);
    }

    public List<Answer> answer(Given given) {
        return work.apply(given);
    }
}
