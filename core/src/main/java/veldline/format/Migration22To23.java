package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.2 to 2.3: a brief says what is known of the way, what stands in it may be worked out, and a job may have a site. */
final class Migration22To23 {
    private Migration22To23() {}

    /** The job of a file of version 2.2 as 2.3 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        for (JsonNode station : job.path("stations")) {
            if (station.path("brief") instanceof ObjectNode brief) {
                for (JsonNode o : brief.path("obstacles")) {
                    if (o instanceof ObjectNode told) {
                        told.put("kind", "told");
                    }
                }
                for (String end : new String[] {"near", "far"}) {
                    if (brief.path(end) instanceof ObjectNode e) {
                        e.putArray("others");
                    }
                }
                brief.set("way", open(job));
                brief.set("air", quiet(job));
            }
        }
        job.putNull("site");
        return job;
    }

    /** A way of which nothing is known, as it was taken until then. */
    private static ObjectNode open(ObjectNode job) {
        ObjectNode way = job.objectNode();
        way.putNull("profile");
        way.put("overGround", false);
        number(way, "k", "1.333", "ONE");
        way.put("edges", "AS_ONE");
        way.put("rise", "TIDE");
        number(way, "roughness", "0", "M");
        number(way, "exponent", "0", "ONE");
        number(way, "spread", "8", "DB");
        number(way, "rain", "0", "ONE");
        number(way, "share", "0.01", "ONE");
        number(way, "gradient", "-250", "ONE");
        return way;
    }

    /** The radio's floor by its sheet, and nothing else heard. */
    private static ObjectNode quiet(ObjectNode job) {
        ObjectNode air = job.objectNode();
        air.put("bySum", false);
        number(air, "noiseFigure", "6", "DB");
        number(air, "bandwidth", "20", "MHZ");
        number(air, "snr", "10", "DB");
        air.put("surroundings", "NOT_COUNTED");
        air.putArray("heard");
        return air;
    }

    private static void number(ObjectNode way, String name, String number, String unit) {
        way.putObject(name).put("number", number).put("unit", unit);
    }
}
