package veldline.assess;

import java.util.List;
import java.util.stream.Stream;
import veldline.antenna.ApertureDesign;
import veldline.explain.Finding;

/** Judgements on antennas with an opening: the end that is shaped here, and only that one. */
final class OpeningRules {
    private OpeningRules() {}

    private static Stream<OpeningLook> look(Assessment a) {
        return a.opening(a.job().madeNear()).flatMap(Stage::value).stream();
    }

    /** What stands against it, in its own words. */
    static List<Finding> watch(Assessment a) {
        return look(a).flatMap(o -> o.watch().stream())
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
                                "at a probe as drawn, by the same net.",
                                "Probes are trimmed on the analyser all the same.",
                                g.swr())))
                .toList();
    }

    /** Modes, focus, phase centre, others' ways to its gain. */
    static List<Finding> schools(Assessment a) {
        return look(a).flatMap(o -> o.schools().stream())
                .map(w -> Finding.fits(
                        w.shown(),
                        "is “" + w.formula().name() + "”.",
                        w.formula().goodTo() + ".",
                        w))
                .toList();
    }

    static List<Finding> kind(Assessment a) {
        return a.job().antenna(a.job().madeNear()) instanceof ApertureDesign d
                ? List.of(Finding.plain(Finding.Level.FITS, d.title() + ":", d.of().good(), "But: " + d.of().bad(), ""))
                : List.of();
    }
}
