package veldline.trim;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** Whether another pass is worth it. */
public final class TrimStop {
    /** At this SWR over the channel there is nothing left to trim for. */
    public static final double GOOD = 1.5;
    /** A pass that wins less than this is not worth the saw, dB. */
    public static final double WORTH = 0.1;

    static final Formula AT_CHANNEL = new Formula(
            "SWR at the channel",
            "On the straight line between the two points of the sweep around it.",
            "S",
            "a + (b − a)·t",
            "As measured",
            "As good as the sweep; where its points lie far apart, a dip between them is missed");

    static final Formula NEXT = new Formula(
            "What the next pass is worth",
            "Power that the mismatch turns back now, less what it would turn back at the SWR drawn.",
            "W",
            "10·log10(1 − ((d − 1) ÷ (d + 1))^2) − 10·log10(1 − ((s − 1) ÷ (s + 1))^2)",
            "Pozar, Microwave Engineering, 4th ed., §2.3",
            "±0.02 dB; a lossy line adds to it");

    private TrimStop() {}

    /** Empty where the channel is not within the sweep. */
    public static Optional<Worked> atChannel(List<SweepPoint> sweep, double frequency) {
        for (int i = 1; i < sweep.size(); i++) {
            double from = sweep.get(i - 1).frequency().value();
            double to = sweep.get(i).frequency().value();
            if (from <= frequency && frequency <= to && to > from) {
                double a = sweep.get(i - 1).swr().value();
                double b = sweep.get(i).swr().value();
                double t = (frequency - from) / (to - from);
                return Optional.of(Worked.of(AT_CHANNEL)
                        .measured("a", "SWR before it", a, "", 3)
                        .measured("b", "SWR behind it", b, "", 3)
                        .computed("t", "share of the way between", t, "", 6)
                        .gives(a + (b - a) * t, "", 2));
            }
        }
        return Optional.empty();
    }

    /** What is still to be won if it comes out as drawn, dB. */
    public static Worked next(Worked now, double drawn) {
        return Worked.of(NEXT)
                .from("s", "SWR now", now)
                .computed("d", "SWR as drawn", drawn, "", 3)
                .gives(lost(now.value()) - lost(drawn), "dB", 2, 0.02);
    }

    private static double lost(double swr) {
        double rho = (swr - 1) / (swr + 1);
        return -10 * Math.log10(1 - rho * rho);
    }

    /** @param advice where the sweep was explained: it knows the SWR as drawn */
    public static List<Finding> findings(List<SweepPoint> sweep, double frequency, Optional<TrimAdvice> advice) {
        return atChannel(sweep, frequency)
                .map(now -> {
                    Optional<Worked> next = advice.map(a -> next(now, a.drawnAt(frequency)));
                    boolean enough = now.value() <= GOOD
                            || next.filter(n -> n.value() < WORTH).isPresent();
                    String worth = next.map(n -> "The next pass is worth " + n.shown() + ".")
                            .orElse("1.5 is where trimming ends.");
                    return enough
                            ? Finding.fits(
                                    "SWR " + now.number(), "over the channel: leave the saw.", worth, next.orElse(now))
                            : Finding.watch(
                                    "SWR " + now.number(),
                                    "over the channel; 1.5 is wanted.",
                                    worth + " A dip is a gate and no proof: a load is perfect, too.",
                                    "to be trimmed",
                                    next.orElse(now));
                })
                .map(List::of)
                .orElseGet(() -> List.of(Finding.plain(
                        Finding.Level.WATCH,
                        "The channel is not within the sweep.",
                        "Sweep on both sides of it.",
                        "What is measured elsewhere says little of it.",
                        "swept beside")));
    }
}
