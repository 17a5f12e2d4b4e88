package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.4 to 2.5: a bought antenna may have been inspected, measures may be locked; and the first files of 2.4 had nothing beside an antenna yet. */
final class Migration24To25 {
    private Migration24To25() {}

    /** The job of a file of version 2.4 as 2.5 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        if (!job.has("beside")) {
            job.putNull("beside");
        }
        antennas(job);
        return job;
    }

    /** Wherever one stands: at an end, or in a plan. */
    private static void antennas(JsonNode in) {
        if (in instanceof ObjectNode o) {
            String kind = o.path("kind").asText();
            if (kind.equals("bought")) {
                o.putNull("inspection");
            } else if (kind.equals("yagi") || kind.equals("design")) {
                o.putArray("locked");
            }
        }
        in.forEach(Migration24To25::antennas);
    }
}
