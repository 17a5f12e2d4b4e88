package veldline.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class StripTest {
    private static Reading reading(double seconds, double level) {
        return new Reading(
                seconds,
                level < -90 ? Optional.empty() : Optional.of(level),
                Optional.of(seconds / 100),
                Optional.empty());
    }

    @Test
    void whatWasReadInAStepIsItsOwn() {
        Strip strip = Strip.of(
                new Series(List.of(
                        reading(0, -60), reading(1, -64), reading(5, -99), reading(9.9, -70), reading(10, -50))),
                10,
                2);
        assertThat(strip.bins().get(0)).isEqualTo(new Strip.Bin(2, 2, -62, -64, -60, Optional.of(0.005)));
        assertThat(strip.bins().get(1).asked())
                .as("what was read later is left out")
                .isEqualTo(2);
        assertThat(strip.bins().get(1).heard()).isEqualTo(1);
        assertThat(strip.middle(1)).isEqualTo(7.5);
    }

    /** However many steps, every reading is counted once, and the mean of all is the mean of all. */
    @Property(tries = 100)
    void noReadingIsLostOrCountedTwice(
            @ForAll @IntRange(min = 1, max = 200) int count, @ForAll @IntRange(min = 1, max = 500) int n) {
        List<Reading> readings = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double level = -60 - (i * 37 % 23);
            readings.add(reading(i * 0.1, level));
            sum += level;
        }
        Strip strip = Strip.of(new Series(readings), Math.nextUp(Math.max(0.1, (n - 1) * 0.1)), count);
        assertThat(strip.bins().stream().mapToInt(Strip.Bin::asked).sum()).isEqualTo(n);
        double all = strip.bins().stream()
                .filter(b -> b.heard() > 0)
                .mapToDouble(b -> b.mean() * b.heard())
                .sum();
        assertThat(all).isCloseTo(sum, within(1e-6));
        assertThat(strip.bins().stream().filter(b -> b.heard() > 0))
                .allSatisfy(b -> assertThat(b.mean()).isBetween(b.low(), b.high()));
    }
}
