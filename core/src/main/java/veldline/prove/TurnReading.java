package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A level read at one setting of what is turned.
 *
 * @param at bearing by the map, height over low water, or how far its field stands from flat, clockwise from behind
 * @param level that was read
 */
public record TurnReading(Quantity at, Quantity level) {
    private static final Pattern ONE = Pattern.compile("([-−]?\\d{1,4}(?:\\.\\d+)?)\\s+([-−]?\\d{1,3}(?:\\.\\d+)?)");

    /** “0 -61, 15 -64.5”: setting and level of each; empty where it is not that. */
    public static Optional<List<TurnReading>> read(String text, Unit unit) {
        List<TurnReading> all = new ArrayList<>();
        for (String one : text.split("[,;\\n]")) {
            if (!one.isBlank()) {
                Matcher m = ONE.matcher(one.strip());
                if (!m.matches()) {
                    return Optional.empty();
                }
                all.add(new TurnReading(
                        Quantity.of(m.group(1).replace('−', '-'), unit),
                        Quantity.of(m.group(2).replace('−', '-'), Unit.DBM)));
            }
        }
        return Optional.of(List.copyOf(all));
    }

    public static String of(List<TurnReading> all) {
        return all.stream().map(r -> r.at.number() + " " + r.level.number()).collect(Collectors.joining(", "));
    }
}
