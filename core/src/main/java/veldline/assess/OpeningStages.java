package veldline.assess;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.field.pattern.Sweep;
import veldline.field.solve.MeshRule;
import veldline.job.Job;

/** The stages of antennas with an opening, remembered like the others. */
final class OpeningStages {
    /** What an opening feeds itself into, ohms. */
    private static final double LINE = 50;

    private final Memory<ApertureStage.Input, OpeningLook> looks = new Memory<>();
    private final Memory<ApertureStage.Input, Optional<GridFigures>> grids = new Memory<>();
    private final Memory<ApertureStage.Input, WideField> wides = new Memory<>();
    private final Memory<ApertureStage.Input, GainBand> bands = new Memory<>();
    private final Memory<ApertureStage.Input, Sweep> sweeps = new Memory<>();

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

    /** The one that is shaped here over a band, by the sums over its opening. */
    Stage<GainBand> band(Job job, Assessor.Depth depth, BooleanSupplier goOn) {
        if (!(job.antenna(job.madeNear()) instanceof ApertureDesign d)) {
            return new Stage.Absent<>("What is solved as wires has its curves over the band");
        }
        ApertureStage.Input in = input(d, job);
        return depth.compareTo(Assessor.Depth.SWEEP) >= 0 || bands.knows(in)
                ? Stage.of(() -> bands.of(in, i -> GainBand.of(i, goOn)), goOn)
                : new Stage.Running<>();
    }

    /**
     * Impedance at its socket over the band: from its measures where it follows from those, else by its net of wires once that was asked
     * for; empty where no such antenna is shaped here.
     */
    Optional<Stage<Sweep>> sweep(Job job, Stage<GainBand> band, BooleanSupplier goOn) {
        if (!(job.antenna(job.madeNear()) instanceof ApertureDesign d)) {
            return Optional.empty();
        }
        // While it is under way, or has failed, so has this.
        if (band.value().map(b -> b.fed().isPresent()).orElse(true)) {
            return Optional.of(band.map(b -> b.fed().orElseThrow()));
        }
        ApertureStage.Input in = input(d, job);
        return Optional.of(
                sweeps.knows(in)
                        ? Stage.of(() -> sweeps.of(in, i -> swept(i, d, goOn)), goOn)
                        : new Stage.Absent<>("What comes back at its socket is typed for one frequency"));
    }

    /** Solves its net over the band, which takes half a minute; from then on {@link #sweep} has it. Nothing where it has none. */
    void solveBand(Job job, BooleanSupplier goOn) {
        if (job.antenna(job.madeNear()) instanceof ApertureDesign d
                && d.of().grid(d, input(d, job).frequency()).isPresent()) {
            sweeps.learn(input(d, job), swept(input(d, job), d, goOn));
        }
    }

    private static Sweep swept(ApertureStage.Input in, ApertureDesign d, BooleanSupplier goOn) {
        double half = d.of().span() / 2;
        return Sweep.of(
                d.of().grid(d, in.frequency()).orElseThrow(),
                MeshRule.standard(in.frequency() * (1 + half)),
                in.frequency() * (1 - half),
                in.frequency() * (1 + half),
                Assessor.SWEEP_POINTS,
                LINE,
                goOn);
    }

    private static Optional<GridFigures> solved(ApertureStage.Input in, BooleanSupplier goOn) {
        ApertureFamily family = in.design().of();
        return GridFigures.of(family.grid(in.design(), in.frequency()), family.trusted(), in.frequency(), goOn);
    }

    private static ApertureStage.Input input(ApertureDesign d, Job job) {
        return new ApertureStage.Input(d, job.brief().frequency().value());
    }
}
