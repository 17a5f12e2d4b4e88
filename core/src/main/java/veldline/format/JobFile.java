package veldline.format;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.util.TokenBuffer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.NoSuchFileException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.job.Job;
import veldline.measure.Series;

/**
 * A job as JSON with its recordings beside it. The JSON names each recording by file, length and SHA-256; the readings
 * themselves stand in CSV files of a sibling folder. docs/job-file.md describes the schema.
 */
public final class JobFile {
    public static final int MAJOR = Integer.parseInt(Job.FORMAT.split("\\.")[0]);
    public static final int MINOR = Integer.parseInt(Job.FORMAT.split("\\.")[1]);

    /**
     * A job taken apart for writing.
     *
     * @param json the small file
     * @param recordings CSV texts by file name
     */
    public record Parts(String json, Map<String, String> recordings) {}

    /** Where the readings of an opened job come from. */
    public interface Folder {
        /** @throws IOException when there is no such file */
        String text(String name) throws IOException;
    }

    /** Each looks at the records once; a new one for every save took longer than the save. */
    private static final JsonMapper WRITER = RecordMapper.writing(Series.class, new SeriesWriter());

    private static final JsonMapper READER = RecordMapper.reading(Series.class, new SeriesReader());

    private JobFile() {}

    public static Parts write(Job job) {
        return write(job, Optional.empty(), new Told());
    }

    /** Texts of recordings that were written before: a recording never changes, and telling it anew takes most of a save. */
    public static final class Told {
        private record Text(String name, String csv, String sum) {
            static Text of(Series series) {
                String csv = ReadingsCsv.write(series);
                String sum = sha256(csv);
                return new Text("recording-" + sum.substring(0, 12) + ".csv", csv, sum);
            }
        }

        private Map<Series, Text> before = new IdentityHashMap<>();
        private Map<Series, Text> now = new IdentityHashMap<>();

        /** What the last save did not tell is forgotten. */
        private void begin() {
            before = now;
            now = new IdentityHashMap<>();
        }

        private Text of(Series series) {
            Text text = Optional.ofNullable(before.get(series)).orElseGet(() -> Text.of(series));
            now.put(series, text);
            return text;
        }
    }

    /**
     * Writes a job that was read from a file of a newer minor version: fields of it that this program does not know are
     * kept where they stood, and so is its version.
     *
     * @param newer the file as it was read
     * @param told kept from one save to the next
     */
    public static Parts write(Job job, Optional<JsonNode> newer, Told told) {
        told.begin();
        Recordings recordings = new Recordings(new LinkedHashMap<>(), told);
        try (TokenBuffer fields = new TokenBuffer(WRITER, false)) {
            WRITER.writer().withAttribute(Recordings.class, recordings).writeValue(fields, job);
            ObjectNode root = WRITER.createObjectNode();
            root.put("format", "veldline job");
            root.put("version", Job.FORMAT);
            root.set("job", WRITER.readTree(fields.asParser()));
            newer.ifPresent(n -> {
                root.set("version", n.path("version"));
                keepUnknown(n, root);
            });
            String json = WRITER.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
            return new Parts(json, recordings.byName);
        } catch (IOException e) {
            throw new IllegalStateException("A job could not be written as JSON", e);
        }
    }

    /** What one writing has found; the mapper itself knows of none. */
    private record Recordings(Map<String, String> byName, Told told) {}

    /** A recording as its file's name, length and sum; its text is put aside. */
    private static final class SeriesWriter extends JsonSerializer<Series> {
        @Override
        public void serialize(Series series, JsonGenerator out, SerializerProvider p) throws IOException {
            Recordings recordings = (Recordings) p.getAttribute(Recordings.class);
            Told.Text text = recordings.told.of(series);
            recordings.byName.put(text.name, text.csv);
            out.writeStartObject();
            out.writeStringField("file", text.name);
            out.writeNumberField("bytes", text.csv.getBytes(StandardCharsets.UTF_8).length);
            out.writeStringField("sha256", text.sum);
            out.writeEndObject();
        }
    }

    /** Copies what stands in one tree and has no counterpart in the other; lists only where they are of one length. */
    private static void keepUnknown(JsonNode from, JsonNode into) {
        if (from instanceof ObjectNode old && into instanceof ObjectNode fresh) {
            for (Map.Entry<String, JsonNode> field : old.properties()) {
                if (fresh.has(field.getKey())) {
                    keepUnknown(field.getValue(), fresh.get(field.getKey()));
                } else {
                    fresh.set(field.getKey(), field.getValue());
                }
            }
        } else if (from.isArray() && into.isArray() && from.size() == into.size()) {
            for (int i = 0; i < from.size(); i++) {
                keepUnknown(from.get(i), into.get(i));
            }
        }
    }

    /**
     * A job as far as it could be read.
     *
     * @param troubles what could not, one sentence each; empty when all of it could
     * @param newer the file itself, where a newer minor version wrote it
     */
    public record Opened(Job job, List<String> troubles, Optional<JsonNode> newer) {
        public Opened {
            troubles = List.copyOf(troubles);
        }
    }

    /** @throws FormatException naming the place, what stands there and what would be right */
    public static Job read(String json, Folder folder) throws FormatException {
        return read(json, folder, Optional.empty()).job();
    }

    /**
     * Reads what can be read: a recording that is gone or was changed is left empty and told of, a file of a newer major
     * version is read as far as it is understood and told of; the rest stands.
     *
     * @throws FormatException when the job itself cannot be understood
     */
    public static Opened readWhatCanBe(String json, Folder folder) throws FormatException {
        return read(json, folder, Optional.of(new ArrayList<>()));
    }

