package veldline.format;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.1 to 2.2: the outside of the cable may count as a wire of a Yagi. */
final class Migration21To22 {
    private Migration21To22() {}

    /** The job of a file of version 2.1 as 2.2 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        for (String end : new String[] {"nearAntenna", "farAntenna"}) {
            if (job.path(end) instanceof ObjectNode antenna
                    && antenna.path("kind").asText().equals("yagi")) {
                antenna.putNull("outside");
            }
        }
        return job;
    }
}
