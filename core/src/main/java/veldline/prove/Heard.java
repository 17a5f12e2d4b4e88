package veldline.prove;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * One sender of a channel survey.
 *
 * @param name as it calls itself, or its channel; one word
 * @param bearing to it by the map, where known
 * @param wanted whether it is what the link is for
 * @param before level with the antenna that stood before; empty where nothing was heard
 * @param after level with the one that stands now
 */
@RecordBuilder
public record Heard(
        String name, Optional<Quantity> bearing, boolean wanted, Optional<Quantity> before, Optional<Quantity> after)
        implements HeardBuilder.With {
    private static final String LEVEL = "([-−]?\\d{1,3}(?:\\.\\d+)?|-|−)";
    private static final Pattern ONE =
            Pattern.compile("([^\\s,;*]{1,24})(\\*)?\\s+(\\d{1,3}(?:\\.\\d+)?|-|−)\\s+" + LEVEL + "\\s+" + LEVEL);

    /**
     * “lodge* 74 -70 -61, ferry - -80 -”: name, a star at the wanted one, bearing, level before and after of each, a dash where there is none;
     * empty where it is not that.
     */
    public static Optional<List<Heard>> read(String text) {
        List<Heard> all = new ArrayList<>();
        for (String one : text.split("[,;\\n]")) {
            if (!one.isBlank()) {
                Matcher m = ONE.matcher(one.strip());
                if (!m.matches()) {
                    return Optional.empty();
                }
                all.add(new Heard(
                        m.group(1),
                        quantity(m.group(3), Unit.DEG),
                        m.group(2) != null,
                        quantity(m.group(4), Unit.DBM),
                        quantity(m.group(5), Unit.DBM)));
            }
        }
        return Optional.of(List.copyOf(all));
    }

    private static Optional<Quantity> quantity(String text, Unit unit) {
        String plain = text.replace('−', '-');
        return plain.equals("-") ? Optional.empty() : Optional.of(Quantity.of(plain, unit));
    }

    public static String of(List<Heard> all) {
        return all.stream()
                .map(h -> h.name + (h.wanted ? "*" : "") + " " + number(h.bearing) + " " + number(h.before) + " "
                        + number(h.after))
                .collect(Collectors.joining(", "));
    }

    private static String number(Optional<Quantity> q) {
        return q.map(Quantity::number).orElse("-");
    }
}
