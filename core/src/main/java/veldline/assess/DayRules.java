package veldline.assess;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.link.End;
import veldline.quantity.NumberText;
import veldline.raise.Daylight;
import veldline.raise.Reminder;
import veldline.raise.Schedule;
import veldline.raise.WorkDay;

/** Judgements on the day of the work: people, wind, daylight, and what is to be seen to later. */
public final class DayRules {
    /** At height nobody works in more, m/s. */
    private static final double WIND = 10;

    private static final DateTimeFormatter CLOCK =
            DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT).withZone(ZoneOffset.UTC);
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH).withZone(ZoneOffset.UTC);

    private DayRules() {}

    /** People who come, one or more. */
    public static int there(Job job) {
        return (int) Math.max(1, job.raise().day().people().value());
    }

    /** Light at the place of the antenna that goes up; empty while no day was picked, or where the sun stays up or down. */
    public static Optional<Daylight> light(Job job) {
        End end = job.madeNear() ? job.brief().near() : job.brief().far();
        return job.raise()
                .day()
                .begins()
                .flatMap(b -> Daylight.of(
                        end.latitude().value(),
                        end.longitude().value(),
                        b.atZone(ZoneOffset.UTC).toLocalDate()));
    }

    /** Nothing is said of what nobody looked at yet. */
    static List<Finding> of(Assessment a) {
        return a.job().raise().day().equals(WorkDay.NONE) ? List.of() : judged(a);
    }

    static List<Finding> judged(Assessment a) {
        WorkDay day = a.job().raise().day();
        Schedule plan = a.raise().schedule();
        List<Finding> all = new ArrayList<>();
        if (day.begins().isPresent()) {
            all.add(ends(a, plan, day.begins().get()));
        }
        boolean high = plan.steps().stream().anyMatch(Schedule.Step::high);
        if (high && day.gusts().value() > WIND) {
            all.add(Finding.plain(
                    Finding.Level.STOP,
                    "Too windy:",
                    "gusts of " + day.gusts() + " are forecast; nobody works at height over "
                            + NumberText.shown(WIND, 0) + " m/s.",
                    "Another day, or what can be done from the ground. Local rules may stop it sooner.",
                    "too windy"));
        }
        if (there(a.job()) < plan.people()) {
            all.add(Finding.plain(
                    Finding.Level.STOP,
                    day.people() + " of " + plan.people() + " people",
                    "come; a tall mast and a long antenna are not handled alone.",
                    "A second person also calls for help.",
                    "people short"));
        }
        return all;
    }

    private static Finding ends(Assessment a, Schedule plan, Instant begins) {
        Instant ends = begins.plusSeconds(Math.round(60 * plan.ends(there(a.job()))));
        Optional<Daylight> light = light(a.job());
        String lead = CLOCK.format(begins) + " to " + CLOCK.format(ends) + " UTC";
        String later = Reminder.of(Optional.of(begins)).stream()
                .map(r -> r.what() + ": " + DAY.format(r.on()) + ".")
                .reduce("", (x, y) -> x + " " + y)
                .strip();
        if (light.isEmpty()) {
            return Finding.plain(
                    Finding.Level.UNKNOWN, lead, "on a day without sunrise or sunset.", later, "daylight?");
        }
        boolean dark =
                begins.isBefore(light.get().rises()) || ends.isAfter(light.get().sets());
        String rest = "on " + DAY.format(begins) + "; light from "
                + CLOCK.format(light.get().rises()) + " to "
                + CLOCK.format(light.get().sets()) + ".";
        return dark
                ? Finding.plain(
                        Finding.Level.STOP,
                        lead,
                        rest,
                        "Nobody works on a mast in the dark: begin earlier, or on two days. " + later,
                        "in the dark")
                : Finding.plain(Finding.Level.FITS, lead, rest, later, "");
    }
}
