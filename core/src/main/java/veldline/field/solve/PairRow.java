package veldline.field.solve;

import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Phasors;
import veldline.field.wire.Vec;

/**
 * The moments {@code ∬ Ni·Nj·exp(−jkR)/R} of one segment with every one from it on: all distances first, then all phasors,
 * then all sums, in loops plain enough to run several lanes at once. Two Gauss points on each segment serve where they
 * are far apart; close pairs take 1/R from their static moments and only the smooth rest by the same points.
 *
 * <p>The imaginary part of the kernel is taken between axes everywhere: it alone carries power, and only so does the power
 * fed in equal the power radiated by currents on the axes, which a closely coupled antenna feels in its gain.
 */
final class PairRow {
    /** Values of the falling ramp at the first Gauss point and at the second; the rising one's are the other way about. */
    private static final double HIGH = 1 - Quadrature.TWO.x()[0];

    private static final double LOW = 1 - HIGH;

    /** Real and imaginary parts of the moments 00, 01, 10 and 11, each by how many segments on the other is. */
    final double[][] re;

    final double[][] im;
    private final double[][] distance;
    private final double[][] cosine;
    private final double[][] sine;
    private final double[] phase;
    private final Segment[] segments;
    private final double[] length;
    private final double[][] points;

    /** @param points the coordinates of {@link #gaussPoints} */
    PairRow(Segment[] segments, double[] length, double[][] points) {
        this.segments = segments;
        this.length = length;
        this.points = points;
        int n = segments.length;
        this.re = new double[4][n];
        this.im = new double[4][n];
        this.distance = new double[4][n];
        this.cosine = new double[4][n];
        this.sine = new double[4][n];
        this.phase = new double[n];
    }

    /** x, y and z of the first Gauss point of every segment, then of the second. */
    static double[][] gaussPoints(Segment[] of) {
        double[][] points = new double[6][of.length];
        for (int s = 0; s < of.length; s++) {
            for (int g = 0; g < 2; g++) {
                Vec at = of[s].start().towards(of[s].end(), Quadrature.TWO.x()[g]);
                points[3 * g][s] = at.x();
                points[3 * g + 1][s] = at.y();
                points[3 * g + 2][s] = at.z();
            }
        }
        return points;
    }

    /**
     * Fills {@link #re} and {@link #im}.
     *
     * @param others Gauss points of the segments themselves or of their images
     * @param statics of the pairs that are close, empty elements for the others
     * @param line a number for each of the others that those on one straight line share; empty for images in the ground
     * @param own that of segment p
     */
    void of(int p, double[][] others, double[][] statics, int[] line, int own, double k) {
        int n = segments.length - p;
        for (int pair = 0; pair < 4; pair++) {
            distances(p, pair / 2, others, pair % 2, distance[pair], n);
            double[] r = distance[pair];
            for (int m = 0; m < n; m++) {
                phase[m] = k * r[m];
            }
            Phasors.of(phase, cosine[pair], sine[pair], n);
            double[] c = cosine[pair];
            double[] s = sine[pair];
            for (int m = 0; m < n; m++) {
                double inverse = 1 / r[m];
                c[m] *= inverse;
                s[m] *= -inverse;
            }
        }
        for (int m = 0; m < n; m++) {
            if (statics[m] == null && line.length > 0 && line[p + m] == own) {
                thicken(p, m, k);
            }
        }
        spread(p, n, cosine, re);
        spread(p, n, sine, im);
        for (int m = 0; m < n; m++) {
            if (statics[m] != null) {
                near(p, m, statics[m], k);
            }
        }
    }

    private void distances(int p, int own, double[][] others, int other, double[] into, int n) {
        double x = points[3 * own][p];
        double y = points[3 * own + 1][p];
        double z = points[3 * own + 2][p];
        double[] xs = others[3 * other];
        double[] ys = others[3 * other + 1];
        double[] zs = others[3 * other + 2];
        for (int m = 0; m < n; m++) {
            double dx = x - xs[p + m];
            double dy = y - ys[p + m];
            double dz = z - zs[p + m];
            into[m] = Math.sqrt(dx * dx + dy * dy + dz * dz);
        }
    }

    /** On one line the tube's thickness is felt far along, in the real part. */
    private void thicken(int p, int m, double k) {
        double radius = segments[p].radius();
        for (int pair = 0; pair < 4; pair++) {
            double r = distance[pair][m];
            double thick = Math.sqrt(r * r + 2 * radius * radius);
            cosine[pair][m] = Math.cos(k * thick) / thick;
        }
    }

    /** From values at the four pairs of points to the moments of the four pairs of ramps. */
    private void spread(int p, int n, double[][] from, double[][] to) {
        double own = 0.25 * length[p];
        double[] f00 = from[0];
        double[] f01 = from[1];
        double[] f10 = from[2];
        double[] f11 = from[3];
        for (int m = 0; m < n; m++) {
            double scale = own * length[p + m];
            double near = scale * (HIGH * f00[m] + LOW * f10[m]);
            double nearOther = scale * (HIGH * f01[m] + LOW * f11[m]);
            double far = scale * (LOW * f00[m] + HIGH * f10[m]);
            double farOther = scale * (LOW * f01[m] + HIGH * f11[m]);
            to[0][m] = HIGH * near + LOW * nearOther;
            to[1][m] = LOW * near + HIGH * nearOther;
            to[2][m] = HIGH * far + LOW * farOther;
            to[3][m] = LOW * far + HIGH * farOther;
        }
    }

    /** Static moments and those of {@code (exp(−jkR) − 1)/R}, which is so smooth that two points serve. */
    private void near(int p, int m, double[] statics, double k) {
        double scale = 0.25 * length[p] * length[p + m];
        for (int to = 0; to < 4; to++) {
            re[to][m] = statics[to];
            im[to][m] = 0;
        }
        for (int pair = 0; pair < 4; pair++) {
            double r = distance[pair][m];
            double thick = Math.sqrt(r * r + statics[4]);
            double half = Math.sin(k * thick / 2);
            double real = -2 * scale * half * half / thick;
            double turning = k * r < 1e-9 ? -scale * k : scale * sine[pair][m];
            double t = pair / 2 == 0 ? HIGH : LOW;
            double s = pair % 2 == 0 ? HIGH : LOW;
            for (int to = 0; to < 4; to++) {
                double weight = (to / 2 == 0 ? t : 1 - t) * (to % 2 == 0 ? s : 1 - s);
                re[to][m] += weight * real;
                im[to][m] += weight * turning;
            }
        }
    }
}
