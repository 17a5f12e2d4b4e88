package veldline.desktop.bench;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.coverage.LevelMap;
import veldline.job.Job;
import veldline.learn.Lesson;
import veldline.line.SweptCable;
import veldline.measure.Strip;
import veldline.store.LogbookEntry;
import veldline.study.Candidate;
import veldline.study.NextStep;
import veldline.study.SiteOption;
import veldline.trim.TrimAdvice;

/**
 * Everything a bench may look at.
 *
 * @param stop id of the chosen stop on the line
 * @param picked zone last chosen on each bench
 * @param noted what else benches keep while the window is open, by name
 * @param candidates what Choose asked for
 * @param advice what was asked for and found
 * @param busy what runs now
 * @param late whether what follows from the last edit has been under way for longer than a glance
 */
public record Showing(
        Assessment assessment,
        String stop,
        Map<Step, String> picked,
        Map<String, String> noted,
        Stage<List<Candidate>> candidates,
        Advice advice,
        Optional<Busy> busy,
        boolean late) {
    private static final DateTimeFormatter CLOCK =
            DateTimeFormatter.ofPattern("HH:mm").withZone(ZoneId.systemDefault());

    /** With nothing noted. */
    public Showing(
            Assessment assessment,
            String stop,
            Map<Step, String> picked,
            Stage<List<Candidate>> candidates,
            Optional<Busy> busy,
            boolean late) {
        this(assessment, stop, picked, Map.of(), candidates, Advice.NONE, busy, late);
    }

    /**
     * What was asked for and found.
     *
     * @param sectors ways to serve the site, the best first
     * @param steps which changes buy most, the most worth first
     * @param fine the site's levels on a finer grid, as far as they were drawn
     * @param trim what the last sweep says
     * @param cable that was swept; it stays until another is, whatever else is edited
     * @param shelf jobs that were found in the logbook; empty where nobody looked yet
     * @param lesson the experiment that was last walked
     * @param live what is being recorded, as far as it has come
     */
    public record Advice(
            Stage<List<SiteOption>> sectors,
            Stage<List<NextStep>> steps,
            Optional<LevelMap> fine,
            Optional<TrimAdvice> trim,
            Optional<SweptCable> cable,
            Optional<List<LogbookEntry>> shelf,
            Optional<Lesson> lesson,
            Optional<Strip> live) {
        public static final Advice NONE = new Advice(
                new Stage.Running<>(),
                new Stage.Running<>(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());

        public Advice withSectors(Stage<List<SiteOption>> to) {
            return new Advice(to, steps, fine, trim, cable, shelf, lesson, live);
        }

        public Advice withSteps(Stage<List<NextStep>> to) {
            return new Advice(sectors, to, fine, trim, cable, shelf, lesson, live);
        }

        public Advice withFine(LevelMap to) {
            return new Advice(sectors, steps, Optional.of(to), trim, cable, shelf, lesson, live);
        }

        public Advice withTrim(TrimAdvice to) {
            return new Advice(sectors, steps, fine, Optional.of(to), cable, shelf, lesson, live);
        }

        public Advice withShelf(Optional<List<LogbookEntry>> to) {
            return new Advice(sectors, steps, fine, trim, cable, to, lesson, live);
        }

        public Advice withLesson(Optional<Lesson> to) {
            return new Advice(sectors, steps, fine, trim, cable, shelf, to, live);
        }

        public Advice withLive(Optional<Strip> to) {
            return new Advice(sectors, steps, fine, trim, cable, shelf, lesson, to);
        }

        public Advice withCable(Optional<SweptCable> to) {
            return new Advice(sectors, steps, fine, trim, to, shelf, lesson, live);
        }
    }

    /**
     * Work that takes longer than a glance.
     *
     * @param done steps so far
     * @param of in all, zero when not known
     * @param best the best so far in words, empty when there is none
     * @param seconds how long it has run
     */
    public record Busy(String what, int done, int of, String best, double seconds) {
        /** Seconds that are left if it goes on as it did; empty when nobody knows. */
        public Optional<Double> left() {
            return of > 0 && done > 0 ? Optional.of(seconds * (of - done) / done) : Optional.empty();
        }
    }

    /** “as of 14:02” for an old result that is still shown, once that has gone on for longer than a glance. */
    public Optional<String> asOf(Stage<?> stage) {
        return late ? stage.staleSince().map(t -> "as of " + CLOCK.format(t)) : Optional.empty();
    }

    public Job job() {
        return assessment.job();
    }

    /** What was last chosen on a bench, or a first choice. */
    public String picked(Step step, String first) {
        return picked.getOrDefault(step, first);
    }

    /** What was last chosen on a bench, or an overlay, by its place. */
    public Optional<String> pickedAt(Bench bench) {
        return bench.place().equals(bench.step().name())
                ? Optional.ofNullable(picked.get(bench.step()))
                : Optional.ofNullable(noted.get(bench.place()));
    }

    /** Whether it is the far antenna that is looked at: its stop is chosen, or only it is shaped here. */
    public boolean atFar() {
        return stop.startsWith("far") || !stop.startsWith("near") && !job().madeNear();
    }

    /** The number behind the colon of what was chosen, kept within what there is. */
    public int pickedIndex(Step step, int first, int count) {
        String number = picked.getOrDefault(step, "").replaceFirst("^.*:", "");
        int index = number.matches("\\d{1,6}") ? Integer.parseInt(number) : first;
        return Math.max(0, Math.min(index, count - 1));
    }
}
