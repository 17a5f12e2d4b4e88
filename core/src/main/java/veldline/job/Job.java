package veldline.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Made;
import veldline.antenna.Polarized;
import veldline.antenna.YagiShape;
import veldline.coverage.Site;
import veldline.feed.FeedRun;
import veldline.feed.Holdings;
import veldline.line.MatchWay;
import veldline.link.Brief;
import veldline.link.Needs;
import veldline.link.Offer;
import veldline.prove.ProvePlan;
import veldline.prove.Rework;
import veldline.raise.RaisePlan;
import veldline.trim.TrimLog;

/**
 * One link, whole; or several that the same antennas serve.
 *
 * @param place the site it belongs to
 * @param name of the link
 * @param needs what it must carry and what there is to make it with
 * @param stations the bands, senders or places it serves; at least one
 * @param shown index of the one the line shows
 * @param nearAntenna at the end that sends
 * @param farAntenna at the end that hears
 * @param nearRun from the near radio to its antenna
 * @param farRun from the far radio to its antenna
 * @param match how the antenna that is shaped here is matched
 * @param trim what was measured while it was trimmed
 * @param offer an advert that is being looked at
 * @param site the place that is to be served, where it is more than one far end
 * @param beside a second antenna to compare the one shaped here with
 * @param rework what was changed at the place, oldest first
 * @param drawer parts and figures the workshop has put down, and what it has in stock
 * @param log what was done, oldest first
 */
@RecordBuilder
public record Job(
        String place,
        String name,
        Needs needs,
        List<Station> stations,
        int shown,
        Antenna nearAntenna,
        Antenna farAntenna,
        FeedRun nearRun,
        FeedRun farRun,
        Optional<MatchWay> match,
        TrimLog trim,
        Optional<Offer> offer,
        Optional<Site> site,
        Optional<Beside> beside,
        RaisePlan raise,
        ProvePlan prove,
        List<Rework> rework,
        Holdings drawer,
        List<LogEntry> log)
        implements JobBuilder.With {
    /** Version of the form in which jobs are kept, major and minor. */
    public static final String FORMAT = "2.12";

    private static final double OPENING_OHMS = 50;

    public Job {
        stations = List.copyOf(stations);
        rework = List.copyOf(rework);
        log = List.copyOf(log);
        if (shown < 0 || shown >= stations.size()) {
            throw new IllegalArgumentException(
                    "Station " + shown + " of " + stations.size() + " is shown; give one of them, counted from 0");
        }
    }

    /** A line of the log, with a photograph where one was taken. */
    public record LogEntry(Instant at, String text, Optional<Photograph> photograph) {}

    /** The brief of the station that is shown. */
    public Brief brief() {
        return stations.get(shown).brief();
    }

    /** With another brief for the station shown. An end that other stations have too is one end, and changes there as well. */
    public Job withBrief(Brief brief) {
        Brief was = brief();
        List<Station> next = new ArrayList<>();
        for (Station s : stations) {
            Brief b = s.brief();
            Brief near = b.near().equals(was.near()) ? b.withNear(brief.near()) : b;
            next.add(s.withBrief(b.far().equals(was.far()) ? near.withFar(brief.far()) : near));
        }
        next.set(shown, stations.get(shown).withBrief(brief));
        return withStations(next);
    }

    /** With the same change made to the brief of every station. */
    Job withEveryBrief(UnaryOperator<Brief> change) {
        return withStations(
                stations.stream().map(s -> s.withBrief(change.apply(s.brief()))).toList());
    }

    public Antenna antenna(boolean near) {
        return near ? nearAntenna : farAntenna;
    }

    public Job withAntenna(boolean near, Antenna antenna) {
        return near ? withNearAntenna(antenna) : withFarAntenna(antenna);
    }

    public FeedRun run(boolean near) {
        return near ? nearRun : farRun;
    }

    /** Runs that are made here: where the line begins at a field, that of the far end alone. */
    public List<FeedRun> runs() {
        return brief().field().isPresent() ? List.of(farRun) : List.of(nearRun, farRun);
    }

    /**
     * Whether the antenna that is made or chosen here stands at the near end. It is the one that is shaped; where both
     * are bought, the one at the end that stays put.
     */
    public boolean madeNear() {
        boolean fixedHere =
                brief().field().isEmpty() && !brief().near().carrier().moves();
        return nearAntenna.shapedHere() || !farAntenna.shapedHere() && fixedHere;
    }

    /** The antenna that is made here, and so solved; empty where both are bought or not chosen. */
    public Optional<Made> made() {
        return antenna(madeNear()) instanceof Made m ? Optional.of(m) : Optional.empty();
    }

    /** The Yagi that is shaped here; empty where something else is, or nothing. */
    public Optional<YagiShape> yagi() {
        return antenna(madeNear()) instanceof YagiShape y ? Optional.of(y) : Optional.empty();
    }

    /** With another shape for the antenna that is made here. */
    public Job withYagi(YagiShape shape) {
        return withAntenna(madeNear(), shape);
    }

    /**
     * What the line behind the antenna that is made here is made for, ohms: as its connector is. What has an opening feeds itself into 50.
     */
    public double lineOhms() {
        return lineOhms(madeNear());
    }

    /** The same at either end. */
    public double lineOhms(boolean near) {
        return antenna(near) instanceof ApertureDesign
                ? OPENING_OHMS
                : run(near).antenna().ohms();
    }

    /** How the field stands on the way: as the near antenna has it, or else the far one; flat where neither is known. */
    public Polarized polarized() {
        return nearAntenna.polarized().or(farAntenna::polarized).orElse(Polarized.FLAT);
    }

    public Job logging(LogEntry line) {
        List<LogEntry> next = new ArrayList<>(log);
        next.add(line);
        return withLog(next);
    }
}
