package veldline.antenna;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import veldline.feed.Drawer;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Antennas that can be bought, by class and not by maker; the table ships with the program. Every gain is a claim. */
public final class Shelf {
    /**
     * One of them.
     *
     * @param id its number on the shelf
     * @param antenna with its claims
     * @param low end of its band, hertz
     * @param high end of it
     * @param kilograms it weighs
     * @param wind area the wind has, square metres
     * @param money it costs, in the local coin
     * @param stock how many are to hand
     */
    public record Item(
            String id,
            Bought antenna,
            double low,
            double high,
            double kilograms,
            double wind,
            double money,
            int stock) {
        public boolean serves(double frequency) {
            return frequency >= low && frequency <= high;
        }
    }

    private static final List<Item> ALL = read();

    private Shelf() {}

    public static List<Item> all() {
        return ALL;
    }

    /** Those for a frequency in hertz. */
    public static List<Item> serving(double frequency) {
        return ALL.stream().filter(i -> i.serves(frequency)).toList();
    }

    private static List<Item> read() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<Item> all = new ArrayList<>();
        try (Reader in = new InputStreamReader(Shelf.class.getResourceAsStream("shelf.csv"), StandardCharsets.UTF_8)) {
            for (CSVRecord row : format.parse(in)) {
                all.add(item(row));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The antennas that ship with the program cannot be read", e);
        }
        return List.copyOf(all);
    }

    private static Item item(CSVRecord r) {
        Optional<Quantity> width = r.get("width deg").isEmpty()
                ? Optional.empty()
                : Optional.of(Quantity.of(r.get("width deg"), Unit.DEG));
        return new Item(
                r.get("id"),
                new Bought(
                        r.get("name"),
                        Quantity.of(r.get("gain dBi"), Unit.DBI),
                        Polarized.valueOf(r.get("field")),
                        width,
                        Quantity.of(r.get("length m"), Unit.M),
                        Drawer.connector(r.get("connector"))),
                1e6 * Double.parseDouble(r.get("low MHz")),
                1e6 * Double.parseDouble(r.get("high MHz")),
                Double.parseDouble(r.get("weight kg")),
                Double.parseDouble(r.get("wind m2")),
                Double.parseDouble(r.get("cost")),
                Integer.parseInt(r.get("stock")));
    }
}
