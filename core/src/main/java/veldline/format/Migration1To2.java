package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * From 1.x to 2.0: a job may hold several stations, either end any antenna; ends say what carries them, parts whether
 * they pass a supply. What 1.x could not say is filled in with what it took for granted.
 */
final class Migration1To2 {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Migration1To2() {}

    /** The job of a file of version 1.x as 2.0 would have written it; a part that is missing stays missing. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        if (job.remove("brief") instanceof ObjectNode brief) {
            end(brief.path("near"));
            end(brief.path("far"));
            brief.set("obstacles", NODES.arrayNode());
            brief.set("field", NODES.nullNode());
            ObjectNode station = NODES.objectNode();
            station.set("name", job.path("name").deepCopy());
            station.set("brief", brief);
            job.set("stations", NODES.arrayNode().add(station));
            job.put("shown", 0);
        }
        if (job.remove("yagi") instanceof ObjectNode yagi) {
            yagi.put("kind", "yagi");
            job.set("nearAntenna", yagi);
        }
        if (job.path("farAntenna") instanceof ObjectNode bought) {
            boolean upright = bought.path("upright").asBoolean();
            bought.remove("upright");
            bought.put("kind", "bought");
            bought.put("polarization", upright ? "UPRIGHT" : "FLAT");
            bought.set("width", NODES.nullNode());
            bought.set("length", quantity("0", "M"));
        }
        parts(job.path("nearRun"));
        parts(job.path("farRun"));
        job.set("needs", needs());
        job.set("offer", NODES.nullNode());
        return job;
    }

    private static void end(JsonNode node) {
        if (node instanceof ObjectNode end) {
            end.put("carrier", "FIXED");
            end.set("bodyLoss", quantity("0", "DB"));
            if (end.path("radio") instanceof ObjectNode radio) {
                radio.set("sheet", NODES.nullNode());
            }
        }
    }

    private static void parts(JsonNode run) {
        for (JsonNode node : run.path("parts")) {
            if (node instanceof ObjectNode part) {
                part.put("passesDc", true);
                part.set("amplifier", NODES.nullNode());
                part.put("supplies", 0);
            }
        }
    }

    private static ObjectNode needs() {
        ObjectNode needs = NODES.objectNode();
        needs.set("rate", quantity("0", "MBIT_S"));
        needs.set("delay", quantity("0", "MILLISECOND"));
        needs.set("outage", quantity("0", "MINUTE"));
        needs.set("budget", quantity("0", "ONE"));
        needs.set("weight", quantity("0", "KG"));
        needs.set("packed", quantity("0", "M"));
        needs.set("setUp", quantity("0", "MINUTE"));
        needs.set("people", quantity("1", "ONE"));
        needs.set("hours", quantity("0", "HOUR"));
        needs.put("unseen", false);
        ArrayNode tools = NODES.arrayNode();
        for (String tool : new String[] {
            "SAW",
            "DRILL",
            "SOLDERING_IRON",
            "CRIMP",
            "LADDER",
            "RULE",
            "COMPASS",
            "MULTIMETER",
            "SWR_METER",
            "ANALYSER"
        }) {
            tools.add(tool);
        }
        needs.set("tools", tools);
        needs.set("stock", NODES.arrayNode());
        return needs;
    }

    private static ObjectNode quantity(String number, String unit) {
        return NODES.objectNode().put("number", number).put("unit", unit);
    }
}
