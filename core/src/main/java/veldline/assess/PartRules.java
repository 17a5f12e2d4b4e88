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
