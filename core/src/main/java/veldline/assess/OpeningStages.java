package veldline.assess;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.job.Job;

/** The stages of antennas with an opening, remembered like the others. */
final class OpeningStages {
    private final Memory<ApertureStage.Input, OpeningLook> looks = new Memory<>();
    private final Memory<ApertureStage.Input, Optional<GridFigures>> grids = new Memory<>();
    private final Memory<ApertureStage.Input, WideField> wides = new Memory<>();

    /** What one does, at whichever end it stands; it takes no solution. Empty where none stands there. */
    Optional<Stage<OpeningLook>> of(Job job, boolean near) {
        return job.antenna(near) instanceof ApertureDesign d
                ? Optional.of(Stage.of(() -> looks.of(input(d, job), ApertureStage::look), () -> true))
                : Optional.empty();
    }

    /** The field all around one, at whichever end it stands; later than its figures. Empty where none stands there. */
    Optional<Stage<WideField>> wide(Job job, boolean near, Assessor.Depth depth) {
        if (!(job.antenna(near) instanceof ApertureDesign d)) {
            return Optional.empty();
        }
        ApertureStage.Input in = input(d, job);
        return Optional.of(
                depth.compareTo(Assessor.Depth.ALL) >= 0 || wides.knows(in)
                        ? Stage.of(
                                () -> wides.of(in, i -> new OpeningField(i.design(), i.frequency()).wide()), () -> true)
                        : new Stage.Running<>());
    }

    /** The one that is shaped here, as a net of wires. */
    Stage<Optional<GridFigures>> grid(Job job, Assessor.Depth depth, BooleanSupplier goOn) {
        if (!(job.antenna(job.madeNear()) instanceof ApertureDesign d)) {
            return new Stage.Absent<>("Nets of wires are for what has an opening");
        }
        ApertureStage.Input in = input(d, job);
        return depth == Assessor.Depth.CHECKED || grids.knows(in)
                ? Stage.of(() -> grids.of(in, i -> solved(i, goOn)), goOn)
                : new Stage.Running<>();
    }

    private static Optional<GridFigures> solved(ApertureStage.Input in, BooleanSupplier goOn) {
        ApertureFamily family = in.design().of();
        return GridFigures.of(family.grid(in.design(), in.frequency()), family.trusted(), in.frequency(), goOn);
    }

    private static ApertureStage.Input input(ApertureDesign d, Job job) {
        return new ApertureStage.Input(d, job.brief().frequency().value());
    }
}
