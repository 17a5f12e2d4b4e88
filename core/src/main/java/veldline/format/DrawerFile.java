package veldline.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import veldline.feed.Drawer;
import veldline.feed.FeedPart;
import veldline.feed.Holdings;
import veldline.job.Job;

/**
 * A workshop's drawer as JSON, to carry from one job and one bench to the next: {@code own}, parts with the source and date of their
 * figures, and {@code held}, how many there are of what. Fields are those of {@link Holdings}; docs/job-file.md describes them.
 */
public final class DrawerFile {
    /** What a file's name ends in. */
    public static final String ENDING = ".drawer.json";

    private static final JsonMapper MAPPER = RecordMapper.ready();
    private static final String FORMAT = "veldline drawer";

    private DrawerFile() {}

    public static String write(Holdings holdings) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT);
        root.put("version", Job.FORMAT);
        root.set("drawer", MAPPER.valueToTree(holdings));
        return root.toPrettyString() + "\n";
    }

    /** @throws FormatException naming the place, what stands there and what would be right */
    public static Holdings read(String json) throws FormatException {
        try {
            JsonNode root = MAPPER.readTree(json);
            if (root == null || !root.path("format").asText().equals(FORMAT)) {
                throw new FormatException(
                        "This is not a Veldline drawer; its first field must be “format”: “" + FORMAT + "”");
            }
            Holdings holdings = MAPPER.treeToValue(root.path("drawer"), Holdings.class);
            if (holdings == null) {
                throw new FormatException("The file has no “drawer”");
            }
            check(holdings);
            return holdings;
        } catch (JsonMappingException e) {
            throw new FormatException("At " + RecordMapper.where(e, "the drawer") + ": " + RecordMapper.plain(e));
        } catch (JsonProcessingException e) {
            throw new FormatException("The file breaks off or is not JSON: " + e.getOriginalMessage());
        }
    }

    /** Counts of parts that neither drawer has would never be seen. */
    private static void check(Holdings holdings) throws FormatException {
        List<String> known = holdings.parts().stream().map(FeedPart::id).toList();
        for (Holdings.Held h : holdings.held()) {
            if (!known.contains(h.id())) {
                throw new FormatException("“" + h.id() + "” is counted, but no part has that number; it is none of the "
                        + Drawer.parts().size() + " that ship and none of the file's own");
            }
        }
    }
}
