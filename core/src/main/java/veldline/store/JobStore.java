package veldline.store;

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

    private final Path file;

    public JobStore(Path file) {
        this.file = file.toAbsolutePath();
    }

    public Path file() {
        return file;
    }

    private Path folder() {
        String name = file.getFileName().toString();
        String base = name.endsWith(ENDING) ? name.substring(0, name.length() - ENDING.length()) : name;
        return file.resolveSibling(base + ".files");
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
        return JobFile.read(Files.readString(file), name -> Files.readString(folder().resolve(name)));
    }

    /** Writes recordings first, then the job that names them, so that a crash between leaves the old job whole. */
    public void save(Job job) throws IOException {
        JobFile.Parts parts = JobFile.write(job);
        if (file.getParent() != null) {
            Files.createDirectories(file.getParent());
        }
        for (Map.Entry<String, String> r : parts.recordings().entrySet()) {
            Path target = folder().resolve(r.getKey());
            if (!Files.exists(target)) {
                Files.createDirectories(folder());
                writeWhole(target, r.getValue());
            }
        }
        writeWhole(file, parts.json());
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
