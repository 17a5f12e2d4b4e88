package veldline.format;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.11 to 2.12: a proof has turns, a survey and readings beside a known antenna, a plan for raising the way of the cable, what
 * touches what and a day, and a job what was changed at the place. */
final class Migration211To212 {
    private Migration211To212() {}

    /** The job of a file of version 2.11 as 2.12 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        if (job.get("prove") instanceof ObjectNode prove) {
            prove.putArray("turns");
            prove.putArray("survey");
            ObjectNode sides = prove.putObject("sides");
            measure(sides, "gain", "2.15", "DBI");
            measure(sides, "doubt", "0.3", "DB");
            sides.putArray("readings");
            prove.put("columns", "");
            prove.path("recordings").forEach(r -> {
                if (r.get("stood") instanceof ObjectNode stood) {
                    stood.put("place", "");
                    stood.putNull("heading");
                    stood.put("scale", "dBm");
                }
            });
        }
        if (job.get("raise") instanceof ObjectNode raise) {
            ObjectNode route = raise.putObject("route");
            measure(route, "down", "2.0", "M");
            measure(route, "along", "0.5", "M");
            measure(route, "loop", "0.15", "M");
            measure(route, "inside", "1.0", "M");
            measure(route, "bend", "60", "MM");
            measure(route, "clips", "0.4", "M");
            raise.putObject("fixings")
                    .put("boom", "ALUMINIUM")
                    .put("clamp", "GALVANISED")
                    .put("mast", "GALVANISED")
                    .put("bond", "TINNED_COPPER")
                    .put("air", "SALT")
                    .put("place", "OWN_MAST");
            ObjectNode day = raise.putObject("day");
            day.putNull("begins");
            measure(day, "people", "2", "ONE");
            measure(day, "gusts", "5", "M_S");
            raise.putNull("neighbour");
        }
        job.putArray("rework");
        return job;
    }

    private static void measure(ObjectNode of, String name, String number, String unit) {
        of.putObject(name).put("number", number).put("unit", unit);
    }
}
