package veldline.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A job with everything that was done to it: the list of jobs is the undo.
 *
 * @param steps the first is how it was opened
 * @param at index of the one in force
 */
public record History(List<Step> steps, int at) {
    /** A state of the job and the words for the edit that led to it. */
    public record Step(Job job, String label) {}

    public History {
        steps = List.copyOf(steps);
    }

    public static History of(Job job) {
        return new History(List.of(new Step(job, "opened")), 0);
    }

    public Job job() {
        return steps.get(at).job();
    }

    /** With one more edit; what was undone before it is forgotten. An edit that changes nothing is not one. */
    public History after(JobChange change) {
        Job next = change.applyTo(job());
        if (next.equals(job())) {
            return this;
        }
        List<Step> kept = new ArrayList<>(steps.subList(0, at + 1));
        kept.add(new Step(next, change.label()));
        return new History(kept, kept.size() - 1);
    }

    /** One gesture is one edit: what went on under the pointer takes the place of what it had come to before. */
    public History going(JobChange change) {
        if (at == 0) {
            return after(change);
        }
        List<Step> kept = new ArrayList<>(steps.subList(0, at));
        kept.add(new Step(change.applyTo(job()), change.label()));
        return new History(kept, at);
    }

    public History undo() {
        return at == 0 ? this : new History(steps, at - 1);
    }

    /** As it was after so many steps; what came later stays to be put in again. */
    public History to(int step) {
        return new History(steps, Math.max(0, Math.min(step, steps.size() - 1)));
    }

    public History redo() {
        return at == steps.size() - 1 ? this : new History(steps, at + 1);
    }

    /** What undo would take back. */
    public Optional<String> undoLabel() {
        return at == 0 ? Optional.empty() : Optional.of(steps.get(at).label());
    }

    public Optional<String> redoLabel() {
        return at == steps.size() - 1
                ? Optional.empty()
                : Optional.of(steps.get(at + 1).label());
    }
}
