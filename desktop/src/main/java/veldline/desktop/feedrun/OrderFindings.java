package veldline.desktop.feedrun;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.feed.Connector;
import veldline.feed.Joint;
import veldline.feed.OrderLine;

/** A line of an order held against the place it is to go: the part that is chosen, or the gap between radio and antenna. */
final class OrderFindings {
    /** What was pasted, by name. */
    static final String LINE = "order.line";

    private OrderFindings() {}

    static List<Finding> of(Showing s) {
        String text = s.noted().getOrDefault(LINE, "");
        if (text.isBlank()) {
            return List.of();
        }
        OrderLine line = OrderLine.read(text);
        List<Joint> joints = FeedRunBench.run(s).joints();
        int part = FeedRunBench.part(s);
        Connector before = joints.get(Math.max(0, part)).radioSide();
        Connector after = joints.get(part + 1).antennaSide();
        Optional<Boolean> fits =
                line.fits(before, after, s.job().brief().frequency().value());
        return List.of(
                fits.isEmpty()
                        ? Finding.plain(
                                Finding.Level.UNKNOWN,
                                "‘" + text + "’",
                                "leaves open whether it fits.",
                                String.join(" ", line.open())
                                        + " Ask for both facts: where the thread is, and what the centre holds.",
                                "order is open")
                        : Finding.plain(
                                fits.get() ? Finding.Level.FITS : Finding.Level.STOP,
                                "‘" + text + "’",
                                fits.get() ? "fits here, as it is written." : "does not fit here.",
                                facts(line),
                                fits.get() ? "" : "order is wrong"));
    }

    private static String facts(OrderLine line) {
        return line.ends().stream()
                        .map(e -> e.get(0).tradeName() + ": " + e.get(0).facts())
                        .collect(Collectors.joining("; "))
                + line.cable()
                        .map(c -> "; " + c.name() + ", " + c.construction())
                        .orElse("")
                + line.length().map(l -> "; " + l).orElse("") + ".";
    }
}
