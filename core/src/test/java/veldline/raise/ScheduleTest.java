package veldline.raise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.stock.Tool;

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

    /** Nobody has more hands than there are, nothing begins before what it waits for, and two are done sooner than one. */
    @Test
    void slotsWaitForWhatComesBeforeAndForHands() {
        Schedule plan = Schedule.of(5, 1);
        for (int there = 1; there <= 4; there++) {
            List<Schedule.Slot> slots = plan.slots(there);
            assertThat(slots).hasSameSizeAs(plan.steps());
            for (Schedule.Slot s : slots) {
                for (int a : plan.steps().get(s.step()).after()) {
                    assertThat(s.from())
                            .isGreaterThanOrEqualTo(
                                    slots.get(a).to() + plan.steps().get(a).waitMinutes());
                }
                int hands = 0;
                for (Schedule.Slot o : slots) {
                    if (o.from() <= s.from() && s.from() < o.to()) {
                        hands += Math.min(there, plan.steps().get(o.step()).people());
                    }
                }
                assertThat(hands).isLessThanOrEqualTo(there);
            }
        }
        assertThat(plan.ends(3)).isLessThanOrEqualTo(plan.ends(2)).isLessThan(plan.minutes() + 40);
        assertThat(plan.ends(2)).isLessThanOrEqualTo(plan.ends(1));
        assertThat(plan.ends(1)).isGreaterThanOrEqualTo(plan.minutes());
    }

    @Test
    void whatIsWaitedForHasAName() {
        assertThat(Schedule.of(4, 1).steps())
                .filteredOn(s -> s.waitMinutes() > 0)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.waitsFor()).isNotBlank());
        assertThat(Schedule.of(5, 1).tools()).doesNotHaveDuplicates().contains(Tool.LADDER, Tool.COMPASS);
    }
}
