package veldline.format;

import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import veldline.path.Profile;

/**
 * The ground along the way as a table: a distance column ({@code distance_m}, {@code distance_km}) and a height
 * ({@code height_m}, {@code elevation_ft}), found by their headings.
 */
public final class ProfileCsv {
    private static final double FOOT = 0.3048;
    private static final double MILE = 1609.344;

    private ProfileCsv() {}

    /** A column and what its numbers are counted in, metres. */
    private record Column(String name, double metres) {}

    /** @param source what to call it */
    public static Profile read(Reader in, char separator, String source) throws FormatException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setAllowMissingColumnNames(true)
                .get();
        try (CSVParser parser = format.parse(in)) {
            List<String> names = parser.getHeaderNames();
            Column along = column(names, "distance", "dist", "along", "d").orElseThrow(() -> none("distance", names));
            Column height =
                    column(names, "height", "elevation", "ele", "ground", "h").orElseThrow(() -> none("height", names));
            return rows(parser, along, height, separator == ';', source);
        } catch (IllegalArgumentException | IOException | java.io.UncheckedIOException e) {
            throw new FormatException("This is not a table of the ground: " + e.getMessage()
                    + ". Give a first line of headings such as distance_m,height_m");
        }
    }

    private static FormatException none(String what, List<String> names) {
        return new FormatException("No column is headed " + what + "_m; there are: " + String.join(", ", names)
                + ". Head the two columns distance_m and height_m");
    }

    private static Optional<Column> column(List<String> names, String... known) {
        for (String k : known) {
            for (String n : names) {
                String plain = n.strip().toLowerCase(Locale.ROOT);
                if (plain.equals(k) || plain.startsWith(k + "_") || plain.startsWith(k + " ")) {
                    return Optional.of(new Column(n, unit(plain)));
                }
            }
        }
        return Optional.empty();
    }

    private static double unit(String heading) {
        return heading.endsWith("km")
                ? 1000
                : heading.endsWith("ft") || heading.endsWith("feet") ? FOOT : heading.matches(".*[_ ]mi") ? MILE : 1;
    }

    private static Profile rows(CSVParser parser, Column along, Column height, boolean comma, String source)
            throws FormatException {
        List<Double> places = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        for (CSVRecord r : parser) {
            if (places.size() >= Profile.MOST) {
                throw new FormatException("The table has more than " + Profile.MOST + " points; thin it out");
            }
            places.add(number(r, along, comma));
            heights.add(number(r, height, comma));
        }
        if (places.isEmpty()) {
            throw new FormatException("No line holds a point. Give lines such as 250,3.5");
        }
        double first = places.get(0);
        try {
            return new Profile(source, places.stream().map(p -> p - first).toList(), heights);
        } catch (IllegalArgumentException e) {
            throw new FormatException(e.getMessage());
        }
    }

    private static double number(CSVRecord r, Column c, boolean comma) throws FormatException {
        String cell = r.isSet(c.name) ? r.get(c.name).replace('−', '-') : "";
        try {
            double v = Double.parseDouble(comma ? cell.replace(',', '.') : cell);
            if (Double.isFinite(v)) {
                return v * c.metres;
            }
        } catch (NumberFormatException e) {
            throw new FormatException(
                    "Line " + (r.getRecordNumber() + 1) + " says “" + cell + "” where a number belongs");
        }
        throw new FormatException("Line " + (r.getRecordNumber() + 1) + " says “" + cell + "” where a number belongs");
    }

    /** The form the program writes itself. */
    public static String write(Profile p) {
        StringBuilder text = new StringBuilder("distance_m,height_m\n");
        for (int i = 0; i < p.size(); i++) {
            text.append(plain(p.along().get(i)))
                    .append(',')
                    .append(plain(p.heights().get(i)))
                    .append('\n');
        }
        return text.toString();
    }

    private static String plain(double v) {
        return java.math.BigDecimal.valueOf(v).stripTrailingZeros().toPlainString();
    }
}
