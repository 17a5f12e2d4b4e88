package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Made;
import veldline.antenna.NotChosen;
import veldline.antenna.YagiShape;
import veldline.explain.Sum;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.WireModel;
import veldline.job.Job;
import veldline.link.Brief;
import veldline.link.GainWindow;
import veldline.link.LevelLine;
import veldline.link.PowerProfile;
import veldline.link.PowerProfiles;
import veldline.prove.RangeWalk;
import veldline.raise.Aim;

/**
 * Turns jobs into assessments. Each stage is a pure function of one input record and remembered by it, so an edit runs
 * only the stages whose input it changed.
 */
public final class Assessor {
    /** The band an SWR curve spans, as a part of the frequency, and how many points it has. */
    public static final double SWEEP_SPAN = 0.04;

    public static final int SWEEP_POINTS = 41;

    private final Memory<AntennaStage.Input, AntennaFigures> antennas = new Memory<>();
    private final OpeningStages openings = new OpeningStages();
    private final Memory<SweepInput, Sweep> sweeps = new Memory<>();
    private final Memory<AntennaStage.Input, MeshFigures> meshes = new Memory<>();
    private final Memory<ToleranceFigures.Input, Optional<ToleranceFigures>> cuts = new Memory<>();
    private final CloserStages closer = new CloserStages();
    private final Memory<OutsideInput, OutsideFigures> outsides = new Memory<>();
    private final Memory<NeighbourFigures.Input, NeighbourFigures> neighbours = new Memory<>();
    private final Memory<NeighbourFigures.Alone, List<Double>> alones = new Memory<>();
    private final Memory<RaiseStage.Swung, Optional<Aim>> aims = new Memory<>();
    private final RealizedGain realized = new RealizedGain();
    private final MatchStages matches = new MatchStages();
    private final Memory<PathStage.Input, PathFigures> paths = new Memory<>();
    private final SiteMemory sites = new SiteMemory();
    private final Memory<TunerLook.Input, TunerLook> tuners = new Memory<>();
    private final Memory<FeedStage.Input, FeedFigures> nearFeeds = new Memory<>();
    private final Memory<FeedStage.Input, FeedFigures> farFeeds = new Memory<>();
    private final ProveStages proofs = new ProveStages();

    /** What decides an SWR curve. */
    private record SweepInput(WireModel model, double frequency, double z0) {}

    private record OutsideInput(AntennaStage.Input bare, AntennaFigures with) {}

    /** How far to go; what is known already is given in any case. */
    public enum Depth {
        /** What needs no field solution: for the moment a job is opened. */
        FIRST,
        /** Pattern, line and findings. */
        QUICK,
        /** And the comparison of recordings, and the SWR over the band. */
        SWEEP,
        /** And the other kind of driven element, solved in place. */
        ALL,
        /** And the antenna once more on a finer mesh, and how its figures change with every measure: what they are good to. */
        CHECKED
    }

    /** Everything, however long it takes. */
    public Assessment assess(Job job) {
        return assess(job, Depth.CHECKED, () -> true);
    }

