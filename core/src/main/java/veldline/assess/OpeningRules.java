package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Measure;
import veldline.antenna.OpeningChange;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Judgements on antennas with an opening: of the end that is shaped here, and, shorter, of the other one. */
final class OpeningRules {
    private OpeningRules() {}

    private static Stream<OpeningLook> look(Assessment a, boolean near) {
        return a.opening(near).flatMap(Stage::value).stream();
    }

    /** What stands against it, in its own words. */
    static List<Finding> watch(Assessment a) {
        return watch(a, a.job().madeNear());
    }

    private static List<Finding> watch(Assessment a, boolean near) {
        return look(a, near)
                .flatMap(o -> o.watch().stream())
                .map(w -> Finding.plain(Finding.Level.WATCH, "To be watched:", w, "", "see Shape"))
                .toList();
    }

    /** Beside the sums over the opening: the same solved with its rim and its outside, and which of the two is trusted. */
    static List<Finding> net(Assessment a) {
        return a.grid().value().flatMap(g -> g).stream()
                .flatMap(g -> Stream.of(
                        Finding.fits(
                                g.gain().shown(),
                                "with rim and outside, as a net of wires.",
                                g.gain().formula().goodTo() + ".",
                                g.gain()),
                        Finding.fits(g.frontToBack().shown(), "front to back, by the same net.", "", g.frontToBack()),
                        Finding.fits(
                                        "SWR " + g.swr().number(),
                                        "at its feed as drawn, by the same net.",
                                        "It is trimmed on the analyser all the same.",
                                        g.swr())
                                .withRemedies(asReturnLoss(a, g))))
                .toList();
    }

    /** What was typed for the socket may be what the net has. */
    private static List<Finding.Remedy> asReturnLoss(Assessment a, GridFigures g) {
        boolean near = a.job().madeNear();
        if (!(a.job().antenna(near) instanceof ApertureDesign d)
                || d.of().returnLoss().isEmpty()) {
            return List.of();
        }
        int index = d.of().returnLoss().getAsInt();
        Measure m = d.of().measures().get(index);
        double solved = Mismatch.returnLossDb(Mismatch.swr(g.impedance(), 50));
        double kept = Math.max(m.least(1), Math.min(m.most(1), solved));
        Quantity taken = Quantity.shown(kept, Unit.DB, 1);
        return d.locked().contains(index) || taken.equals(d.sizes().get(index))
                ? List.of()
                : List.of(new Finding.Remedy(
                        "Count " + taken + " at its socket",
                        "In place of the " + d.sizes().get(index) + " that is typed.",
                        new JobChange.OfOpening(near, new OpeningChange.Size(index, taken))));
    }

    /** Modes, focus, phase centre, others' ways to its gain. */
    static List<Finding> schools(Assessment a) {
        return schools(a, a.job().madeNear());
    }

    private static List<Finding> schools(Assessment a, boolean near) {
        return ShapeRules.told(look(a, near).flatMap(o -> o.schools().stream()).toList());
    }

    static List<Finding> kind(Assessment a) {
        return kind(a, a.job().madeNear());
    }

    private static List<Finding> kind(Assessment a, boolean near) {
        return a.job().antenna(near) instanceof ApertureDesign d
                ? List.of(Finding.plain(Finding.Level.FITS, d.title() + ":", d.of().good(), "But: " + d.of().bad(), ""))
                : List.of();
    }

    /** Of the end that is not the one the bench's own findings are about. */
    static List<Finding> other(Assessment a, boolean near) {
        List<Finding> found = new ArrayList<>();
        look(a, near)
                .map(o -> o.figures().gain())
                .forEach(g -> found.add(Finding.fits(
                        g.shown(),
                        "of gain at this end.",
                        "The line counts it; the window stands at the other end.",
                        g)));
        a.opening(near)
                .filter(Stage.Failed.class::isInstance)
                .map(s -> ((Stage.Failed<OpeningLook>) s).why())
                .ifPresent(why -> found.add(
                        Finding.plain(Finding.Level.STOP, "It sends nothing.", why + ".", "", "sends nothing")));
        found.addAll(watch(a, near));
        found.addAll(kind(a, near));
        found.addAll(schools(a, near));
        return found;
    }
}
