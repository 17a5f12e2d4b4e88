package veldline.format;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.NoSuchFileException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
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
    public static final int MAJOR = 1;
    public static final int MINOR = 0;

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

    private JobFile() {}

    public static Parts write(Job job) {
        Map<String, String> recordings = new LinkedHashMap<>();
        JsonMapper mapper = mapper(
                new JsonSerializer<Series>() {
                    @Override
                    public void serialize(Series series, JsonGenerator out, SerializerProvider p) throws IOException {
                        String csv = ReadingsCsv.write(series);
                        String name = "recording-" + sha256(csv).substring(0, 12) + ".csv";
                        recordings.put(name, csv);
                        out.writeStartObject();
                        out.writeStringField("file", name);
                        out.writeNumberField("bytes", csv.getBytes(StandardCharsets.UTF_8).length);
                        out.writeStringField("sha256", sha256(csv));
                        out.writeEndObject();
                    }
                },
                null);
        ObjectNode root = mapper.createObjectNode();
        root.put("format", "veldline job");
        root.put("version", MAJOR + "." + MINOR);
        root.set("job", mapper.valueToTree(job));
        try {
            return new Parts(mapper.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n", recordings);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A job could not be written as JSON", e);
        }
    }

    /**
     * A job as far as it could be read.
     *
     * @param troubles what could not, one sentence each; empty when all of it could
     */
    public record Opened(Job job, List<String> troubles) {
        public Opened {
            troubles = List.copyOf(troubles);
        }
    }

    /** @throws FormatException naming the place, what stands there and what would be right */
    public static Job read(String json, Folder folder) throws FormatException {
        return read(json, folder, Optional.empty());
    }

    /**
     * Reads what can be read: a recording that is gone or was changed is left empty and told of, the rest stands.
     *
     * @throws FormatException when the job itself cannot be understood
     */
    public static Opened readWhatCanBe(String json, Folder folder) throws FormatException {
        List<String> troubles = new ArrayList<>();
        Job job = read(json, folder, Optional.of(troubles));
        return new Opened(job, troubles);
    }

    private static Job read(String json, Folder folder, Optional<List<String>> troubles) throws FormatException {
        JsonMapper mapper = mapper(null, new JsonDeserializer<Series>() {
            @Override
            public Series deserialize(JsonParser in, DeserializationContext c) throws IOException {
                JsonNode node = in.readValueAsTree();
                try {
                    return series(
                            node.path("file").asText(), node.path("sha256").asText(), folder);
                } catch (IOException e) {
                    if (troubles.isEmpty()) {
                        throw e;
                    }
                    troubles.get().add(why(node.path("file").asText(), e));
                    return new Series(List.of());
                }
            }
        });
        try {
            JsonNode root = mapper.readTree(json);
            if (root == null || !root.path("format").asText().equals("veldline job")) {
                throw new FormatException(
                        "This is not a Veldline job; its first field must be “format”: “veldline job”");
            }
            String version = root.path("version").asText();
            if (!version.matches("\\d+\\.\\d+")) {
                throw new FormatException("The file's version is “" + version + "”; it must be like 1.0");
            }
            if (Integer.parseInt(version.split("\\.")[0]) > MAJOR) {
                throw new FormatException(
                        "The file is of version " + version + ", made by a newer program; this one reads " + MAJOR + "."
                                + MINOR + ". Open it with the newer program");
            }
            if (!root.path("job").isObject()) {
                throw new FormatException("The file holds no “job”; it may have been cut short. Open an older copy");
            }
            return mapper.treeToValue(root.get("job"), Job.class);
        } catch (JsonMappingException e) {
            throw new FormatException("At " + path(e) + ": " + plain(e));
        } catch (JsonProcessingException e) {
            String where =
                    e.getLocation() == null ? "" : "Line " + e.getLocation().getLineNr() + ": ";
            throw new FormatException(where + "the file breaks off or is not JSON: " + e.getOriginalMessage());
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

    private static String path(JsonMappingException e) {
        StringBuilder text = new StringBuilder();
        for (JsonMappingException.Reference r : e.getPath()) {
            text.append(
                    r.getFieldName() == null
                            ? "[" + r.getIndex() + "]"
                            : (text.isEmpty() ? "" : ".") + r.getFieldName());
        }
        return text.isEmpty() ? "the job" : text.toString();
    }

    private static String plain(JsonMappingException e) {
        Throwable cause = e;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String message = cause instanceof JsonProcessingException p ? p.getOriginalMessage() : cause.getMessage();
        return message == null ? "something is missing" : message.split("\n")[0].replaceAll("veldline\\.[a-z.]*", "");
    }

    private static JsonMapper mapper(JsonSerializer<Series> out, JsonDeserializer<Series> in) {
        SimpleModule module = new SimpleModule();
        if (out != null) {
            module.addSerializer(Series.class, out);
        }
        if (in != null) {
            module.addDeserializer(Series.class, in);
        }
        return JsonMapper.builder()
                .addModule(new Jdk8Module())
                .addModule(new JavaTimeModule())
                .addModule(module)
                .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
                .disable(MapperFeature.AUTO_DETECT_IS_GETTERS, MapperFeature.AUTO_DETECT_GETTERS)
                .visibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
                // A newer minor version may have fields this one does not know.
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .build();
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
