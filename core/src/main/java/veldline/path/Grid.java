package veldline.path;

import java.util.Locale;
import java.util.OptionalDouble;

/** Heights on even steps of latitude and longitude, joined by the four around a place. */
public final class Grid implements Elevations {
    private static final double METRES_PER_DEGREE = 111_320;

    private final double north;
    private final double west;
    private final double step;
    private final int rows;
    private final int columns;
    private final float[] heights;

    /**
     * @param north latitude of the first row of points, degrees
     * @param west longitude of the first column
     * @param step degrees from point to point, both ways
     * @param heights row by row from the north, west to east; not a number where there is none
     */
    public Grid(double north, double west, double step, int rows, int columns, float[] heights) {
        if (heights.length != (long) rows * columns || rows < 2 || columns < 2 || !(step > 0)) {
            throw new IllegalArgumentException("A grid of " + rows + " by " + columns + " points has " + heights.length
                    + " heights; give as many as there are points, two by two at least");
        }
        this.north = north;
        this.west = west;
        this.step = step;
        this.rows = rows;
        this.columns = columns;
        this.heights = heights.clone();
    }

    @Override
    public OptionalDouble at(double latitude, double longitude) {
        double y = (north - latitude) / step;
        double x = (longitude - west) / step;
        // A place on the very edge is inside, whatever rounding says.
        double slack = 1e-6;
        if (!(y >= -slack) || !(x >= -slack) || y > rows - 1 + slack || x > columns - 1 + slack) {
            return OptionalDouble.empty();
        }
        int row = (int) Math.max(0, Math.min(rows - 2, Math.floor(y)));
        int column = (int) Math.max(0, Math.min(columns - 2, Math.floor(x)));
        double v = Math.max(0, Math.min(1, y - row));
        double u = Math.max(0, Math.min(1, x - column));
        double sum = 0;
        double weight = 0;
        for (int k = 0; k < 4; k++) {
            double w = (k < 2 ? 1 - v : v) * (k % 2 == 0 ? 1 - u : u);
            float h = heights[(row + k / 2) * columns + column + k % 2];
            if (!Float.isNaN(h)) {
                sum += w * h;
                weight += w;
            }
        }
        return weight > 1e-9 ? OptionalDouble.of(sum / weight) : OptionalDouble.empty();
    }

    @Override
    public double spacing() {
        double middle = Math.cos(Math.toRadians(north - step * rows / 2));
        return Math.max(0.5, step * METRES_PER_DEGREE * Math.max(0.05, Math.min(1, middle)));
    }

    @Override
    public String covers() {
        return String.format(
                Locale.ROOT,
                "%.4f to %.4f north and %.4f to %.4f east",
                north - step * (rows - 1),
                north,
                west,
                west + step * (columns - 1));
    }
}
