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
 * What was read at one place of a range walk.
 *
 * @param distance from the other end
 * @param level that was read; empty where there was no link
 */
public record WalkReading(Quantity distance, Optional<Quantity> level) {
    private static final Pattern ONE = Pattern.compile("(\\d{1,6}(?:\\.\\d+)?)\\s+(-|−|[-−]?\\d{1,3}(?:\\.\\d+)?)");

    /** “100 -61, 250 -70.5, 900 -”: metres and level of each, a dash alone where nothing was heard; empty where it is not that. */
    public static Optional<List<WalkReading>> read(String text) {
        List<WalkReading> all = new ArrayList<>();
        for (String one : text.split("[,;\\n]")) {
            if (!one.isBlank()) {
                Matcher m = ONE.matcher(one.strip());
                if (!m.matches() || !(Double.parseDouble(m.group(1)) > 0)) {
                    return Optional.empty();
                }
                String level = m.group(2).replace('−', '-');
                all.add(new WalkReading(
                        Quantity.of(m.group(1), Unit.M),
                        level.equals("-") ? Optional.empty() : Optional.of(Quantity.of(level, Unit.DBM))));
            }
        }
        return Optional.of(List.copyOf(all));
    }

    public static String of(List<WalkReading> all) {
        return all.stream()
                .map(r -> r.distance.number() + " "
                        + r.level.map(Quantity::number).orElse("-"))
                .collect(Collectors.joining(", "));
    }
}
