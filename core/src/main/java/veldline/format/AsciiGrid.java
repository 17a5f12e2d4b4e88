package veldline.format;

import java.io.IOException;
import java.io.Reader;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.BooleanSupplier;
import veldline.path.Grid;

/**
 * Elevation grids in ESRI ASCII form, in longitude and latitude. A grid is read as it comes and only what lies about the
 * two ends is kept, thinned where that is still much, so that no file needs more memory than a small one.
 */
public final class AsciiGrid {
    /** Most heights that are kept: 16 MB of them. */
    private static final int MOST_KEPT = 4_000_000;

    private static final long MOST_CELLS = 400_000_000L;
    private static final int LONGEST_WORD = 40;
    private static final int LOOK_EVERY = 100_000;

    private AsciiGrid() {}

    /**
     * What is wanted of a grid, degrees.
     *
     * @param about how far around the two ends
     */
    public record Window(double lat1, double lon1, double lat2, double lon2, double about) {
        double south() {
            return Math.min(lat1, lat2) - about;
        }

        double north() {
            return Math.max(lat1, lat2) + about;
        }

        double west() {
            return Math.min(lon1, lon2) - about;
        }

        double east() {
            return Math.max(lon1, lon2) + about;
        }
    }

    private record Head(int columns, int rows, double west, double north, double step, double none) {}

    /**
     * @param goOn asked now and then; false stops the reading
     * @throws FormatException naming the line, what stands there and what would be right
     */
    public static Grid read(Reader in, Window window, BooleanSupplier goOn) throws IOException, FormatException {
        Words words = new Words(in);
        Head head = head(words);
        int row0 = bound((head.north - window.north()) / head.step, head.rows);
        int row1 = bound((head.north - window.south()) / head.step + 1, head.rows);
        int column0 = bound((window.west() - head.west) / head.step, head.columns);
        int column1 = bound((window.east() - head.west) / head.step + 1, head.columns);
        if (row1 - row0 < 1 || column1 - column0 < 1) {
            throw new FormatException("The grid covers " + covers(head)
                    + " and none of the way. Take the grid of this place, or correct the ends in Brief");
        }
        int thin = thin(row1 - row0 + 1, column1 - column0 + 1);
        int rows = (row1 - row0) / thin + 1;
        int columns = (column1 - column0) / thin + 1;
        if (rows < 2 || columns < 2) {
            throw new FormatException("The grid is " + head.rows + " by " + head.columns
                    + " cells, too coarse for this way. Take a finer one");
        }
        float[] kept = new float[rows * columns];
        int seen = 0;
        for (int r = 0; r <= row1; r++) {
            for (int c = 0; c < head.columns; c++) {
                String word = words.next();
                if (word.isEmpty()) {
                    throw new FormatException("The grid breaks off in row " + (r + 1) + " of " + head.rows
                            + "; the file was cut short. Fetch it again");
                }
                boolean wanted = r >= row0
                        && c >= column0
                        && c <= column1
                        && (r - row0) % thin == 0
                        && (c - column0) % thin == 0;
                if (wanted) {
                    kept[(r - row0) / thin * columns + (c - column0) / thin] = height(word, head, words);
                }
                if (++seen % LOOK_EVERY == 0 && !goOn.getAsBoolean()) {
                    throw new FormatException("Stopped; nothing was changed");
                }
            }
        }
        return new Grid(
                head.north - row0 * head.step, head.west + column0 * head.step, head.step * thin, rows, columns, kept);
    }

    private static int bound(double at, int count) {
        return (int) Math.max(0, Math.min(count - 1.0, Math.floor(at)));
    }

    private static int thin(long rows, long columns) {
        int thin = 1;
        while (rows / thin * (columns / thin) > MOST_KEPT) {
            thin++;
        }
        return thin;
    }

