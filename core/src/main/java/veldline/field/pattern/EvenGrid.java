package veldline.field.pattern;

import java.util.Arrays;
import java.util.stream.IntStream;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;

/**
 * The radiation vector all round on an even grid. Seen from its middle an antenna of radius a has a field without
 * harmonics much above ka, so that it is fully known from few directions and joined between them by trigonometric
 * interpolation: around the axis first, then along great circles through the poles. The excess over ka is that of
 * truncated multipole expansions, {@code 1.8·d^(2/3)·(ka)^(1/3)} for d digits (Chew, Jin, Michielssen and Song, Fast and
 * Efficient Algorithms in Computational Electromagnetics, 2001, ch. 3).
 */
final class EvenGrid {
    private static final double DIGITS = 6;

    private final RadiatedField field;
    private final int rings;
    private final int spokes;
    private final double step;

    /** @param step degrees, a whole part of 180 */
    EvenGrid(RadiatedField field, double step) {
        this.field = field;
        this.step = step;
        this.rings = (int) Math.round(180 / step) + 1;
        this.spokes = (int) Math.round(360 / step);
    }

    /** Gain in dBi, rings from the zenith down and on each ring from phi 0 on. */
    double[][] gainDbi() {
        double ka = field.waveNumber() * field.radius();
        int order = (int) Math.ceil(ka + 1.8 * Math.pow(DIGITS, 2.0 / 3) * Math.cbrt(Math.max(1, ka))) + 1;
        double[][] gains = new double[rings][spokes];
        if (spokes % 2 != 0 || 2 * order + 2 > spokes) {
            each(rings, i -> {
                for (int j = 0; j < spokes; j++) {
                    gains[i][j] = field.gainDbi(new Direction(i * step, j * step));
                }
            });
            return gains;
        }
        double[][][] around = around(order);
        Turn[] theta = turns(rings);
        Turn[] phi = turns(spokes);
        double[][] matrix = dirichlet(rings, Math.toRadians(step), 2 * order + 2);
        each(spokes, j -> {
            double[][] line = greatCircle(around, j);
            double[][] joined = new double[line.length][];
            for (int c = 0; c < line.length; c++) {
                joined[c] = joined(line[c], matrix);
            }
            double[] at = new double[line.length];
            for (int i = 0; i < rings; i++) {
                for (int c = 0; c < at.length; c++) {
                    at[c] = joined[c][i];
                }
                gains[i][j] = gainDbi(theta[i], phi[j], at);
            }
        });
        return gains;
    }

    /** An angle by its cosine and sine. */
    private record Turn(double cos, double sin) {}

    private Turn[] turns(int count) {
        return IntStream.range(0, count)
                .mapToDouble(i -> Math.toRadians(i * step))
                .mapToObj(a -> new Turn(Math.cos(a), Math.sin(a)))
                .toArray(Turn[]::new);
    }

    private double gainDbi(Turn theta, Turn phi, double[] sums) {
        return field.gainDbi(
                new Vec(theta.sin * phi.cos, theta.sin * phi.sin, theta.cos),
                new Vec(theta.cos * phi.cos, theta.cos * phi.sin, -theta.sin),
                new Vec(-phi.sin, phi.cos, 0),
                sums);
    }

    private static void each(int count, java.util.function.IntConsumer work) {
        IntStream.range(0, count).parallel().forEach(work);
    }

    /** On few rings, pole to pole, every spoke: ring, component, spoke. */
    private double[][][] around(int order) {
        int points = 2 * order + 2;
        double[][] matrix = dirichlet(spokes, Math.toRadians(step), points);
        double[][][] around = new double[order + 2][][];
        each(order + 2, ring -> {
            double theta = 180.0 * ring / (order + 1);
            boolean pole = ring == 0 || ring == order + 1;
            double[][] few = new double[0][];
            for (int p = 0; p < (pole ? 1 : points); p++) {
                double[] at = field.vector(new Direction(theta, 360.0 * p / points).vector());
                if (p == 0) {
                    few = new double[at.length][points];
                }
                for (int c = 0; c < at.length; c++) {
                    few[c][p] = at[c];
                }
            }
            around[ring] = new double[few.length][spokes];
            for (int c = 0; c < few.length; c++) {
                if (pole) {
                    Arrays.fill(around[ring][c], few[c][0]);
                } else {
                    around[ring][c] = joined(few[c], matrix);
                }
            }
        });
        return around;
    }

    /** The circle through both poles that starts down a spoke and comes back up the one opposite. */
    private double[][] greatCircle(double[][][] around, int spoke) {
        int down = around.length;
        int points = 2 * (down - 1);
        int back = (spoke + spokes / 2) % spokes;
        double[][] line = new double[around[0].length][points];
        for (int c = 0; c < line.length; c++) {
            for (int i = 0; i < points; i++) {
                line[c][i] = i < down ? around[i][c][spoke] : around[points - i][c][back];
            }
        }
        return line;
    }

    /** Values at the places wanted of a curve through even points. */
    private static double[] joined(double[] points, double[][] weights) {
        double[] sum = new double[weights[0].length];
        for (int p = 0; p < points.length; p++) {
            double value = points[p];
            double[] weight = weights[p];
            for (int w = 0; w < sum.length; w++) {
                sum[w] += value * weight[w];
            }
        }
        return sum;
    }

    /**
     * Weights of an even number of evenly spaced values on a circle at other places on it: {@code sin(nx/2)·cot(x/2)/n},
     * the interpolating kernel without its highest sine (Henrici, Applied and Computational Complex Analysis 3, ch. 13).
     */
    private static double[][] dirichlet(int wanted, double step, int points) {
        double[][] weights = new double[points][wanted];
        for (int w = 0; w < wanted; w++) {
            for (int p = 0; p < points; p++) {
                double x = w * step - 2 * Math.PI * p / points;
                double half = Math.sin(x / 2);
                weights[p][w] =
                        Math.abs(half) < 1e-12 ? 1 : Math.sin(points * x / 2) * Math.cos(x / 2) / (half * points);
            }
        }
        return weights;
    }
}
