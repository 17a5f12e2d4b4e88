package veldline.raise;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The work at the place. */
class ScheduleTest {
    @Test
    void theWholeIsTheSumOfItsSteps() {
        Schedule s = Schedule.of(4, 0.5);
        assertThat(s.minutes())
                .isEqualTo(
                        s.steps().stream().mapToDouble(Schedule.Step::minutes).sum());
        assertThat(s.worked().value()).isEqualTo(s.minutes());
    }

    @Test
    void aTallMastOrALongAntennaIsNoWorkForOne() {
        assertThat(Schedule.of(2, 0.5).people()).isEqualTo(1);
        assertThat(Schedule.of(5, 0.5).people()).isEqualTo(2);
        assertThat(Schedule.of(2, 3).people()).isEqualTo(2);
        assertThat(Schedule.of(9, 0.5).minutes())
                .isGreaterThan(Schedule.of(3, 0.5).minutes());
    }

    @Test
    void theAimNeedsACompassAndTheLookBeforeAMeter() {
        assertThat(Schedule.of(2, 0.5).steps().stream().flatMap(s -> s.tools().stream()))
                .extracting(t -> t.words())
                .contains("compass", "SWR meter")
                .doesNotContain("ladder");
        assertThat(Schedule.of(5, 0.5).steps().stream().flatMap(s -> s.tools().stream()))
                .extracting(t -> t.words())
                .contains("ladder");
    }
}
