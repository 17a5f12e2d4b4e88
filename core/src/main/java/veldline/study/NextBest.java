package veldline.study;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import veldline.antenna.Bought;
import veldline.antenna.ClaimedBeam;
import veldline.antenna.Polarized;
import veldline.antenna.YagiChange;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.Radio;
import veldline.link.RadioSheet;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * Which change buys most decibels in the worst case for its hours and money. Each is made to the job and the whole line worked
 * out anew, so what one change does to another is counted. To add a kind, write what it tries and list it.
 */
public final class NextBest {
    /** Less than this is not worth the ladder, dB. */
    private static final double LEAST = 0.3;

    private static final double CABLE_METRE = 3;

    private static final Formula AIM = new Formula(
            "What aiming buys",
            "An aim that was set by eye is taken to be a quarter of the beam off; set by the middle of both half-power edges"
                    + " it is not.",
            "G",
            "12·q^2",
            "A beam falls by 12·(angle ÷ width)² dB",
            "An upper bound: nothing where it is aimed well already");

    /** What is to be tried: changes with their cost. */
    private record Try(NextStep.Cause cause, String title, double hours, double money, List<JobChange> changes) {}

    private static final List<Function<Assessment, List<Try>>> KINDS = List.of(
            NextBest::polarization,
            NextBest::feeder,
            NextBest::height,
            NextBest::rate,
            NextBest::power,
            NextBest::farAntenna);

    private NextBest() {}

    /** Every change that helps, the most worth first; a study called off gives those it reached. */
    public static List<NextStep> of(Assessment a, Progress progress) {
        List<NextStep> found = new ArrayList<>();
        if (a.line().brokenAt().isPresent() || a.line().unknownFrom().isPresent()) {
            throw new IllegalArgumentException(
                    "The line has no margin to better yet. Mend what breaks it, or choose what is not decided");
        }
        List<Try> tries = new ArrayList<>();
        KINDS.forEach(k -> tries.addAll(k.apply(a)));
        Assessor assessor = new Assessor();
        Worked before = worst(a);
        for (Try t : tries) {
            if (!progress.step(found.size(), tries.size(), best(found))) {
                return ranked(found);
            }
            Job job = a.job();
            for (JobChange c : t.changes) {
                job = c.applyTo(job);
            }
            Assessment with = assessor.assess(job, Assessor.Depth.QUICK, () -> true);
            add(found, t, gain(before, with));
        }
        ChannelStep.of(a).filter(s -> s.gain().value() >= LEAST).ifPresent(found::add);
        aim(a).ifPresent(found::add);
        found.addAll(antennas(a, before, progress));
        return ranked(found);
    }

    private static void add(List<NextStep> found, Try t, Optional<Worked> gain) {
        gain.filter(g -> g.value() >= LEAST)
                .ifPresent(g -> found.add(NextStep.of(t.cause, t.title, g, t.hours, t.money, t.changes)));
    }

    private static List<NextStep> ranked(List<NextStep> found) {
        return found.stream()
                .sorted(Comparator.comparingDouble((NextStep s) -> -s.worth().value())
                        .thenComparing(NextStep::cause))
                .toList();
    }

    private static String best(List<NextStep> found) {
        return found.stream()
                .max(Comparator.comparingDouble(s -> s.worth().value()))
                .map(NextStep::title)
                .orElse("");
    }

    private static final Formula WORST = new Formula(
            "Margin in the worst case",
            "The margin less what the worst tide takes of it.",
            "M",
            "m − w",
            "The line",
            "As the line");

    private static Worked worst(Assessment a) {
        return Worked.of(WORST)
                .from("m", "margin", a.line().margin())
                .computed("w", "worst tide", a.line().worstBelow(), "dB", 2)
                .gives(a.line().margin().value() - a.line().worstBelow(), "dB", 1);
    }

    /** What a change buys; nothing where it breaks the line or radiates too much. */
    private static Optional<Worked> gain(Worked before, Assessment with) {
        boolean whole = with.line().answered();
        boolean allowed = with.mostEirp().isEmpty()
                || with.eirp().isEmpty()
                || with.eirp().get().value() <= with.mostEirp().get().value() + 0.05;
        if (!whole || !allowed) {
            return Optional.empty();
        }
        Worked after = worst(with);
        return Optional.of(Worked.of(NextStep.GAIN)
                .from("a", "with it", after)
                .from("b", "as it is", before)
                .gives(after.value() - before.value(), "dB", 1));
    }