    /**
     * @param depth how far to go
     * @param goOn polled often; when false the work stops with a {@link SolveFailure}
     */
    public Assessment assess(Job job, Depth depth, BooleanSupplier goOn) {
        Brief brief = job.brief();
        double frequency = brief.frequency().value();
        PathFigures path = path(job);
        FeedFigures near = nearFeeds.of(FeedStage.Input.of(job, true), FeedStage::figures);
        FeedFigures far = farFeeds.of(FeedStage.Input.of(job, false), FeedStage::figures);
        Optional<AntennaStage.Input> input =
                job.made().map(m -> new AntennaStage.Input(m.model(), frequency, m.upright(), job.lineOhms()));
        Stage<AntennaFigures> antenna = openings.of(job, job.madeNear())
                .map(o -> o.map(OpeningLook::figures))
                .orElseGet(() -> input.map(in -> depth == Depth.FIRST && !antennas.knows(in)
                                ? new Stage.Running<AntennaFigures>()
                                : antenna(in, goOn))
                        .orElse(new Stage.Absent<>(nothingToShape(job))));
        Stage<GainBand> band = openings.band(job, depth, goOn);
        Stage<Sweep> sweep = openings.sweep(job, band, goOn)
                .orElseGet(
                        () -> input.map(in -> sweep(in, depth, goOn)).orElse(new Stage.Absent<>(nothingToShape(job))));
        Stage<MeshFigures> mesh =
                input.map(in -> mesh(in, depth, antenna, goOn)).orElse(new Stage.Absent<>(nothingToShape(job)));
        Stage<Optional<ToleranceFigures>> tolerances =
                tolerances(job, frequency, depth, antenna, goOn).orElse(new Stage.Absent<>(nothingToShape(job)));
        Stage<OutsideFigures> outside = job.yagi()
                .filter(y -> y.outside().isPresent())
                .map(y -> outside(job, y, depth, antenna, goOn))
                .orElse(new Stage.Absent<>("The cable's outside is left out"));
        Stage<MatchFigures> match =
                matches.of(job, antenna, sweep, depth.compareTo(Depth.ALL) >= 0, nothingToShape(job), goOn);
        Optional<Worked> solved = antenna.value().map(AntennaFigures::gain);
        Optional<Worked> nearGain = gain(job, true, solved);
        Optional<Worked> farGain = gain(job, false, solved);
        Optional<Worked> nearAdds = adds(job, true, nearGain, antenna.value());
        Optional<Worked> farAdds = adds(job, false, farGain, antenna.value());
        PowerProfile profile = PowerProfiles.byId(brief.profile());
        Optional<Worked> eirp = brief.field().isPresent()
                ? Optional.empty()
                : nearAdds.map(g -> LineStage.eirp(brief, near.total(), g));
        PowerProfile.Ruling ruling =
                profile.at(frequency, nearGain.map(Worked::value).orElse(0.0), brief);
        Worked chains = Sum.of("Chains", "Both chains together.", "dB", 2, List.of(near.total(), far.total()));
        Worked needed = LineStage.needed(
                job, path, brief.field().isPresent() ? far.total() : chains, job.madeNear() ? farAdds : nearAdds);
        // What may be radiated is held against the gain itself: a better match next year breaks no rule.
        Optional<Worked> allowed =
                job.madeNear() ? GainWindow.allowed(brief, near.total().value()) : Optional.empty();
        LevelLine line = LineStage.line(job, path, nearAdds, farAdds, ruling.mostEirp());
        Stage<RangeWalk> walk = proofs.walk(job, depth);
        Assessment bare = new Assessment(
                job,
                path,
                antenna,
                openings.of(job, true),
                openings.of(job, false),
                openings.wide(job, true, depth),
                openings.wide(job, false, depth),
                openings.grid(job, depth, goOn),
                band,
                sweep,
                mesh,
                tolerances,
                closer.look(job, depth, antenna, nothingToShape(job), goOn),
                closer.beside(job, depth, in -> antenna(in, goOn), in -> sweep(in, depth, goOn), goOn),
                outside,
                neighbour(job, depth, goOn),
                match,
                TunerLook.input(job, match).map(in -> tuners.of(in, TunerLook::of)),
                near,
                far,
                eirp,
                ruling.mostEirp(),
                ruling.note(),
                needed,
                allowed,
                line,
                MovingStage.of(job, line, antenna.value(), openings),
                stations(job, line, depth, goOn),
                sites.of(job, depth == Depth.FIRST, goOn),
                RaiseStage.figures(
                        job,
                        antenna.value(),
                        eirp,
                        antenna.value()
                                .flatMap(f -> RaiseStage.Swung.of(job, f))
                                .flatMap(w -> aims.of(w, RaiseStage.Swung::aim))),
                proofs.compared(job, depth),
                proofs.causes(job, path, line, walk, depth),
                walk,
                proofs.tests(job, antenna.value(), path, depth, goOn),
                Map.of());
        return Findings.judge(bare);
    }

    /**
     * Solves the net of wires of an antenna with an opening over the band, half a minute's work that nobody waits for unasked; assessments
     * from then on have it. May be called beside them.
     *
     * @param goOn polled often; when false the work stops with a {@link SolveFailure}
     */
    public void solveBand(Job job, BooleanSupplier goOn) {
        openings.solveBand(job, goOn);
    }

