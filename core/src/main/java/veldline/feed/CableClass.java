package veldline.feed;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import veldline.line.CableLoss;
import veldline.quantity.NumberText;

/**
 * Cables of one construction and size, whoever makes them.
 *
 * @param name as it is ordered
 * @param construction screen and dielectric
 * @param velocity of the wave, of that in free space
 * @param ceiling hertz
 * @param watts it carries at 1 GHz
 * @param across outside, millimetres
 * @param bend least radius, millimetres
 * @param grams a metre
 * @param loopOhms of inner and screen together for direct current, ohms a kilometre
 * @param connectors that are made for it
 * @param source of these figures, with its year
 */
public record CableClass(
        String name,
        String construction,
        int ohms,
        CableLoss loss,
        double velocity,
        double ceiling,
        double watts,
        double across,
        double bend,
        double grams,
        double loopOhms,
        List<Connector.Series> connectors,
        String source) {
    private static final List<CableClass> ALL = Table.read("cables.csv", CableClass::of);

    public CableClass {
        connectors = List.copyOf(connectors);
    }

    public static List<CableClass> all() {
        return ALL;
    }

    /** The class a part is cut from, by its name; empty for what is no cable of a known class. */
    public static Optional<CableClass> of(FeedPart part) {
        return ALL.stream()
                .filter(c -> part.cable().equals(Optional.of(c.loss)))
                .findFirst();
    }

    /** Whether a connector of a series is made for it, without a reducer or a drill. */
    public boolean takes(Connector.Series series) {
        return connectors.contains(series);
    }

    /** In two sentences. */
    public String told() {
        return name + ": " + construction + "; " + NumberText.shown(across, 1) + " mm across, bent to "
                + NumberText.shown(bend, 0) + " mm and no tighter, " + NumberText.shown(grams, 0) + " g a metre; to "
                + NumberText.shown(ceiling / 1e9, 1) + " GHz, " + NumberText.shown(watts, 0)
                + " W at 1 GHz; the wave runs at " + NumberText.shown(100 * velocity, 0) + " %. " + source + ".";
    }

    private static CableClass of(CSVRecord row) {
        return new CableClass(
                row.get("name"),
                row.get("construction"),
                Integer.parseInt(row.get("ohms")),
                new CableLoss(Double.parseDouble(row.get("k1")), Double.parseDouble(row.get("k2"))),
                Double.parseDouble(row.get("velocity")),
                Double.parseDouble(row.get("ceiling GHz")) * 1e9,
                Double.parseDouble(row.get("watts at 1 GHz")),
                Double.parseDouble(row.get("across mm")),
                Double.parseDouble(row.get("bend mm")),
                Double.parseDouble(row.get("grams a metre")),
                Double.parseDouble(row.get("loop ohm a km")),
                Arrays.stream(row.get("connectors").split(" "))
                        .map(Connector.Series::valueOf)
                        .toList(),
                row.get("source") + ", " + row.get("year"));
    }
}
