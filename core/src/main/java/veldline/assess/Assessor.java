package veldline.assess;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Sum;
import veldline.explain.Worked;
import veldline.feed.Drawer;
import veldline.feed.FeedRun;
import veldline.feed.MendSearch;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.solve.Sweep;
import veldline.field.wire.WireModel;
import veldline.job.Job;
import veldline.link.Brief;
import veldline.link.GainWindow;
import veldline.link.LevelLine;
import veldline.link.LevelLineBuilder;
import veldline.link.PathLoss;
import veldline.link.PowerProfile;
import veldline.link.PowerProfiles;
import veldline.path.FreeSpace;
import veldline.path.Fresnel;
import veldline.path.HeightSearch;
import veldline.path.TideCurve;

/**
 * Turns jobs into assessments. Each stage is a pure function of one input record and remembered by it, so an edit runs
 * only the stages whose input it changed.
 */
public final class Assessor {
    /** The band an SWR curve spans, as a part of the frequency, and how many points it has. */
    public static final double SWEEP_SPAN = 0.04;

    public static final int SWEEP_POINTS = 41;
    /** Lowest an antenna may hang over low water and the tide, metres. */
    private static final double DRY = 3;

    static final Formula EIRP = new Formula(
            "EIRP",
            "What an isotropic antenna would need to do as much straight ahead: power less losses plus gain.",
            "E",
            "p − c + g",
            "IEEE Std 145",
            "As good as the radio's power and the gain");

    private final Memory<AntennaStage.Input, AntennaFigures> antennas;
    private final Memory<SweepInput, Sweep> sweeps;
    private final Memory<AntennaStage.Input, Complex> otherFeeds;
    private final Memory<MatchStage.Input, MatchFigures> matches = new Memory<>(MatchStage::figures);
    private final Memory<PathInput, PathFigures> paths = new Memory<>(Assessor::path);
    private final Memory<FeedInput, FeedFigures> feeds;
    private final Memory<ProveStage.Input, ProveFigures> proofs = new Memory<>(ProveStage::figures);
    private volatile BooleanSupplier keepGoing = () -> true;

    /** What decides an SWR curve. */
    private record SweepInput(WireModel model, double frequency) {}

    /** The bounce depends on how the field stands, and the field stands as the elements do. */
    private record PathInput(Brief brief, boolean upright) {}

    private record FeedInput(FeedRun run, double frequency) {}

    public Assessor() {
        MendSearch search = new MendSearch(Drawer.parts());
        this.antennas = new Memory<>(in -> AntennaStage.figures(in, keepGoing));
        this.sweeps = new Memory<>(in -> Sweep.of(
                in.model,
                MeshRule.standard(in.frequency * (1 + SWEEP_SPAN / 2)),
                in.frequency * (1 - SWEEP_SPAN / 2),
                in.frequency * (1 + SWEEP_SPAN / 2),
                SWEEP_POINTS,
                MatchStage.LINE,
                keepGoing));
        this.otherFeeds = new Memory<>(in -> new FieldSolver(in.model(), MeshRule.standard(in.frequency()), keepGoing)
                .at(in.frequency())
                .impedances()
                .get(0));
        this.feeds = new Memory<>(in -> feed(in.run, in.frequency, search));
    }

    /** How far to go; what is known already is given in any case. */
    public enum Depth {
        /** Pattern, line and findings. */
        QUICK,
        /** And the SWR over the band. */
        SWEEP,
        /** And the other kind of driven element, solved in place. */
        ALL
    }

    /** Everything, however long it takes. */
    public Assessment assess(Job job) {
        return assess(job, Depth.ALL, () -> true);
    }

    /**
     * @param depth how far to go
     * @param goOn polled often; when false the work stops with a {@link SolveFailure}
     */
    public Assessment assess(Job job, Depth depth, BooleanSupplier goOn) {
        keepGoing = goOn;
        Brief brief = job.brief();
        double frequency = brief.frequency().value();
        PathFigures path = paths.of(new PathInput(brief, job.yagi().upright()));
        FeedFigures near = feeds.of(new FeedInput(job.nearRun(), frequency));
        FeedFigures far = feeds.of(new FeedInput(job.farRun(), frequency));
        AntennaStage.Input input =
                new AntennaStage.Input(job.yagi().model(), frequency, job.yagi().upright());
        Stage<AntennaFigures> antenna = stage(() -> antennas.of(input), goOn);
        SweepInput sweepInput = new SweepInput(input.model(), frequency);
        Stage<Sweep> sweep = depth != Depth.QUICK || sweeps.knows(sweepInput)
                ? stage(() -> sweeps.of(sweepInput), goOn)
                : new Stage.Running<>();
        Stage<MatchFigures> match = match(job, frequency, antenna.value(), depth == Depth.ALL, goOn);
        Worked farGain = job.farAntenna().workedGain();
        PowerProfile profile = PowerProfiles.byId(brief.profile());
        Optional<Worked> gain = antenna.value().map(AntennaFigures::gain);
        Optional<Worked> eirp = gain.map(g -> eirp(brief, near.total(), g));
        PowerProfile.Ruling ruling =
                profile.at(frequency, gain.map(Worked::value).orElse(0.0), brief);
        Worked needed = GainWindow.needed(
                brief, near.total().value(), far.total().value(), farGain.value(), path.typical(), path.worstBelow());
        Optional<Worked> allowed = GainWindow.allowed(brief, near.total().value());
        LevelLine line = line(job, path, gain, ruling);
        RaiseFigures raise = RaiseStage.figures(job, antenna.value(), eirp);
        Stage<ProveFigures> prove = prove(job);
        Assessment bare = new Assessment(
                job,
                path,
                antenna,
                sweep,
                match,
                near,
                far,
                eirp,
                ruling.mostEirp(),
                ruling.note(),
                needed,
                allowed,
                line,
                raise,
                prove,
                Map.of());
        return Findings.judge(bare);
    }

