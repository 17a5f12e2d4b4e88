package veldline.field.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.hipparchus.complex.Complex;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Several curves over one frequency axis as rational functions with the poles in common, which is what an antenna's
 * impedance and fields are: the adaptive barycentric fit of Nakatsukasa, Sète and Trefethen (SIAM J. Sci. Comput. 40
 * (2018)), for all curves at once (Lietaert and others, IMA J. Numer. Anal. 42 (2022)). Half of the known places carry the
 * curves, chosen where they were worst; the weights make them meet the other half as well as can be.
 */
public final class RationalCurve {
    private static final double MET = 1e-10;
    /** Of the greatest curve. */
    private static final double NOISE = 1e-7;

    private final double middle;
    private final double half;
    private final double[] at;
    private final List<Complex[]> values;
    private final Complex[] weights;

    private RationalCurve(double middle, double half, double[] at, List<Complex[]> values, Complex[] weights) {
        this.middle = middle;
        this.half = half;
        this.at = at;
        this.values = values;
        this.weights = weights;
    }

    /**
     * @param places ascending, three or more
     * @param values at each place, as many as there are curves
     */
    public static RationalCurve through(List<Double> places, List<Complex[]> values) {
        double low = places.get(0);
        double high = places.get(places.size() - 1);
        double middle = 0.5 * (low + high);
        double half = 0.5 * (high - low);
        int n = places.size();
        double[] x = places.stream().mapToDouble(p -> (p - middle) / half).toArray();
        double[] scale = scales(values);
        Set<Integer> carrying = new HashSet<>();
        RationalCurve best = new RationalCurve(middle, half, new double[0], List.of(), new Complex[0]);
        int worst = n / 2;
        for (int m = 1; m <= (n + 1) / 2; m++) {
            carrying.add(worst);
            List<Integer> support = carrying.stream().sorted().toList();
            best = new RationalCurve(
                    middle,
                    half,
                    support.stream().mapToDouble(i -> x[i]).toArray(),
                    support.stream().map(values::get).toList(),
                    weights(x, values, scale, support));
            double most = -1;
            for (int i = 0; i < n; i++) {
                double off = carrying.contains(i) ? -1 : distance(best.scaled(x[i]), values.get(i), scale);
                if (off > most) {
                    most = off;
                    worst = i;
                }
            }
            if (most < MET) {
                break;
            }
        }
        return best;
    }

    private static double[] scales(List<Complex[]> values) {
        double[] scale = new double[values.get(0).length];
        for (Complex[] v : values) {
            for (int c = 0; c < scale.length; c++) {
                scale[c] = Math.max(scale[c], v[c].norm());
            }
        }
        // A curve that is nothing but rounding must not steer the others.
        double floor = NOISE * Arrays.stream(scale).max().orElseThrow();
        return Arrays.stream(scale).map(most -> 1 / Math.max(most, floor)).toArray();
    }

    private static double distance(Complex[] a, Complex[] b, double[] scale) {
        double most = 0;
        for (int c = 0; c < scale.length; c++) {
            most = Math.max(most, a[c].subtract(b[c]).norm() * scale[c]);
        }
        return most;
    }

    /** The weights that make the rest fit best: the least singular vector of the Loewner matrix of all curves. */
    private static Complex[] weights(double[] x, List<Complex[]> values, double[] scale, List<Integer> support) {
        int m = support.size();
        double[][] normal = new double[2 * m][2 * m];
        Complex[] row = new Complex[m];
        for (int i = 0; i < x.length; i++) {
            if (support.contains(i)) {
                continue;
            }
            for (int c = 0; c < scale.length; c++) {
                for (int k = 0; k < m; k++) {
                    int s = support.get(k);
                    row[k] = values.get(i)[c].subtract(values.get(s)[c]).multiply(scale[c] / (x[i] - x[s]));
                }
                addSquare(normal, row);
            }
        }
        RealMatrix symmetric = MatrixUtils.createRealMatrix(normal);
        RealVector least = new EigenDecompositionSymmetric(symmetric).getEigenvector(2 * m - 1);
        Complex[] weights = new Complex[m];
        for (int k = 0; k < m; k++) {
            weights[k] = new Complex(least.getEntry(k), least.getEntry(m + k));
        }
        return weights;
    }

    /** Adds a row's share of LᴴL, written out in real and imaginary parts. */
    private static void addSquare(double[][] normal, Complex[] row) {
        int m = row.length;
        for (int j = 0; j < m; j++) {
            for (int k = 0; k < m; k++) {
                Complex product = row[j].conjugate().multiply(row[k]);
                normal[j][k] += product.getReal();
                normal[m + j][m + k] += product.getReal();
                normal[j][m + k] -= product.getImaginary();
                normal[m + j][k] += product.getImaginary();
            }
        }
    }

    /** Every curve at one place. */
    public Complex[] at(double place) {
        return scaled((place - middle) / half);
    }

    private Complex[] scaled(double x) {
        int curves = values.get(0).length;
        List<Complex> sums = new ArrayList<>(java.util.Collections.nCopies(curves, Complex.ZERO));
        Complex bottom = Complex.ZERO;
        for (int k = 0; k < at.length; k++) {
            double gap = x - at[k];
            if (Math.abs(gap) < 1e-13) {
                return values.get(k).clone();
            }
            Complex w = weights[k].divide(gap);
            bottom = bottom.add(w);
            for (int c = 0; c < curves; c++) {
                sums.set(c, sums.get(c).add(w.multiply(values.get(k)[c])));
            }
        }
        Complex under = bottom;
        return sums.stream().map(s -> s.divide(under)).toArray(Complex[]::new);
    }
}
