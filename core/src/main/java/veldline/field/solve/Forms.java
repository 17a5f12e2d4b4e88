package veldline.field.solve;

import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Factors.AtEnds;

/** Sums {@code aᵀZb} for several currents a and b, taken pair by pair as segments act on each other. */
final class Forms implements Interactions.Taker {
    private final double[][] leftRe;
    private final double[][] leftIm;
    private final double[][] rightRe;
    private final double[][] rightIm;
    /** Where a segment taken is among the currents. */
    private final int[] at;

    private final double[][] re;
    private final double[][] im;

    Forms(List<AtEnds> left, List<AtEnds> right, int[] at) {
        this.leftRe = left.stream().map(AtEnds::re).toArray(double[][]::new);
        this.leftIm = left.stream().map(AtEnds::im).toArray(double[][]::new);
        this.rightRe = right.stream().map(AtEnds::re).toArray(double[][]::new);
        this.rightIm = right.stream().map(AtEnds::im).toArray(double[][]::new);
        this.at = at;
        this.re = new double[right.size()][left.size()];
        this.im = new double[right.size()][left.size()];
    }

    Complex of(int a, int b) {
        return new Complex(re[b][a], im[b][a]);
    }

    @Override
    public void take(int p, int q, int image, double[] zr, double[] zi) {
        int one = 2 * at[p];
        int other = 2 * at[q];
        for (int b = 0; b < rightRe.length; b++) {
            add(b, one, other, zr, zi, 1, 2);
            if (p != q) {
                add(b, other, one, zr, zi, 2, 1);
            }
        }
    }

    /** Ends of one segment on the left, of the other on the right; the strides tell rows from columns. */
    private void add(int b, int row, int column, double[] zr, double[] zi, int across, int down) {
        double r0 = rightRe[b][column];
        double i0 = rightIm[b][column];
        double r1 = rightRe[b][column + 1];
        double i1 = rightIm[b][column + 1];
        int d = down + across;
        double v0r = zr[0] * r0 - zi[0] * i0 + zr[across] * r1 - zi[across] * i1;
        double v0i = zr[0] * i0 + zi[0] * r0 + zr[across] * i1 + zi[across] * r1;
        double v1r = zr[down] * r0 - zi[down] * i0 + zr[d] * r1 - zi[d] * i1;
        double v1i = zr[down] * i0 + zi[down] * r0 + zr[d] * i1 + zi[d] * r1;
        double[] sumRe = re[b];
        double[] sumIm = im[b];
        for (int a = 0; a < sumRe.length; a++) {
            double[] lr = leftRe[a];
            double[] li = leftIm[a];
            double a0r = lr[row];
            double a0i = li[row];
            double a1r = lr[row + 1];
            double a1i = li[row + 1];
            sumRe[a] += a0r * v0r - a0i * v0i + a1r * v1r - a1i * v1i;
            sumIm[a] += a0r * v0i + a0i * v0r + a1r * v1i + a1i * v1r;
        }
    }
}
