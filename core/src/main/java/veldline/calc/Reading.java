package veldline.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.quantity.Quantity;
import veldline.quantity.QuantityReader;
import veldline.quantity.Unit;

/** Turns what was typed or written in a file into what a topic counts in. */
public final class Reading {
    /** Units of topics that people type in many ways, with the factor from what is held inside. */
    private record Counted(Unit inside, double factor) {}

    private static final Map<String, Counted> COUNTED = Map.of(
            "m", new Counted(Unit.M, 1),
            "mm", new Counted(Unit.MM, 1e3),
            "Hz", new Counted(Unit.HZ, 1),
            "MHz", new Counted(Unit.MHZ, 1e-6),
            "GHz", new Counted(Unit.GHZ, 1e-9),
            "dBm", new Counted(Unit.DBM, 1),
            "dBi", new Counted(Unit.DBI, 1),
            "dB", new Counted(Unit.DB, 1),
            "deg", new Counted(Unit.DEG, 1));

    private Reading() {}

    /**
     * A number given with the name of its unit.
     *
     * @param unit as written; only its first word counts
     */
    public static double counted(Topic.Ask ask, double value, String unit) {
        Counted counted = COUNTED.get(ask.unit());
        Optional<Unit> given = Unit.named(unit.split("[ ,]")[0]);
        if (counted == null || given.isEmpty() || given.get().dimension() != counted.inside.dimension()) {
            return value;
        }
        return given.get().toInside(value) * counted.factor;
    }

    /**
     * What was typed behind {@code name=}: a number with or without a unit, a word, or a list in square brackets.
     *
     * @throws IllegalArgumentException with a sentence when it cannot be read
     */
    public static Object typed(Topic.Ask ask, String text) {
        String plain = text.strip();
        if (plain.startsWith("[") && plain.endsWith("]")) {
            return List.of(plain.substring(1, plain.length() - 1).split("[,;]")).stream()
                    .map(String::strip)
                    .filter(s -> !s.isEmpty())
                    .map(s -> number(ask, s))
                    .toList();
        }
        Counted counted = COUNTED.get(ask.unit());
        if (counted == null) {
            try {
                return Double.valueOf(plain.replaceFirst("\\s*[A-Za-zΩ%/°²³]+$", ""));
            } catch (NumberFormatException e) {
                return plain;
            }
        }
        QuantityReader.Reading read = new QuantityReader(counted.inside).read(plain, Optional.<Quantity>empty());
        if (read instanceof QuantityReader.Reading.Taken taken) {
            return taken.quantity().value() * counted.factor;
        }
        throw new IllegalArgumentException(ask.name() + ": "
                + (read instanceof QuantityReader.Reading.Doubtful d
                        ? d.question()
                        : ((QuantityReader.Reading.Refused) read).why()));
    }

    private static Double number(Topic.Ask ask, String text) {
        try {
            return Double.valueOf(text.replace('−', '-'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    ask.name() + ": “" + text + "” is not a number; give a list such as [1, 2]");
        }
    }
}
