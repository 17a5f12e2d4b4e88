package veldline.assess;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.job.Job;
import veldline.link.LevelLine;
import veldline.prove.Diagnosis;
import veldline.prove.Observed;
import veldline.prove.RangeWalk;
import veldline.prove.WalkReading;

/** What follows from everything that was measured on the link, each part remembered by what it follows from. */
final class ProveStages {
    private final Memory<ProveStage.Input, ProveFigures> proofs = new Memory<>();
    private final Memory<WalkInput, RangeWalk> walks = new Memory<>();
    private final Memory<CauseFigures.Read, List<Observed>> shortfalls = new Memory<>();

    private final Memory<CauseFigures.Asked, Diagnosis> diagnoses = new Memory<>();

    private final Memory<TestFigures.Input, TestFigures> tests = new Memory<>();

    private record WalkInput(List<WalkReading> walk, double floor, double wanted, double confidence) {
        RangeWalk figures() {
            return RangeWalk.of(walk, floor, wanted, confidence)
                    .orElseThrow(() -> new IllegalArgumentException("No law lies in these " + walk.size()
                            + " readings. Walk farther, to three times the nearest place and " + RangeWalk.FEWEST
                            + " readings or more, until the level falls"));
        }
    }

    /** The two recordings that were picked. */
    Stage<ProveFigures> compared(Job job, Assessor.Depth depth) {
        if (!job.prove().complete()) {
            return new Stage.Failed<>("Nothing to compare yet. Record before the change, then after it.");
        }
        ProveStage.Input input = new ProveStage.Input(
                job.prove().compared(), job.brief().far().radio().sensitivity().value());
        return later(depth) && !proofs.knows(input)
                ? new Stage.Running<>()
                : Stage.of(() -> proofs.of(input, ProveStage::figures), () -> true);
    }

    Stage<RangeWalk> walk(Job job, Assessor.Depth depth) {
        if (job.prove().walk().isEmpty()) {
            return new Stage.Absent<>("Nothing was read on a walk yet");
        }
        double floor = job.brief().far().radio().sensitivity().value();
        WalkInput in = new WalkInput(
                job.prove().walk(),
                floor,
                floor + job.brief().marginWanted().value(),
                job.prove().confidence().value() / 100);
        return later(depth) && !walks.knows(in)
                ? new Stage.Running<>()
                : Stage.of(() -> walks.of(in, WalkInput::figures), () -> true);
    }

    /** A recording that was not looked at yet waits for more than a quick look: there may be a million readings in it. */
    CauseFigures causes(Job job, PathFigures path, LevelLine line, Stage<RangeWalk> walk, Assessor.Depth depth) {
        List<Observed> recorded = CauseFigures.Read.of(job, path)
                .filter(r -> !later(depth) || shortfalls.knows(r))
                .map(r -> shortfalls.of(r, CauseFigures.Read::observed))
                .orElse(List.of());
        return CauseFigures.of(
                job, line, recorded, walk.value(), asked -> diagnoses.of(asked, CauseFigures.Asked::diagnosis));
    }

    /** A whole turn is laid over its cut bearing by bearing, which is too long for a quick look. */
    Stage<TestFigures> tests(
            Job job, Optional<AntennaFigures> antenna, PathFigures path, Assessor.Depth depth, BooleanSupplier goOn) {
        TestFigures.Input in = TestFigures.Input.of(job, antenna, path);
        return later(depth) && !tests.knows(in)
                ? new Stage.Running<>()
                : Stage.of(() -> tests.of(in, TestFigures.Input::figures), goOn);
    }

    private static boolean later(Assessor.Depth depth) {
        return depth == Assessor.Depth.FIRST || depth == Assessor.Depth.QUICK;
    }

    /** How often two recordings had to be compared. */
    int runs() {
        return proofs.runs();
    }
}