    private static List<Try> polarization(Assessment a) {
        if (a.path().polarization().value() < 1) {
            return List.of();
        }
        Job job = a.job();
        List<Try> tries = new ArrayList<>();
        job.yagi()
                .ifPresent(y -> tries.add(new Try(
                        NextStep.Cause.POLARIZATION,
                        y.upright() ? "turn the Yagi flat" : "turn the Yagi upright",
                        0.5,
                        0,
                        List.of(new JobChange.OfYagi(new YagiChange.Upright(!y.upright()))))));
        for (boolean near : new boolean[] {true, false}) {
            if (job.antenna(near) instanceof Bought b) {
                job.antenna(!near)
                        .polarized()
                        .filter(p -> p != b.polarization())
                        .ifPresent(p -> tries.add(new Try(
                                NextStep.Cause.POLARIZATION,
                                turn(b, p),
                                p.circular() || b.polarization().circular() ? 1 : 0.5,
                                p.circular() || b.polarization().circular() ? 40 : 0,
                                List.of(new JobChange.Fit(near, b.withPolarization(p))))));
            }
        }
        return tries;
    }

    private static String turn(Bought b, Polarized to) {
        boolean other = to.circular() || b.polarization().circular();
        return (other ? "another in place of " : "turn ") + b.name() + (other ? ", " : " ") + to.words();
    }

    /** A cable that takes less, between the same connectors. */
    private static List<Try> feeder(Assessment a) {
        List<Try> tries = new ArrayList<>();
        double f = a.job().brief().frequency().value();
        for (boolean near : new boolean[] {true, false}) {
            FeedRun run = a.job().run(near);
            boolean used = near ? a.job().brief().field().isEmpty() : true;
            for (int i = 0; used && i < run.parts().size(); i++) {
                FeedPart now = run.parts().get(i);
                if (now.kind() == FeedPart.Kind.CABLE && now.length().isPresent()) {
                    int index = i;
                    better(a.job().drawer().parts(), now, f)
                            .ifPresent(b -> tries.add(new Try(
                                    NextStep.Cause.FEEDER,
                                    b.name() + " in place of " + now.name(),
                                    1,
                                    15 + CABLE_METRE * now.length().get().value(),
                                    List.of(new JobChange.OfRun(near, new FeedChange.Replace(index, b))))));
                }
            }
        }
        return tries;
    }

    private static Optional<FeedPart> better(List<FeedPart> drawer, FeedPart now, double frequency) {
        return drawer.stream()
                .filter(p -> p.kind() == FeedPart.Kind.CABLE)
                .filter(p ->
                        p.radioSide().equals(now.radioSide()) && p.antennaSide().equals(now.antennaSide()))
                .filter(p -> p.ceiling() >= frequency)
                .map(p -> p.withLength(now.length()))
                .filter(p -> p.workedLoss(frequency).value()
                        < now.workedLoss(frequency).value() - LEAST)
                .min(Comparator.comparingDouble(p -> p.workedLoss(frequency).value()));
    }

    private static List<Try> height(Assessment a) {
        return a.path()
                .better()
                .map(b -> new Try(
                        NextStep.Cause.HEIGHT,
                        "hang it at " + NumberText.shown(b.height(), 1) + " m",
                        2,
                        b.height() > a.job().brief().near().height().value() ? 60 : 0,
                        List.of((JobChange) new JobChange.OfBrief(
                                new BriefChange.Height(true, Quantity.shown(b.height(), Unit.M, 1))))))
                .map(List::of)
                .orElse(List.of());
    }

    /** A slower rate that still carries what is asked. */
    private static List<Try> rate(Assessment a) {
        Brief b = a.job().brief();
        Radio radio = b.far().radio();
        double needed = a.job().needs().rateNeeded();
        return radio.sheet().stream()
                .flatMap(sheet -> sheet.rates().stream()
                        .filter(r ->
                                r.sensitivity().value() < radio.sensitivity().value() - LEAST)
                        .filter(r -> r.rate().value() >= needed && needed > 0)
                        .map(r -> new Try(
                                NextStep.Cause.RATE, "set the radios to " + r.rate(), 0.25, 0, setBoth(b, sheet, r))))
                .toList();
    }