    private interface Work<T> {
        T run();
    }

    private static <T> Stage<T> stage(Work<T> work, BooleanSupplier goOn) {
        try {
            return new Stage.Fresh<>(work.run());
        } catch (SolveFailure | IllegalArgumentException e) {
            if (!goOn.getAsBoolean()) {
                throw e;
            }
            return new Stage.Failed<>(e.getMessage());
        }
    }

    /** The driven element in use is solved already; the other kind is solved for this alone. */
    private Stage<MatchFigures> match(
            Job job, double frequency, Optional<AntennaFigures> antenna, boolean everything, BooleanSupplier goOn) {
        YagiShape yagi = job.yagi();
        boolean isFolded = yagi.feed() == YagiShape.Feed.FOLDED;
        YagiShape.Feed other = isFolded ? YagiShape.Feed.STRAIGHT : YagiShape.Feed.FOLDED;
        AntennaStage.Input asOther = new AntennaStage.Input(yagi.withFeed(other).model(), frequency, yagi.upright());
        if (antenna.isEmpty()) {
            return new Stage.Failed<>("The antenna could not be solved, so there is nothing to match");
        }
        if (!everything && !otherFeeds.knows(asOther)) {
            return new Stage.Running<>();
        }
        return stage(
                () -> {
                    Complex own = antenna.get().impedance();
                    Complex solved = otherFeeds.of(asOther);
                    return matches.of(new MatchStage.Input(
                            isFolded ? solved : own, isFolded ? own : solved, yagi.feed(), job.match(), frequency));
                },
                goOn);
    }

    private static PathFigures path(PathInput in) {
        Brief brief = in.brief;
        TideCurve tide = brief.tideCurve(in.upright);
        TideCurve.Point worst = tide.worst();
        TideCurve.Point best = tide.best();
        Worked middle = tide.workedMiddle();
        return new PathFigures(
                FreeSpace.worked(brief.distance().value(), brief.frequency().value()),
                PathLoss.typical(brief, in.upright),
                Fresnel.halfWay(brief.distance().value(), brief.frequency().value()),
                tide,
                worst,
                tide.workedAt(worst.tide()),
                best,
                tide.workedAt(best.tide()),
                middle,
                Math.max(0, middle.value() - worst.bounceDb()),
                HeightSearch.forFirstEnd(tide, brief.tide().value() + DRY));
    }

    private static FeedFigures feed(FeedRun run, double frequency, MendSearch search) {
        List<Worked> losses =
                run.parts().stream().map(p -> p.workedLoss(frequency)).toList();
        return new FeedFigures(
                losses,
                Sum.of("Chain loss", "Everything between the radio and the antenna.", "dB", 2, losses),
                run.joints(),
                run.brokenAt(frequency),
                search.mends(run, frequency));
    }

    private static Worked eirp(Brief brief, Worked loss, Worked gain) {
        double power = brief.near().radio().power().value();
        return Worked.of(EIRP)
                .typed("p", "power sent", power, "dBm", 3)
                .from("c", "chain takes", loss)
                .from("g", "antenna adds", gain)
                .gives(power - loss.value() + gain.value(), "dBm", 1, 1);
    }

    private static LevelLine line(Job job, PathFigures path, Optional<Worked> gain, PowerProfile.Ruling ruling) {
        Brief brief = job.brief();
        Worked none = Worked.of(LevelNone.FORMULA)
                .computed("a", "not worked out", 0, "dBi", 0)
                .gives(0, "dBi", 1);
        return new LevelLineBuilder(brief.frequency().value(), brief.near())
                .chain(job.nearRun(), true)
                .antenna("near-antenna", brief.near().shortName() + " antenna", gain.orElse(none))
                .path("The way, " + brief.distance(), path.typical())
                .antenna(
                        "far-antenna",
                        brief.far().shortName() + " antenna",
                        job.farAntenna().workedGain())
                .chain(job.farRun(), false)
                .end(
                        brief.far(),
                        brief.marginWanted().value(),
                        ruling.mostEirp().map(Worked::value),
                        path.worstBelow());
    }

    /** Stands in where no antenna could be solved. */
    private static final class LevelNone {
        static final Formula FORMULA = new Formula(
                "Gain",
                "The antenna could not be solved; the line runs on as if it added nothing.",
                "G",
                "a",
                "None",
                "Not worked out");
    }

    private Stage<ProveFigures> prove(Job job) {
        if (!job.prove().complete()) {
            return new Stage.Failed<>("Nothing to compare yet. Record before the change, then after it.");
        }
        return stage(
                () -> proofs.of(new ProveStage.Input(
                        job.prove(), job.brief().far().radio().sensitivity().value())),
                () -> true);
    }

    /** How often each stage had to work, by name; tests hold edits against it. */
    public Map<String, Integer> runs() {
        return Map.of(
                "antenna",
                antennas.runs(),
                "sweep",
                sweeps.runs(),
                "other feed",
                otherFeeds.runs(),
                "match",
                matches.runs(),
                "path",
                paths.runs(),
                "feed",
                feeds.runs(),
                "prove",
                proofs.runs());
    }
}
