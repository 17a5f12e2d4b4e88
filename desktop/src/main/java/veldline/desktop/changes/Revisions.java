package veldline.desktop.changes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Assessor;
import veldline.job.History;
import veldline.link.LevelLine;
import veldline.study.Progress;

/**
 * The undo list with what each state of the job came to.
 *
 * @param history it was read from
 * @param lines one for each step, as far as it was read
 */
public record Revisions(History history, List<LevelLine> lines) {
    /** Works out the line of every state; states that were known stay instant. */
    public static Revisions of(History history, Assessor assessor, Progress progress) {
        List<LevelLine> lines = new ArrayList<>();
        for (History.Step step : history.steps()) {
            if (!progress.step(lines.size(), history.steps().size(), "")) {
                break;
            }
            lines.add(assessor.assess(step.job(), Assessor.Depth.QUICK, () -> true)
                    .line());
        }
        return new Revisions(history, List.copyOf(lines));
    }

    Optional<Double> margin(int step) {
        return line(step).filter(LevelLine::answered).map(l -> l.margin().value());
    }

    /** The line as it was after so many steps. */
    public Optional<LevelLine> line(int step) {
        return step >= 0 && step < lines.size() ? Optional.of(lines.get(step)) : Optional.empty();
    }
}
