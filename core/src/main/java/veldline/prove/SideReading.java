package veldline.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A level read with one of two antennas on one of two receivers, in the order they were made.
 *
 * @param known whether it was the antenna whose gain is known
 * @param second whether the second receiver read it
 */
public record SideReading(boolean known, boolean second, Quantity level) {
    private static final Pattern ONE = Pattern.compile("([ku])([12])?\\s+([-−]?\\d{1,3}(?:\\.\\d+)?)");

    /** “k -61, u -55.5, u2 -56, k2 -62”: known or unknown, on receiver 1 or 2, and the level; empty where it is not that. */
    public static Optional<List<SideReading>> read(String text) {
        List<SideReading> all = new ArrayList<>();
        for (String one : text.split("[,;\\n]")) {
            if (!one.isBlank()) {
                Matcher m = ONE.matcher(one.strip().toLowerCase(Locale.ROOT));
                if (!m.matches()) {
                    return Optional.empty();
                }
                all.add(new SideReading(
                        m.group(1).equals("k"),
                        "2".equals(m.group(2)),
                        Quantity.of(m.group(3).replace('−', '-'), Unit.DBM)));
            }
        }
        return Optional.of(List.copyOf(all));
    }

    public static String of(List<SideReading> all) {
        return all.stream()
                .map(r -> (r.known ? "k" : "u") + (r.second ? "2 " : " ") + r.level.number())
                .collect(Collectors.joining(", "));
    }
}
