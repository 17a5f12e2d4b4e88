package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.9 to 2.10: an amplifier tells what current it draws, 80 mA before it was told, and a part how far its loss may be off. */
final class Migration29To210 {
    private static final double DREW = 0.08;

    private Migration29To210() {}

    /** The job of a file of version 2.9 as 2.10 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        told(job);
        return job;
    }

    /** Parts stand in runs of either end and wherever another holds one. */
    private static void told(JsonNode node) {
        if (node.get("amplifier") instanceof ObjectNode amplifier) {
            amplifier.put("draws", DREW);
        }
        if (node instanceof ObjectNode part && part.has("radioSide") && part.has("passesDc")) {
            part.putNull("within");
        }
        node.forEach(Migration29To210::told);
    }
}
