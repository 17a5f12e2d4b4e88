package veldline.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.format.FormatException;
import veldline.format.ReadingsCsv;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.prove.Recording;
import veldline.prove.Stood;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A recording while it is made. Each reading is appended as it comes and forced to disk within the second, so that what
 * was heard before a crash is there after it; once the job holds the recording, the traces are taken away.
 */
public final class RunningRecording implements AutoCloseable {
    private static final String READINGS = "running.csv";
    private static final String ABOUT = "running.json";
    private static final long FORCE_NANOS = 1_000_000_000L;

    private final FileChannel out;
    private long forced = System.nanoTime();

    private RunningRecording(FileChannel out) {
        this.out = out;
    }

    /**
     * Begins one in the folder of a job.
     *
     * @param about the recording it is to become; its series counts for nothing
     */
    public static RunningRecording begin(Path folder, Recording about) throws IOException {
        Files.createDirectories(folder);
        ObjectNode told = new JsonMapper()
                .createObjectNode()
                .put("name", about.name())
                .put("setUp", about.setUp())
                .put("begun", about.begun().toString())
                .put("value", about.predicted().value())
                .put("doubt", about.predicted().doubt())
                .put("on", about.predicted().on().toString())
                .put("program", about.predicted().program());
        about.stood().ifPresent(s -> told.set("stood", stood(s)));
        Files.writeString(folder.resolve(ABOUT), told.toString());
        FileChannel out = FileChannel.open(
                folder.resolve(READINGS),
                StandardOpenOption.CREATE,
                StandardOpenOption.WRITE,
                StandardOpenOption.TRUNCATE_EXISTING);
        RunningRecording running = new RunningRecording(out);
        running.write(ReadingsCsv.write(new Series(List.of()), true));
        return running;
    }

    private static ObjectNode stood(Stood s) {
        ObjectNode told = new JsonMapper()
                .createObjectNode()
                .put("radios", s.radios())
                .put("antenna", s.antenna())
                .put("farAntenna", s.farAntenna())
                .put("runs", s.runs())
                .put("place", s.place())
                .put("scale", s.scale());
        s.heading().ifPresent(h -> put(told, "heading", h));
        Map.of("power", s.power(), "channel", s.channel(), "height", s.height())
                .forEach((name, q) -> put(told, name, q));
        return told;
    }

    private static void put(ObjectNode told, String name, Quantity q) {
        told.putObject(name).put("number", q.number()).put("unit", q.unit().name());
    }

    private static Optional<Stood> stood(JsonNode told) {
        return told.isObject()
                ? Optional.of(new Stood(
                        told.path("radios").asText(),
                        quantity(told.path("power")),
                        quantity(told.path("channel")),
                        told.path("antenna").asText(),
                        quantity(told.path("height")),
                        told.path("farAntenna").asText(),
                        told.path("runs").asText(),
                        told.path("place").asText(),
                        told.has("heading") ? Optional.of(quantity(told.path("heading"))) : Optional.empty(),
                        told.path("scale").asText()))
                : Optional.empty();
    }

    private static Quantity quantity(JsonNode told) {
        return Quantity.of(
                told.path("number").asText().replace('−', '-'),
                Unit.valueOf(told.path("unit").asText()));
    }

    public void add(Reading reading) throws IOException {
        String whole = ReadingsCsv.write(new Series(List.of(reading)), true);
        write(whole.substring(whole.indexOf('\n') + 1));
        if (System.nanoTime() - forced > FORCE_NANOS) {
            out.force(false);
            forced = System.nanoTime();
        }
    }

    private void write(String text) throws IOException {
        ByteBuffer bytes = ByteBuffer.wrap(text.getBytes(StandardCharsets.UTF_8));
        while (bytes.hasRemaining()) {
            out.write(bytes);
        }
    }

    @Override
    public void close() throws IOException {
        out.force(true);
        out.close();
    }

    /**
     * What a crash left in the folder of a job, named “cut short”.
     *
     * @return empty where nothing was left, or nothing that can be read
     */
    public static Optional<Recording> left(Path folder) {
        try {
            JsonNode about = new JsonMapper().readTree(Files.readString(folder.resolve(ABOUT)));
            Series series =
                    ReadingsCsv.read(Files.readString(folder.resolve(READINGS))).series();
            return Optional.of(new Recording(
                    "cut short: " + about.path("name").asText(),
                    about.path("setUp").asText(),
                    Instant.parse(about.path("begun").asText()),
                    new Recording.Quoted(
                            about.path("value").asDouble(),
                            about.path("doubt").asDouble(),
                            Instant.parse(about.path("on").asText()),
                            about.path("program").asText()),
                    series,
                    stood(about.path("stood"))));
        } catch (IOException | FormatException | DateTimeException | IllegalArgumentException e) {
            // Nothing is there, or it was cut off in its first line: there is nothing to keep.
            return Optional.empty();
        }
    }

    /** Takes the traces away; for when the job holds the recording, or it is not wanted. */
    public static void forget(Path folder) throws IOException {
        Files.deleteIfExists(folder.resolve(READINGS));
        Files.deleteIfExists(folder.resolve(ABOUT));
    }
}
