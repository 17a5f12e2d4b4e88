package veldline.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.distribution.continuous.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How often an improvement is shown, as foretold and as drawn. */
class PowerTest {
    private static final int RUNS = 4000;

    /** Welch's interval over drawn readings, as often as the curve says. */
    @ParameterizedTest
    @CsvSource({"0, 2.5, 20", "1, 2.5, 20", "2, 2.5, 20", "3, 2.5, 20", "2, 2, 60", "1.5, 1, 25", "4, 5, 25"})
    void theCurveIsWhatIsDrawn(double improvement, double spread, int count) {
        Random random = new Random(11);
        int shown = 0;
        for (int run = 0; run < RUNS; run++) {
            double[] before = drawn(random, 0, spread, count);
            double[] after = drawn(random, improvement, spread, count);
            double error = Math.sqrt((before[1] + after[1]) / count);
            double half = new TDistribution(2 * count - 2.0).inverseCumulativeProbability(0.975) * error;
            double difference = after[0] - before[0];
            shown += difference > half && difference > 1.5 ? 1 : 0;
        }
        double told = Power.of(spread, spread, count, count, 0.95, 1.5).chance(improvement);
        assertThat(100.0 * shown / RUNS).isCloseTo(told, within(3.0));
    }

    private static double[] drawn(Random random, double mean, double spread, int count) {
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < count; i++) {
            double x = mean + spread * random.nextGaussian();
            sum += x;
            squares += x * x;
        }
        double m = sum / count;
        return new double[] {m, (squares - count * m * m) / (count - 1)};
    }

    @Test
    void whatIsShownInNineOfTenIs() {
        Power p = Power.of(2.5, 3, 24, 20, 0.95, 1.5);
        assertThat(p.chance(p.nineInTen())).isCloseTo(90, within(1e-9));
        assertThat(p.chance(0)).isLessThan(5);
        assertThat(p.chance(20)).isGreaterThan(99.9);
    }

    @Test
    void moreReadingsShowSmallerImprovements() {
        double few = Power.wanted(3, 2.5, 0.95, 1.5);
        double many = Power.wanted(2, 2.5, 0.95, 1.5);
        assertThat(many).isGreaterThan(3 * few);
        assertThat(Power.of(2.5, 2.5, few, few, 0.95, 1.5).nineInTen()).isCloseTo(3, within(1e-6));
    }

    @Test
    void whatCannotBeShownIsRefused() {
        assertThatThrownBy(() -> Power.wanted(1.4, 2, 0.95, 1.5)).hasMessageContaining("1.4");
        assertThatThrownBy(() -> Power.of(2, 2, 1, 20, 0.95, 1.5)).hasMessageContaining("more than one of each");
    }
}
