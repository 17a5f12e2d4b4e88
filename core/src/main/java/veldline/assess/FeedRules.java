package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.feed.FeedChange;
import veldline.feed.FeedRun;
import veldline.feed.Joint;
import veldline.feed.MendSearch;
import veldline.quantity.NumberText;

/** Judgements on the chains. */
final class FeedRules {
    private FeedRules() {}

    static List<Finding> joints(Assessment a) {
        List<Finding> found = new ArrayList<>(joints(a, a.job().nearRun(), a.nearFeed(), true));
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
                                    capital(fact.tag()),
                                    "at joint " + (j + 1) + ", " + end + ".",
                                    capital(fact.outcome()) + ".",
                                    fact.tag())
                            .withRemedies(
                                    fact.level() == Finding.Level.STOP ? remedies(run, figures, near) : List.of()));
                }
            }
        }
        if (found.isEmpty()) {
            found.add(Finding.plain(
                    Finding.Level.FITS,
                    end + ", " + figures.joints().size() + " joints:",
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
            label = (m.change() instanceof FeedChange.Insert ? "Add " : "Fit ")
                    + m.part().name();
        }
        return new Finding.Remedy(
                label,
                "The chain then takes " + NumberText.shown(m.lossDb(), 2) + " dB.",
                new veldline.job.JobChange.OfRun(near, m.change()));
    }

    static List<Finding> loss(Assessment a) {
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

    static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
