package veldline.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A strip that grows is the strip of what was read, whenever it is asked. */
class GrowingStripTest {
    private static List<Reading> readings(int count) {
        Random random = new Random(7);
        List<Reading> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean lost = random.nextInt(20) == 0;
            all.add(new Reading(
                    0.1 * i,
                    lost ? Optional.empty() : Optional.of(-60 + random.nextGaussian()),
                    Optional.of(1 + Math.sin(i * 1e-3))));
        }
        return all;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 63, 640, 641, 5000, 100_000})
    void itIsTheStripOfWhatWasRead(int count) {
        GrowingStrip growing = new GrowingStrip(64, 1);
        List<Reading> all = readings(count);
        all.forEach(growing::add);
        Strip strip = growing.strip().orElseThrow();
        assertThat(strip.bins().size()).isLessThanOrEqualTo(64);
        Strip whole = Strip.of(new Series(all), strip.end(), strip.bins().size());
        assertThat(strip.asked()).isEqualTo(count);
        assertThat(strip.lost()).isEqualTo(whole.lost());
        for (int i = 0; i < strip.bins().size(); i++) {
            Strip.Bin a = strip.bins().get(i);
            Strip.Bin b = whole.bins().get(i);
            assertThat(a.asked()).as("of step " + i).isCloseTo(b.asked(), within(1));
            if (a.asked() == b.asked() && a.heard() > 0) {
                assertThat(a.mean()).isCloseTo(b.mean(), within(0.5));
                assertThat(a.low()).isLessThanOrEqualTo(a.mean());
                assertThat(a.high()).isGreaterThanOrEqualTo(a.mean());
            }
        }
    }

    @Test
    void beforeTheFirstReadingThereIsNothing() {
        GrowingStrip growing = new GrowingStrip(64, 1);
        assertThat(growing.strip()).isEmpty();
        growing.add(new Reading(-1, Optional.of(-60.0), Optional.empty()));
        assertThat(growing.strip()).isEmpty();
    }

    @Test
    void aStripThatCannotGrowIsRefused() {
        assertThatThrownBy(() -> new GrowingStrip(3, 1)).hasMessageContaining("even number");
        assertThatThrownBy(() -> new GrowingStrip(4, 0)).hasMessageContaining("over nothing");
    }
}
