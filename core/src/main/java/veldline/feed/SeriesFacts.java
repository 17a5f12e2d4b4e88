package veldline.feed;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import veldline.quantity.NumberText;

/**
 * What is known of a series of connectors beside how it couples.
 *
 * @param ohms impedances it is made in
 * @param watts it carries at 1 GHz and 40 °C; less with the root of the frequency
 * @param weather whether it keeps water out by itself: yes, no, or with what
 * @param cycles it may be joined
 * @param torque newton metres it is tightened to; empty for what is not screwed
 * @param across its coupling, millimetres
 * @param tell what it is told by when it is in the hand
 * @param source of these figures, with its year
 */
public record SeriesFacts(
        Connector.Series series,
        List<Integer> ohms,
        double watts,
        String weather,
        int cycles,
        Optional<Double> torque,
        double across,
        String tell,
        String source) {
    private static final List<SeriesFacts> ALL = Table.read("series.csv", SeriesFacts::of);

    public SeriesFacts {
        ohms = List.copyOf(ohms);
    }

    /** Every series of the drawer. */
    public static List<SeriesFacts> all() {
        return ALL;
    }

    /** Empty for an antenna that does not come off. */
    public static Optional<SeriesFacts> of(Connector.Series series) {
        return ALL.stream().filter(f -> f.series == series).findFirst();
    }

    /** In a sentence. */
    public String told() {
        return series.words() + ": " + series.coupling() + ", " + NumberText.shown(across, 1) + " mm across; "
                + NumberText.shown(watts, 0) + " W at 1 GHz"
                + torque.map(t -> "; tightened to " + NumberText.shown(t, t < 10 ? 2 : 0) + " N·m")
                        .orElse("")
                + "; joined up to " + cycles + " times; keeps water out: " + weather + ". " + source + ".";
    }

    private static SeriesFacts of(CSVRecord row) {
        String torque = row.get("torque Nm");
        return new SeriesFacts(
                Connector.Series.valueOf(row.get("series")),
                Arrays.stream(row.get("ohms").split(" ")).map(Integer::valueOf).toList(),
                Double.parseDouble(row.get("watts at 1 GHz")),
                row.get("weather"),
                Integer.parseInt(row.get("cycles")),
                torque.isEmpty() ? Optional.empty() : Optional.of(Double.parseDouble(torque)),
                Double.parseDouble(row.get("across mm")),
                row.get("tell"),
                row.get("source") + ", " + row.get("year"));
    }
}
