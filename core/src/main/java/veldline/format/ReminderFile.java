package veldline.format;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import veldline.job.Job;
import veldline.raise.Reminder;
import veldline.raise.Schedule;

/** A day of work and what is to be seen to later, as a calendar (RFC 5545). */
public final class ReminderFile {
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'", Locale.ROOT).withZone(ZoneOffset.UTC);
    /** Octets of a line, RFC 5545 §3.1. */
    private static final int LINE = 75;

    private ReminderFile() {}

    /**
     * @param plan the work, of which each step is an event
     * @param stamp when it is written
     * @return nothing but reminders of nothing where no day was picked
     */
    public static String write(Job job, Schedule plan, Instant stamp) {
        List<String> lines = new ArrayList<>(
                List.of("BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//Veldline//Job//EN", "CALSCALE:GREGORIAN"));
        job.raise().day().begins().ifPresent(begins -> {
            int there = (int) Math.max(1, job.raise().day().people().value());
            for (Schedule.Slot slot : plan.slots(there)) {
                Schedule.Step step = plan.steps().get(slot.step());
                String wait = step.waitsFor().isEmpty() ? "" : " Then wait for " + step.waitsFor() + ".";
                event(
                        lines,
                        job,
                        "step-" + slot.step(),
                        begins.plusSeconds(Math.round(60 * slot.from())),
                        begins.plusSeconds(Math.round(60 * slot.to())),
                        step.what() + "." + wait,
                        stamp);
            }
        });
        List<Reminder> later = Reminder.of(job.raise().day().begins());
        for (int i = 0; i < later.size(); i++) {
            Reminder r = later.get(i);
            event(lines, job, "later-" + i, r.on(), r.on().plusSeconds(1800), r.what(), stamp);
        }
        lines.add("END:VCALENDAR");
        StringBuilder text = new StringBuilder();
        lines.forEach(l -> text.append(folded(l)).append("\r\n"));
        return text.toString();
    }

    private static void event(
            List<String> lines, Job job, String id, Instant from, Instant to, String what, Instant stamp) {
        String name = job.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        lines.addAll(List.of(
                "BEGIN:VEVENT",
                "UID:" + id + "-" + name + "-" + TIME.format(from) + "@veldline",
                "DTSTAMP:" + TIME.format(stamp),
                "DTSTART:" + TIME.format(from),
                "DTEND:" + TIME.format(to),
                "SUMMARY:" + escaped(job.name() + ": " + what),
                "LOCATION:" + escaped(job.place()),
                "END:VEVENT"));
    }

    private static String escaped(String text) {
        return text.replace("\\", "\\\\")
                .replace(";", "\\;")
                .replace(",", "\\,")
                .replaceAll("\\R", "\\\\n");
    }

    /** A long line goes on after a line break and a blank, never within a letter. */
    private static String folded(String line) {
        StringBuilder out = new StringBuilder();
        int octets = 0;
        for (int i = 0; i < line.length(); i = line.offsetByCodePoints(i, 1)) {
            String letter = line.substring(i, line.offsetByCodePoints(i, 1));
            int more = letter.getBytes(StandardCharsets.UTF_8).length;
            if (octets + more > LINE) {
                out.append("\r\n ");
                octets = 1;
            }
            out.append(letter);
            octets += more;
        }
        return out.toString();
    }
}