    private static List<JobChange> setBoth(Brief b, RadioSheet sheet, RadioSheet.Rate rate) {
        List<JobChange> both = new ArrayList<>();
        both.add(new JobChange.OfBrief(new BriefChange.SetRadio(false, sheet, rate)));
        b.near()
                .radio()
                .sheet()
                .flatMap(s -> s.rates().stream()
                        .filter(r -> r.rate().equals(rate.rate()))
                        .findFirst()
                        .map(r -> new BriefChange.SetRadio(true, s, r)))
                .ifPresent(c -> both.add(new JobChange.OfBrief(c)));
        return both;
    }

    /** As much as the rule on power leaves, where the radio can give more. */
    private static List<Try> power(Assessment a) {
        if (a.eirp().isEmpty() || a.mostEirp().isEmpty()) {
            return List.of();
        }
        Radio radio = a.job().brief().near().radio();
        double room = a.mostEirp().get().value() - a.eirp().get().value();
        double most = radio.sheet().stream()
                .flatMap(s -> s.rates().stream())
                .flatMap(r -> r.power().stream())
                .mapToDouble(Quantity::value)
                .max()
                .orElse(radio.power().value());
        double to = Math.floor(2 * Math.min(most, radio.power().value() + room)) / 2;
        return to > radio.power().value() + LEAST
                ? List.of(new Try(
                        NextStep.Cause.POWER,
                        "send " + NumberText.shown(to, 1) + " dBm",
                        0.25,
                        0,
                        List.of(new JobChange.OfBrief(new BriefChange.Power(Quantity.shown(to, Unit.DBM, 1))))))
                : List.of();
    }

    /** The other end may gain as well; hearing has no limit. */
    private static List<Try> farAntenna(Assessment a) {
        boolean near = !a.job().madeNear();
        if (!(a.job().antenna(near) instanceof Bought b)
                || a.job().brief().field().isPresent()) {
            return List.of();
        }
        boolean moves = (near ? a.job().brief().near() : a.job().brief().far())
                .carrier()
                .moves();
        return moves
                ? List.of()
                : List.of(new Try(
                        NextStep.Cause.ANTENNA,
                        "3 dB more in place of " + b.name(),
                        2,
                        60,
                        List.of(new JobChange.Fit(
                                near, b.withGain(Quantity.shown(b.gain().value() + 3, Unit.DBI, 1))))));
    }

    private static Optional<NextStep> aim(Assessment a) {
        boolean beam =
                a.raise().aimError().isPresent() && a.job().prove().recordings().isEmpty();
        Worked worked = Worked.of(AIM)
                .computed("q", "quarter of the beam", 0.25, "", 2)
                .gives(ClaimedBeam.parabola(0.25, 1), "dB", 1);
        return beam
                ? Optional.of(
                        NextStep.of(NextStep.Cause.AIM, "aim it by both half-power edges", worked, 0.5, 0, List.of()))
                : Optional.empty();
    }

    /** The antennas of Choose that do better than the one there is. */
    private static List<NextStep> antennas(Assessment a, Worked before, Progress progress) {
        if (a.job().site().isPresent()) {
            // A site is served by how antennas stand on it, not by the gain towards one place.
            return List.of();
        }
        double now = a.line()
                .stop(a.job().madeNear() ? "near-antenna" : "far-antenna")
                .step()
                .value();
        List<Candidate> all = Candidates.of(a, progress);
        return IntStream.range(0, all.size())
                .mapToObj(all::get)
                .filter(c -> c.level() != Finding.Level.STOP && c.yagi().isPresent())
                .filter(c -> c.effective().value() >= now + LEAST)
                .max(Comparator.comparingDouble(c -> c.effective().value()))
                .map(c -> NextStep.of(
                        NextStep.Cause.ANTENNA,
                        c.shaped().title() + ", "
                                + NumberText.shown(1000 * c.shaped().length(), 0) + " mm",
                        Worked.of(NextStep.GAIN)
                                .computed("a", "gain of it", c.effective().value(), "dBi", 2)
                                .computed("b", "gain there is", now, "dBi", 2)
                                .gives(c.effective().value() - now, "dB", 1),
                        5,
                        20,
                        List.of(
                                a.job().yagi().isPresent()
                                        ? new JobChange.OfYagi(new YagiChange.Take(
                                                c.yagi().get(), c.shaped().title()))
                                        : new JobChange.Fit(
                                                a.job().madeNear(), c.yagi().get()))))
                .filter(s -> Double.isFinite(before.value()))
                .map(List::of)
                .orElse(List.of());
    }
}
