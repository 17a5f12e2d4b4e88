package veldline.demo;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.assess.SetUp;
import veldline.explain.Program;
import veldline.feed.Connector;
import veldline.feed.Drawer;
import veldline.feed.FeedRun;
import veldline.instrument.World;
import veldline.job.Beside;
import veldline.job.Job;
import veldline.job.NewJob;
import veldline.link.Brief;
import veldline.link.Needs;
import veldline.link.Radio;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.path.Surface;
import veldline.path.TideCurve;
import veldline.prove.ProvePlan;
import veldline.prove.Recording;
import veldline.prove.Rework;
import veldline.prove.Stood;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.CableRoute;
import veldline.raise.Fixings;
import veldline.raise.RaisePlan;
import veldline.raise.WorkDay;
import veldline.stock.Metal;

/**
 * The sample reserve. Its first job, the nest-camera link, is finished and proved: a Yagi for the whip, then the hide's
 * antenna lowered out of the null.
 */
public final class TernholmSands {
    private static final long SEED = 20_261_123;
    private static final double READING_EVERY = 120;
    private static final int READINGS = 373;
    private static final double WHIP_GAIN = 2.1;
    private static final String WHIP = "whip at 14 m";
    private static final String HIGH = "Yagi at 14 m";
    private static final String LOW = "Yagi at 8 m";

    private TernholmSands() {}

    /** Every job of the reserve, in the order of its logbook. */
    public static List<Job> all() {
        return List.of(
                nestCamera(),
                OtherJobs.tagReceiver(),
                OtherJobs.lodgeTelevision(),
                OtherJobs.visitorShelter(),
                aboutItsBeam(OtherJobs.surveySkiff()),
                OtherJobs.tideGauge(),
                OtherJobs.stormRadio());
    }

    public static Job nestCamera() {
        Connector jackN = new Connector(Connector.Series.N, Connector.Thread.OUTSIDE, Connector.Contact.SOCKET, 50);
        Radio camera = Reserve.radio("camera-24", 2);
        Radio lodge = Reserve.radio("bridge-24", 1).withName("Lodge radio");
        Brief brief = Reserve.brief(
                        q("2437", Unit.MHZ),
                        Reserve.end("Gannet hide", "8.0", "55.20000", "4.10000", camera),
                        Reserve.end("Warden's lodge", "12.0", "55.20637", "4.13930", lodge),
                        q("2.6", Unit.KM),
                        Surface.SEA_WATER)
                .withTide(q("3.4", Unit.M))
                .withMarginWanted(q("12.0", Unit.DB))
                .withSizeAllowed(q("18", Unit.IN))
                .withProfile("licence");
        FeedRun near = new FeedRun(
                camera.socket(),
                List.of(Drawer.part("a-smarn-nj"), Drawer.part("c-rg213-n").withLength(Optional.of(q("3.5", Unit.M)))),
                jackN);
        FeedRun far =
                new FeedRun(jackN, List.of(Drawer.part("c-10mm-n").withLength(Optional.of(q("6", Unit.M)))), jackN);
        YagiShape yagi = Yagi.forCount(2437e6, 11, q("1.6", Unit.MM), Metal.BRASS, false);
        Job job = NewJob.of("Ternholm Sands", "Nest-camera link", brief)
                .withNeeds(Needs.none()
                        .withRate(q("20", Unit.MBIT_S))
                        .withDelay(q("50", Unit.MILLISECOND))
                        .withOutage(q("10", Unit.MINUTE))
                        .withPeople(q("2", Unit.ONE))
                        .withHours(q("5", Unit.HOUR)))
                .withNearAntenna(yagi)
                .withBeside(Optional.of(new Beside(true, built(yagi))))
                .withFarAntenna(Reserve.patches(2437e6, 1, 2, false))
                .withNearRun(near)
                .withFarRun(far)
                .withRaise(new RaisePlan(
                                q("4.5", Unit.M),
                                q("60", Unit.M),
                                q("6", Unit.M),
                                Set.of("below", "cable", "exposure", "height", "lightning", "lines", "solder"))
                        .withRoute(new CableRoute(
                                q("1.2", Unit.M),
                                q("0.4", Unit.M),
                                q("0.15", Unit.M),
                                q("0.9", Unit.M),
                                q("60", Unit.MM),
                                q("0.4", Unit.M)))
                        .withFixings(new Fixings(
                                Fixings.Skin.PLASTIC,
                                Fixings.Skin.GALVANISED,
                                Fixings.Skin.GALVANISED,
                                Fixings.Skin.GALVANISED,
                                Fixings.Air.SALT,
                                Fixings.Place.OWN_MAST))
                        .withDay(new WorkDay(
                                Optional.of(Instant.parse("2026-10-02T11:15:00Z")),
                                q("2", Unit.ONE),
                                q("6", Unit.M_S))));
        return logged(recorded(job));
    }

    /** As it was measured after cutting: three elements are off by more than a stroke of the file. */
    private static YagiShape built(YagiShape cut) {
        YagiShape built = cut;
        for (Map.Entry<Integer, String> measured :
                Map.of(1, "58.9", 2, "53.3", 6, "49.9").entrySet()) {
            int i = measured.getKey();
            built = built.withElement(
                    i, new YagiShape.Element(built.elements().get(i).position(), q(measured.getValue(), Unit.MM)));
        }
        return built;
    }

    /** The helix was turned about its beam to find out whether that was it: where one field turns, no angle helps. */
    private static Job aboutItsBeam(Job job) {
        return job.withProve(job.prove()
                .turning(
                        Turned.POLARIZATION,
                        TurnReading.read(
                                        "0 -88, 20 -88, 40 -87, 60 -88, 80 -89, 100 -88, 120 -88, 140 -87, 160 -88",
                                        Unit.DEG)
                                .orElseThrow()));
    }

