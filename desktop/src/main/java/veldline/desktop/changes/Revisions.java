package veldline.desktop.changes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Assessor;
import veldline.format.JobDiff;
import veldline.job.History;
import veldline.link.LevelLine;
import veldline.study.Progress;

/**
 * The undo list with what each state of the job came to.
 *
 * @param history it was read from
 * @param lines one for each step, as far as it was read
 * @param flat likewise the jobs laid out flat, to be compared
 */
public record Revisions(History history, List<LevelLine> lines, List<JobDiff.Flat> flat) {
    /** Works out the line of every state; states that were known stay instant. */
    public static Revisions of(History history, Assessor assessor, Progress progress) {
        List<LevelLine> lines = new ArrayList<>();
        List<JobDiff.Flat> flat = new ArrayList<>();
        for (History.Step step : history.steps()) {
            if (!progress.step(lines.size(), history.steps().size(), "")) {
                break;
            }
            flat.add(JobDiff.flat(step.job()));
            lines.add(assessor.assess(step.job(), Assessor.Depth.QUICK, () -> true)
                    .line());
        }
        return new Revisions(history, List.copyOf(lines), List.copyOf(flat));
    }

    /** What differs between two of the states; nothing where one of them was not read. */
    List<JobDiff.Difference> differences(int from, int to) {
        return from < flat.size() && to < flat.size() ? JobDiff.between(flat.get(from), flat.get(to)) : List.of();
    }

    Optional<Double> margin(int step) {
        return line(step).filter(LevelLine::answered).map(l -> l.margin().value());
    }

    /** The line as it was after so many steps. */
    public Optional<LevelLine> line(int step) {
        return step >= 0 && step < lines.size() ? Optional.of(lines.get(step)) : Optional.empty();
    }
}
