package veldline.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.job.Photograph;

/**
 * Photographs in the folder beside a job. Each is named by what it holds, so that it is kept once however often it is
 * added, and nothing that was added is ever written over.
 */
public final class Album {
    /** A camera's largest pictures stay under this, bytes. */
    public static final long MOST_BYTES = 25_000_000;

    /** What the two kinds begin with: JPEG (ITU-T T.81, B.1.1.3) and PNG (ISO/IEC 15948, 5.2). */
    private enum Kind {
        JPG("ffd8ff"),
        PNG("89504e470d0a1a0a");

        private final byte[] start;

        Kind(String start) {
            this.start = HexFormat.of().parseHex(start);
        }

        static Optional<Kind> of(byte[] head) {
            return Arrays.stream(values())
                    .filter(k -> head.length >= k.start.length
                            && Arrays.equals(k.start, Arrays.copyOf(head, k.start.length)))
                    .findFirst();
        }
    }

    private Album() {}

    /**
     * Copies a photograph into the folder; the whole of it, or nothing.
     *
     * @throws FormatException when it is neither JPEG nor PNG, or larger than {@link #MOST_BYTES}
     * @throws IOException when it cannot be read or the folder takes no more
     */
    public static Photograph keep(Path photograph, Path folder) throws IOException, FormatException {
        try (InputStream in = Files.newInputStream(photograph)) {
            return keep(in, String.valueOf(photograph.getFileName()), folder);
        }
    }

    static Photograph keep(InputStream from, String called, Path folder) throws IOException, FormatException {
        Files.createDirectories(folder);
        Path temporary = Files.createTempFile(folder, ".veldline-", ".tmp");
        try {
            MessageDigest digest = digest();
            DigestInputStream in = new DigestInputStream(from, digest);
            byte[] head = in.readNBytes(8);
            Kind kind = Kind.of(head)
                    .orElseThrow(() -> new FormatException(
                            called + " is neither a JPEG nor a PNG photograph; save it as one of these"));
            Files.write(temporary, head);
            long bytes = head.length + append(in, temporary, MOST_BYTES - head.length);
            if (bytes > MOST_BYTES) {
                throw new FormatException(called + " is larger than " + MOST_BYTES / 1_000_000
                        + " MB; make a smaller copy of it and add that");
            }
            String sha = HexFormat.of().formatHex(digest.digest());
            String file = "photo-" + sha.substring(0, 12) + "." + kind.name().toLowerCase(java.util.Locale.ROOT);
            Files.move(temporary, folder.resolve(file), StandardCopyOption.REPLACE_EXISTING);
            return new Photograph(file, bytes, sha);
        } finally {
            Files.deleteIfExists(temporary);
        }
    }

    /** Stops one byte past the most that is taken, which is enough to know that it is too much. */
    private static long append(InputStream in, Path to, long most) throws IOException {
        try (var out = Files.newOutputStream(to, java.nio.file.StandardOpenOption.APPEND)) {
            byte[] buffer = new byte[1 << 16];
            long written = 0;
            for (int n = in.read(buffer); n >= 0 && written <= most; n = in.read(buffer)) {
                out.write(buffer, 0, n);
                written += n;
            }
            return written;
        }
    }

    /** Every photograph a job names, oldest line first. */
    static List<Photograph> of(Job job) {
        return job.log().stream()
                .flatMap(l -> l.photograph().stream())
                .distinct()
                .toList();
    }

    /** Brings what one folder has of a job's photographs to another; those in neither stay missing and can be seen so. */
    static void bring(Job job, Path from, Path to) throws IOException {
        for (Photograph p : of(job)) {
            Path there = from.resolve(p.file());
            if (Files.isRegularFile(there) && !Files.exists(to.resolve(p.file()))) {
                try {
                    keep(there, to);
                } catch (FormatException e) {
                    // It was one when it was added; what became of it since is not spread further.
                    continue;
                }
            }
        }
    }

    /** One sentence for each photograph that is not in the folder, or is not what it was. */
    static List<String> troubles(Job job, Path folder) {
        return of(job).stream()
                .filter(p -> !whole(p, folder.resolve(p.file())))
                .map(p -> "the photograph " + p.file()
                        + (Files.exists(folder.resolve(p.file()))
                                ? " was changed since it was added"
                                : " is not there"))
                .toList();
    }

    /** By its length: the sum of every byte would be read whenever a job is opened. */
    private static boolean whole(Photograph p, Path file) {
        try {
            return Files.size(file) == p.bytes();
        } catch (IOException e) {
            return false;
        }
    }

    static String sha256(byte[] bytes) {
        return HexFormat.of().formatHex(digest().digest(bytes));
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