    private static String nothingToShape(Job job) {
        Antenna there = job.antenna(job.madeNear());
        if (there.shapedHere() && !(there instanceof YagiShape)) {
            return there instanceof ApertureDesign
                    ? "This is for what is solved as wires; what is known of this one stands in Shape"
                    : "This is for Yagis; what is known of this one stands in Shape";
        }
        return there instanceof NotChosen
                ? "No antenna is chosen yet"
                : "This antenna is bought; there is nothing to shape";
    }

    private PathFigures path(Job job) {
        return paths.of(
                new PathStage.Input(
                        job.brief(),
                        job.polarized().upright(),
                        LineStage.incidence(job),
                        LineStage.polarization(job),
                        job.needs().highest().value()),
                PathStage::figures);
    }

    private Stage<AntennaFigures> antenna(AntennaStage.Input input, BooleanSupplier goOn) {
        return Stage.of(() -> antennas.of(input, in -> AntennaStage.figures(in, goOn)), goOn);
    }

    private Stage<Sweep> sweep(AntennaStage.Input antenna, Depth depth, BooleanSupplier goOn) {
        SweepInput input = new SweepInput(antenna.model(), antenna.frequency(), antenna.z0());
        if ((depth == Depth.FIRST || depth == Depth.QUICK) && !sweeps.knows(input)) {
            return new Stage.Running<>();
        }
        return Stage.of(
                () -> sweeps.of(
                        input,
                        in -> Sweep.of(
                                in.model,
                                MeshRule.standard(in.frequency * (1 + SWEEP_SPAN / 2)),
                                in.frequency * (1 - SWEEP_SPAN / 2),
                                in.frequency * (1 + SWEEP_SPAN / 2),
                                SWEEP_POINTS,
                                in.z0,
                                goOn)),
                goOn);
    }

    private Stage<MeshFigures> mesh(
            AntennaStage.Input in, Depth depth, Stage<AntennaFigures> antenna, BooleanSupplier goOn) {
        if (antenna instanceof Stage.Failed<AntennaFigures> failed) {
            return new Stage.Failed<>(failed.why());
        }
        return depth == Depth.CHECKED || meshes.knows(in)
                ? Stage.of(() -> meshes.of(in, i -> AntennaStage.mesh(i, goOn)), goOn)
                : new Stage.Running<>();
    }

    private Optional<Stage<Optional<ToleranceFigures>>> tolerances(
            Job job, double frequency, Depth depth, Stage<AntennaFigures> antenna, BooleanSupplier goOn) {
        return job.yagi().map(y -> {
            ToleranceFigures.Input in = new ToleranceFigures.Input(y, frequency, job.lineOhms());
            if (antenna instanceof Stage.Failed<AntennaFigures> failed) {
                return new Stage.Failed<Optional<ToleranceFigures>>(failed.why());
            }
            return depth == Depth.CHECKED || cuts.knows(in)
                    ? Stage.of(() -> cuts.of(in, i -> ToleranceFigures.of(i, goOn)), goOn)
                    : new Stage.Running<Optional<ToleranceFigures>>();
        });
    }

    private Stage<NeighbourFigures> neighbour(Job job, Depth depth, BooleanSupplier goOn) {
        if (job.raise().neighbour().isEmpty() || job.made().isEmpty()) {
            return new Stage.Absent<>("Nothing near it is looked at");
        }
        NeighbourFigures.Input in = new NeighbourFigures.Input(
                job.made().get().model(),
                job.brief().frequency().value(),
                job.lineOhms(),
                job.made().get().upright(),
                job.raise().neighbour().get());
        return depth.compareTo(Depth.ALL) >= 0 || neighbours.knows(in)
                ? Stage.of(
                        () -> neighbours.of(in, i -> i.figures(alones.of(i.alone(), x -> x.round(goOn)), goOn)), goOn)
                : new Stage.Running<>();
    }

