package veldline.assess;

import java.util.ArrayList;
import java.util.List;
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
        double margin = a.line().margin().value();
        List<Double> levels = new ArrayList<>(List.of(margin));
        end.others().forEach(p -> levels.add(margin - p.down()));
        int chains = Math.max(sheet.chains(), levels.size());
        int streams = Math.max(1, Diversity.streams(levels, 0));
        Worked together = Diversity.combined(levels);
        String rest = "of " + chains + (streams == 1 ? " streams is" : " streams are") + " carried by what hangs on "
                + sheet.name() + ".";
        String reason = "Together the ports hear " + NumberText.shown(together.value() - margin, 1)
                + " dB more than the first alone." + allRound(a, end, margin);
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
        double both = Diversity.covered(bare, List.of(width, 360.0), List.of(gain, gain - Diversity.Port.OWN.down()));
        return " With its rod " + NumberText.shown(both, 0) + " of 100 directions hold, with " + b.name() + " alone "
                + NumberText.shown(alone, 0) + ".";
    }
}