    private static float height(String word, Head head, Words words) throws FormatException {
        double h = number(word, words);
        if (h == head.none) {
            return Float.NaN;
        }
        if (!(Math.abs(h) <= 9000)) {
            throw new FormatException(
                    "Line " + words.line() + " says " + word
                            + " m; the ground lies between −9000 and 9000 m. Is it in other units, or is NODATA_value missing?");
        }
        return (float) h;
    }

    private static Head head(Words words) throws IOException, FormatException {
        Map<String, Double> found = new HashMap<>();
        while (words.peek().matches("[A-Za-z_]+")) {
            String name = words.next().toLowerCase(Locale.ROOT);
            found.put(name, number(words.next(), words));
        }
        double step = of(found, "cellsize");
        double columns = of(found, "ncols");
        double rows = of(found, "nrows");
        if (!(step > 0)
                || !(columns >= 2)
                || !(rows >= 2)
                || columns * rows > MOST_CELLS
                || columns % 1 + rows % 1 != 0) {
            throw new FormatException("A grid of " + rows + " rows and " + columns + " columns in steps of " + step
                    + " cannot be; give two or more of each, " + MOST_CELLS / 1_000_000 + " million cells at most");
        }
        boolean corner = found.containsKey("xllcorner");
        double half = corner ? step / 2 : 0;
        double west = of(found, corner ? "xllcorner" : "xllcenter") + half;
        double south = of(found, corner ? "yllcorner" : "yllcenter") + half;
        Head head = new Head(
                (int) columns,
                (int) rows,
                west,
                south + (rows - 1) * step,
                step,
                found.getOrDefault("nodata_value", -9999.0));
        if (Math.abs(head.west) > 181 || Math.abs(head.north) > 91 || west + columns * step > 361) {
            throw new FormatException("The grid's corner is " + west + ", " + south
                    + ", which is no longitude and latitude: it is on a map projection. Give it in degrees on WGS-84");
        }
        return head;
    }

    private static String covers(Head h) {
        return new Grid(h.north, h.west, h.step * (Math.max(h.rows, h.columns) - 1.0), 2, 2, new float[4]).covers();
    }

    private static double of(Map<String, Double> found, String name) throws FormatException {
        if (!found.containsKey(name)) {
            throw new FormatException("The grid does not say its " + name
                    + "; its first lines must be ncols, nrows, xllcorner, yllcorner, cellsize");
        }
        return found.get(name);
    }

    private static double number(String word, Words words) throws FormatException {
        try {
            double v = Double.parseDouble(word);
            if (Double.isFinite(v)) {
                return v;
            }
        } catch (NumberFormatException e) {
            throw new FormatException(
                    "Line " + words.line() + " says “" + word + "” where a number belongs; this is no ASCII grid");
        }
        throw new FormatException("Line " + words.line() + " says “" + word + "” where a number belongs");
    }

    /** Words between white space, one at a time. */
    private static final class Words {
        private final Reader in;
        private final char[] buffer = new char[1 << 16];
        private final StringBuilder word = new StringBuilder();
        private int at;
        private int filled;
        private long line = 1;
        private String ahead = "";

        Words(Reader in) {
            this.in = in;
        }

        long line() {
            return line;
        }

        String peek() throws IOException, FormatException {
            if (ahead.isEmpty()) {
                ahead = read();
            }
            return ahead;
        }

        /** The next word; empty at the end. */
        String next() throws IOException, FormatException {
            String now = ahead.isEmpty() ? read() : ahead;
            ahead = "";
            return now;
        }

        private String read() throws IOException, FormatException {
            word.setLength(0);
            while (true) {
                if (at == filled) {
                    filled = in.read(buffer);
                    at = 0;
                    if (filled <= 0) {
                        filled = 0;
                        return word.toString();
                    }
                }
                char c = buffer[at++];
                if (c == '\n') {
                    line++;
                }
                if (c > ' ') {
                    word.append(c);
                    if (word.length() > LONGEST_WORD) {
                        throw new FormatException("Line " + line + " is no row of numbers; this is no ASCII grid");
                    }
                } else if (word.length() > 0) {
                    return word.toString();
                }
            }
        }
    }
}
