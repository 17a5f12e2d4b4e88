package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.CableClass;
import veldline.feed.CableEnd;
import veldline.feed.Connector;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.SeriesFacts;
import veldline.job.JobChange;
import veldline.link.End;
import veldline.quantity.NumberText;
import veldline.quantity.Unit;

/** Judgements on what connectors and cables bear: power, leverage, and connectors that are made for a cable. */
final class PartRules {
    private static final Formula WATTS = new Formula(
            "Power a part carries",
            "At 1 GHz, less with the root of the frequency, since the skin gets thinner.",
            "P",
            "w ÷ sqrt(f)",
            "IEC 61169 and data sheets of the kind; heat of the skin",
            "A factor of two, by make, air and height; under 1 GHz its value there is kept");

    /** Of a short wire by itself, a millimetre. */
    private static final double LEAD_NANOHENRIES = 0.8;

    private static final Formula LEADS = new Formula(
            "Reactance of open leads",
            "Where the screen ends each millimetre to a terminal is a little coil; l in mm, f in GHz.",
            "X",
            "2·pi·f·l·" + LEAD_NANOHENRIES,
            "Inductance of a short wire by itself, 0.8 nH a millimetre (Terman, Radio Engineers' Handbook, §2)",
            "±30 %, by what is near; two leads side by side have less");

    /** Open leads with more than that change what the antenna was made for, ohms. */
    private static final double LEAD_OHMS = 10;
    /** So many rigid adapters in a row make a lever. */
    private static final int LEVER = 2;

    private PartRules() {}

    static List<Finding> of(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (boolean near : new boolean[] {true, false}) {
            End end = near ? a.job().brief().near() : a.job().brief().far();
            FeedRun run = a.job().run(near);
            if (a.job().brief().field().isEmpty() || !near) {
                power(run, end, a.job().brief().frequency().value()).ifPresent(found::add);
                lever(run, end).ifPresent(found::add);
                found.addAll(cables(run, end));
                found.addAll(notKnown(a, run, near));
                found.addAll(leads(run, end, a.job().brief().frequency().value()));
                noSocket(run, end).ifPresent(found::add);
            }
        }
        return found;
    }

