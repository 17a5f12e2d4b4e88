package veldline.field.solve;

import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * A square complex matrix held by columns, real and imaginary parts apart so that the inner loops run over plain arrays.
 */
final class ComplexMatrix implements DenseSolver.Factored {
    /** Columns factored at a time. */
    private static final int PANEL = 32;
    /** Fewer columns than this are not worth sharing out. */
    private static final int FEW = 96;

    final int size;
    final double[][] re;
    final double[][] im;
    private int[] pivots = new int[0];

    ComplexMatrix(int size) {
        this.size = size;
        this.re = new double[size][size];
        this.im = new double[size][size];
    }

    void add(int row, int column, double r, double i) {
        re[column][row] += r;
        im[column][row] += i;
    }

    /** Adds another of its size. */
    void add(ComplexMatrix other) {
        for (int column = 0; column < size; column++) {
            for (int row = 0; row < size; row++) {
                re[column][row] += other.re[column][row];
                im[column][row] += other.im[column][row];
            }
        }
    }

    /** Adds its own transpose: a symmetric matrix is filled on one side only. */
    void addTranspose() {
        for (int column = 0; column < size; column++) {
            for (int row = 0; row < column; row++) {
                double r = re[column][row] + re[row][column];
                double i = im[column][row] + im[row][column];
                re[column][row] = r;
                re[row][column] = r;
                im[column][row] = i;
                im[row][column] = i;
            }
            re[column][column] *= 2;
            im[column][column] *= 2;
        }
    }

    /**
     * Replaces the matrix by its LU factors with row pivoting. A panel of columns is factored, then every column still to
     * come takes all of the panel's while it lies in the nearest cache, two at a time; columns may be shared out over the
     * processors.
     *
     * @param keepGoing polled once a panel
     * @param everyProcessor whether to use them all
     * @throws SolveFailure if a pivot vanishes or the work was called off
     */
    void factor(BooleanSupplier keepGoing, boolean everyProcessor) {
        pivots = new int[size];
        for (int from = 0; from < size; from += PANEL) {
            if (!keepGoing.getAsBoolean()) {
                throw new SolveFailure("Called off before it was done; ask again to start anew");
            }
            int to = Math.min(from + PANEL, size);
            panel(from, to);
            int begin = from;
            IntStream rest = IntStream.range(to, size);
            boolean shared = everyProcessor && size - to > FEW;
            (shared ? rest.parallel() : rest).forEach(j -> takePanel(begin, to, j));
        }
    }

    private void panel(int from, int to) {
        for (int k = from; k < to; k++) {
            choosePivot(k);
            for (int j = k + 1; j < to; j++) {
                swap(re[j], k, pivots[k]);
                swap(im[j], k, pivots[k]);
                subtract(re[j], im[j], k, k + 1);
            }
        }
    }

    private void takePanel(int from, int to, int j) {
        for (int k = from; k < to; k++) {
            swap(re[j], k, pivots[k]);
            swap(im[j], k, pivots[k]);
        }
        int k = from;
        for (; k + 1 < to; k += 2) {
            subtractTwo(k, j);
        }
        if (k < to) {
            subtract(re[j], im[j], k, k + 1);
        }
    }

    private void choosePivot(int k) {
        double[] r = re[k];
        double[] i = im[k];
        int best = k;
        double most = -1;
        for (int row = k; row < size; row++) {
            double here = r[row] * r[row] + i[row] * i[row];
            if (here > most) {
                most = here;
                best = row;
            }
        }
        if (!(most > 0)) {
            throw new SolveFailure("The equations have no single answer (column " + k
                    + "); two wires may lie on top of each other: move one aside");
        }
        pivots[k] = best;
        swap(r, k, best);
        swap(i, k, best);
        double pr = r[k] / most;
        double pi = -i[k] / most;
        for (int row = k + 1; row < size; row++) {
            double x = r[row];
            double y = i[row];
            r[row] = x * pr - y * pi;
            i[row] = x * pi + y * pr;
        }
        // Earlier columns of L follow the exchange so that whole rows stay together.
        for (int j = 0; j < k; j++) {
            swap(re[j], k, best);
            swap(im[j], k, best);
        }
    }

    private static void swap(double[] a, int i, int j) {
        double t = a[i];
        a[i] = a[j];
        a[j] = t;
    }

    /** Columns k and k + 1 of L from column j. */
    private void subtractTwo(int k, int j) {
        double[] r = re[j];
        double[] i = im[j];
        double[] l0r = re[k];
        double[] l0i = im[k];
        double ar = r[k];
        double ai = i[k];
        r[k + 1] -= l0r[k + 1] * ar - l0i[k + 1] * ai;
        i[k + 1] -= l0r[k + 1] * ai + l0i[k + 1] * ar;
        double br = r[k + 1];
        double bi = i[k + 1];
        double[] l1r = re[k + 1];
        double[] l1i = im[k + 1];
        for (int row = k + 2; row < size; row++) {
            r[row] -= l0r[row] * ar - l0i[row] * ai + l1r[row] * br - l1i[row] * bi;
        }
        for (int row = k + 2; row < size; row++) {
            i[row] -= l0r[row] * ai + l0i[row] * ar + l1r[row] * bi + l1i[row] * br;
        }
    }

    private void subtract(double[] r, double[] i, int k, int from) {
        double ur = r[k];
        double ui = i[k];
        double[] lr = re[k];
        double[] li = im[k];
        for (int row = from; row < size; row++) {
            r[row] -= lr[row] * ur - li[row] * ui;
            i[row] -= lr[row] * ui + li[row] * ur;
        }
    }

    /** Solves in place for one right-hand side, after {@link #factor}. */
    @Override
    public void solve(double[] xr, double[] xi) {
        for (int k = 0; k < size; k++) {
            swap(xr, k, pivots[k]);
            swap(xi, k, pivots[k]);
        }
        for (int k = 0; k < size; k++) {
            subtract(xr, xi, k, k + 1);
        }
        for (int k = size - 1; k >= 0; k--) {
            double dr = re[k][k];
            double di = im[k][k];
            double norm = dr * dr + di * di;
            double r = (xr[k] * dr + xi[k] * di) / norm;
            double i = (xi[k] * dr - xr[k] * di) / norm;
            xr[k] = r;
            xi[k] = i;
            double[] ur = re[k];
            double[] ui = im[k];
            for (int row = 0; row < k; row++) {
                xr[row] -= ur[row] * r - ui[row] * i;
                xi[row] -= ur[row] * i + ui[row] * r;
            }
        }
    }
}
