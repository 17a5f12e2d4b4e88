package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;

/** From 2.10 to 2.11: a part tells what it does to direct current and which way round it stands, one that splits its other outlets, a run what branches off it, a job
 * has the workshop's drawer, trimming tells when the analyser was calibrated, an antenna has a mount, and a proof has what was measured to
 * find a cause, and a range walk. */
final class Migration210To211 {
    /** Other outlets, dB to each and dB between them, of the parts that shipped then. */
    private static final Map<String, int[]> SPLIT = Map.of(
            "s-split3-f", new int[] {2, 62, 20},
            "s-split3dc-f", new int[] {2, 64, 20},
            "s-split2-n", new int[] {1, 34, 20},
            "s-split2-f", new int[] {1, 39, 20},
            "s-tap10-f", new int[] {1, 100, 25});

    /** It was said to block what it shorts. */
    private static final String QUARTER_WAVE = "r-nj-nj-quarter";

    private Migration210To211() {}

    /** The job of a file of version 2.10 as 2.11 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        told(job);
        if (job.get("trim") instanceof ObjectNode trim) {
            trim.putNull("calibrated");
        }
        if (job.get("raise") instanceof ObjectNode raise) {
            raise.putNull("declination");
            raise.putArray("swung");
            ObjectNode mount = raise.putObject("mount");
            mount.put("tube", "STEEL");
            measure(mount, "diameter", "42", "MM");
            measure(mount, "wall", "2.5", "MM");
            measure(mount, "free", "1.0", "M");
            measure(mount, "wind", "35", "M_S");
            measure(mount, "ice", "0", "MM");
        }
        if (job.get("prove") instanceof ObjectNode prove) {
            prove.putArray("observed");
            prove.putArray("walk");
            ObjectNode rate = prove.putObject("rate");
            measure(rate, "air", "0", "MBIT_S");
            measure(rate, "wired", "0", "MBIT_S");
            measure(rate, "delay", "0", "MILLISECOND");
            measure(rate, "lost", "0", "ONE");
            prove.path("recordings").forEach(r -> ((ObjectNode) r).putNull("stood"));
        }
        ObjectNode drawer = job.putObject("drawer");
        drawer.putArray("own");
        drawer.putArray("held");
        return job;
    }

    /** Parts and runs stand at either end and wherever another holds one. */
    private static void told(JsonNode node) {
        if (node instanceof ObjectNode part && part.has("radioSide") && part.has("passesDc")) {
            boolean passed = part.remove("passesDc").asBoolean();
            boolean shorts = part.path("id").asText().equals(QUARTER_WAVE);
            part.put("direct", passed ? "PASSES" : shorts ? "SHORTS" : "BLOCKS");
            part.put("backwards", false);
            int[] split = SPLIT.get(part.path("id").asText());
            if (split == null) {
                part.putNull("outlets");
            } else {
                ObjectNode outlets = part.putObject("outlets");
                outlets.put("count", split[0]);
                level(outlets.putObject("loss"), split[1] % 10 == 0 ? "" + split[1] / 10 : "" + split[1] / 10.0);
                level(outlets.putObject("isolation"), "" + split[2]);
            }
        }
        if (node instanceof ObjectNode run && run.has("radio") && run.has("parts") && run.has("antenna")) {
            run.putArray("branches");
        }
        node.forEach(Migration210To211::told);
    }

    private static void measure(ObjectNode of, String name, String number, String unit) {
        of.putObject(name).put("number", number).put("unit", unit);
    }

    private static void level(ObjectNode quantity, String db) {
        quantity.put("number", db).put("unit", "DB");
    }
}
