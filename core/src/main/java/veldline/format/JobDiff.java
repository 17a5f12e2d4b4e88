package veldline.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import veldline.job.Job;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What differs between two states of a job, read off what a file would hold, so that nothing can be forgotten. */
public final class JobDiff {
    /**
     * One thing that differs.
     *
     * @param what in words: “brief, distance”
     * @param before empty where there was none
     * @param after empty where it is gone
     */
    public record Difference(String what, String before, String after) {}

    private JobDiff() {}

    /** A job laid out flat: every value by where it stands. */
    public record Flat(Map<String, String> values) {}

    /** Lays a job out; its recordings are summed up for it, so this takes a while and is not for the interface thread. */
    public static Flat flat(Job job) {
        return new Flat(Collections.unmodifiableMap(leaves(job)));
    }

    /** Every difference, in the order of the file. */
    public static List<Difference> between(Flat before, Flat after) {
        Set<String> paths = new LinkedHashSet<>(before.values.keySet());
        paths.addAll(after.values.keySet());
        List<Difference> found = new ArrayList<>();
        for (String path : paths) {
            String a = before.values.getOrDefault(path, "");
            String b = after.values.getOrDefault(path, "");
            if (!a.equals(b)) {
                found.add(new Difference(words(path), a, b));
            }
        }
        return List.copyOf(found);
    }

    private static Map<String, String> leaves(Job job) {
        Map<String, String> leaves = new LinkedHashMap<>();
        try {
            collect("", new JsonMapper().readTree(JobFile.write(job).json()).get("job"), leaves);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A job that was just written cannot be read", e);
        }
        return leaves;
    }

    private static void collect(String path, JsonNode node, Map<String, String> leaves) {
        if (node.has("number") && node.has("unit")) {
            Unit unit = Unit.valueOf(node.get("unit").asText());
            leaves.put(path, Quantity.of(node.get("number").asText(), unit).toString());
        } else if (node.isObject()) {
            node.properties().forEach(f -> collect(path + "/" + f.getKey(), f.getValue(), leaves));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                collect(path + "/" + (i + 1), node.get(i), leaves);
            }
        } else if (!node.isNull()) {
            leaves.put(path, node.asText());
        }
    }

    /** {@code /stations/1/brief/marginWanted} as “brief, margin wanted”. */
    private static String words(String path) {
        String plain = path.substring(1).replaceFirst("^stations/\\d+/", "");
        return plain.replace("/", ", ").replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }
}