    private static Opened read(String json, Folder folder, Optional<List<String>> troubles) throws FormatException {
        try {
            JsonNode root = READER.readTree(json);
            if (root == null || !root.path("format").asText().equals("veldline job")) {
                throw new FormatException(
                        "This is not a Veldline job; its first field must be “format”: “veldline job”");
            }
            String version = root.path("version").asText();
            if (!version.matches("\\d{1,6}\\.\\d{1,6}")) {
                throw new FormatException("The file's version is “" + version + "”; it must be like " + Job.FORMAT);
            }
            int major = Integer.parseInt(version.split("\\.")[0]);
            int minor = Integer.parseInt(version.split("\\.")[1]);
            if (major > MAJOR) {
                newerMajor(version, troubles);
            }
            if (!(root.path("job") instanceof ObjectNode node)) {
                throw new FormatException("The file holds no “job”; it may have been cut short. Open an older copy");
            }
            Job job = READER.readerFor(Job.class)
                    .withAttribute(Source.class, new Source(folder, troubles))
                    .readValue(migrated(node, major, minor));
            boolean newer = major == MAJOR && minor > MINOR;
            return new Opened(job, troubles.orElse(List.of()), newer ? Optional.of(root) : Optional.empty());
        } catch (JsonMappingException e) {
            throw new FormatException("At " + RecordMapper.where(e, "the job") + ": " + RecordMapper.plain(e));
        } catch (JsonProcessingException e) {
            String where =
                    e.getLocation() == null ? "" : "Line " + e.getLocation().getLineNr() + ": ";
            throw new FormatException(where + "the file breaks off or is not JSON: " + e.getOriginalMessage());
        } catch (IOException e) {
            throw new FormatException(e.getMessage());
        }
    }

    /** One step after the other, from the file's version to this program's. */
    private static ObjectNode migrated(ObjectNode job, int major, int minor) {
        ObjectNode two = major < 2 ? Migration1To2.apply(job) : job;
        ObjectNode one = major < 2 || major == 2 && minor < 1 ? Migration2To21.apply(two) : two;
        ObjectNode outside = major < 2 || major == 2 && minor < 2 ? Migration21To22.apply(one) : one;
        ObjectNode way = major < 2 || major == 2 && minor < 3 ? Migration22To23.apply(outside) : outside;
        ObjectNode hops = major < 2 || major == 2 && minor < 4 ? Migration23To24.apply(way) : way;
        ObjectNode locks = major < 2 || major == 2 && minor < 5 ? Migration24To25.apply(hops) : hops;
        ObjectNode openings = major < 2 || major == 2 && minor < 6 ? Migration25To26.apply(locks) : locks;
        ObjectNode words = major < 2 || major == 2 && minor < 7 ? Migration26To27.apply(openings) : openings;
        ObjectNode waves = major < 2 || major == 2 && minor < 8 ? Migration27To28.apply(words) : words;
        ObjectNode sweeps = major < 2 || major == 2 && minor < 9 ? Migration28To29.apply(waves) : waves;
        ObjectNode draws = major < 2 || major == 2 && minor < 10 ? Migration29To210.apply(sweeps) : sweeps;
        ObjectNode tests = major < 2 || major == 2 && minor < 11 ? Migration210To211.apply(draws) : draws;
        return major < 2 || major == 2 && minor < 12 ? Migration211To212.apply(tests) : tests;
    }

    private static void newerMajor(String version, Optional<List<String>> troubles) throws FormatException {
        String made = "the file is of version " + version + ", made by a newer program; this one reads " + MAJOR + "."
                + MINOR;
        if (troubles.isEmpty()) {
            throw new FormatException(made + ". Open it with the newer program");
        }
        troubles.get().add(made + " and may show it wrongly");
    }

    /** Where one reading finds its recordings, and where it tells of those it does not. */
    private record Source(Folder folder, Optional<List<String>> troubles) {}

    private static final class SeriesReader extends JsonDeserializer<Series> {
        @Override
        public Series deserialize(JsonParser in, DeserializationContext c) throws IOException {
            Source source = (Source) c.getAttribute(Source.class);
            JsonNode node = in.readValueAsTree();
            try {
                return series(node.path("file").asText(), node.path("sha256").asText(), source.folder);
            } catch (IOException e) {
                if (source.troubles.isEmpty()) {
                    throw e;
                }
                source.troubles.get().add(why(node.path("file").asText(), e));
                return new Series(List.of());
            }
        }
    }

    private static String why(String file, IOException e) {
        return e instanceof NoSuchFileException ? "the recording " + file + " is not there" : e.getMessage();
    }

    private static Series series(String file, String sha, Folder folder) throws IOException {
        if (!file.matches("[A-Za-z0-9._-]+") || file.startsWith(".")) {
            throw new IOException("the recording “" + file + "” is not a plain file name");
        }
        String csv = folder.text(file);
        if (!sha256(csv).equals(sha)) {
            throw new IOException("the recording " + file + " was changed since it was made");
        }
        // A recording that was lost is kept as an empty one, so that what was said of it stays.
        if (csv.lines().count() <= 1) {
            return new Series(List.of());
        }
        try {
            return ReadingsCsv.read(csv).series();
        } catch (FormatException e) {
            throw new IOException(file + ": " + e.getMessage(), e);
        }
    }

    /** SHA-256 of a text in UTF-8, lower-case hexadecimal. */
    static String sha256(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
