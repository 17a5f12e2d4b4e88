package veldline.path;

/** What trees in leaf take. */
public final class Leaves {
    private static final double SHALLOW = 14;
    private static final double DEEPEST = 400;

    private Leaves() {}

    /**
     * Loss in dB through trees in leaf (Weissberger, ESD-TR-81-101, 1982).
     *
     * @param frequency hertz, 230 MHz to 95 GHz
     * @param depth metres of trees the path goes through, 0 to 400
     * @throws IllegalArgumentException outside those
     */
    public static double weissbergerDb(double frequency, double depth) {
        double ghz = frequency / 1e9;
        if (ghz < 0.23 || ghz > 95 || depth < 0 || depth > DEEPEST) {
            throw new IllegalArgumentException("Weissberger's fit holds from 0.23 to 95 GHz and to " + DEEPEST
                    + " m of trees, not at " + ghz + " GHz and " + depth + " m; treat deeper woods as an obstacle");
        }
        return depth <= SHALLOW
                ? 0.45 * Math.pow(ghz, 0.284) * depth
                : 1.33 * Math.pow(ghz, 0.284) * Math.pow(depth, 0.588);
    }
}
