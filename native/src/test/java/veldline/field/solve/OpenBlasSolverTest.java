package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import veldline.dense.OpenBlasSolver;

class OpenBlasSolverTest {
    private static final int SIZE = 300;

    private static ComplexMatrix matrix() {
        Random random = new Random(7);
        ComplexMatrix z = new ComplexMatrix(SIZE);
        for (int column = 0; column < SIZE; column++) {
            for (int row = 0; row < SIZE; row++) {
                z.add(row, column, random.nextGaussian(), random.nextGaussian());
            }
        }
        return z;
    }

    @Test
    void isFoundAsAServiceAndGivesTheSameAnswers() {
        assertThat(DenseSolver.found()).containsInstanceOf(OpenBlasSolver.class);
        ComplexMatrix z = matrix();
        DenseSolver.Factored theirs = DenseSolver.found().orElseThrow().factor(z.re, z.im, 2);
        z.factor(() -> true, false);
        double[] ownRe = new Random(8).doubles(SIZE).toArray();
        double[] ownIm = new Random(9).doubles(SIZE).toArray();
        double[] re = ownRe.clone();
        double[] im = ownIm.clone();
        z.solve(ownRe, ownIm);
        theirs.solve(re, im);
        double most = 0;
        double off = 0;
        for (int i = 0; i < SIZE; i++) {
            most = Math.max(most, Math.hypot(ownRe[i], ownIm[i]));
            off = Math.max(off, Math.hypot(re[i] - ownRe[i], im[i] - ownIm[i]));
        }
        assertThat(off).isLessThan(1e-10 * most);
    }

    @Test
    void equationsWithoutOneAnswerAreRefusedAlike() {
        ComplexMatrix z = new ComplexMatrix(SIZE);
        assertThatThrownBy(() -> DenseSolver.found().orElseThrow().factor(z.re, z.im, 1))
                .isInstanceOf(SolveFailure.class)
                .hasMessageContaining("no single answer");
    }
}
