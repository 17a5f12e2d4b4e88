package veldline.demo;

import java.io.IOException;
import java.io.StringReader;
import java.util.Locale;
import veldline.format.AsciiGrid;
import veldline.format.FormatException;
import veldline.path.Profile;

/**
 * The ground of the reserve, made up: channels and flats that fall dry, an island with dunes in the east. Heights are over
 * low water, a tenth of a metre fine.
 */
final class ReserveTerrain {
    static final String FILE = "ternholm-sands.asc";

    private static final double SOUTH = 55.150;
    private static final double WEST = 4.045;
    private static final double STEP = 0.0005;
    private static final int ROWS = 135;
    private static final int COLUMNS = 205;
    /** The islands: latitude and longitude of the top, its height, and how it falls to either side, degrees. */
    private static final double[][] RISES = {
        {55.2045, 4.1410, 5.0, 0.0065, 0.0080},
        {55.1982, 4.1338, 11.5, 0.0011, 0.0030},
        {55.2008, 4.1300, 7.0, 0.0009, 0.0020},
        {55.1890, 4.1280, 2.2, 0.0060, 0.0070},
        {55.2090, 4.1120, 3.0, 0.0030, 0.0040},
        {55.1990, 4.0985, 1.6, 0.0022, 0.0030}
    };

    private ReserveTerrain() {}

    /** The whole tile in ESRI ASCII form. */
    static String asciiGrid() {
        StringBuilder text = new StringBuilder(ROWS * COLUMNS * 5);
        text.append("ncols ")
                .append(COLUMNS)
                .append("\nnrows ")
                .append(ROWS)
                .append("\nxllcenter ")
                .append(WEST)
                .append("\nyllcenter ")
                .append(SOUTH)
                .append("\ncellsize ")
                .append(STEP)
                .append("\nNODATA_value -9999\n");
        for (int r = ROWS - 1; r >= 0; r--) {
            for (int c = 0; c < COLUMNS; c++) {
                text.append(c == 0 ? "" : " ")
                        .append(String.format(Locale.ROOT, "%.1f", height(SOUTH + r * STEP, WEST + c * STEP)));
            }
            text.append('\n');
        }
        return text.toString();
    }

    /** Metres over low water. */
    private static double height(double latitude, double longitude) {
        double x = (longitude - WEST) / 0.1;
        double y = (latitude - SOUTH) / 0.065;
        // Flats rise slowly towards the east; two channels wind through them.
        double flats = -1.2 + 2.2 * x + 0.25 * Math.sin(9 * x + 4 * y) + 0.15 * Math.sin(23 * y - 7 * x);
        double one = x - (0.34 + 0.10 * Math.sin(5 * y));
        double other = x - (0.70 + 0.06 * Math.sin(7 * y + 1));
        double ground = flats - 3.2 * Math.exp(-Math.pow(one / 0.045, 2)) - 1.8 * Math.exp(-Math.pow(other / 0.025, 2));
        for (double[] r : RISES) {
            double north = (latitude - r[0]) / r[3];
            double east = (longitude - r[1]) / r[4];
            ground += r[2] * Math.exp(-north * north - east * east);
        }
        return ground;
    }

    /** The ground between two places of the reserve, degrees. */
    static Profile between(double lat1, double lon1, double lat2, double lon2) {
        try {
            return AsciiGrid.read(
                            new StringReader(asciiGrid()),
                            new AsciiGrid.Window(lat1, lon1, lat2, lon2, 0.01),
                            () -> true)
                    .between(lat1, lon1, lat2, lon2, FILE);
        } catch (IOException | FormatException e) {
            throw new IllegalStateException("The reserve's own ground cannot be read", e);
        }
    }
}
