package veldline.link;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import veldline.feed.Drawer;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The radios of the drawer that ships with the program: kinds of radio, none of them any maker's. */
public final class Radios {
    private static final List<RadioSheet> ALL = read();

    private Radios() {}

    /** Every radio, in the order of the file. */
    public static List<RadioSheet> all() {
        return ALL;
    }

    private static List<RadioSheet> read() {
        try (InputStream in = Radios.class.getResourceAsStream("radios.json")) {
            return list(new JsonMapper().readTree(in), Radios::sheet);
        } catch (IOException e) {
            throw new UncheckedIOException("The radios that ship with the program cannot be read", e);
        }
    }

    public static RadioSheet byId(String id) {
        return ALL.stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The drawer has no radio “" + id + "”"));
    }

    private static RadioSheet sheet(JsonNode n) {
        return new RadioSheet(
                n.get("id").asText(),
                n.get("name").asText(),
                list(n.get("bands"), b -> new RadioSheet.Band(quantity(b.get(0)), quantity(b.get(1)))),
                list(n.get("rates"), Radios::rate),
                list(n.get("ports"), Radios::port),
                n.get("chains").asInt(),
                new RadioSheet.Supply(n.get("volts").asDouble(), n.get("watts").asDouble()),
                quantity(n.get("overload")));
    }

    private static RadioSheet.Rate rate(JsonNode n) {
        return new RadioSheet.Rate(
                quantity(n.get(0)),
                n.get(1).isNull() ? Optional.empty() : Optional.of(quantity(n.get(1))),
                quantity(n.get(2)));
    }

    private static RadioSheet.Port port(JsonNode n) {
        return new RadioSheet.Port(
                n.get("name").asText(),
                Drawer.connector(n.get("connector").asText()),
                n.path("detachable").asBoolean(true),
                n.path("sends").asBoolean(true),
                n.path("loaded").asBoolean(false),
                n.path("bias").asDouble(0));
    }

    private static <T> List<T> list(JsonNode array, Function<JsonNode, T> read) {
        List<T> all = new ArrayList<>();
        array.forEach(n -> all.add(read.apply(n)));
        return List.copyOf(all);
    }

    /** For example {@code 16.0 dBm}. */
    private static Quantity quantity(JsonNode n) {
        String[] words = n.asText().split(" ", 2);
        return Quantity.of(words[0], Unit.named(words[1]).orElseThrow());
    }
}