    /** A run that was there before: found from end to end, freed, closed, and measured. */
    private static List<Finding> notKnown(Assessment a, FeedRun run, boolean near) {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < run.parts().size(); i++) {
            FeedPart part = run.parts().get(i);
            if (part.within().isPresent()) {
                Worked loss = part.workedLoss(a.job().brief().frequency().value());
                found.add(Finding.watch(
                                loss.shown() + " ±" + part.within().get(),
                                "is all that is known of the "
                                        + part.name().split(",")[0].toLowerCase(java.util.Locale.ROOT) + ".",
                                "Find both its ends with an ohmmeter, its far end joined; cut it free of every other feed; close"
                                        + " outlets that stay open with a load, since each takes some and throws some back."
                                        + " Then measure it from end to end: level with it and with a short cable in its place.",
                                "loss not known",
                                loss)
                        .withRemedies(List.of(new Finding.Remedy(
                                "It was measured",
                                "Its loss is as it stands, and the margin's ± falls.",
                                new JobChange.OfRun(near, new FeedChange.Within(i, Optional.empty()))))));
            }
        }
        return found;
    }

    /** Bare terminals: what the centimetres behind the end of the screen do at this frequency. */
    private static List<Finding> leads(FeedRun run, End end, double frequency) {
        List<Finding> found = new ArrayList<>();
        for (FeedPart part : run.parts()) {
            for (Connector side : List.of(part.radioSide(), part.antennaSide())) {
                if (side.family() == Connector.Series.BUILT_IN) {
                    CableClass.of(part)
                            .flatMap(c -> CableEnd.of(c, side.family()))
                            .map(e -> leads(e.inner() + e.dielectric(), end, frequency))
                            .ifPresent(found::add);
                }
            }
        }
        return found;
    }

    private static Finding leads(double mm, End end, double frequency) {
        Worked ohms = Worked.of(LEADS)
                .computed("l", "open at the terminals", mm, "mm", 1)
                .computed("f", "frequency", frequency / 1e9, "GHz", 4)
                .gives(2 * Math.PI * frequency / 1e9 * mm * LEAD_NANOHENRIES, "Ω", 1);
        String rest =
                "is what " + NumberText.shown(mm, 0) + " mm of open lead add at the terminals, " + end.name() + ".";
        return ohms.value() <= LEAD_OHMS
                ? Finding.fits(ohms.shown(), rest, "Little at this frequency.", ohms)
                : Finding.watch(
                        ohms.shown(),
                        rest,
                        "Bring the screen up to the terminals and keep both leads side by side, or fit a socket: "
                                + NumberText.shown(mm * LEAD_OHMS / ohms.value(), 1) + " mm would be little.",
                        "long leads",
                        ohms);
    }

    /** A radio that was never made for a cable. */
    private static Optional<Finding> noSocket(FeedRun run, End end) {
        return run.radio().family() != Connector.Series.BUILT_IN || run.parts().isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.plain(
                        Finding.Level.WATCH,
                        "No socket on " + end.radio().name() + ":",
                        "opening it cannot be undone.",
                        "Battery out and supply off first; look for direct voltage on the antenna's pad and keep it off the cable"
                                + " with a capacitor; take the old antenna off, not beside it; the cable's jacket is held to the case, so"
                                + " that nothing pulls at the pad. It may end an approval or a guarantee; local rules decide.",
                        "no socket"));
    }

    /** What a part is called, and the watts it carries at 1 GHz. */
    private record Bears(String name, double watts) {
        double at(double frequency) {
            return watts / Math.sqrt(Math.max(1, frequency / 1e9));
        }
    }

    /** What of the run carries least, where the radio sends more. */
    private static Optional<Finding> power(FeedRun run, End end, double frequency) {
        double watts = Unit.WATT.fromInside(end.radio().power().value());
        Stream<Bears> joints = run.joints().stream()
                .map(j -> SeriesFacts.of(j.radioSide().family()))
                .flatMap(Optional::stream)
                .map(f -> new Bears("a joint of " + f.series().words(), f.watts()));
        Stream<Bears> cables = run.parts().stream()
                .map(CableClass::of)
                .flatMap(Optional::stream)
                .map(c -> new Bears(c.name(), c.watts()));
        return Stream.concat(joints, cables)
                .min(Comparator.comparingDouble(Bears::watts))
                .filter(b -> b.at(frequency) < watts)
                .map(b -> {
                    Worked most = Worked.of(WATTS)
                            .typed("w", "of " + b.name + " at 1 GHz", b.watts, "W", 0)
                            .computed("f", "frequency, at least 1", Math.max(1, frequency / 1e9), "GHz", 4)
                            .gives(b.at(frequency), "W", 0);
                    return Finding.stop(
                            most.shown(),
                            "is what " + b.name + " carries; " + NumberText.shown(watts, 0) + " W come.",
                            end.name() + ". Take a larger one: a joint that heats loosens.",
                            "too much power",
                            most);
                });
    }

    /** A row of adapters on a socket is a lever; a jumper takes it off. */
    private static Optional<Finding> lever(FeedRun run, End end) {
        int row = 0;
        int most = 0;
        for (FeedPart p : run.parts()) {
            row = p.kind() == FeedPart.Kind.ADAPTER ? row + 1 : 0;
            most = Math.max(most, row);
        }
        return most < LEVER
                ? Optional.empty()
                : Optional.of(Finding.plain(
                        Finding.Level.WATCH,
                        most + " adapters in a row,",
                        end.name() + ": a lever on the socket.",
                        "A jumper takes the weight off and has fewer joints; hold the run by its jacket, not by its pins.",
                        "lever on socket"));
    }

    private static List<Finding> cables(FeedRun run, End end) {
        List<Finding> found = new ArrayList<>();
        for (FeedPart p : run.parts()) {
            CableClass.of(p).ifPresent(c -> {
                for (Connector side : List.of(p.radioSide(), p.antennaSide())) {
                    if (!c.takes(side.family())) {
                        found.add(Finding.plain(
                                Finding.Level.WATCH,
                                side.family().words() + " on " + c.name() + ",",
                                end.name() + ": none is made for that cable.",
                                "A reducer or a jumper between; a drilled or filled connector does not stay.",
                                "connector and cable"));
                    }
                }
            });
        }
        return found.stream().distinct().toList();
    }
}
