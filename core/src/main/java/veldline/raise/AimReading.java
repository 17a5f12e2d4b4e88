package veldline.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What was read while an antenna was swung.
 *
 * @param bearing it pointed to, degrees
 * @param level that was read, dBm
 */
public record AimReading(Quantity bearing, Quantity level) {
    private static final Pattern ONE = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?)\\s+([-−]?\\d{1,3}(?:\\.\\d+)?)");

    /** “60 -71, 70 -64”: bearing and level of each; empty where it is not that. */
    public static Optional<List<AimReading>> read(String text) {
        List<AimReading> all = new ArrayList<>();
        for (String one : text.split("[,;\\n]")) {
            if (!one.isBlank()) {
                Matcher m = ONE.matcher(one.strip());
                if (!m.matches() || Double.parseDouble(m.group(1)) > 360) {
                    return Optional.empty();
                }
                all.add(new AimReading(
                        Quantity.of(m.group(1), Unit.DEG),
                        Quantity.of(m.group(2).replace('−', '-'), Unit.DBM)));
            }
        }
        return Optional.of(List.copyOf(all));
    }

    public static String of(List<AimReading> all) {
        return all.stream()
                .map(r -> r.bearing.number() + " " + r.level.number())
                .collect(Collectors.joining(", "));
    }
}
