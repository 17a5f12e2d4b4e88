package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.DirectCurrent;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Holdings;
import veldline.feed.Joint;
import veldline.feed.MendSearch;
import veldline.picture.Paragraph;
import veldline.quantity.NumberText;

/** Judgements on the chains. */
final class FeedRules {
    /** A supply may be so much off. */
    private static final double ENOUGH = 0.15;

    private FeedRules() {}

    static List<Finding> joints(Assessment a) {
        List<Finding> found = new ArrayList<>();
        if (a.job().brief().field().isEmpty()) {
            found.addAll(joints(a, a.job().nearRun(), a.nearFeed(), true));
        }
        found.addAll(joints(a, a.job().farRun(), a.farFeed(), false));
        return found;
    }

    private static List<Finding> joints(Assessment a, FeedRun run, FeedFigures figures, boolean near) {
        double frequency = a.job().brief().frequency().value();
        String end =
                near ? a.job().brief().near().name() : a.job().brief().far().name();
        List<Finding> found = new ArrayList<>();
        for (int j = 0; j < figures.joints().size(); j++) {
            for (Joint.Fact fact : figures.joints().get(j).facts(frequency)) {
                if (fact.level() != Finding.Level.FITS) {
                    found.add(Finding.plain(
                                    fact.level(),
                                    Paragraph.capital(fact.tag()),
                                    "at joint " + (j + 1) + ", " + end + ".",
                                    Paragraph.capital(fact.outcome()) + ".",
                                    fact.tag())
                            .withRemedies(
                                    fact.level() == Finding.Level.STOP ? remedies(run, figures, near) : List.of()));
                }
            }
        }
        if (found.isEmpty()) {
            found.add(Finding.plain(
                    Finding.Level.FITS,
                    end + ", " + figures.joints().size() + (figures.joints().size() == 1 ? " joint:" : " joints:"),
                    "series, thread, contact and impedance agree.",
                    "Look at the metal, not the label.",
                    ""));
        }
        return found;
    }

    private static List<Finding.Remedy> remedies(FeedRun run, FeedFigures figures, boolean near) {
        return figures.mends().stream().limit(3).map(m -> remedy(run, m, near)).toList();
    }

    private static Finding.Remedy remedy(FeedRun run, MendSearch.Mend m, boolean near) {
        String label;
        if (m.change() instanceof FeedChange.Remove) {
            label = "Take the " + m.part().name() + " out";
        } else if (m.change() instanceof FeedChange.Replace r
                && r.part().turned().equals(run.parts().get(r.index()))) {
            label = "Turn the " + m.part().name() + " round";
        } else {
            label = m.change() instanceof FeedChange.InsertAll all
                    ? "Add " + all.parts().stream().map(FeedPart::name).collect(Collectors.joining(", then "))
                    : (m.change() instanceof FeedChange.Insert ? "Add " : "Fit ")
                            + m.part().name();
        }
        return new Finding.Remedy(
                label,
                "The chain then takes " + NumberText.shown(m.lossDb(), 2) + " dB.",
                new veldline.job.JobChange.OfRun(near, m.change()));
    }

    /** An amplifier at the mast gets its current up the cable; what blocks it, or nothing to feed it, leaves it dead. */
    static List<Finding> supply(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (boolean near : new boolean[] {true, false}) {
            FeedRun run = a.job().run(near);
            for (int i = 0; i < run.parts().size(); i++) {
                FeedPart part = run.parts().get(i);
                if (part.amplifier().isPresent()) {
                    found.add(supply(a, run, i, near));
                }
            }
        }
        return found;
    }

    private static Finding supply(Assessment a, FeedRun run, int at, boolean near) {
        FeedPart amplifier = run.parts().get(at);
        if (amplifier.backwards()) {
            return round(amplifier, at, near, "it lifts what goes up to the antenna, and nothing that comes down.");
        }
        double volts = amplifier.amplifier().orElseThrow().volts();
        String wants = NumberText.shown(volts, 0) + " V";
        for (int i = at - 1; i >= 0; i--) {
            FeedPart part = run.parts().get(i);
            if (part.supplies() > 0 && part.backwards()) {
                return round(part, i, near, "its supply goes down to the radio.");
            }
            if (part.supplies() > 0) {
                return Math.abs(part.supplies() - volts) <= ENOUGH * volts
                        ? arrives(run, i, at)
                        : Finding.plain(
                                Finding.Level.STOP,
                                "The " + plain(amplifier) + " wants " + wants + ";",
                                NumberText.shown(part.supplies(), 0) + " V come.",
                                "Fit a supply of the right voltage.",
                                "wrong supply");
            }
            if (!part.passesDc()) {
                boolean shorts = part.direct() == FeedPart.Direct.SHORTS;
                return Finding.plain(
                                Finding.Level.STOP,
                                "No supply reaches the " + plain(amplifier) + ";",
                                "the " + plain(part) + (shorts ? " shorts it to the screen." : " blocks it."),
                                "Direct current on coax: switch it off before anything is joined.",
                                shorts ? "supply shorted" : "supply blocked")
                        .withRemedies(passing(a.job().drawer(), run, i, near));
            }
        }
        double bias = (near ? a.job().brief().near() : a.job().brief().far())
                .radio()
                .sheet()
                .map(s -> s.port().bias())
                .orElse(0.0);
        return Math.abs(bias - volts) <= ENOUGH * volts
                ? Finding.plain(Finding.Level.FITS, wants + " come from the radio's socket.", "", "", "")
                : Finding.plain(
                        Finding.Level.STOP,
                        "Nothing feeds the " + plain(amplifier) + ";",
                        "it wants " + wants + ".",
                        "Put an injector between it and the radio.",
                        "no supply");
    }

