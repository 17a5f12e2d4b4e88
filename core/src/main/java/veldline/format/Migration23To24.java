package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * From 2.3 to 2.4: a radio may have a meter's scale and says which ports send, a brief where it is used and its hops, a house its storeys,
 * and an antenna another beside it. */
final class Migration23To24 {
    private Migration23To24() {}

    /** The job of a file of version 2.3 as 2.4 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        for (JsonNode station : job.path("stations")) {
            if (station.path("brief") instanceof ObjectNode brief) {
                brief.put("where", "NOT_SAID");
                brief.putArray("hops");
                for (String end : new String[] {"near", "far"}) {
                    if (brief.path(end) instanceof ObjectNode e) {
                        e.put("port", 0);
                        radio(e.path("radio"));
                    }
                }
            }
        }
        job.putNull("beside");
        for (JsonNode o : job.path("site").path("obstacles")) {
            if (o instanceof ObjectNode obstacle) {
                obstacle.putNull("storeys");
            }
        }
        return job;
    }

    /** Until then every port of a sheet sent, unless its radio never did. */
    private static void radio(JsonNode radio) {
        if (radio instanceof ObjectNode r) {
            r.putNull("meter");
            for (JsonNode p : r.path("sheet").path("ports")) {
                if (p instanceof ObjectNode port) {
                    port.put("sends", true);
                }
            }
        }
    }
}
