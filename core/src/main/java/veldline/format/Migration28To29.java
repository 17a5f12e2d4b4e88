package veldline.format;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.8 to 2.9: what was measured while trimming is kept; there was none of it before. */
final class Migration28To29 {
    private Migration28To29() {}

    /** The job of a file of version 2.8 as 2.9 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        ObjectNode trim = job.putObject("trim");
        trim.putArray("passes");
        trim.putObject("noise").put("number", "0.05").put("unit", "ONE");
        trim.putObject("cableLoss").put("number", "0").put("unit", "DB");
        return job;
    }
}
