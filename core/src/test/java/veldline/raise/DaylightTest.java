package veldline.raise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sunrise and sunset against almanac times, and against what holds everywhere. */
class DaylightTest {
    /** At the old observatory on the prime meridian, by the almanac, in UTC. */
    @ParameterizedTest
    @CsvSource({
        "2026-06-21, 2026-06-21T03:43:00Z, 2026-06-21T20:21:00Z",
        "2026-12-21, 2026-12-21T08:04:00Z, 2026-12-21T15:53:00Z",
        "2026-03-20, 2026-03-20T06:03:00Z, 2026-03-20T18:14:00Z"
    })
    void theSunRisesAndSetsByTheAlmanac(LocalDate day, Instant rises, Instant sets) {
        Daylight d = Daylight.of(51.477, 0, day).orElseThrow();
        assertThat(Math.abs(Duration.between(rises, d.rises()).toSeconds())).isLessThan(120);
        assertThat(Math.abs(Duration.between(sets, d.sets()).toSeconds())).isLessThan(120);
    }

    @Test
    void aDegreeEastTheSunIsFourMinutesSooner() {
        LocalDate day = LocalDate.of(2026, 9, 1);
        Daylight west = Daylight.of(55, 4, day).orElseThrow();
        Daylight east = Daylight.of(55, 5, day).orElseThrow();
        assertThat((double) Duration.between(east.rises(), west.rises()).toSeconds())
                .isCloseTo(240, within(3.0));
    }

    @Test
    void beyondThePolarCircleSomeDaysHaveNeither() {
        assertThat(Daylight.of(75, 20, LocalDate.of(2026, 6, 21))).isEmpty();
        assertThat(Daylight.of(75, 20, LocalDate.of(2026, 12, 21))).isEmpty();
        assertThat(Daylight.of(-75, 20, LocalDate.of(2026, 3, 20))).isPresent();
    }

    @Test
    void onTheEquatorDaysAreOfOneLength() {
        for (int month = 1; month <= 12; month++) {
            Daylight d = Daylight.of(0, 30, LocalDate.of(2026, month, 10)).orElseThrow();
            assertThat(Duration.between(d.rises(), d.sets()).toMinutes()).isBetween(725L, 729L);
        }
    }
}
