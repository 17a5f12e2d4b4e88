package veldline.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MovingBlocksTest {
    private static double[] tied(double memory, int n, long seed) {
        Random random = new Random(seed);
        double[] s = new double[n];
        double x = random.nextGaussian();
        for (int i = 0; i < n; i++) {
            x = memory * x + Math.sqrt(1 - memory * memory) * random.nextGaussian();
            s[i] = x;
        }
        return s;
    }

    /** The variance of a mean of n readings with memory a is (1 + a) ÷ (1 − a) ÷ n: blocks find most of it, single readings none. */
    @Test
    void blocksFindWhatTiesReadingsTogether() {
        double memory = 0.7;
        double blocks = 0;
        double single = 0;
        int runs = 200;
        for (int i = 0; i < runs; i++) {
            double[] s = tied(memory, 600, i);
            blocks += MovingBlocks.of(s, 24).variance() / runs;
            single += MovingBlocks.of(s, 1).variance() / runs;
        }
        double truth = (1 + memory) / (1 - memory) / 600;
        assertThat(blocks / truth).isBetween(0.75, 1.0);
        assertThat(single / truth).isCloseTo((1 - memory) / (1 + memory), within(0.02));
    }

    /** What is drawn has the spread that is worked out, and lies about the centre. */
    @ParameterizedTest
    @ValueSource(ints = {1, 5, 20})
    void whatIsDrawnAgreesWithWhatIsWorkedOut(int length) {
        MovingBlocks b = MovingBlocks.of(tied(0.5, 200, 3), length);
        MovingBlocks a = MovingBlocks.of(tied(0.5, 200, 4), length);
        double[] one = MovingBlocks.interval(b, a, 68.27);
        double spread = Math.sqrt(b.variance() + a.variance());
        assertThat((one[1] - one[0]) / 2).isCloseTo(spread, within(0.04 * spread));
        assertThat((one[1] + one[0]) / 2).isCloseTo(a.centre() - b.centre(), within(0.04 * spread));
        assertThat(MovingBlocks.interval(b, a, 68.27)).as("the same every time").isEqualTo(one);
    }

    @Test
    void neighboursAreTied() {
        assertThat(MovingBlocks.lag(tied(0.8, 20_000, 1))).isCloseTo(0.8, within(0.02));
        assertThat(MovingBlocks.lag(new double[] {1, -1, 1, -1})).isEqualTo(-0.75);
        assertThatThrownBy(() -> MovingBlocks.of(new double[3], 4)).hasMessageContaining("give 1 to 3");
    }
}
