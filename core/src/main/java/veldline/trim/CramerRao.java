package veldline.trim;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * The least doubt with which anything can be told from readings while everything else is unknown, too (Kay, Fundamentals of Statistical
 * Signal Processing: Estimation Theory, §3.7): the information of all together, inverted.
 */
final class CramerRao {
    /** Of what is known beforehand: less information than this is none. */
    private static final double NONE = 1e-9;

    private CramerRao() {}

    /**
     * @param slopes of each unknown: how fast each reading changes with it, in the doubt of the reading
     * @param before standard deviation to which the others are known beforehand
     * @return a standard deviation for each; infinite for what no reading depends on
     */
    static List<Double> bounds(List<double[]> slopes, double before) {
        int n = slopes.size();
        double known = Math.pow(before, -2);
        RealMatrix readings = MatrixUtils.createRealMatrix(n, n);
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                readings.setEntry(i, j, dot(slopes.get(i), slopes.get(j)));
            }
        }
        return IntStream.range(0, n)
                .mapToObj(d -> {
                    if (readings.getEntry(d, d) < NONE * known) {
                        return Double.POSITIVE_INFINITY;
                    }
                    RealMatrix information = readings.copy();
                    IntStream.range(0, n).filter(i -> i != d).forEach(i -> information.addToEntry(i, i, known));
                    return Math.sqrt(new QRDecomposition(information)
                            .getSolver()
                            .getInverse()
                            .getEntry(d, d));
                })
                .toList();
    }

    private static double dot(double[] a, double[] b) {
        return IntStream.range(0, a.length).mapToDouble(k -> a[k] * b[k]).sum();
    }
}
