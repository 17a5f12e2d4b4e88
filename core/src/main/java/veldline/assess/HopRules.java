package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Antenna;
import veldline.antenna.Polarized;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.End;
import veldline.link.Hop;
import veldline.link.HopPlan;
import veldline.link.OnAir;
import veldline.path.FreeSpace;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Judgements on several links of one's own at one place. */
final class HopRules {
    /** Between two antennas at one place where nobody said, metres. */
    private static final double APART = 1;

    private HopRules() {}

    /** The link and its hops at one end, the link first; empty where it has none there, or there is no level to speak of. */
    static Optional<HopPlan> plan(Assessment a, boolean near) {
        Brief b = a.job().brief();
        List<Hop> hops = b.hops().stream().filter(h -> h.atNear() == near).toList();
        if (hops.isEmpty() || b.field().isPresent() || !a.line().answered()) {
            return Optional.empty();
        }
        End end = near ? b.near() : b.far();
        Antenna antenna = a.job().antenna(near);
        double gain =
                a.line().stop(near ? "near-antenna" : "far-antenna").step().value();
        double power = end.radio().power().value()
                - a.job().run(near).lossDb(b.frequency().value());
        List<HopPlan.Leg> legs = new ArrayList<>();
        legs.add(new HopPlan.Leg(
                (near ? b.far() : b.near()).name(),
                (near ? a.raise().nearBearing() : a.raise().farBearing()).value(),
                b.distance().value(),
                b.frequency().value(),
                antenna.polarized().orElse(Polarized.FLAT),
                AirRules.fastest(a).map(r -> r.rate().value()).orElse(0.0),
                true));
        hops.forEach(h -> legs.add(leg(h, b, end, power + 2 * gain)));
        return Optional.of(
                new HopPlan(power, gain, a.beam(near), b.air().bandwidth().value(), APART, legs));
    }

    /** A hop with its rate as typed, or as the level in the open carries it. */
    private static HopPlan.Leg leg(Hop h, Brief b, End end, double sent) {
        double level =
                sent - FreeSpace.lossDb(h.distance().value(), h.frequency().value());
        double byLevel = end.radio()
                .sheet()
                .flatMap(s -> AirRules.fastest(s, level - b.marginWanted().value()))
                .map(r -> r.rate().value())
                .orElse(0.0);
        return new HopPlan.Leg(
                h.name(),
                h.bearing().value(),
                h.distance().value(),
                h.frequency().value(),
                h.polarized(),
                h.rate().value() > 0 ? h.rate().value() : byLevel,
                h.carries());
    }

    static List<Finding> hops(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (boolean near : new boolean[] {true, false}) {
            plan(a, near).ifPresent(p -> {
                boolean turns = p.legs().stream().filter(HopPlan.Leg::carries).count() > 1;
                // Looked for once, and only where somebody may want it.
                HopPlan.Assigned better = turns || p.worst() < HopPlan.CLEAR
                        ? p.assign(OnAir.channels(a.job().brief()))
                        : new HopPlan.Assigned(p.legs(), p.worst());
                if (p.worst() < HopPlan.NO_MATTER) {
                    found.add(parted(a, p, better, near));
                }
                if (turns) {
                    found.add(through(a, p, better, near));
                }
            });
        }
        return found;
    }

    private static Finding through(Assessment a, HopPlan p, HopPlan.Assigned better, boolean near) {
        List<HopPlan.Leg> carrying =
                p.legs().stream().filter(HopPlan.Leg::carries).toList();
        Optional<HopPlan.Leg> silent =
                carrying.stream().filter(l -> l.rate() <= 0).findFirst();
        if (silent.isPresent()) {
            return Finding.plain(
                    Finding.Level.UNKNOWN,
                    "No rate from end to end:",
                    silent.get().name() + " carries none that is known.",
                    "Type its rate, or take its radio from the drawer.",
                    "rate unknown");
        }
        Worked rate = p.through();
        double slowest = carrying.stream().mapToDouble(HopPlan.Leg::rate).min().orElseThrow();
        boolean turns = p.throughput() < 0.99 * slowest;
        double asked = a.job().needs().rateNeeded();
        boolean less = p.throughput() < asked;
        String rest = "from end to end over " + carrying.size() + " hops"
                + (asked > 0 ? "; " + a.job().needs().rate() + " asked for." : ".");
        String reason = turns
                ? "They share a channel and take turns; on channels of their own "
                        + NumberText.shown(slowest / p.throughput(), 1) + " times that."
                : "Each on a channel of its own; the slowest decides.";
        if (!turns) {
            return less
                    ? Finding.stop(rate.shown(), rest, reason, "hops too slow", rate)
                    : Finding.fits(rate.shown(), rest, reason, rate);
        }
        Finding f = less
                ? Finding.stop(rate.shown(), rest, reason, "hops too slow", rate)
                : Finding.watch(rate.shown(), rest, reason, "hops take turns", rate);
        HopPlan then = p.withLegs(better.legs());
        return then.throughput() > 1.01 * p.throughput()
                ? f.withRemedies(List.of(give(a, better, near, then.through().shown() + " from end to end")))
                : f;
    }

    /** Sets the link and its hops as they were given out. */
    private static Finding.Remedy give(Assessment a, HopPlan.Assigned better, boolean near, String outcome) {
        return new Finding.Remedy(
                "Give them channels",
                better.words() + ": " + outcome + ".",
                new JobChange.All("channels for the hops", changes(a, better, near)));
    }

    private static Finding parted(Assessment a, HopPlan p, HopPlan.Assigned better, boolean near) {
        int worst = IntStream.range(0, p.legs().size())
                .boxed()
                .min(Comparator.comparingDouble(i -> p.over(i).value()))
                .orElseThrow();
        Worked over = p.over(worst);
        String rest = "over its own neighbours towards " + p.legs().get(worst).name() + "; "
                + NumberText.shown(HopPlan.CLEAR, 0) + " is wanted.";
        if (over.value() >= HopPlan.CLEAR) {
            return Finding.fits(over.shown(), rest, "At the worse of both its ends.", over);
        }
        Finding f = Finding.watch(
                over.shown(), rest, "Channel, plane and bearing part them; power does not.", "own neighbours", over);
        return better.worst() < over.value() + 1
                ? f
                : f.withRemedies(
                        List.of(give(a, better, near, NumberText.shown(better.worst(), 1) + " dB at the worst")));
    }

    private static List<JobChange> changes(Assessment a, HopPlan.Assigned better, boolean near) {
        List<Hop> next = new ArrayList<>();
        int leg = 1;
        for (Hop h : a.job().brief().hops()) {
            if (h.atNear() == near) {
                HopPlan.Leg l = better.legs().get(leg++);
                next.add(h.withFrequency(Quantity.shown(l.frequency(), Unit.MHZ, 1))
                        .withPolarized(l.polarized()));
            } else {
                next.add(h);
            }
        }
        List<JobChange> all = new ArrayList<>();
        all.add(new JobChange.OfBrief(new BriefChange.Hops(next, "channels for the hops")));
        double own = better.legs().get(0).frequency();
        if (own != a.job().brief().frequency().value()) {
            all.add(new JobChange.OfBrief(new BriefChange.Frequency(Quantity.shown(own, Unit.MHZ, 1))));
        }
        return all;
    }
}
