package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.antenna.Bought;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.link.Diversity;
import veldline.link.End;
import veldline.link.RadioSheet;
import veldline.quantity.NumberText;

/** What the ports of a radio come to together. */
final class PortRules {
    private PortRules() {}

    /** Streams and level of a radio on whose other ports something known hangs. */
    static Finding together(Assessment a, End end, RadioSheet sheet) {
        boolean open = end.others().stream().anyMatch(Diversity.Port::open);
        if (open && sheet.ports().stream().anyMatch(RadioSheet.Port::loaded)) {
            return Finding.plain(
                    Finding.Level.STOP,
                    sheet.name() + ":",
                    "a port is open, and it must never send like that.",
                    "Put an antenna or a load on every port before it is switched on.",
                    "port open");
        }
        if (!a.line().answered()) {
            return Finding.plain(
                    Finding.Level.UNKNOWN,
                    sheet.name() + ":",
                    "its ports are weighed when the line is answered.",
                    "",
                    "");
        }
        boolean near = end == a.job().brief().near();
        double margin = (near ? a.back() : Optional.<Worked>empty())
                .orElse(a.line().margin())
                .value();
        double gain =
                a.line().stop(near ? "near-antenna" : "far-antenna").step().value();
        List<Double> levels = Diversity.levels(margin, gain, end.others());
        int chains = Math.max(sheet.chains(), levels.size());
        int streams = Math.max(1, Diversity.streams(levels, 0));
        Worked together = Diversity.combined(levels);
        String rest = "of " + chains + (streams == 1 ? " streams is" : " streams are") + " carried by what hangs on "
                + sheet.name() + ".";
        double more = together.value() - margin;
        String reason = "Together the ports hear " + NumberText.shown(Math.abs(more), 1) + " dB "
                + (more < 0 ? "less" : "more") + " than the first alone would." + allRound(a, end, margin);
        return streams < chains
                ? Finding.watch(Integer.toString(streams), rest, reason, "streams lost", together)
                : Finding.fits(Integer.toString(streams), rest, reason, together);
    }

    /** A rod of its own beside a narrow antenna: how many directions hold with both, and with the narrow one alone. */
    private static String allRound(Assessment a, End end, double margin) {
        boolean near = end == a.job().brief().near();
        if (!end.others().contains(Diversity.Port.OWN)
                || !(a.job().antenna(near) instanceof Bought b)
                || b.width().isEmpty()) {
            return "";
        }
        double gain = b.gain().value();
        double bare = margin - gain;
        double width = b.width().get().value();
        double alone = Diversity.covered(bare, List.of(width), List.of(gain));
        double both = Diversity.covered(
                bare, List.of(width, 360.0), List.of(gain, gain - Diversity.downDb(Diversity.Port.OWN, gain)));
        return " With its rod " + NumberText.shown(both, 0) + " of 100 directions hold, with " + b.name() + " alone "
                + NumberText.shown(alone, 0) + ".";
    }
}
