package veldline.field.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.field.wire.WireModel;

/**
 * Impedance of the first port over a band, from as few solved frequencies as serve: solved at ten Chebyshev points,
 * joined by barycentric rational interpolation (Floater and Hormann, Numer. Math. 107 (2007)) and held against two more
 * that were not used; twice as many where a hundredth in SWR is not reached.
 *
 * @param points evenly spaced over the band
 * @param solved how many frequencies were solved
 * @param doubtSwr the greatest error found where it was checked, in SWR
 */
public record Sweep(List<Point> points, int solved, double doubtSwr) {
    private static final int BLEND = 12;
    private static final double ENOUGH = 0.01;
    private static final int FIRST = 10;
    private static final int MOST = 33;
    /** Where the interpolation is checked, as parts of the band: between nodes near an edge and near the middle. */
    private static final double[] CHECKS = {0.07, 0.57};

    /** @param frequency hertz */
    public record Point(double frequency, Complex impedance) {}

    public Sweep {
        points = List.copyOf(points);
    }

    /**
     * @param z0 the line SWR is counted on, ohms
     * @param count of points wanted, 2 or more
     */
    public static Sweep of(
            WireModel model, MeshRule rule, double low, double high, int count, double z0, BooleanSupplier keepGoing) {
        FieldSolver solver = new FieldSolver(model, rule, keepGoing);
        // Checks and first nodes go in one batch, so that no processor waits in between.
        List<Double> checkAt =
                Arrays.stream(CHECKS).map(c -> low + c * (high - low)).boxed().toList();
        SortedMap<Double, Complex> known = new TreeMap<>(solve(
                solver,
                Stream.concat(checkAt.stream(), newNodes(new TreeMap<>(), low, high, FIRST).stream())
                        .toList()));
        Map<Double, Complex> checks = checkAt.stream().collect(Collectors.toMap(f -> f, known::get));
        checkAt.forEach(known::remove);
        List<Double> xs;
        List<Complex> zs;
        double doubt;
        int nodes = FIRST;
        while (true) {
            known.putAll(solve(solver, newNodes(known, low, high, nodes)));
            xs = new ArrayList<>(known.keySet());
            zs = new ArrayList<>(known.values());
            doubt = 0;
            for (var check : checks.entrySet()) {
                double solved = swr(check.getValue(), z0);
                // What is far off the line is not read to hundredths.
                double scale = Math.max(1, solved / 3);
                doubt = Math.max(doubt, Math.abs(swr(interpolate(xs, zs, check.getKey()), z0) - solved) / scale);
            }
            if (doubt <= ENOUGH || nodes >= MOST) {
                break;
            }
            nodes = 2 * nodes - 1;
        }
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double f = low + (high - low) * i / (count - 1);
            points.add(new Point(f, interpolate(xs, zs, f)));
        }
        return new Sweep(points, known.size() + checks.size(), doubt);
    }

    /** Solves on as many processors as there are; the solver only reads what it keeps. */
    private static Map<Double, Complex> solve(FieldSolver solver, List<Double> frequencies) {
        return frequencies.parallelStream()
                .collect(Collectors.toMap(f -> f, f -> solver.at(f).impedances().get(0)));
    }

    /** Chebyshev points of the second kind that are not among those known; each set holds the one before. */
    private static List<Double> newNodes(SortedMap<Double, Complex> known, double low, double high, int nodes) {
        List<Double> fresh = new ArrayList<>();
        for (int i = 0; i < nodes; i++) {
            double f = 0.5 * (low + high) - 0.5 * (high - low) * Math.cos(Math.PI * i / (nodes - 1));
            if (known.subMap(f * (1 - 1e-9), f * (1 + 1e-9)).isEmpty()) {
                fresh.add(f);
            }
        }
        return fresh;
    }

    private static double swr(Complex z, double z0) {
        double rho = z.subtract(z0).divide(z.add(z0)).norm();
        return (1 + rho) / Math.max(1e-6, 1 - rho);
    }

    /** Barycentric form, weights of §2 of the paper cited above. */
    static Complex interpolate(List<Double> xs, List<Complex> ys, double x) {
        int n = xs.size() - 1;
        int d = Math.min(BLEND, n);
        Complex top = Complex.ZERO;
        double bottom = 0;
        for (int k = 0; k <= n; k++) {
            double gap = x - xs.get(k);
            if (Math.abs(gap) <= 1e-12 * Math.abs(x)) {
                return ys.get(k);
            }
            double weight = 0;
            for (int i = Math.max(0, k - d); i <= Math.min(k, n - d); i++) {
                double product = 1;
                for (int j = i; j <= i + d; j++) {
                    if (j != k) {
                        product /= Math.abs(xs.get(k) - xs.get(j)) / (xs.get(n) - xs.get(0));
                    }
                }
                weight += product;
            }
            double w = (k % 2 == 0 ? weight : -weight) / gap;
            top = top.add(ys.get(k).multiply(w));
            bottom += w;
        }
        return top.divide(bottom);
    }
}
