package veldline.assess;

import java.util.function.BooleanSupplier;
import java.util.function.Function;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Made;
import veldline.build.BuildPlan;
import veldline.field.pattern.Sweep;
import veldline.job.Job;

/** The stages that look at an antenna more closely than its figures, remembered like the others. */
final class CloserStages {
    private final Memory<BuildPlan.Input, CloserLook> looks = new Memory<>();
    private final Memory<BesideFigures.Input, BesideFigures> besides = new Memory<>();

    Stage<CloserLook> look(
            Job job, Assessor.Depth depth, Stage<AntennaFigures> antenna, String nothing, BooleanSupplier goOn) {
        if (job.made().isEmpty()) {
            return new Stage.Absent<>(nothing);
        }
        if (antenna instanceof Stage.Failed<AntennaFigures> failed) {
            return new Stage.Failed<>(failed.why());
        }
        BuildPlan.Input in = new BuildPlan.Input(
                job.made().get(), job.brief().frequency().value(), job.needs().stock());
        return depth == Assessor.Depth.CHECKED || looks.knows(in)
                ? Stage.of(() -> looks.of(in, i -> CloserLook.of(i, goOn)), goOn)
                : new Stage.Running<>();
    }

    /**
     * @param figures of an antenna, by the assessor's own memory
     * @param sweep likewise
     */
    Stage<BesideFigures> beside(
            Job job,
            Assessor.Depth depth,
            Function<AntennaStage.Input, Stage<AntennaFigures>> figures,
            Function<AntennaStage.Input, Stage<Sweep>> sweep,
            BooleanSupplier goOn) {
        Antenna here = job.antenna(job.madeNear());
        if (job.beside().isEmpty() || !here.shapedHere()) {
            return new Stage.Absent<>("Nothing stands beside it to compare");
        }
        double frequency = job.brief().frequency().value();
        Antenna other = job.beside().get().made();
        BesideFigures.Input in = new BesideFigures.Input(here, job.beside().get(), frequency, job.lineOhms());
        if (depth.compareTo(Assessor.Depth.ALL) < 0 && !besides.knows(in)) {
            return new Stage.Running<>();
        }
        if (other instanceof ApertureDesign d) {
            return Stage.of(
                    () -> besides.of(
                            in,
                            i -> BesideFigures.of(
                                    i,
                                    ApertureStage.look(new ApertureStage.Input(d, frequency))
                                            .figures(),
                                    GainBand.of(new ApertureStage.Input(d, frequency), goOn)
                                            .fed(),
                                    goOn)),
                    goOn);
        }
        if (!(other instanceof Made made)) {
            return new Stage.Absent<>("What stands beside it is not shaped here");
        }
        AntennaStage.Input solved = new AntennaStage.Input(made.model(), frequency, made.upright(), job.lineOhms());
        Stage<AntennaFigures> f = figures.apply(solved);
        Stage<Sweep> s = sweep.apply(solved);
        if (f instanceof Stage.Failed<AntennaFigures> failed) {
            return new Stage.Failed<>(failed.why());
        }
        return f.value().isPresent() && s.value().isPresent()
                ? Stage.of(
                        () -> besides.of(in, i -> BesideFigures.of(i, f.value().get(), s.value(), goOn)), goOn)
                : new Stage.Running<>();
    }
}
