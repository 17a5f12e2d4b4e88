package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.4 to 2.5: a bought antenna may have been inspected; and the first files of 2.4 had nothing beside an antenna yet. */
final class Migration24To25 {
    private Migration24To25() {}

    /** The job of a file of version 2.4 as 2.5 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        if (!job.has("beside")) {
            job.putNull("beside");
        }
        bought(job);
        return job;
    }

    /** Wherever one stands: at an end, or in a plan. */
    private static void bought(JsonNode in) {
        if (in instanceof ObjectNode o && o.path("kind").asText().equals("bought") && !o.has("inspection")) {
            o.putNull("inspection");
        }
        in.forEach(Migration24To25::bought);
    }
}
