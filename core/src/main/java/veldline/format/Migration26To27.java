package veldline.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** From 2.6 to 2.7: an advert keeps the words it was read from, and antennas with an opening have more measures. */
final class Migration26To27 {
    private static final double C = 299_792_458.0;

    /**
     * What is appended to the measures of each family, in waves: a dish's other feeds and what is cut off it, nothing; a can's choke ring,
     * none.
     */
    private static final Map<String, List<Double>> WAVES =
            Map.of("dish", List.of(0.7, 0.9, 1.2, 0.45, 0.22, 0.0, 0.0), "can", List.of(0.0, 0.25));

    private static final int PATCH_LONG = 2;
    /** Until then a patch was as wide as sends well over what lay under it. */
    private static final double[] PERMITTIVITY = {1.04, 2.2, 4.4};
    /** Of a patch's length, what suits a quality of 14; until then corners were told and not counted. */
    private static final double CORNER = 1 / Math.sqrt(28);

    private Migration26To27() {}

    /** The job of a file of version 2.6 as 2.7 would have written it. */
    static ObjectNode apply(ObjectNode old) {
        ObjectNode job = old.deepCopy();
        if (job.path("offer") instanceof ObjectNode offer && !offer.has("words")) {
            offer.put("words", "");
        }
        JsonNode frequency = job.path("stations")
                .path(job.path("shown").asInt())
                .path("brief")
                .path("frequency");
        double hertz = value(frequency);
        for (String end : new String[] {"nearAntenna", "farAntenna"}) {
            if (job.path(end).path("kind").asText().equals("aperture")
                    && job.path(end).path("sizes") instanceof ArrayNode sizes
                    && hertz > 0) {
                more(job.path(end).path("family").asText(), sizes, C / hertz);
            }
        }
        return job;
    }

    /** Nothing where a file has no number there: what is wrong with it is told where it is read. */
    private static double value(JsonNode quantity) {
        try {
            return Quantity.of(
                            quantity.path("number").asText(),
                            Unit.valueOf(quantity.path("unit").asText()))
                    .value();
        } catch (IllegalArgumentException e) {
            return 0;
        }
    }

    private static void more(String family, ArrayNode sizes, double wave) {
        WAVES.getOrDefault(family, List.of()).forEach(w -> add(sizes, w * wave));
        if (family.equals("patches") && sizes.size() > PATCH_LONG) {
            int substrate = (int) Math.max(0, Math.min(PERMITTIVITY.length - 1, value(sizes.get(0))));
            add(sizes, wave / 2 * Math.sqrt(2 / (PERMITTIVITY[substrate] + 1)));
            add(sizes, CORNER * value(sizes.get(PATCH_LONG)));
        }
    }

    private static void add(ArrayNode sizes, double metres) {
        sizes.addObject()
                .put("number", String.format(Locale.ROOT, "%.2f", 1000 * metres))
                .put("unit", "MM");
    }
}
