package veldline.format;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.quantity.MeterScale;

/**
 * Readings as CSV. Columns are found by their headings; what was taken for what is told, and lines that hold no reading
 * are named and left out, never guessed at.
 */
public final class ReadingsCsv {
    private static final Set<String> TIME = Set.of("seconds", "time_s", "time", "t", "s");
    private static final Set<String> LEVEL =
            Set.of("level_dbm", "level", "rssi", "rssi_dbm", "signal", "signal_dbm", "dbm");
    private static final Set<String> BY_SCALE =
            Set.of("percent", "level_percent", "signal_percent", "quality", "%", "s_units", "s_meter", "s-meter");
    private static final Set<String> TIDE = Set.of("tide_m", "tide", "water_m");
    private static final Set<String> WARMTH = Set.of("radio_c", "temperature_c", "temp_c", "celsius");
    private static final double LOWEST = -200;
    private static final double HIGHEST = 60;

    /**
     * What was read.
     *
     * @param mapping which column was taken for what, a sentence
     * @param leftOut one sentence for each line left out
     */
    public record Contents(Series series, String mapping, List<String> leftOut) {}

    /**
     * Columns somebody has named, for files whose headings say nothing: “level=P_rx, time=clock”.
     *
     * @param named heading by what it stands for: level, time, tide or warmth
     */
    public record Mapping(Map<String, String> named) {
        /** Headings say what stands under them. */
        public static final Mapping BY_HEADINGS = new Mapping(Map.of());

        private static final Set<String> THINGS = Set.of("level", "time", "tide", "warmth");

        public Mapping {
            named = Map.copyOf(named);
        }

        /** Empty where it is not that. */
        public static Optional<Mapping> read(String text) {
            Map<String, String> named = new TreeMap<>();
            for (String one : text.split("[,;]")) {
                String[] pair = one.split("=", 2);
                if (!one.isBlank()) {
                    if (pair.length < 2 || !THINGS.contains(pair[0].strip()) || pair[1].isBlank()) {
                        return Optional.empty();
                    }
                    named.put(pair[0].strip(), pair[1].strip());
                }
            }
            return Optional.of(new Mapping(named));
        }

        /** The column a thing was said to stand in, where the file has it; else the one whose heading is known. */
        private Optional<String> find(List<String> names, String thing, Set<String> known) {
            return Optional.ofNullable(named.get(thing))
                    .filter(names::contains)
                    .or(() -> ReadingsCsv.find(names, known));
        }
    }

    private ReadingsCsv() {}

    /** Reads levels in dBm. */
    public static Contents read(String text) throws FormatException {
        return read(text, Optional.empty());
    }

    /**
     * Reads levels, or percent and S-units where the meter's scale was declared.
     *
     * @throws FormatException naming what stands there and what would be right
     */
    public static Contents read(String text, Optional<MeterScale> scale) throws FormatException {
        return read(text, scale, Mapping.BY_HEADINGS);
    }

