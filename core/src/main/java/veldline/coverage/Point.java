package veldline.coverage;

/**
 * A place on a plan.
 *
 * @param x metres to the east of its corner
 * @param y metres to the north
 */
public record Point(double x, double y) {
    public Point {
        if (!(Math.abs(x) <= 1e6) || !(Math.abs(y) <= 1e6)) {
            throw new IllegalArgumentException(
                    "A place at " + x + ", " + y + " m is off the plan; it goes to 1000 km each way");
        }
    }
}