    private static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    /** Whip and Yagi at 14 m by turns, then the Yagi at 14 m and 8 m: two changes, each with rounds of its own. */
    private static Job recorded(Job job) {
        double yagi = gain(job);
        Instant day = Instant.parse("2026-10-05T05:10:00Z");
        World.Hidden hidden = World.Hidden.drawn(SEED);
        record Session(String name, String setUp) {}
        List<Session> sessions = List.of(
                new Session("whip 1", WHIP),
                new Session("Yagi 1", HIGH),
                new Session("whip 2", WHIP),
                new Session("Yagi 2", HIGH),
                new Session("whip 3", WHIP),
                new Session("Yagi 3", HIGH),
                new Session("lowered 1", LOW),
                new Session("raised 1", HIGH),
                new Session("lowered 2", LOW),
                new Session("raised 2", HIGH),
                new Session("lowered 3", LOW));
        ProvePlan plan = job.prove();
        for (int s = 0; s < sessions.size(); s++) {
            Session session = sessions.get(s);
            double gain = session.setUp.equals(WHIP) ? WHIP_GAIN : yagi;
            double height = session.setUp.equals(LOW) ? 8 : 14;
            World world = new World(job, gain, height, hidden, SEED + s);
            List<Reading> readings = new java.util.ArrayList<>();
            for (int i = 0; i < READINGS; i++) {
                readings.add(world.next(READING_EVERY, job.prove().step().value()));
            }
            plan = plan.adding(new Recording(
                    session.name,
                    session.setUp,
                    day.plusSeconds(s * 89_428L),
                    predicted(job, gain, height, day),
                    new Series(readings),
                    Optional.of(stood(job, session.setUp, height))));
        }
        return job.withProve(plan.withBefore(9).withAfter(10).turning(Turned.HEIGHT, heights(job, yagi, hidden)))
                .withRework(tried(plan, job.brief().far().radio().sensitivity().value()));
    }

    /** Near low water, a metre at a time: the middle one of a few readings at each height. */
    private static List<TurnReading> heights(Job job, double gain, World.Hidden hidden) {
        List<TurnReading> read = new java.util.ArrayList<>();
        for (int metres = 4; metres <= 15; metres++) {
            World world = new World(job, gain, metres, hidden, SEED + 50);
            List<Reading> few = new java.util.ArrayList<>();
            for (int i = 0; i < 5; i++) {
                few.add(world.next(1, job.prove().step().value()));
            }
            double[] levels = new Series(few).levels();
            if (levels.length > 2) {
                java.util.Arrays.sort(levels);
                read.add(new TurnReading(
                        Turned.HEIGHT.shown(metres), Quantity.shown(levels[levels.length / 2], Unit.DBM, 0)));
            }
        }
        return read;
    }

    /** One thing at a time, by the medians of the tides that were recorded. */
    private static List<Rework> tried(ProvePlan plan, double floor) {
        record Step(String change, int before, int after, boolean kept) {}
        return List.of(
                        new Step("Yagi in place of the whip", 2, 3, true),
                        new Step("whip again, to be sure", 3, 4, false),
                        new Step("lowered from 14 m to 8 m", 5, 6, true),
                        new Step("raised again, to be sure", 6, 7, false),
                        new Step("lowered for good", 9, 10, true))
                .stream()
                .map(s -> new Rework(
                        plan.recordings().get(s.after).begun(),
                        s.change,
                        median(plan, s.before, floor),
                        median(plan, s.after, floor),
                        s.kept))
                .toList();
    }

    private static Optional<Quantity> median(ProvePlan plan, int recording, double floor) {
        return plan.recordings().get(recording).series().quantile(0.5, floor).map(v -> Quantity.shown(v, Unit.DBM, 1));
    }

    private static Stood stood(Job job, String setUp, double height) {
        Stood now = SetUp.stood(job);
        return new Stood(
                now.radios(),
                now.power(),
                now.channel(),
                setUp.equals(WHIP) ? "whip" : now.antenna(),
                Quantity.shown(height, Unit.M, 0),
                now.farAntenna(),
                now.runs(),
                now.place(),
                now.heading(),
                now.scale());
    }

    private static double gain(Job job) {
        return new veldline.assess.Assessor()
                .assess(job)
                .antenna()
                .value()
                .orElseThrow()
                .gain()
                .value();
    }

    private static Recording.Quoted predicted(Job job, double gain, double height, Instant on) {
        double frequency = job.brief().frequency().value();
        TideCurve tide = job.brief().tideCurve(job.polarized().upright()).withFirst(height);
        double level = job.brief().near().radio().power().value()
                - job.nearRun().lossDb(frequency)
                + gain
                - veldline.path.FreeSpace.lossDb(job.brief().distance().value(), frequency)
                + tide.middle().bounceDb()
                + job.farAntenna().toldGain(frequency).orElseThrow().value()
                - job.farRun().lossDb(frequency);
        return new Recording.Quoted(level, 1.5, on, Program.VERSION);
    }

    private static Job logged(Job job) {
        Job built = log(job, "2026-10-02T14:20:00Z", "Eleven-element Yagi cut and built, brass on a wooden boom.");
        Job shown = log(
                built,
                "2026-10-05T04:40:00Z",
                "Whip for Yagi and back, three tides each. Null near low water with both.");
        return log(shown, "2026-10-12T06:30:00Z", "Hide antenna lowered from 14 m to 8 m over low water. Null gone.");
    }

    /** With one more line in its log. */
    static Job log(Job job, String at, String text) {
        return job.logging(new Job.LogEntry(Instant.parse(at), text, Optional.empty()));
    }
}
