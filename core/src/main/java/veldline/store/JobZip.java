package veldline.store;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import veldline.format.FormatException;
import veldline.format.HandOver;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.Photograph;

/**
 * A job with its recordings and photographs as one zip, for sending, and beside it what was measured in open forms. Reading trusts nothing: every name must be a plain one, sizes are
 * counted as they unpack, and nothing is written before the job in it has been understood.
 */
public final class JobZip {
    private static final String ENDING = ".veldline.json";

    /** A job with years of recordings stays far under these. */
    static final long MOST_BYTES = 200_000_000;

    static final int MOST_FILES = 2_000;

    /** What is read along with the job; photographs are unpacked once it is understood, anything else is passed over. */
    private static final String RECORDING = "recording-[0-9a-f]{12}\\.csv";

    private JobZip() {}

    /**
     * Writes a job, its recordings and its photographs; the whole of it, or nothing under that name.
     *
     * @param folder where the photographs are; one that is not there is left out
     */
    public static void write(Job job, String name, Path folder, Path zip) throws IOException {
        JobFile.Parts parts = JobFile.write(job);
        Path temporary = Files.createTempFile(zip.toAbsolutePath().getParent(), ".veldline-", ".tmp");
        try {
            try (OutputStream out = Files.newOutputStream(temporary);
                    ZipOutputStream to = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                put(to, name + ENDING, parts.json());
                for (Map.Entry<String, String> r : parts.recordings().entrySet()) {
                    put(to, name + ".files/" + r.getKey(), r.getValue());
                }
                for (Map.Entry<String, String> h : HandOver.of(job).entrySet()) {
                    put(to, name + ".hand-over/" + h.getKey(), h.getValue());
                }
                for (Photograph p : Album.of(job)) {
                    if (Files.isRegularFile(folder.resolve(p.file()))) {
                        to.putNextEntry(new ZipEntry(name + ".files/" + p.file()));
                        Files.copy(folder.resolve(p.file()), to);
                        to.closeEntry();
                    }
                }
            }
            Files.move(temporary, zip, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(temporary);
        }
    }

    private static void put(ZipOutputStream to, String name, String text) throws IOException {
        to.putNextEntry(new ZipEntry(name));
        to.write(text.getBytes(StandardCharsets.UTF_8));
        to.closeEntry();
    }

    /**
     * Reads a job out of a zip; touches no file but the zip.
     *
     * @throws FormatException when it holds no job, too much, or what cannot be understood
     * @throws IOException when it cannot be read
     */
    public static JobFile.Opened read(Path zip) throws IOException, FormatException {
        try (InputStream in = Files.newInputStream(zip)) {
            return read(in);
        }
    }

    /**
     * Unpacks the photographs that a job out of this zip names, and nothing else. One that is not what the job says is
     * left out.
     *
     * @return one sentence for each that was not unpacked
     */
    public static List<String> unpackPhotographs(Path zip, Job job, Path folder) throws IOException, FormatException {
        Map<String, Photograph> wanted = new LinkedHashMap<>();
        Album.of(job).forEach(p -> wanted.put(p.file(), p));
        long left = MOST_BYTES;
        try (ZipInputStream from = new ZipInputStream(Files.newInputStream(zip), StandardCharsets.UTF_8)) {
            for (ZipEntry e = from.getNextEntry(); e != null; e = from.getNextEntry()) {
                Photograph p = wanted.get(e.getName().substring(e.getName().lastIndexOf('/') + 1));
                if (p == null) {
                    left = skipped(from, left);
                    continue;
                }
                byte[] bytes = unpacked(from, Math.min(left, Album.MOST_BYTES));
                left -= bytes.length;
                if (p.sha256().equals(Album.sha256(bytes))) {
                    Album.keep(new ByteArrayInputStream(bytes), p.file(), folder);
                    wanted.remove(p.file());
                }
            }
        }
        return wanted.keySet().stream()
                .map(f -> "the photograph " + f + " is not in the zip as it was")
                .toList();
    }

    static JobFile.Opened read(InputStream in) throws IOException, FormatException {
        Map<String, String> texts = new LinkedHashMap<>();
        Optional<String> json = Optional.empty();
        long left = MOST_BYTES;
        try (ZipInputStream from = new ZipInputStream(in, StandardCharsets.UTF_8)) {
            int files = 0;
            for (ZipEntry e = from.getNextEntry(); e != null; e = from.getNextEntry()) {
                if (++files > MOST_FILES) {
                    throw new FormatException("The zip holds more than " + MOST_FILES + " files; a job has far fewer");
                }
                String name = e.getName().substring(e.getName().lastIndexOf('/') + 1);
                boolean isJob = name.endsWith(ENDING) && !name.startsWith(".");
                if (e.isDirectory() || !isJob && !name.matches(RECORDING)) {
                    left = skipped(from, left);
                    continue;
                }
                byte[] bytes = unpacked(from, left);
                left -= bytes.length;
                String text = new String(bytes, StandardCharsets.UTF_8);
                if (isJob) {
                    if (json.isPresent()) {
                        throw new FormatException("The zip holds more than one job; take it apart and open one");
                    }
                    json = Optional.of(text);
                } else {
                    texts.put(name, text);
                }
            }
        } catch (ZipException | EOFException | IllegalArgumentException e) {
            throw new FormatException(
                    "The zip is damaged: " + Optional.ofNullable(e.getMessage()).orElse("it breaks off"));
        }
        Map<String, String> recordings = new HashMap<>(texts);
        return JobFile.readWhatCanBe(
                json.orElseThrow(() -> new FormatException("The zip holds no file that ends in " + ENDING)),
                name -> Optional.ofNullable(recordings.get(name))
                        .orElseThrow(() -> new java.nio.file.NoSuchFileException(name)));
    }

    private static long skipped(InputStream in, long left) throws IOException, FormatException {
        byte[] buffer = new byte[8192];
        for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
            left = within(left - n);
        }
        return left;
    }

    private static byte[] unpacked(InputStream in, long left) throws IOException, FormatException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] buffer = new byte[8192];
        for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
            left = within(left - n);
            out.write(buffer, 0, n);
        }
        return out.toByteArray();
    }

    private static long within(long left) throws FormatException {
        if (left < 0) {
            throw new FormatException(
                    "The zip unpacks to more than " + MOST_BYTES / 1_000_000 + " MB; a job has far less");
        }
        return left;
    }
}
