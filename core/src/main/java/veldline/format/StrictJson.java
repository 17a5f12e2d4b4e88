package veldline.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.hipparchus.complex.Complex;

/** A JSON object read field by field, so that every complaint names the place. */
final class StrictJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final JsonNode node;
    private final String path;

    private StrictJson(JsonNode node, String path) {
        this.node = node;
        this.path = path;
    }

    static StrictJson parse(String text) throws FormatException {
        try {
            JsonNode root = MAPPER.readTree(text);
            if (root == null || !root.isObject()) {
                throw new FormatException("The file does not hold one JSON object; begin with “{”");
            }
            return new StrictJson(root, "");
        } catch (JsonProcessingException e) {
            String where = e.getLocation() == null
                    ? ""
                    : "Line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr() + ": ";
            throw new FormatException(where + "this is not JSON: " + e.getOriginalMessage());
        }
    }

    String path() {
        return path.isEmpty() ? "the model" : path;
    }

    /** Refuses any field that is not known, by name. */
    StrictJson onlyKnows(Set<String> names) throws FormatException {
        Set<String> unknown = new TreeSet<>();
        node.fieldNames().forEachRemaining(unknown::add);
        unknown.removeAll(names);
        if (!unknown.isEmpty()) {
            throw new FormatException(path() + " has the unknown field “"
                    + unknown.iterator().next() + "”; known are " + String.join(", ", new TreeSet<>(names)));
        }
        return this;
    }

    boolean has(String name) {
        return node.hasNonNull(name);
    }

    FormatException wrong(String name, String expected) {
        return new FormatException(at(name) + " is "
                + (node.has(name) ? node.get(name).toString() : "missing") + "; it must be " + expected);
    }

    private String at(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    double number(String name) throws FormatException {
        JsonNode value = node.path(name);
        if (!value.isNumber() || !Double.isFinite(value.doubleValue())) {
            throw wrong(name, "a number");
        }
        return value.doubleValue();
    }

    Optional<Double> optionalNumber(String name) throws FormatException {
        return has(name) ? Optional.of(number(name)) : Optional.empty();
    }

    int whole(String name) throws FormatException {
        JsonNode value = node.path(name);
        if (!value.canConvertToInt() || !value.isIntegralNumber()) {
            throw wrong(name, "a whole number");
        }
        return value.intValue();
    }

    boolean truth(String name, boolean otherwise) throws FormatException {
        if (!has(name)) {
            return otherwise;
        }
        if (!node.get(name).isBoolean()) {
            throw wrong(name, "true or false");
        }
        return node.get(name).booleanValue();
    }

    String text(String name, String otherwise) throws FormatException {
        if (!has(name)) {
            return otherwise;
        }
        if (!node.get(name).isTextual()) {
            throw wrong(name, "text");
        }
        return node.get(name).textValue();
    }

    boolean isObject(String name) {
        return node.path(name).isObject();
    }

    /** A pair, real and imaginary. */
    Complex complex(String name) throws FormatException {
        List<Double> pair = numbers(name);
        if (pair.size() != 2) {
            throw wrong(name, "[real, imaginary]");
        }
        return new Complex(pair.get(0), pair.get(1));
    }

    /** Rows of pairs. */
    List<List<Complex>> complexRows(String name) throws FormatException {
        List<List<Complex>> rows = new ArrayList<>();
        for (JsonNode row : node.path(name)) {
            List<Complex> pairs = new ArrayList<>();
            for (JsonNode pair : row) {
                List<Double> parts = pair.isArray() ? numbers(name, pair) : List.of();
                if (parts.size() != 2) {
                    throw wrong(name, "rows of pairs [real, imaginary]");
                }
                pairs.add(new Complex(parts.get(0), parts.get(1)));
            }
            rows.add(pairs);
        }
        return rows;
    }

    StrictJson object(String name) throws FormatException {
        if (!node.path(name).isObject()) {
            throw wrong(name, "an object");
        }
        return new StrictJson(node.get(name), at(name));
    }

    List<StrictJson> objects(String name) throws FormatException {
        if (!has(name)) {
            return List.of();
        }
        List<StrictJson> list = new ArrayList<>();
        JsonNode array = node.get(name);
        if (!array.isArray()) {
            throw wrong(name, "a list");
        }
        for (int i = 0; i < array.size(); i++) {
            if (!array.get(i).isObject()) {
                throw new FormatException(at(name) + "[" + i + "] must be an object");
            }
            list.add(new StrictJson(array.get(i), at(name) + "[" + i + "]"));
        }
        return list;
    }

    /** A number or a list of numbers. */
    List<Double> numbers(String name) throws FormatException {
        JsonNode value = node.path(name);
        if (value.isNumber()) {
            return List.of(number(name));
        }
        return numbers(name, value);
    }

    /** A list of lists of numbers. */
    List<List<Double>> rows(String name) throws FormatException {
        if (!node.path(name).isArray()) {
            throw wrong(name, "a list of points");
        }
        List<List<Double>> rows = new ArrayList<>();
        for (JsonNode row : node.get(name)) {
            rows.add(numbers(name, row));
        }
        return rows;
    }

    private List<Double> numbers(String name, JsonNode value) throws FormatException {
        if (!value.isArray() || value.isEmpty()) {
            throw wrong(name, "a number or a list of numbers");
        }
        List<Double> list = new ArrayList<>();
        for (JsonNode item : value) {
            if (!item.isNumber() || !Double.isFinite(item.doubleValue())) {
                throw wrong(name, "made of numbers only");
            }
            list.add(item.doubleValue());
        }
        return list;
    }
}
