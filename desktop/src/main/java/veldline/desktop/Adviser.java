package veldline.desktop;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import veldline.assess.Assessment;
import veldline.assess.SiteStage;
import veldline.assess.Stage;
import veldline.coverage.LevelMap;
import veldline.desktop.bench.Showing.Advice;
import veldline.job.Job;
import veldline.study.NextBest;
import veldline.study.NextStep;
import veldline.study.SiteOptions;
import veldline.study.Trimming;

/** Sectors and next steps, as they were asked for; an edit of the job lets them go. */
final class Adviser {
    /** Columns of finer maps; more than the last do not show on a screen. */
    private static final List<Integer> FINER = List.of(192, 384);

    private final Studies studies;
    private final Consumer<Runnable> toInterface;
    private final Consumer<String> tell;
    private final Runnable changed;
    private Advice found = Advice.NONE;
    private Optional<Job> of = Optional.empty();

    Adviser(Studies studies, Consumer<Runnable> toInterface, Consumer<String> tell, Runnable changed) {
        this.studies = studies;
        this.toInterface = toInterface;
        this.tell = tell;
        this.changed = changed;
    }

    /** What was found for a job as it is. */
    Advice found(Job job) {
        return of.filter(job::equals).isPresent() ? found : Advice.NONE;
    }

    void forget() {
        of = Optional.empty();
        found = Advice.NONE;
    }

    /** Omni or beams, one or several; stopped, those that were finished. */
    void sectors(Job job) {
        studies.ask(
                "Setting antennas up",
                p -> SiteOptions.of(job, p),
                o -> settle(job, found(job).withSectors(new Stage.Fresh<>(o.result())), o.stopped()),
                e -> tell.accept(e.getMessage() + "."));
    }

    void steps(Assessment a) {
        studies.ask(
                "Trying changes",
                p -> NextBest.of(a, p),
                o -> settle(
                        a.job(), found(a.job()).withSteps(new Stage.Fresh<List<NextStep>>(o.result())), o.stopped()),
                e -> tell.accept(e.getMessage() + "."));
    }

    /** Which measure explains the last sweep. */
    void trim(Assessment a) {
        studies.ask(
                "Explaining the sweep",
                p -> Trimming.of(a, p),
                o -> {
                    Advice next = found(a.job()).withTrim(o.result());
                    of = Optional.of(a.job());
                    found = next;
                    tell.accept("Explained; left and right walk what it may be, Enter notes it as done.");
                    changed.run();
                },
                e -> tell.accept(e.getMessage() + "."));
    }

    /** Finer and finer; each is shown as it is done, and the last one stays when it is stopped. */
    void fine(Job job) {
        studies.ask(
                "Drawing",
                p -> {
                    try {
                        SiteStage.fine(
                                job,
                                FINER,
                                (row, of) -> p.step(row, of, ""),
                                map -> toInterface.accept(() -> drawn(job, map)));
                        return true;
                    } catch (CancellationException e) {
                        return false;
                    }
                },
                o -> tell.accept(o.stopped() ? "Stopped; what was drawn stays." : "Drawn as fine as it shows."),
                e -> tell.accept(e.getMessage() + "."));
    }

    private void drawn(Job job, LevelMap map) {
        Advice next = found(job).withFine(map);
        of = Optional.of(job);
        found = next;
        changed.run();
    }

    private void settle(Job job, Advice advice, boolean stopped) {
        of = Optional.of(job);
        found = advice;
        tell.accept(stopped ? "Stopped; what was found so far is shown." : "Found; pick one of the list to take it.");
        changed.run();
    }
}
