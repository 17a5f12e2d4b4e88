package veldline.format;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** From 2.5 to 2.6: an advert may tell a second measure and both beamwidths. */
final class Migration25To26 {
    private Migration25To26() {}

    /** The job of a file of version 2.5 as 2.6 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        if (job.path("offer") instanceof ObjectNode offer) {
            offer.putNull("across");
            offer.putNull("level");
            offer.putNull("upright");
        }
        return job;
    }
}
