package veldline.assess;

import java.util.List;
import veldline.explain.Finding;
import veldline.quantity.NumberText;
import veldline.raise.Neighbour;

/** Judgements on what stands near the antenna. */
final class NeighbourRules {
    /** What costs more than this ahead is looked at, dB. */
    private static final double COSTS = 0.5;
    /** A beam that looks so far aside is not aimed by the boom any more, degrees. */
    private static final double ASIDE = 5;

    private static final double USABLE = 2;

    private NeighbourRules() {}

    static List<Finding> of(Assessment a) {
        if (a.job().raise().neighbour().isEmpty()) {
            return List.of();
        }
        if (a.neighbour() instanceof Stage.Failed<NeighbourFigures> failed) {
            return List.of(
                    Finding.plain(Finding.Level.UNKNOWN, "What stands near", "was not solved.", failed.why(), "near?"));
        }
        Neighbour n = a.job().raise().neighbour().get();
        return a.neighbour().value().map(f -> List.of(judged(n, f))).orElse(List.of());
    }

    private static Finding judged(Neighbour n, NeighbourFigures f) {
        String lead = NumberText.signed(f.gain().value(), 1) + " dB";
        String rest = "ahead by " + n.kind().words() + "; " + f.back().shown() + " ahead less back, SWR "
                + f.swr().shown() + ".";
        if (Math.abs(f.squint()) > ASIDE) {
            return Finding.watch(
                    lead,
                    rest,
                    "The beam looks " + NumberText.shown(Math.abs(f.squint()), 0) + "° to the "
                            + (f.squint() > 0 ? "left" : "right")
                            + ": aimed by the boom it misses. Aim by readings, or move it away.",
                    "beam aside",
                    f.gain());
        }
        if (f.gain().value() < -COSTS || f.swr().value() > USABLE) {
            return Finding.watch(
                    lead,
                    rest,
                    "Half a wave more between them, or metal where the field does not stand.",
                    "metal near",
                    f.gain());
        }
        return Finding.fits(lead, rest, "It may stand there.", f.gain());
    }
}
