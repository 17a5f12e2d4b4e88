package veldline.field.solve;

/**
 * Gauss–Legendre points and weights on 0 to 1 (Abramowitz and Stegun, table 25.4). They stand here as numbers because
 * working them out took half of the time of the first solution after a start; a test holds them against a library.
 */
record Quadrature(double[] x, double[] w) {
    static final Quadrature TWO = mirrored(new double[] {0.21132486540518712}, new double[] {0.5});
    static final Quadrature SIX = mirrored(
            new double[] {0.033765242898423975, 0.1693953067668677, 0.3806904069584015},
            new double[] {0.08566224618958525, 0.1803807865240693, 0.23395696728634552});
    static final Quadrature TWELVE = mirrored(
            new double[] {
                0.009219682876640378,
                0.0479413718147626,
                0.11504866290284765,
                0.20634102285669126,
                0.31608425050090994,
                0.43738329574426554
            },
            new double[] {
                0.023587668193255914,
                0.053469662997659276,
                0.08003916427167317,
                0.10158371336153293,
                0.11674626826917739,
                0.12457352290670143
            });

    /** A rule from its lower half. */
    private static Quadrature mirrored(double[] lower, double[] weights) {
        int n = 2 * lower.length;
        double[] x = new double[n];
        double[] w = new double[n];
        for (int i = 0; i < lower.length; i++) {
            x[i] = lower[i];
            x[n - 1 - i] = 1 - lower[i];
            w[i] = weights[i];
            w[n - 1 - i] = weights[i];
        }
        return new Quadrature(x, w);
    }
}
