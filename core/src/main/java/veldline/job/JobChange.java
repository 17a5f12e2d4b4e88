package veldline.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Bought;
import veldline.antenna.Design;
import veldline.antenna.DesignChange;
import veldline.antenna.Inspection;
import veldline.antenna.InspectionChange;
import veldline.antenna.OpeningChange;
import veldline.antenna.OwnWires;
import veldline.antenna.OwnWiresChange;
import veldline.antenna.YagiChange;
import veldline.coverage.Site;
import veldline.coverage.SiteChange;
import veldline.explain.Change;
import veldline.feed.Connector;
import veldline.feed.FeedChange;
import veldline.feed.FeedRun;
import veldline.feed.HoldingsChange;
import veldline.line.MatchWay;
import veldline.link.BriefChange;
import veldline.link.NeedsChange;
import veldline.link.Offer;
import veldline.link.RadioSheet;
import veldline.prove.ProveChange;
import veldline.prove.Rework;
import veldline.quantity.Quantity;
import veldline.raise.RaiseChange;
import veldline.trim.TrimChange;

/** A change of one part, lifted to the whole job. */
public sealed interface JobChange extends Change<Job> {
    /** The change of a part, called as that is. */
    sealed interface Lifted extends JobChange {
        Change<?> change();

        @Override
        default String label() {
            return change().label();
        }
    }

