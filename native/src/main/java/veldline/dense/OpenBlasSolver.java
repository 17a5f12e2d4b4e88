package veldline.dense;

import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.IntSupplier;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.openblas.global.openblas;
import veldline.field.solve.DenseSolver;
import veldline.field.solve.SolveFailure;

/** LU factors by LAPACK's {@code zgetrf}, solutions by {@code zgetrs}, as OpenBLAS has them. */
public final class OpenBlasSolver implements DenseSolver {
    private static final byte AS_IT_IS = 'N';
    /** On several threads it keeps its buffers on the stack of the caller, more than a Java thread has. */
    private static final long STACK = 64L << 20;

    /** Found by name as a service. */
    public OpenBlasSolver() {}

    @Override
    public Factored factor(double[][] re, double[][] im, int threads) {
        int size = re.length;
        openblas.blas_set_num_threads(threads);
        double[] column = new double[2 * size];
        DoublePointer matrix = new DoublePointer(2L * size * size);
        IntPointer pivots = new IntPointer((long) size);
        for (int c = 0; c < size; c++) {
            for (int r = 0; r < size; r++) {
                column[2 * r] = re[c][r];
                column[2 * r + 1] = im[c][r];
            }
            matrix.position(2L * size * c).put(column);
        }
        matrix.position(0);
        int failed = roomy(() -> openblas.LAPACKE_zgetrf(openblas.LAPACK_COL_MAJOR, size, size, matrix, size, pivots));
        if (failed > 0) {
            throw new SolveFailure("The equations have no single answer (column " + (failed - 1)
                    + "); two wires may lie on top of each other: move one aside");
        }
        return (xr, xi) -> {
            for (int r = 0; r < size; r++) {
                column[2 * r] = xr[r];
                column[2 * r + 1] = xi[r];
            }
            try (DoublePointer x = new DoublePointer(column)) {
                openblas.LAPACKE_zgetrs(openblas.LAPACK_COL_MAJOR, AS_IT_IS, size, 1, matrix, size, pivots, x, size);
                x.get(column);
            }
            for (int r = 0; r < size; r++) {
                xr[r] = column[2 * r];
                xi[r] = column[2 * r + 1];
            }
        };
    }

    private static int roomy(IntSupplier work) {
        FutureTask<Integer> task = new FutureTask<>(work::getAsInt);
        new Thread(null, task, "dense equations", STACK).start();
        try {
            return task.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new SolveFailure("Called off before it was done; ask again to start anew");
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
    }
}
