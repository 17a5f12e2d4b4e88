package veldline.desktop.raise;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import veldline.assess.Commissioning;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.feed.FeedPart;
import veldline.job.JobChange;
import veldline.raise.RaiseChange;
import veldline.raise.WorkDay;
import veldline.stock.Tool;

/** The day of the work: when, with whom, in what wind, and what is carried along. */
final class DayInputs {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm", Locale.ROOT);

    private DayInputs() {}

    static List<Input> of(Showing s) {
        WorkDay day = s.job().raise().day();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Text(
                "begins",
                "Begins, UTC: 2027-03-08 09:00",
                day.begins().map(b -> TIME.format(b.atOffset(ZoneOffset.UTC))).orElse(""),
                text -> read(text)
                        .<Input.Outcome>map(b -> Input.Outcome.of(change(day.withBegins(b))))
                        .orElseGet(() -> new Input.Outcome.Refused(
                                "“" + text + "” was not understood: year-month-day hour:minute, or nothing."))));
        in.add(new Input.Pair(
                new Input.Value(
                        "day-people",
                        "People",
                        day.people(),
                        "",
                        Limits.within(1, 20, "1", "20", q -> change(day.withPeople(q)))),
                new Input.Value(
                        "gusts",
                        "Gusts forecast",
                        day.gusts(),
                        "",
                        Limits.within(0, 90, "0", "90 m/s", q -> change(day.withGusts(q))))));
        in.add(new Input.Action("calendar", "Save as a calendar", "", Input.Command.SAVE_DAY));
        in.add(new Input.Note("carry", carry(s)));
        in.add(
                new Input.Note(
                        "day-how",
                        "Drag a step, and the whole day moves with it; left and right walk the steps. Times are usual ones, to half as much again."));
        in.add(
                new Input.Note(
                        "day-care",
                        "No storm, no work at height over 10 m/s or in the dark; somebody knows where you are and when you are back."));
        return in;
    }

    /** Nothing typed is no day. */
    private static Optional<Optional<Instant>> read(String text) {
        if (text.isBlank()) {
            return Optional.of(Optional.empty());
        }
        try {
            return Optional.of(
                    Optional.of(LocalDateTime.parse(text.strip(), TIME).toInstant(ZoneOffset.UTC)));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /** What must not be left at home. */
    private static String carry(Showing s) {
        String tools = s.assessment().raise().schedule().tools().stream()
                .map(Tool::words)
                .collect(Collectors.joining(", "));
        String parts = s.job().run(s.job().madeNear()).parts().stream()
                .map(FeedPart::name)
                .distinct()
                .collect(Collectors.joining("; "));
        long looks = Commissioning.of(s.assessment()).left();
        return "To carry: " + tools + ", spanners, tape, ties, the sheets printed. Parts: "
                + (parts.isEmpty() ? "none in the run" : parts) + ", one spare of each joint. " + looks
                + " things are still to be looked at before it is handed over.";
    }

    static JobChange change(WorkDay to) {
        return new JobChange.OfRaise(new RaiseChange.Day(to));
    }
}
