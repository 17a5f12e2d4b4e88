package veldline.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.line.CurrentChoke;
import veldline.link.End;
import veldline.quantity.NumberText;
import veldline.quantity.Unit;

/** Judgements on the match. */
final class MatchRules {
    private MatchRules() {}

    static List<Finding> inUse(Assessment a) {
        if (a.match() instanceof Stage.Failed<MatchFigures> failed) {
            return List.of(Finding.plain(
                    Finding.Level.STOP,
                    "No match worked out.",
                    failed.why().split("\n")[0] + ".",
                    "",
                    "cannot be solved"));
        }
        return a.match()
                .value()
                .flatMap(MatchFigures::inUse)
                .map(o -> {
                    String rest = o.id().equals("direct")
                            ? "at the cable, with nothing between."
                            : "at the cable with the " + o.title() + ".";
                    String reason = "It costs " + o.loss().number() + " dB; up to 1.5 is good, up to 2 usable.";
                    Finding f = o.swr().value() <= 2
                            ? Finding.fits("SWR " + o.swr().number(), rest, reason, o.swr())
                            : Finding.watch("SWR " + o.swr().number(), rest, reason, "SWR high", o.swr());
                    return f.withRuler(o.swr().value(), Optional.empty(), Optional.of(2.0), 1);
                })
                .map(List::of)
                .orElse(List.of());
    }

    static List<Finding> better(Assessment a) {
        if (a.match().value().isEmpty()) {
            return List.of();
        }
        MatchFigures m = a.match().value().get();
        MatchFigures.Option best = m.options().stream()
                .min(Comparator.comparingDouble(o -> o.loss().value()))
                .orElseThrow();
        Optional<MatchFigures.Option> used = m.inUse();
        if (best.inUse()
                || used.isPresent() && used.get().loss().value() - best.loss().value() < 0.1) {
            return List.of(Finding.fits(
                    FeedRules.capital(best.title()),
                    "loses least of all ways.",
                    "Another would gain under 0.1 dB.",
                    best.loss()));
        }
        return List.of(Finding.fits(
                        FeedRules.capital(best.title()),
                        "would lose least: " + best.loss().shown() + ".",
                        best.parts() + ".",
                        best.loss())
                .withRemedies(List.of(new Finding.Remedy(
                        "Use the " + best.title(),
                        "SWR " + NumberText.shown(best.swr().value(), 2) + " at the cable.",
                        best.take()))));
    }

    /** Heat that is worth telling, watts. */
    private static final double WARM = 0.05;

    static List<Finding> choke(Assessment a) {
        if (a.match() instanceof Stage.Absent) {
            return List.of();
        }
        Job job = a.job();
        End end = job.madeNear() ? job.brief().near() : job.brief().far();
        CurrentChoke choke = CurrentChoke.of(
                job.brief().frequency().value(),
                a.match()
                        .value()
                        .flatMap(MatchFigures::inUse)
                        .map(o -> o.resistance().value())
                        .orElse(MatchStage.LINE),
                Unit.WATT.fromInside(end.radio().power().value()));
        String heat =
                choke.heat().value() < WARM ? "" : " It takes " + choke.heat().shown() + ".";
        return List.of(Finding.plain(
                        Finding.Level.UNKNOWN,
                        "A current choke belongs at the feed:",
                        choke.title() + ", " + choke.impedance().shown() + ".",
                        choke.parts() + "." + heat
                                + " Without it the cable's outside radiates and no figure here holds."
                                + " Solder unplugged, mind the hot tip and the fumes.",
                        "choke?")
                .withWorked(choke.impedance()));
    }
}