    record OfBrief(BriefChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withBrief(change.applyTo(job.brief()));
        }
    }

    /** A change of the antenna that is shaped here; a job without one is left as it is. */
    record OfYagi(YagiChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.yagi().map(y -> job.withYagi(change.applyTo(y))).orElse(job);
        }
    }

    /** Changes one's own wires. */
    record OfOwnWires(OwnWiresChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.antenna(job.madeNear()) instanceof OwnWires w
                    ? job.withAntenna(job.madeNear(), change.applyTo(w))
                    : job;
        }
    }

    /** Changes a design by its measures. */
    record OfDesign(DesignChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.antenna(job.madeNear()) instanceof Design d
                    ? job.withAntenna(job.madeNear(), change.applyTo(d))
                    : job;
        }
    }

    /** Changes an antenna with an opening, at either end. */
    record OfOpening(boolean near, OpeningChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.antenna(near) instanceof ApertureDesign d ? job.withAntenna(near, change.applyTo(d)) : job;
        }
    }

    /** Changes what stands beside the antenna to be compared. */
    record OfBeside(BesideChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withBeside(change.applyTo(job.beside()));
        }
    }

    /** Puts an antenna up at one end; the chain ends in its connector where that is known. */
    record Fit(boolean near, Antenna antenna) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            Job fitted = job.withAntenna(near, antenna);
            if (!(antenna instanceof Bought bought)) {
                return fitted;
            }
            FeedRun run = job.run(near).withAntenna(bought.connector());
            return near ? fitted.withNearRun(run) : fitted.withFarRun(run);
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " antenna: " + antenna.title();
        }
    }

    /** What was found of a bought antenna; an end with another antenna is left as it is. */
    record Inspected(boolean near, InspectionChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.antenna(near) instanceof Bought b
                    ? job.withAntenna(
                            near,
                            b.withInspection(
                                    Optional.of(change.applyTo(b.inspection().orElse(Inspection.NONE)))))
                    : job;
        }
    }

    record OfNeeds(NeedsChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withNeeds(change.applyTo(job.needs()));
        }
    }

    record OfDrawer(HoldingsChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withDrawer(change.applyTo(job.drawer()));
        }
    }

    /** Shows another of the stations. */
    record Show(int station, String name) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withShown(station);
        }

        @Override
        public String label() {
            return "show " + name;
        }
    }

    /** One more station, begun as a copy of the one shown. */
    record AddStation(String name) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            List<Station> next = new ArrayList<>(job.stations());
            next.add(new Station(name, job.brief()));
            return job.withStations(next).withShown(next.size() - 1);
        }

        @Override
        public String label() {
            return "add " + name;
        }
    }

    /** Takes the station shown out, unless it is the only one. */
    record DropStation() implements JobChange {
        @Override
        public Job applyTo(Job job) {
            if (job.stations().size() == 1) {
                return job;
            }
            List<Station> next = new ArrayList<>(job.stations());
            next.remove(job.shown());
            int shown = Math.min(job.shown(), next.size() - 1);
            return job.withShown(0).withStations(next).withShown(shown);
        }

        @Override
        public String label() {
            return "take a station out";
        }
    }

    /** Looks at an advert, or no longer. */
    record Consider(Optional<Offer> offer) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withOffer(offer);
        }

        @Override
        public String label() {
            return offer.map(o -> "look at ‘" + o.name() + "’").orElse("leave the advert");
        }
    }

    /** A change of the near or the far chain. */
    record OfRun(boolean near, FeedChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return near ? job.withNearRun(change.applyTo(job.nearRun())) : job.withFarRun(change.applyTo(job.farRun()));
        }
    }

    /** Several as one. */
    record All(String label, List<JobChange> changes) implements JobChange {
        public All {
            changes = List.copyOf(changes);
        }

        @Override
        public Job applyTo(Job job) {
            Job next = job;
            for (JobChange c : changes) {
                next = c.applyTo(next);
            }
            return next;
        }
    }

    record OfSite(SiteChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withSite(job.site().map(change::applyTo));
        }
    }

    /** A plan where there was none, or another one. */
    record PutSite(Site site) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withSite(Optional.of(site));
        }

        @Override
        public String label() {
            return "site plan";
        }
    }

    record OfRaise(RaiseChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withRaise(change.applyTo(job.raise()));
        }
    }

    record OfProve(ProveChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withProve(change.applyTo(job.prove()));
        }
    }

    /** What was changed at the place, all of it anew. */
    record Reworked(List<Rework> all, String label) implements JobChange {
        public Reworked {
            all = List.copyOf(all);
        }

        @Override
        public Job applyTo(Job job) {
            return job.withRework(all);
        }
    }

    record OfTrim(TrimChange change) implements Lifted {
        @Override
        public Job applyTo(Job job) {
            return job.withTrim(change.applyTo(job.trim()));
        }
    }

    /** What stands between antenna and cable; empty for nothing. */
    record Match(Optional<MatchWay> to) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withMatch(to);
        }

        @Override
        public String label() {
            return "match: " + to.map(MatchWay::title).orElse("direct");
        }
    }

    /** What is claimed of a bought antenna; any other is left as it is. */
    record Claim(boolean near, Quantity gain) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.antenna(near) instanceof Bought b ? job.withAntenna(near, b.withGain(gain)) : job;
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " antenna ‘" + gain + "’";
        }
    }

    /** Says what a radio's socket really is, in every station; the chain begins there. */
    record Socket(boolean near, Connector to) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            Job next = job.withEveryBrief(b -> near
                    ? b.withNear(b.near().withRadio(b.near().radio().withSocket(to)))
                    : b.withFar(b.far().withRadio(b.far().radio().withSocket(to))));
            FeedRun run = job.run(near).withRadio(to);
            return near ? next.withNearRun(run) : next.withFarRun(run);
        }

        @Override
        public String label() {
            return "radio socket " + to.tradeName();
        }
    }

    /** Takes a radio from the drawer, set for a rate; the chain begins at its socket. */
    record TakeRadio(boolean near, RadioSheet sheet, RadioSheet.Rate rate) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            BriefChange set = new BriefChange.SetRadio(near, sheet, rate);
            return new Socket(near, sheet.port().connector()).applyTo(job.withEveryBrief(set::applyTo));
        }

        @Override
        public String label() {
            return sheet.name() + " at " + rate.rate();
        }
    }

    /** The same radio at both ends, which is how most jobs begin. */
    record BothRadios(RadioSheet sheet, RadioSheet.Rate rate) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            Job both = new TakeRadio(false, sheet, rate).applyTo(new TakeRadio(true, sheet, rate).applyTo(job));
            // Nothing hangs on the sockets yet, so what will is taken to fit them.
            Connector socket = sheet.port().connector();
            FeedRun straight = new FeedRun(socket, List.of(), socket.mate());
            return both.withNearRun(job.nearRun().parts().isEmpty() ? straight : both.nearRun())
                    .withFarRun(job.farRun().parts().isEmpty() ? straight : both.farRun());
        }

        @Override
        public String label() {
            return sheet.name() + " at both ends";
        }
    }

    /** What the job is called, and the site it belongs to. */
    record Rename(String place, String name) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withPlace(place).withName(name);
        }

        @Override
        public String label() {
            return "called " + name;
        }
    }

    record Note(Instant at, String text) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.logging(new Job.LogEntry(at, text, Optional.empty()));
        }

        @Override
        public String label() {
            return "log line";
        }
    }

    /** A photograph that is in the job's folder already, as a line of the log. */
    record Photographed(Instant at, String text, Photograph photograph) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.logging(new Job.LogEntry(at, text, Optional.of(photograph)));
        }

        @Override
        public String label() {
            return "photograph";
        }
    }

    /** Lifts a change found by a rule that only knows its own part. */
    static JobChange lift(Change<?> change, boolean near) {
        return Lift.of(change, near);
    }
}
