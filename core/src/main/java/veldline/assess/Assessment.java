package veldline.assess;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.antenna.Antenna;
import veldline.antenna.Bought;
import veldline.antenna.Polarized;
import veldline.coverage.Coverage;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.job.Job;
import veldline.link.BearingSearch;
import veldline.link.Brief;
import veldline.link.Headings;
import veldline.link.HopPlan;
import veldline.link.LevelLine;
import veldline.link.OnAir;
import veldline.path.Geodesic;
import veldline.prove.RangeWalk;

/**
 * Everything that follows from one job. Never edited.
 *
 * @param nearOpening what is known of an antenna with an opening at the near end; empty where none stands there
 * @param farOpening likewise at the far end
 * @param nearWide its field all around; later than its figures
 * @param farWide likewise
 * @param grid the one that is shaped as a net of wires; empty inside where that says nothing. Comes last, too
 * @param band that one at one frequency after the other
 * @param mesh what the antenna's figures are good to; comes last, and nothing waits for it
 * @param tolerances how exactly it has to be cut; empty inside where there is nothing to keep. Comes last, too
 * @param closer the whole sphere, what more of it buys, how it is built; comes last, too
 * @param beside the antenna that stands beside it to compare, where one does
 * @param outside what the cable's outside changes, where it counts as a wire
 * @param neighbour what something near it changes, where that is looked at
 * @param tuner at every place along the run; empty above short wave, and while the match is not known
 * @param eirp what leaves the near antenna
 * @param mostEirp what may
 * @param powerNote what the rule on power says of itself
 * @param needed gain the near antenna needs
 * @param allowed gain it may have
 * @param moving where an end moves, the share of headings that hold
 * @param stations how each station of the job does
 * @param site the level over the site, where the job has one
 * @param causes what may be behind a level that falls short
 * @param walk how far it reaches, by what was read on a walk
 * @param tests what follows from the tests at the place
 * @param findings by step, in the order they are shown
 */
