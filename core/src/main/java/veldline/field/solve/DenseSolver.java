package veldline.field.solve;

import java.util.Optional;
import java.util.ServiceLoader;

/**
 * Solves dense complex equations. One that is on the class path as a service takes the place of plain Java for large
 * models, unless {@code -Dveldline.dense=java} says not to; none ships with the program. Answers are the same to rounding.
 */
public interface DenseSolver {
    /** With fewer unknowns than this packing for it costs more than it saves. */
    int WORTH_IT = 250;

    /** Equations ready to be solved for any right-hand side; for one thread at a time. */
    interface Factored {
        /** Solves in place, real and imaginary parts. */
        void solve(double[] re, double[] im);
    }

    /**
     * @param re real parts by columns; not changed
     * @param im imaginary parts likewise
     * @param threads how many it may use
     * @throws SolveFailure if the equations have no single answer
     */
    Factored factor(double[][] re, double[][] im, int threads);

    /** The one on the class path, looked for when it is first wanted. */
    static Optional<DenseSolver> found() {
        return Found.SOLVER;
    }

    /** Loaded late, so that a program that solves nothing large looks for nothing. */
    final class Found {
        private static final Optional<DenseSolver> SOLVER = "java".equals(System.getProperty("veldline.dense"))
                ? Optional.empty()
                : ServiceLoader.load(DenseSolver.class).findFirst();

        private Found() {}
    }
}
