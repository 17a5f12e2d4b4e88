package veldline.assess;

import java.util.Optional;
import veldline.antenna.Antenna;
import veldline.antenna.Made;
import veldline.antenna.Polarized;
import veldline.job.Job;
import veldline.link.Headings;
import veldline.link.LevelLine;

/** What moving costs, where an end of the job moves. */
final class MovingStage {
    private MovingStage() {}

    static Optional<Headings.Share> of(
            Job job, LevelLine line, Optional<AntennaFigures> solved, OpeningStages openings) {
        return line.answered()
                ? Headings.of(
                        line.margin().value(),
                        job.brief().marginWanted().value(),
                        job.brief().near(),
                        facing(job, true, solved, openings),
                        job.brief().far(),
                        facing(job, false, solved, openings))
                : Optional.empty();
    }

    /** By its pattern in the level plane where that is worked out, else by its claims. */
    private static Headings.Facing facing(
            Job job, boolean near, Optional<AntennaFigures> solved, OpeningStages openings) {
        Antenna a = job.antenna(near);
        Optional<AntennaFigures> figures = openings.of(job, near)
                .map(o -> o.value().map(OpeningLook::figures))
                .orElseGet(() -> a instanceof Made && near == job.madeNear() ? solved : Optional.empty());
        boolean upright = a.polarized().filter(p -> p == Polarized.UPRIGHT).isPresent();
        return figures.map(f -> Headings.Facing.worked(a, f.levelCut(upright)))
                .orElseGet(() -> Headings.Facing.claimed(a));
    }
}