public record Assessment(
        Job job,
        PathFigures path,
        Stage<AntennaFigures> antenna,
        Optional<Stage<OpeningLook>> nearOpening,
        Optional<Stage<OpeningLook>> farOpening,
        Optional<Stage<WideField>> nearWide,
        Optional<Stage<WideField>> farWide,
        Stage<Optional<GridFigures>> grid,
        Stage<GainBand> band,
        Stage<Sweep> sweep,
        Stage<MeshFigures> mesh,
        Stage<Optional<ToleranceFigures>> tolerances,
        Stage<CloserLook> closer,
        Stage<BesideFigures> beside,
        Stage<OutsideFigures> outside,
        Stage<NeighbourFigures> neighbour,
        Stage<MatchFigures> match,
        Optional<TunerLook> tuner,
        FeedFigures nearFeed,
        FeedFigures farFeed,
        Optional<Worked> eirp,
        Optional<Worked> mostEirp,
        String powerNote,
        Worked needed,
        Optional<Worked> allowed,
        LevelLine line,
        Optional<Headings.Share> moving,
        Stage<List<StationFigures>> stations,
        Stage<Coverage> site,
        RaiseFigures raise,
        Stage<ProveFigures> prove,
        CauseFigures causes,
        Stage<RangeWalk> walk,
        Stage<TestFigures> tests,
        Map<Step, List<Finding>> findings) {
    public Assessment {
        Map<Step, List<Finding>> copy = new EnumMap<>(Step.class);
        findings.forEach((k, v) -> copy.put(k, List.copyOf(v)));
        findings = java.util.Collections.unmodifiableMap(copy);
    }

    public List<Finding> of(Step step) {
        return findings.getOrDefault(step, List.of());
    }

    /** What Shape finds of the antenna at an end: all of it at the one that is shaped here, what is known of it at the other. */
    public List<Finding> ofAntenna(boolean near) {
        if (near == job.madeNear()) {
            return of(Step.SHAPE);
        }
        List<Finding> opening = OpeningRules.other(this, near);
        return opening.isEmpty() ? InspectionRules.other(this, near) : opening;
    }

    /** Margin the other way; empty where one end never sends, or there is none to speak of. */
    public Optional<Worked> back() {
        return AirRules.margin(this);
    }

    /** The line the other way; empty where there is none to speak of. */
    public Optional<LevelLine> backLine() {
        return AirRules.backLine(this);
    }

    /** How far people keep from the near antenna; empty where it is not a matter of power density. */
    public Optional<Worked> exposure() {
        return RaiseRules.keep(this);
    }

    /** The senders of a job that only hears, each with its bearing and its margin; none where it sends, too. */
    List<BearingSearch.Sender> senders() {
        if (job.brief().field().isEmpty()) {
            return List.of();
        }
        return stations.value().orElse(List.of()).stream()
                .flatMap(s -> s.margin().stream()
                        .map(m -> new BearingSearch.Sender(
                                s.name(), bearing(job.stations().get(s.index()).brief()), m.value())))
                .toList();
    }

    private static double bearing(Brief b) {
        return Geodesic.between(
                        b.far().latitude().value(),
                        b.far().longitude().value(),
                        b.near().latitude().value(),
                        b.near().longitude().value())
                .bearing();
    }

    /** Every channel of the band as the far end would hear it, the quietest first; none where nothing was heard. */
    public List<OnAir.Channel> channels() {
        return job.brief().air().heard().isEmpty() || !line.answered() ? List.of() : AirRules.ranked(this);
    }

    /** Width to half power in the level plane of an end's antenna, degrees: as claimed, or as solved; empty for one that serves alike all round. */
    public Optional<Double> beam(boolean near) {
        Antenna at = job.antenna(near);
        return at instanceof Bought b
                ? b.width().map(w -> w.value())
                : opening(near)
                        .map(o -> o.map(OpeningLook::figures))
                        .orElse(antenna)
                        .value()
                        .filter(f -> at.shapedHere())
                        .flatMap(f -> f.levelWidth(
                                at.polarized().filter(Polarized::upright).isPresent()))
                        .map(Worked::value);
    }

    /** What is known of an antenna with an opening at an end; empty where none stands there. */
    public Optional<Stage<OpeningLook>> opening(boolean near) {
        return near ? nearOpening : farOpening;
    }

    /** The link with its hops at one end; empty where it has none there. */
    public Optional<HopPlan> hops(boolean near) {
        return HopRules.plan(this, near);
    }

    /** Whether everything the line needs was worked out. */
    public boolean whole() {
        return antenna.settled()
                && sweep.settled()
                && match.settled()
                && stations.settled()
                && site.settled()
                && prove.settled()
                && walk.settled()
                && tests.settled();
    }

    /** With what was known before in place of what is still under way. */
    public Assessment over(Assessment before, Instant asOf) {
        return new Assessment(
                job,
                path,
                antenna,
                nearOpening,
                farOpening,
                stale(nearWide, before.nearWide, asOf),
                stale(farWide, before.farWide, asOf),
                grid.orStale(before.grid, asOf),
                band.orStale(before.band, asOf),
                sweep.orStale(before.sweep, asOf),
                mesh.orStale(before.mesh, asOf),
                tolerances.orStale(before.tolerances, asOf),
                closer.orStale(before.closer, asOf),
                beside.orStale(before.beside, asOf),
                outside.orStale(before.outside, asOf),
                neighbour.orStale(before.neighbour, asOf),
                match.orStale(before.match, asOf),
                match.value().isPresent() ? tuner : before.tuner,
                nearFeed,
                farFeed,
                eirp,
                mostEirp,
                powerNote,
                needed,
                allowed,
                line,
                moving,
                stations.orStale(before.stations, asOf),
                site.orStale(before.site, asOf),
                raise,
                prove.orStale(before.prove, asOf),
                causes,
                walk.orStale(before.walk, asOf),
                tests.orStale(before.tests, asOf),
                findings);
    }

    private static Optional<Stage<WideField>> stale(
            Optional<Stage<WideField>> now, Optional<Stage<WideField>> before, Instant asOf) {
        return now.map(n -> before.map(b -> n.orStale(b, asOf)).orElse(n));
    }

    /** The field all around the antenna at an end, of whatever kind it is; empty where it is not known, or not yet. */
    public Optional<WideField> wide(boolean near) {
        return (near ? nearWide : farWide)
                .map(Stage::value)
                .orElseGet(() -> near == job.madeNear() ? closer.value().map(CloserLook::wide) : Optional.empty());
    }

    /** Figures of the antenna at an end that is shaped here. */
    public Optional<AntennaFigures> figures(boolean near) {
        return opening(near)
                .map(o -> o.value().map(OpeningLook::figures))
                .orElseGet(() -> near == job.madeNear() ? antenna.value() : Optional.empty());
    }

    /** The same, judged. */
    Assessment judged(LevelLine marked, Map<Step, List<Finding>> found) {
        return new Assessment(
                job,
                path,
                antenna,
                nearOpening,
                farOpening,
                nearWide,
                farWide,
                grid,
                band,
                sweep,
                mesh,
                tolerances,
                closer,
                beside,
                outside,
                neighbour,
                match,
                tuner,
                nearFeed,
                farFeed,
                eirp,
                mostEirp,
                powerNote,
                needed,
                allowed,
                marked,
                moving,
                stations,
                site,
                raise,
                prove,
                causes,
                walk,
                tests,
                found);
    }

    /** What the match at the antenna that is made here takes, as the line counts it, dB; zero where nothing of it is known. */
    public double matchLoss() {
        return line.indexOf(job.madeNear() ? "near-antenna" : "far-antenna")
                .flatMap(i -> antenna.value()
                        .map(f -> f.gain().value() - line.stops().get(i).step().value()))
                .orElse(0.0);
    }
}