    /**
     * The same with columns that were named; one that the file lacks is looked for by its heading.
     *
     * @throws FormatException naming what stands there and what would be right
     */
    public static Contents read(String text, Optional<MeterScale> scale, Mapping mapping) throws FormatException {
        char separator = text.lines().findFirst().orElse("").contains(";") ? ';' : ',';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setAllowMissingColumnNames(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(text))) {
            List<String> names = parser.getHeaderNames();
            Optional<String> shown = find(names, BY_SCALE);
            if (mapping.find(names, "level", LEVEL).isEmpty() && shown.isPresent()) {
                MeterScale known = scale.orElseThrow(
                        () -> new FormatException(
                                "“" + shown.get()
                                        + "” is no level by itself. Say in Brief, ends, what that radio's meter shows, and read it again"));
                return rows(
                        parser,
                        Columns.of(names, mapping, new Level(shown.get(), Optional.of(known))),
                        separator == ';');
            }
            String level = mapping.find(names, "level", LEVEL)
                    .orElseThrow(() -> new FormatException("No column is headed level_dbm, rssi or signal; there are: "
                            + String.join(", ", names) + ". Head the level's column level_dbm, or name it: level=…"));
            return rows(parser, Columns.of(names, mapping, new Level(level, Optional.empty())), separator == ';');
        } catch (IllegalArgumentException | IOException | java.io.UncheckedIOException e) {
            throw new FormatException("This is not a table of readings: " + e.getMessage()
                    + ". Give a first line of headings such as time_s,level_dbm,tide_m");
        }
    }

    /**
     * The column of levels.
     *
     * @param scale what its numbers stand for where they are not dBm
     */
    private record Level(String column, Optional<MeterScale> scale) {
        double of(CSVRecord r, boolean commaDecimal) throws FormatException {
            if (scale.isEmpty()) {
                return number(r, column, commaDecimal);
            }
            String cell = cell(r, column);
            return scale.get()
                    .read(cell)
                    .or(() -> scale.get().read(cell + " %"))
                    .or(() -> scale.get().read("S" + cell))
                    .orElseThrow(() -> new FormatException("says “" + cell + "”, which is not on the scale, "
                            + scale.get().words()))
                    .value();
        }
    }

    /** Where what is read stands. */
    private record Columns(Level level, Optional<String> time, Optional<String> tide, Optional<String> warmth) {
        static Columns of(List<String> names, Mapping m, Level level) {
            return new Columns(
                    level, m.find(names, "time", TIME), m.find(names, "tide", TIDE), m.find(names, "warmth", WARMTH));
        }

        String mapping() {
            return "Level from “" + level.column + "”"
                    + level.scale.map(m -> ", " + m.words()).orElse("") + ", time from "
                    + time.map(t -> "“" + t + "”").orElse("line numbers") + ", tide from "
                    + tide.map(t -> "“" + t + "”").orElse("nowhere")
                    + warmth.map(t -> ", the radio's warmth from “" + t + "”").orElse("");
        }
    }

    private static Contents rows(CSVParser parser, Columns columns, boolean commaDecimal) throws FormatException {
        Level level = columns.level;
        List<Reading> readings = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        double last = Double.NEGATIVE_INFINITY;
        int row = 0;
        for (CSVRecord r : parser) {
            long line = parser.getCurrentLineNumber();
            try {
                double seconds = columns.time.isPresent() ? number(r, columns.time.get(), commaDecimal) : row;
                if (seconds < last) {
                    throw new FormatException("goes back in time");
                }
                String cell = cell(r, level.column);
                Optional<Double> value =
                        cell.isEmpty() || cell.equals("-") ? Optional.empty() : Optional.of(level.of(r, commaDecimal));
                if (value.isPresent() && (value.get() < LOWEST || value.get() > HIGHEST)) {
                    throw new FormatException("says " + cell + " dBm, which no radio reads");
                }
                readings.add(new Reading(
                        seconds,
                        value,
                        perhaps(r, columns.tide, commaDecimal),
                        perhaps(r, columns.warmth, commaDecimal)));
                last = seconds;
                row++;
            } catch (FormatException e) {
                leftOut.add("Line " + line + " " + e.getMessage());
            }
        }
        if (readings.isEmpty()) {
            throw new FormatException("No line holds a reading" + (leftOut.isEmpty() ? "" : "; " + leftOut.get(0))
                    + ". Give lines such as 0,-71,1.2");
        }
        return new Contents(new Series(readings), columns.mapping(), List.copyOf(leftOut));
    }

    private static Optional<String> find(List<String> names, Set<String> known) {
        return names.stream()
                .filter(n -> known.contains(n.strip().toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    private static String cell(CSVRecord r, String column) throws FormatException {
        if (!r.isSet(column)) {
            throw new FormatException("has no “" + column + "”");
        }
        return r.get(column);
    }

    private static Optional<Double> perhaps(CSVRecord r, Optional<String> column, boolean commaDecimal)
            throws FormatException {
        return column.isPresent() && !cell(r, column.get()).isEmpty()
                ? Optional.of(number(r, column.get(), commaDecimal))
                : Optional.empty();
    }

    private static double number(CSVRecord r, String column, boolean commaDecimal) throws FormatException {
        String cell = cell(r, column).replace('−', '-');
        try {
            double value = Double.parseDouble(commaDecimal ? cell.replace(',', '.') : cell);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw new FormatException("says “" + cell + "” where a number belongs");
        }
        throw new FormatException("says “" + cell + "” where a number belongs");
    }

    /** The form the program writes itself; the radio's warmth has a column where any reading has one. */
    public static String write(Series series) {
        return write(
                series, series.readings().stream().anyMatch(r -> r.celsius().isPresent()));
    }

    /** @param warmth whether there is a column for the radio's warmth */
    public static String write(Series series, boolean warmth) {
        StringBuilder text = new StringBuilder("time_s,level_dbm,tide_m" + (warmth ? ",radio_c" : "") + "\n");
        for (Reading r : series.readings()) {
            text.append(plain(r.seconds()))
                    .append(',')
                    .append(r.levelDbm().map(ReadingsCsv::plain).orElse(""))
                    .append(',')
                    .append(r.tide().map(ReadingsCsv::plain).orElse(""))
                    .append(warmth ? "," + r.celsius().map(ReadingsCsv::plain).orElse("") : "")
                    .append('\n');
        }
        return text.toString();
    }

    private static String plain(double value) {
        return java.math.BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }
}
