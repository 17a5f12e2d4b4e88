package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.7 to 2.8: measures of antennas with an opening may be locked, too, and nothing between antenna and cable is null. */
final class Migration27To28 {
    private Migration27To28() {}

    /** The job of a file of version 2.7 as 2.8 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        antennas(job);
        if (job.path("match").asText().equals("DIRECT")) {
            job.putNull("match");
        }
        return job;
    }

    /** Wherever one stands: at an end, beside one, or in a plan. */
    private static void antennas(JsonNode in) {
        if (in instanceof ObjectNode o && o.path("kind").asText().equals("aperture")) {
            o.putArray("locked");
        }
        in.forEach(Migration27To28::antennas);
    }
}
