package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.feed.Branch;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Outlet;
import veldline.job.JobChange;
import veldline.picture.Paragraph;
import veldline.quantity.NumberText;

/** Judgements on what branches off a chain: joints, levels, and outlets that nothing closes. */
final class OutletRules {
    /** Open outlets with less of a ripple do nobody harm, dB. */
    private static final double LITTLE = 0.25;

    private OutletRules() {}

    static List<Finding> of(Assessment a) {
        List<Finding> found = new ArrayList<>();
        for (boolean near : new boolean[] {true, false}) {
            if (a.job().brief().field().isEmpty() || !near) {
                FeedFigures figures = near ? a.nearFeed() : a.farFeed();
                for (FeedFigures.OfOutlet o : figures.outlets()) {
                    joint(o, near).ifPresent(found::add);
                    ripple(o, near).ifPresent(found::add);
                    if (!near && o.outlet().branch().ending() == Branch.Ending.RADIO) {
                        level(a, o).ifPresent(found::add);
                    }
                }
                found.addAll(free(a.job().run(near), List.of(), near));
            }
        }
        return found;
    }

    private static Optional<Finding> level(Assessment a, FeedFigures.OfOutlet o) {
        double wanted = a.job().brief().marginWanted().value();
        String name = o.outlet().branch().name();
        return OutletLevel.of(a, o.loss())
                .map(OutletLevel::margin)
                .map(m -> m.value() >= wanted
                        ? Finding.fits(
                                m.shown(), "over what is needed, " + name + ".", "A radio like that on the line.", m)
                        : Finding.watch(
                                m.shown(),
                                "over what is needed, " + name + "; " + NumberText.shown(wanted, 1) + " are wanted.",
                                "A shorter or better cable on that branch, a tap in place of a splitter nearer the antenna, or an"
                                        + " amplifier before the first splitter: behind it, it lifts the noise as well.",
                                "outlet is weak",
                                m));
    }

    private static Optional<Finding> joint(FeedFigures.OfOutlet o, boolean near) {
        return o.brokenAt()
                .map(j -> Finding.plain(
                                Finding.Level.STOP,
                                "Joint " + (j + 1) + " does not hold,",
                                "on the way to " + o.outlet().branch().name() + ".",
                                "Look at the metal of both halves, not at the label.",
                                "branch broken")
                        .withRemedies(o.mends().stream()
                                .limit(2)
                                .map(m -> new Finding.Remedy(
                                        Paragraph.capital(m.change().label()),
                                        "The branch then takes " + NumberText.shown(m.lossDb(), 2) + " dB.",
                                        new JobChange.OfRun(
                                                near, FeedChange.at(o.outlet().path(), m.change()))))
                                .toList()));
    }

    private static Optional<Finding> ripple(FeedFigures.OfOutlet o, boolean near) {
        Outlet outlet = o.outlet();
        return o.ripple()
                .map(r -> r.value() < LITTLE
                        ? Finding.fits(
                                "±" + r.shown(),
                                "from the open end, " + outlet.branch().name() + ".",
                                "Little.",
                                r)
                        : Finding.watch(
                                        "±" + r.shown(),
                                        "on the other outlets, from the open end, "
                                                + outlet.branch().name() + ".",
                                        "What nothing takes is thrown back. A load at that end takes it.",
                                        "open outlet",
                                        r)
                                .withRemedies(List.of(new Finding.Remedy(
                                        "Close it with a load",
                                        "Nothing comes back.",
                                        new JobChange.OfRun(
                                                near,
                                                FeedChange.at(
                                                        outlet.holder(),
                                                        new FeedChange.EndBranch(
                                                                outlet.place(), Branch.Ending.CLOSED)))))));
    }

    /** Outlets of splitters that nobody said anything of. */
    private static List<Finding> free(FeedRun run, List<Integer> path, boolean near) {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < run.parts().size(); i++) {
            FeedPart part = run.parts().get(i);
            int free = run.free(i);
            if (free > 0) {
                found.add(Finding.plain(
                                Finding.Level.WATCH,
                                free + (free == 1 ? " outlet" : " outlets") + " of the "
                                        + part.name().split(",")[0].toLowerCase(Locale.ROOT),
                                free == 1 ? "is not spoken for." : "are not spoken for.",
                                "Hang on it what it leads to, or close it: left open it throws back what reaches it.",
                                "outlet not closed")
                        .withRemedies(List.of(new Finding.Remedy(
                                free == 1 ? "Close it with a load" : "Close them with loads",
                                "Nothing comes back from there.",
                                new JobChange.OfRun(near, FeedChange.at(path, new FeedChange.CloseRest(i)))))));
            }
        }
        for (int b = 0; b < run.branches().size(); b++) {
            List<Integer> next = new ArrayList<>(path);
            next.add(b);
            found.addAll(free(run.branches().get(b).run(), next, near));
        }
        return found;
    }
}
