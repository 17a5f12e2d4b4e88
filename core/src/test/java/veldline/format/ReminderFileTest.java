package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaiseChange;
import veldline.raise.Schedule;
import veldline.raise.WorkDay;

/** A calendar as RFC 5545 has it: lines of 75 octets, texts escaped, every event whole. */
class ReminderFileTest {
    private static final Instant BEGINS = Instant.parse("2027-03-08T09:00:00Z");
    private static final Schedule PLAN = Schedule.of(4.5, 0.4);

    private static Job job(Optional<Instant> begins) {
        return new JobChange.OfRaise(new RaiseChange.Day(
                        new WorkDay(begins, Quantity.of("2", Unit.ONE), Quantity.of("5", Unit.M_S))))
                .applyTo(TernholmSands.nestCamera());
    }

    private static String written(Job job) {
        return ReminderFile.write(job, PLAN, Instant.parse("2027-01-01T00:00:00Z"));
    }

    private static List<String> unfolded(String text) {
        return text.replace("\r\n ", "").lines().toList();
    }

    @Test
    void everyStepAndWhatComesLaterIsAnEvent() {
        List<String> lines = unfolded(written(job(Optional.of(BEGINS))));
        assertThat(lines).startsWith("BEGIN:VCALENDAR").endsWith("END:VCALENDAR");
        assertThat(lines)
                .filteredOn("BEGIN:VEVENT"::equals)
                .hasSize(PLAN.steps().size() + 2);
        assertThat(lines).filteredOn(l -> l.startsWith("UID:")).doesNotHaveDuplicates();
        assertThat(lines).contains("DTSTART:20270308T090000Z", "DTSTART:20270405T090000Z", "DTSTART:20280307T090000Z");
        assertThat(lines).anyMatch(l -> l.startsWith("SUMMARY:") && l.contains("Torque every bolt again\\, look"));
    }

    @Test
    void noLineIsLongerThanAllowedAndEachEndsAsItMust() {
        Job named = job(Optional.of(BEGINS))
                .withName("Nest-camera link über den Priel; zweite, längere Fassung mit Ä und Ö");
        String text = written(named);
        for (String line : text.split("\r\n")) {
            assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75);
        }
        assertThat(text).endsWith("END:VCALENDAR\r\n").doesNotContain("\n\n");
        assertThat(String.join("\n", unfolded(text))).contains("Priel\\; zweite\\, längere Fassung mit Ä und Ö");
    }

    @Test
    void withoutADayThereIsNothingToRemindOf() {
        assertThat(unfolded(written(job(Optional.empty())))).doesNotContain("BEGIN:VEVENT");
    }
}
