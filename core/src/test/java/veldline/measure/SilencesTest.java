package veldline.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SilencesTest {
    private static Silences of(int count, double every, IntPredicate deaf) {
        List<Reading> readings = IntStream.range(0, count)
                .mapToObj(i ->
                        new Reading(i * every, deaf.test(i) ? Optional.empty() : Optional.of(-70.0), Optional.empty()))
                .toList();
        return Silences.of(new Series(readings));
    }

    @Test
    void aLostReadingIsNoSilence() {
        assertThat(of(1000, 1, i -> i % 50 == 0)).isEqualTo(new Silences(0, 0, Optional.empty()));
        assertThat(of(100, 0.1, i -> i >= 20 && i < 30).count())
                .as("a second at ten a second")
                .isZero();
        assertThat(of(100, 60, i -> i >= 20 && i < 23).count())
                .as("three readings")
                .isZero();
    }

    /** A fan, a door, a tide: what comes and goes is told with how often. */
    @Test
    void whatComesAndGoesHasARhythm() {
        Silences s = of(3000, 1, i -> i % 300 >= 280);
        assertThat(s.count()).isEqualTo(10);
        assertThat(s.longest()).isCloseTo(20, within(1e-9));
        assertThat(s.every().orElseThrow()).isCloseTo(300, within(1e-9));
    }

    @Test
    void whatComesByChanceHasNone() {
        Random r = new Random(4);
        boolean[] deaf = new boolean[20_000];
        for (int k = 0; k < 12; k++) {
            int at = r.nextInt(19_900);
            for (int i = at; i < at + 30; i++) {
                deaf[i] = true;
            }
        }
        Silences s = of(20_000, 1, i -> deaf[i]);
        assertThat(s.count()).isBetween(10, 12);
        assertThat(s.every()).isEmpty();
    }

    @Test
    void aRecordingThatEndsDeafCountsItsEnd() {
        Silences s = of(100, 2, i -> i >= 90);
        assertThat(s.count()).isEqualTo(1);
        assertThat(s.longest()).isCloseTo(20, within(1e-9));
    }
}
