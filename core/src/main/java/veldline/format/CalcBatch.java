package veldline.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.calc.Given;
import veldline.calc.Reading;
import veldline.calc.Topic;
import veldline.calc.Topics;

/**
 * Many sums at once: entries {@code {id, topic, inputs: {name: {value, unit}}}} in, {@code {id, outputs}} or
 * {@code {id, refused}} out. Other keys are read past.
 */
public final class CalcBatch {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private CalcBatch() {}

    /**
     * @throws FormatException when the text is no list of entries
     */
    public static String answer(String json) throws FormatException {
        JsonNode entries;
        try {
            entries = MAPPER.readTree(json);
        } catch (JsonProcessingException e) {
            throw new FormatException("Line " + e.getLocation().getLineNr() + ": " + e.getOriginalMessage()
                    + ". Give a list of entries {id, topic, inputs}");
        }
        if (entries == null || !entries.isArray()) {
            throw new FormatException("This is no list; give a list of entries {id, topic, inputs}");
        }
        ArrayNode out = MAPPER.createArrayNode();
        entries.forEach(e -> out.add(one(e)));
        return out.toPrettyString();
    }

    private static ObjectNode one(JsonNode entry) {
        ObjectNode result = MAPPER.createObjectNode();
        result.set("id", entry.path("id"));
        Optional<Topic> topic = Topics.named(entry.path("topic").asText());
        if (topic.isEmpty()) {
            return result.put(
                    "refused", "No topic is called “" + entry.path("topic").asText() + "”");
        }
        try {
            Map<String, Object> values = new HashMap<>();
            for (Topic.Ask ask : topic.get().asks()) {
                JsonNode in = entry.path("inputs").path(ask.name());
                if (!in.isMissingNode()) {
                    values.put(ask.name(), value(ask, in));
                }
            }
            List<Topic.Answer> answers = topic.get().answer(new Given(values));
            ObjectNode outputs = result.putObject("outputs");
            for (Topic.Answer a : answers) {
                ObjectNode o = outputs.putObject(a.name());
                o.set("value", MAPPER.valueToTree(a.value()));
                o.put("unit", a.unit());
            }
            return result;
        } catch (IllegalArgumentException e) {
            result.remove("outputs");
            return result.put("refused", e.getMessage());
        }
    }

    private static Object value(Topic.Ask ask, JsonNode in) {
        JsonNode v = in.isObject() ? in.path("value") : in;
        if (v.isNumber()) {
            return Reading.counted(ask, v.asDouble(), in.path("unit").asText(ask.unit()));
        }
        return v.isArray() ? MAPPER.convertValue(v, List.class) : v.asText();
    }
}
