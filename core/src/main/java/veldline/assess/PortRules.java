package veldline.assess;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Bought;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.link.BriefChange;
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
        double gain = gain(a, near);
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

    /** Which port gets which: the antenna that gains most belongs where it also sends. */
    static Optional<Finding> sending(Assessment a, End end, RadioSheet sheet) {
        List<RadioSheet.Port> ports = sheet.ports();
        if (ports.size() < 2 || !end.radio().sends() || ports.stream().allMatch(RadioSheet.Port::sends)) {
            return Optional.empty();
        }
        boolean near = end == a.job().brief().near();
        RadioSheet.Port now = ports.get(Math.min(end.port(), ports.size() - 1));
        if (now.sends()) {
            return Optional.of(Finding.plain(
                    Finding.Level.FITS,
                    "“" + now.name() + "”:",
                    "the line's antenna hangs on a port that also sends.",
                    "What gains most belongs there; the wide one hears beside it.",
                    ""));
        }
        int better = IntStream.range(0, ports.size())
                .filter(i -> ports.get(i).sends())
                .findFirst()
                .orElse(end.port());
        double lost = end.others().isEmpty()
                ? Diversity.downDb(Diversity.Port.OPEN, 0)
                : Diversity.downDb(
                        end.others().get(Math.min(better, end.others().size() - 1)), gain(a, near));
        boolean silent = lost >= Diversity.downDb(Diversity.Port.LOAD, 0);
        return Optional.of(Finding.plain(
                        Finding.Level.STOP,
                        "“" + now.name() + "”:",
                        "the line's antenna hangs on a port that never sends.",
                        silent
                                ? "Nothing that radiates hangs where it sends."
                                : "What it sends leaves by the other antenna, " + NumberText.shown(lost, 1)
                                        + " dB weaker.",
                        "wrong port")
                .withRemedies(List.of(new Finding.Remedy(
                        "Hang it on “" + ports.get(better).name() + "”",
                        "It then sends and hears by the same antenna.",
                        new BriefChange.OnPort(near, better)))));
    }

    private static double gain(Assessment a, boolean near) {
        return a.line().stop(near ? "near-antenna" : "far-antenna").step().value();
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
