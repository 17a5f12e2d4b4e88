package veldline.format;

import java.io.IOException;
import java.io.Reader;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import veldline.path.Elevations;
import veldline.path.Profile;

/** The ground along a way from whatever file holds it: a table, an elevation grid, a tile, a walked track. */
public final class GroundFile {
    /** A longer table or track is no profile of a way. */
    private static final long MOST_BYTES = 64L << 20;

    private static final double ABOUT = 0.02;

    /**
     * Where the way runs, degrees.
     *
     * @param lat1 of the near end
     */
    public record Ends(double lat1, double lon1, double lat2, double lon2) {}

    private GroundFile() {}

    /**
     * @param goOn asked now and then; false stops the reading
     * @throws FormatException in a sentence, with what would be right
     */
    public static Profile read(Path file, Ends ends, BooleanSupplier goOn) throws IOException, FormatException {
        String name = file.getFileName().toString();
        String kind = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (Files.size(file) == 0) {
            throw new FormatException("The file is empty");
        }
        try {
            return switch (kind) {
                case "csv", "txt" -> table(file, name);
                case "gpx" -> track(file, name);
                case "asc" -> grid(file, name, ends, goOn);
                case "hgt" -> tile(file, name, ends);
                default -> throw new FormatException("“." + kind + "” is no ground; give .csv, .asc, .hgt or .gpx");
            };
        } catch (IllegalArgumentException e) {
            throw new FormatException(e.getMessage());
        } catch (MalformedInputException e) {
            throw new FormatException("The file is not text in UTF-8");
        }
    }

    private static void small(Path file) throws IOException, FormatException {
        if (Files.size(file) > MOST_BYTES) {
            throw new FormatException("The file has " + (Files.size(file) >> 20) + " MB; a table or track has up to "
                    + (MOST_BYTES >> 20) + ". Save the part that is wanted alone");
        }
    }

    private static Profile table(Path file, String name) throws IOException, FormatException {
        small(file);
        char separator;
        try (var lines = Files.lines(file)) {
            separator = lines.findFirst().orElse("").contains(";") ? ';' : ',';
        } catch (java.io.UncheckedIOException e) {
            throw new FormatException("The file is not text in UTF-8");
        }
        try (Reader in = Files.newBufferedReader(file)) {
            return ProfileCsv.read(in, separator, name);
        }
    }

    private static Profile track(Path file, String name) throws IOException, FormatException {
        small(file);
        try (Reader in = Files.newBufferedReader(file)) {
            return GpxTrack.profile(in, name);
        }
    }

    private static Profile grid(Path file, String name, Ends e, BooleanSupplier goOn)
            throws IOException, FormatException {
        AsciiGrid.Window window = new AsciiGrid.Window(e.lat1, e.lon1, e.lat2, e.lon2, ABOUT);
        try (Reader in = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            return AsciiGrid.read(in, window, goOn).between(e.lat1, e.lon1, e.lat2, e.lon2, name);
        }
    }

    /** The tile, and the one beside it where the way leaves the first. */
    private static Profile tile(Path file, String name, Ends e) throws IOException, FormatException {
        Elevations ground = one(file);
        for (String other : new String[] {HgtTile.name(e.lat1, e.lon1), HgtTile.name(e.lat2, e.lon2)}) {
            Path beside = file.resolveSibling(other);
            if (!other.equalsIgnoreCase(name) && Files.isRegularFile(beside)) {
                ground = HgtTile.joined(ground, one(beside));
            }
        }
        return ground.between(e.lat1, e.lon1, e.lat2, e.lon2, name);
    }

    private static Elevations one(Path file) throws IOException, FormatException {
        small(file);
        return HgtTile.read(file.getFileName().toString(), Files.readAllBytes(file));
    }
}
