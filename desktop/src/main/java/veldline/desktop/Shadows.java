package veldline.desktop;

import java.util.Optional;
import java.util.function.Consumer;
import veldline.assess.Assessor;
import veldline.desktop.changes.Revisions;
import veldline.job.History;
import veldline.job.JobChange;
import veldline.link.LevelLine;
import veldline.study.Progress;

/**
 * Lines that are drawn beside the one in force: as it was before the last edit, as it was pinned, as an offer would make
 * it, as it was after any of the edits.
 */
public final class Shadows {
    private final JobDesk desk;
    private final Studies studies;
    private final Runnable changed;
    private final Consumer<String> tell;
    private Optional<LevelLine> former = Optional.empty();
    private Optional<LevelLine> pinned = Optional.empty();
    private Optional<Double> shift = Optional.empty();
    private Optional<LevelLine> wouldBe = Optional.empty();
    private Optional<JobChange> previewed = Optional.empty();
    private Optional<Revisions> revisions = Optional.empty();

    Shadows(JobDesk desk, Studies studies, Runnable changed, Consumer<String> tell) {
        this.desk = desk;
        this.studies = studies;
        this.changed = changed;
        this.tell = tell;
    }

    /** The line moved from one place to another. */
    void moved(LevelLine from, LevelLine to) {
        if (from.equals(to) || !from.answered()) {
            return;
        }
        former = Optional.of(from);
        shift = to.answered() ? Optional.of(to.margin().value() - from.margin().value()) : Optional.empty();
    }

    /** The former line is shown for a while after an edit; then it goes unless it is pinned. */
    public void forgetFormer() {
        former = Optional.empty();
        shift = Optional.empty();
        changed.run();
    }

    Optional<LevelLine> former() {
        return pinned.or(() -> former);
    }

    /** What the last edit did to the margin, dB, while it is worth telling. */
    public Optional<Double> shift() {
        return shift;
    }

    /** @return whether a line is pinned now */
    boolean pin(Optional<LevelLine> line) {
        pinned = pinned.isPresent() ? Optional.empty() : line;
        changed.run();
        return pinned.isPresent();
    }

    /** The line as it would be with the offer that is rested on. */
    public Optional<LevelLine> wouldBe() {
        return wouldBe;
    }

    /** Shows what an edit would come to without making it; empty lets go of it. */
    public void preview(Optional<JobChange> change) {
        previewed = change;
        if (change.isEmpty()) {
            if (wouldBe.isPresent()) {
                wouldBe = Optional.empty();
                changed.run();
            }
            return;
        }
        desk.whatIf(change.get(), line -> {
            if (previewed.equals(change)) {
                wouldBe = Optional.of(line);
                changed.run();
            }
        });
    }

    public Optional<Revisions> revisions() {
        return revisions;
    }

    /** The line as it was after so many of the edits. */
    Optional<LevelLine> ofRevision(int step) {
        return revisions.flatMap(r -> r.line(step));
    }

    void readRevisions() {
        History history = desk.history();
        if (revisions.filter(r -> r.history().equals(history)).isPresent()) {
            return;
        }
        studies.ask(
                "Reading the changes",
                (Progress p) -> Revisions.of(history, new Assessor(), p),
                o -> {
                    revisions = Optional.of(o.result());
                    changed.run();
                },
                e -> tell.accept(e.getMessage()));
    }

    /** Another job lies on the desk. */
    void forget() {
        revisions = Optional.empty();
        wouldBe = Optional.empty();
    }
}
