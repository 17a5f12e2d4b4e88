package veldline.field.solve;

import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Factors.AtEnds;

/** Sums {@code aᵀZb} for several currents a and b, taken pair by pair as segments act on each other. */
final class Forms implements Interactions.Taker {
    private final List<AtEnds> left;
    private final List<AtEnds> right;
    /** Where a segment taken is among the currents. */
    private final int[] at;

    private final double[][] re;
    private final double[][] im;

    Forms(List<AtEnds> left, List<AtEnds> right, int[] at) {
        this.left = left;
        this.right = right;
        this.at = at;
        this.re = new double[left.size()][right.size()];
        this.im = new double[left.size()][right.size()];
    }

    Complex of(int a, int b) {
        return new Complex(re[a][b], im[a][b]);
    }

    @Override
    public void take(int p, int q, int image, double[] zr, double[] zi) {
        int one = 2 * at[p];
        int other = 2 * at[q];
        for (int b = 0; b < right.size(); b++) {
            add(b, one, other, zr, zi, 1, 2);
            if (p != q) {
                add(b, other, one, zr, zi, 2, 1);
            }
        }
    }

    /** Ends of one segment on the left, of the other on the right; the strides tell rows from columns. */
    private void add(int b, int row, int column, double[] zr, double[] zi, int across, int down) {
        double[] ir = right.get(b).re();
        double[] ii = right.get(b).im();
        for (int i = 0; i < 2; i++) {
            int z0 = i * down;
            int z1 = z0 + across;
            double vr = zr[z0] * ir[column] - zi[z0] * ii[column] + zr[z1] * ir[column + 1] - zi[z1] * ii[column + 1];
            double vi = zr[z0] * ii[column] + zi[z0] * ir[column] + zr[z1] * ii[column + 1] + zi[z1] * ir[column + 1];
            for (int a = 0; a < re.length; a++) {
                double ar = left.get(a).re()[row + i];
                double ai = left.get(a).im()[row + i];
                re[a][b] += ar * vr - ai * vi;
                im[a][b] += ar * vi + ai * vr;
            }
        }
    }
}
