package veldline.feed;

import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import veldline.line.CableLoss;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The parts drawer that ships with the program: a plain table, one part a row. */
public final class Drawer {
    private static final List<Row> ROWS = Table.read("drawer.csv", Drawer::row);
    private static final List<FeedPart> PARTS = ROWS.stream().map(Row::part).toList();

    /** A part with where its figures are from. */
    private record Row(FeedPart part, String source) {}

    private Drawer() {}

    /** Every part, in the order of the table. */
    public static List<FeedPart> parts() {
        return PARTS;
    }

    public static FeedPart part(String id) {
        return PARTS.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The drawer has no part “" + id + "”"));
    }

    /** Where the figures of a part that ships are from, with the year; empty for any other. */
    public static Optional<String> source(String id) {
        return ROWS.stream()
                .filter(r -> r.part.id().equals(id))
                .map(Row::source)
                .findFirst();
    }

    private static Row row(CSVRecord row) {
        return new Row(part(row), row.get("source") + ", " + row.get("year"));
    }

    private static FeedPart part(CSVRecord row) {
        boolean cable = row.get("kind").equals("CABLE");
        return new FeedPart(
                row.get("id"),
                row.get("name"),
                FeedPart.Kind.valueOf(row.get("kind")),
                connector(row.get("radio side")),
                connector(row.get("antenna side")),
                Quantity.of(row.get("loss dB").isEmpty() ? "0" : row.get("loss dB"), Unit.DB),
                row.get("within dB").isEmpty()
                        ? Optional.empty()
                        : Optional.of(Quantity.of(row.get("within dB"), Unit.DB)),
                cable
                        ? Optional.of(
                                new CableLoss(Double.parseDouble(row.get("k1")), Double.parseDouble(row.get("k2"))))
                        : Optional.empty(),
                cable ? Optional.of(Quantity.of(row.get("length m"), Unit.M)) : Optional.empty(),
                Double.parseDouble(row.get("ceiling GHz")) * 1e9,
                direct(row.get("dc")),
                row.get("gain dB").isEmpty()
                        ? Optional.empty()
                        : Optional.of(new FeedPart.Amplifier(
                                Quantity.of(row.get("gain dB"), Unit.DB),
                                Quantity.of(row.get("noise dB"), Unit.DB),
                                Quantity.of(row.get("most out dBm"), Unit.DBM),
                                Double.parseDouble(row.get("volts")),
                                Double.parseDouble(row.get("draws mA")) / 1000)),
                row.get("supplies").isEmpty() ? 0 : Double.parseDouble(row.get("supplies")),
                row.get("others").isEmpty()
                        ? Optional.empty()
                        : Optional.of(new FeedPart.Outlets(
                                Integer.parseInt(row.get("others")),
                                Quantity.of(row.get("other dB"), Unit.DB),
                                Quantity.of(row.get("isolation dB"), Unit.DB))),
                false);
    }

    private static FeedPart.Direct direct(String word) {
        return switch (word) {
            case "no" -> FeedPart.Direct.BLOCKS;
            case "shorts" -> FeedPart.Direct.SHORTS;
            default -> FeedPart.Direct.PASSES;
        };
    }

    /** For example {@code SMA inside pin 50}. */
    public static Connector connector(String text) {
        String[] words = text.split(" ");
        return new Connector(
                Connector.Series.valueOf(words[0]),
                words[1].equals("inside") ? Connector.Thread.INSIDE : Connector.Thread.OUTSIDE,
                words[2].equals("pin") ? Connector.Contact.PIN : Connector.Contact.SOCKET,
                Integer.parseInt(words[3]));
    }
}