    /** A part with a direction that stands the wrong way round. */
    private static Finding round(FeedPart part, int index, boolean near, String does) {
        return Finding.plain(
                        Finding.Level.STOP,
                        "The " + plain(part) + " is turned round;",
                        does,
                        "Look at the arrows on it. Direct current on coax: switch it off before anything is joined.",
                        "turned round")
                .withRemedies(List.of(new Finding.Remedy(
                        "Turn it",
                        "Its arrows then point as they should.",
                        new veldline.job.JobChange.OfRun(near, new FeedChange.Turn(index)))));
    }

    /** Of the right voltage, less what the cable takes of it. */
    private static Finding arrives(FeedRun run, int from, int to) {
        FeedPart amplifier = run.parts().get(to);
        FeedPart.Amplifier what = amplifier.amplifier().orElseThrow();
        DirectCurrent current =
                DirectCurrent.along(run, from, to, run.parts().get(from).supplies(), what.draws());
        Worked left = current.arrives();
        double fuse = 1000 * current.fuse();
        String reason = NumberText.shown(1000 * what.draws(), 0) + " mA are drawn: a fuse of "
                + NumberText.shown(fuse, 0) + " mA at the supply; a battery of "
                + NumberText.shown(DirectCurrent.CARRIED, 0)
                + " Ah lasts " + current.lasts(DirectCurrent.CARRIED).shown()
                + ". Mains side closed; a certified supply only.";
        return left.value() >= (1 - ENOUGH) * what.volts()
                ? Finding.fits(
                        left.shown(),
                        "reach the " + plain(amplifier) + ", from the "
                                + plain(run.parts().get(from)) + ".",
                        reason,
                        left)
                : Finding.stop(
                        left.shown(),
                        "reach the " + plain(amplifier) + "; it wants " + NumberText.shown(what.volts(), 0) + ".",
                        "A shorter or thicker cable, or the supply nearer to it. " + reason,
                        "supply too weak",
                        left);
    }

    /** What it is, without its sockets: “masthead amplifier”. */
    private static String plain(FeedPart part) {
        String name = part.name().split(",")[0];
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    /** Parts of the drawer of the same kind and faces that let the current through. */
    private static List<Finding.Remedy> passing(Holdings drawer, FeedRun run, int index, boolean near) {
        FeedPart blocked = run.parts().get(index);
        return drawer.parts().stream()
                .filter(p -> p.kind() == blocked.kind()
                        && p.passesDc()
                        && p.radioSide().equals(blocked.radioSide())
                        && p.antennaSide().equals(blocked.antennaSide()))
                .limit(2)
                .map(p -> new Finding.Remedy(
                        "Fit the " + p.name(),
                        "It takes " + NumberText.shown(p.loss().value(), 1) + " dB and lets the supply through.",
                        new veldline.job.JobChange.OfRun(near, new FeedChange.Replace(index, p))))
                .toList();
    }

    /** What all stations together put out of an amplifier. */
    static List<Finding> overload(Assessment a) {
        List<Finding> found = new ArrayList<>();
        List<Double> levels = a.stations().value().stream()
                .flatMap(List::stream)
                .flatMap(s -> s.level().stream())
                .toList();
        List<FeedPart> parts = a.job().farRun().parts();
        double before = 0;
        for (int i = parts.size() - 1; i >= 0; i--) {
            FeedPart part = parts.get(i);
            before += part.workedLoss(a.job().brief().frequency().value()).value();
            if (part.amplifier().isPresent() && !levels.isEmpty()) {
                found.add(overload(part, levels, before));
            }
        }
        return found;
    }

    private static Finding overload(FeedPart part, List<Double> levels, double taken) {
        double sum =
                levels.stream().mapToDouble(l -> Math.pow(10, (l - taken) / 10)).sum();
        double most = part.amplifier().orElseThrow().mostOut().value();
        Worked out = Worked.of(TOGETHER)
                .computed("p", "all stations behind it, µW", sum * 1000, "µW", 5)
                .gives(10 * Math.log10(sum), "dBm", 1, 3);
        String rest = "leave the " + plain(part) + ", " + levels.size()
                + (levels.size() == 1 ? " station; " : " stations together; ") + NumberText.shown(most, 1)
                + " is the most.";
        return out.value() > most
                ? Finding.stop(
                        out.shown(),
                        rest,
                        "It makes what was not there. A weaker one, or a filter before it.",
                        "overload",
                        out)
                : Finding.fits(out.shown(), rest, "", out);
    }

    private static final Formula TOGETHER = new Formula(
            "Level of several together",
            "Powers add; p is their sum.",
            "P",
            "10·log10(p ÷ 1000)",
            "Sum of powers",
            "As good as the field strengths");

    static List<Finding> loss(Assessment a) {
        if (a.job().brief().field().isPresent()) {
            return List.of();
        }
        double loss = a.nearFeed().total().value();
        String lead = a.nearFeed().total().shown();
        String rest = "lost between radio and antenna; 2.0 allowed.";
        Finding f = loss <= 2
                ? Finding.fits(
                        lead,
                        rest,
                        loss <= 1 ? "Up to 1 is good." : "Up to 2 is passable.",
                        a.nearFeed().total())
                : Finding.watch(
                        lead,
                        rest,
                        loss <= 3 ? "Look for a better cable." : "Over 3: redesign the run.",
                        "run takes much",
                        a.nearFeed().total());
        return List.of(f.withRuler(loss, Optional.empty(), Optional.of(2.0), 1));
    }

    static List<Finding> power(Assessment a) {
        return ShapeRules.power(a);
    }
}
