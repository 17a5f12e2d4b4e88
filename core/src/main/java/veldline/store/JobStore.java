package veldline.store;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;

/**
 * One job on disk: {@code NAME.veldline.json} and {@code NAME.files/} beside it. A write is either whole or not there:
 * the text goes to a temporary file, is forced to disk and takes the old one's name.
 */
public final class JobStore {
    private static final String ENDING = ".veldline.json";

    /** How many names are tried before giving up. */
    private static final int NAMES = 100;

    private Path file;
    private Optional<String> known = Optional.empty();
    private Optional<JsonNode> newer = Optional.empty();
    private Optional<Path> photographs = Optional.empty();
    private boolean damaged;
    private final JobFile.Told told = new JobFile.Told();

    public JobStore(Path file) {
        this.file = file.toAbsolutePath();
    }

    /** A store under a name that nothing has yet: {@code base}, or with a number behind it. */
    public static JobStore fresh(Path folder, String base) {
        Path file = folder.resolve(base + ENDING);
        for (int i = 2; Files.exists(file) && i < NAMES; i++) {
            file = folder.resolve(base + "-" + i + ENDING);
        }
        return new JobStore(file);
    }

    /** Where the job is; another name once a save had to keep clear of what stood there. */
    public synchronized Path file() {
        return file;
    }

    /** Where the recordings and photographs of the job lie. */
    public Path folder() {
        String name = file.getFileName().toString();
        String base = name.endsWith(ENDING) ? name.substring(0, name.length() - ENDING.length()) : name;
        return file.resolveSibling(base + ".files");
    }

    /** A store for the same job under another name; its photographs come along with the next save. */
    public JobStore as(Path other) {
        JobStore next = new JobStore(other);
        next.photographs = Optional.of(folder());
        return next;
    }

    /** One sentence for each photograph of the job that its folder lacks; they are looked for again at each opening. */
    public List<String> missingPhotographs(Job job) {
        return Album.troubles(job, folder());
    }

    /** When the file was last written; empty when there is none. */
    public Optional<Instant> lastSaved() {
        try {
            return Optional.of(Files.getLastModifiedTime(file).toInstant());
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /**
     * Every job file of the folder, this one among them, by name.
     *
     * @throws IOException when the folder cannot be read
     */
    public List<Path> beside() throws IOException {
        try (Stream<Path> files = Files.list(file.getParent())) {
            return files.filter(f -> f.getFileName().toString().endsWith(ENDING))
                    .sorted()
                    .toList();
        }
    }

    /**
     * @throws FormatException when the file is there but cannot be understood; it is left as it is
     * @throws IOException when it cannot be read
     */
    public Job open() throws IOException, FormatException {
        String text = Files.readString(file);
        Job job = JobFile.read(text, this::recording);
        remember(text, false, Optional.empty());
        return job;
    }

    /**
     * Opens what can be read of it. What was not whole is never written over: the next save goes to another name.
     *
     * @throws FormatException when not even the job itself can be understood
     */
    public JobFile.Opened openWhatCanBe() throws IOException, FormatException {
        String text = Files.readString(file);
        JobFile.Opened opened = JobFile.readWhatCanBe(text, this::recording);
        remember(text, !opened.troubles().isEmpty(), opened.newer());
        return opened;
    }

    private String recording(String name) throws IOException {
        return Files.readString(folder().resolve(name));
    }

    private synchronized void remember(String text, boolean isDamaged, Optional<JsonNode> isNewer) {
        known = Optional.of(text);
        damaged = isDamaged;
        newer = isNewer;
    }

    /**
     * Tells the job once and writes nothing. The first telling of a program takes up to a second on a slow machine, since
     * every kind of record is looked at; a crash in that second would take the first edits with it.
     */
    public synchronized void prepare(Job job) {
        JobFile.write(job, newer, told);
    }

    /**
     * Writes recordings first, then the job that names them, so that a crash between leaves the old job whole. What
     * another window wrote meanwhile, or what could not be read whole, is left as it is, and the job goes to a new name.
     *
     * @return a sentence when it went to a new name
     */
    public synchronized Optional<String> save(Job job) throws IOException {
        JobFile.Parts parts = JobFile.write(job, newer, told);
        if (file.getParent() != null) {
            Files.createDirectories(file.getParent());
        }
        Path was = folder();
        Optional<String> moved = keepClear();
        if (moved.isPresent()) {
            photographs = Optional.of(was);
        }
        for (Map.Entry<String, String> r : parts.recordings().entrySet()) {
            Path target = folder().resolve(r.getKey());
            if (!Files.exists(target)) {
                Files.createDirectories(folder());
                writeWhole(target, r.getValue());
            }
        }
        if (photographs.isPresent()) {
            Album.bring(job, photographs.get(), folder());
            photographs = Optional.empty();
        }
        writeWhole(file, parts.json());
        remember(parts.json(), false, newer);
        return moved;
    }

    private Optional<String> keepClear() throws IOException {
        boolean changed = known.isPresent()
                && Files.exists(file)
                && !Files.readString(file).equals(known.get());
        if (!changed && !damaged) {
            return Optional.empty();
        }
        String was = file.getFileName().toString();
        file = freeName();
        return Optional.of(was + (damaged ? " could not be read whole" : " was changed by another window")
                + " and is left as it is; this job is now " + file.getFileName());
    }

    private Path freeName() throws IOException {
        String base = file.getFileName().toString().replace(ENDING, "").replaceFirst(" \\(\\d+\\)$", "");
        for (int i = 2; i < NAMES; i++) {
            Path next = file.resolveSibling(base + " (" + i + ")" + ENDING);
            if (!Files.exists(next)) {
                return next;
            }
        }
        throw new IOException("There are " + NAMES + " jobs called " + base + " here; save it elsewhere");
    }

    private static void writeWhole(Path target, String text) throws IOException {
        Path temporary = Files.createTempFile(target.getParent(), ".veldline-", ".tmp");
        try {
            try (FileChannel out = FileChannel.open(temporary, StandardOpenOption.WRITE)) {
                ByteBuffer bytes = ByteBuffer.wrap(text.getBytes(StandardCharsets.UTF_8));
                while (bytes.hasRemaining()) {
                    out.write(bytes);
                }
                out.force(true);
            }
            try {
                Files.move(temporary, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } catch (AtomicMoveNotSupportedException e) {
                Files.move(temporary, target, StandardCopyOption.REPLACE_EXISTING);
            }
        } finally {
            Files.deleteIfExists(temporary);
        }
    }
}
