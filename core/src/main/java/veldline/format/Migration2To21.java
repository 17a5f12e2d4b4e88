package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.0 to 2.1: a line of the log may have a photograph, and the place a greatest height. */
final class Migration2To21 {
    private Migration2To21() {}

    /** The job of a file of version 2.0 as 2.1 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        if (job.path("needs") instanceof ObjectNode needs) {
            needs.set("highest", job.objectNode().put("number", "0").put("unit", "M"));
        }
        for (JsonNode line : job.path("log")) {
            if (line instanceof ObjectNode l) {
                l.putNull("photograph");
            }
        }
        return job;
    }
}
