package veldline.field.solve;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.openblas.global.openblas_nolapack;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import veldline.dense.OpenBlasSolver;

/**
 * The factorisation of the engine on one and on two threads, beside a product of complex matrices by OpenBLAS on as many as
 * the yardstick: N³·8/3 operations against N³·8.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2)
@Measurement(iterations = 5)
@Fork(1)
public class FactorBenchmark {
    @Param({"400", "1500"})
    private int size;

    private ComplexMatrix matrix;
    private DoublePointer a;
    private DoublePointer b;
    private DoublePointer c;

    @Setup(Level.Invocation)
    public void fill() {
        Random random = new Random(1);
        matrix = new ComplexMatrix(size);
        a = new DoublePointer(2L * size * size);
        b = new DoublePointer(2L * size * size);
        c = new DoublePointer(2L * size * size);
        for (int column = 0; column < size; column++) {
            for (int row = 0; row < size; row++) {
                matrix.add(row, column, random.nextGaussian(), random.nextGaussian());
            }
            matrix.add(column, column, 10, 10);
        }
        for (long i = 0; i < 2L * size * size; i++) {
            a.put(i, random.nextGaussian());
            b.put(i, random.nextGaussian());
        }
    }

    @Benchmark
    public ComplexMatrix factorOnOne() {
        matrix.factor(() -> true, false);
        return matrix;
    }

    @Benchmark
    public ComplexMatrix factorOnTwo() {
        matrix.factor(() -> true, true);
        return matrix;
    }

    @Benchmark
    public DenseSolver.Factored nativeOnOne() {
        return new OpenBlasSolver().factor(matrix.re, matrix.im, 1);
    }

    @Benchmark
    public DenseSolver.Factored nativeOnTwo() {
        return new OpenBlasSolver().factor(matrix.re, matrix.im, 2);
    }

    @Benchmark
    public DoublePointer yardstickOnOne() {
        return product(1);
    }

    @Benchmark
    public DoublePointer yardstickOnTwo() {
        return product(2);
    }

    private DoublePointer product(int threads) {
        openblas_nolapack.blas_set_num_threads(threads);
        try (DoublePointer one = new DoublePointer(1, 0);
                DoublePointer none = new DoublePointer(0, 0)) {
            openblas_nolapack.cblas_zgemm(
                    openblas_nolapack.CblasColMajor,
                    openblas_nolapack.CblasNoTrans,
                    openblas_nolapack.CblasNoTrans,
                    size,
                    size,
                    size,
                    one,
                    a,
                    size,
                    b,
                    size,
                    none,
                    c,
                    size);
        }
        return c;
    }
}
