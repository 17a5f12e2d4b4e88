package veldline.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class AxisTest {
    @RepeatedTest(50)
    void ticksAreRoundFewAndOnTheScale(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double from = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(9) - 2);
        double to = from + random.nextDouble() * Math.pow(10, random.nextInt(9) - 2) + 1e-3;
        int most = 2 + random.nextInt(10);
        List<Double> ticks = new Axis(from, to, 0, 500).ticks(most);
        assertThat(ticks).hasSizeLessThanOrEqualTo(most).isSorted();
        double room = 1e-9 * Math.max(Math.abs(from), Math.abs(to));
        assertThat(ticks).allMatch(t -> t >= from - room && t <= to + room);
        for (int i = 1; i < ticks.size(); i++) {
            double step = ticks.get(i) - ticks.get(i - 1);
            double mantissa = step / Math.pow(10, Math.floor(Math.log10(step * (1 + 1e-6))));
            assertThat(mantissa)
                    .as("1, 2 or 5 times a power of ten")
                    .satisfiesAnyOf(
                            m -> assertThat(m).isCloseTo(1, within(1e-4)),
                            m -> assertThat(m).isCloseTo(2, within(1e-4)),
                            m -> assertThat(m).isCloseTo(5, within(1e-4)));
        }
    }

    @Test
    void zeroIsExactlyZero() {
        assertThat(new Axis(-0.3, 0.3, 0, 100).ticks(7)).contains(0.0);
        assertThat(new Axis(-400, 400, 0, 100).ticks(9))
                .containsExactly(-400.0, -300.0, -200.0, -100.0, 0.0, 100.0, 200.0, 300.0, 400.0);
    }

    @Test
    void placesAndValuesAreInverse() {
        Axis falling = new Axis(1, 3, 200, 100);
        assertThat(falling.at(1)).isEqualTo(200);
        assertThat(falling.at(3)).isEqualTo(100);
        assertThat(falling.value(falling.at(2.4))).isCloseTo(2.4, within(1e-12));
        assertThat(falling.clamped(99)).isEqualTo(100);
        assertThat(falling.clamped(-99)).isEqualTo(200);
    }

    @Test
    void aBackwardScaleHasTheSameTicks() {
        assertThat(new Axis(10, 0, 0, 100).ticks(6)).isEqualTo(new Axis(0, 10, 0, 100).ticks(6));
    }
}