    private Stage<OutsideFigures> outside(
            Job job, YagiShape y, Depth depth, Stage<AntennaFigures> antenna, BooleanSupplier goOn) {
        if (antenna.value().isEmpty()) {
            return new Stage.Failed<>("The antenna was not solved");
        }
        double frequency = job.brief().frequency().value();
        OutsideInput in = new OutsideInput(
                new AntennaStage.Input(y.withOutside(Optional.empty()).model(), frequency, y.upright(), job.lineOhms()),
                antenna.value().get());
        return depth == Depth.CHECKED || outsides.knows(in)
                ? Stage.of(() -> outsides.of(in, i -> OutsideFigures.of(i.bare, i.with, goOn)), goOn)
                : new Stage.Running<>();
    }

    /** With the match counted, where what an antenna feeds itself into is known. */
    private Optional<Worked> adds(Job job, boolean near, Optional<Worked> gain, Optional<AntennaFigures> solved) {
        Optional<AntennaFigures> figures = openings.of(job, near)
                .map(o -> o.value().map(OpeningLook::figures))
                .orElseGet(
                        () -> near == job.madeNear() && job.antenna(near) instanceof Made ? solved : Optional.empty());
        Optional<Worked> lost = figures.flatMap(f -> realized.loss(job, near, f.impedance()));
        return gain.map(g -> RealizedGain.of(g, lost));
    }

    /** What an antenna has: solved where it is shaped here, claimed where it was bought. */
    private Optional<Worked> gain(Job job, boolean near, Optional<Worked> solved) {
        Optional<Stage<OpeningLook>> opening = openings.of(job, near);
        if (opening.isPresent()) {
            return opening.get().value().map(o -> o.figures().gain());
        }
        return job.antenna(near) instanceof Made
                ? near == job.madeNear() ? solved : Optional.empty()
                : job.antenna(near).claimedGain();
    }

    /** Every station of a job that has several; those that need a solution of their own come with the deepest look. */
    private Stage<List<StationFigures>> stations(Job job, LevelLine shown, Depth depth, BooleanSupplier goOn) {
        List<StationFigures> all = new ArrayList<>();
        for (int i = 0; i < job.stations().size(); i++) {
            Optional<LevelLine> line = i == job.shown() ? Optional.of(shown) : otherLine(job.withShown(i), depth, goOn);
            if (line.isEmpty()) {
                return new Stage.Running<>();
            }
            all.add(station(i, job.stations().get(i).name(), line.get()));
        }
        return new Stage.Fresh<>(List.copyOf(all));
    }

    private static StationFigures station(int index, String name, LevelLine line) {
        Optional<Worked> margin = line.answered() ? Optional.of(line.margin()) : Optional.empty();
        return new StationFigures(
                index,
                name,
                margin,
                line.margin().value() - line.worstBelow(),
                line.unknownFrom().isEmpty()
                        ? Optional.of(line.stop("far-antenna").level().value())
                        : Optional.empty());
    }

    private Optional<LevelLine> otherLine(Job job, Depth depth, BooleanSupplier goOn) {
        double frequency = job.brief().frequency().value();
        Optional<AntennaStage.Input> input =
                job.made().map(m -> new AntennaStage.Input(m.model(), frequency, m.upright(), job.lineOhms()));
        if (depth.compareTo(Depth.ALL) < 0
                && input.filter(in -> !antennas.knows(in)).isPresent()) {
            return Optional.empty();
        }
        Optional<AntennaFigures> figures = input.flatMap(in -> antenna(in, goOn).value());
        Optional<Worked> solved = figures.map(AntennaFigures::gain);
        return Optional.of(LineStage.line(
                job,
                path(job),
                adds(job, true, gain(job, true, solved), figures),
                adds(job, false, gain(job, false, solved), figures),
                Optional.empty()));
    }

    /** How often each stage had to work, by name; tests hold edits against it. */
    public Map<String, Integer> runs() {
        return Map.of(
                "antenna",
                antennas.runs(),
                "mesh",
                meshes.runs(),
                "tolerances",
                cuts.runs(),
                "sweep",
                sweeps.runs(),
                "other feed",
                matches.kindsRuns(),
                "match",
                matches.runs(),
                "path",
                paths.runs(),
                "feed",
                nearFeeds.runs() + farFeeds.runs(),
                "prove",
                proofs.runs());
    }
}
