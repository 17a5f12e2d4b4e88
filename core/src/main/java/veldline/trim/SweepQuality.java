package veldline.trim;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** Whether a sweep is good enough to cut metal by. */
public final class SweepQuality {
    static final Formula SPREAD = new Formula(
            "Spread of a reading",
            "Root of the mean square by which the same sweep, taken twice, differs, over √2; of the points under SWR 4, since beyond nobody trims by them.",
            "N",
            "sqrt(q ÷ (2·n))",
            "JCGM 100 (GUM), §4.2, for pairs",
            "From few points: ±30 % for six, ±15 % for twenty");

    /** A sweep that moves by more than this is moving with its surroundings, in SWR. */
    public static final double MOVES = 0.2;
    /** From here on a reading is of no use for trimming, and moves with anything. */
    private static final double COUNTS = 4;
    /** This SWR is made by no antenna over a band: something takes the power. */
    private static final double TOO_GOOD = 1.1;

    private SweepQuality() {}

    /** What a reading is good to: from a repeat where there is one, else as typed. */
    public static double noise(TrimLog log, TrimLog.Pass pass) {
        return Math.max(log.noise().value(), spread(pass).map(Worked::value).orElse(0.0));
    }

    /** From the points that both sweeps have. */
    public static Optional<Worked> spread(TrimLog.Pass pass) {
        double sum = 0;
        int n = 0;
        for (SweepPoint a : pass.sweep()) {
            for (SweepPoint b : pass.again()) {
                if (a.frequency().value() == b.frequency().value()
                        && a.swr().value() < COUNTS
                        && b.swr().value() < COUNTS) {
                    sum += Math.pow(a.swr().value() - b.swr().value(), 2);
                    n++;
                }
            }
        }
        if (n == 0) {
            return Optional.empty();
        }
        return Optional.of(Worked.of(SPREAD)
                .computed("q", "sum of the squares of the differences", sum, "", 6)
                .computed("n", "points that both have", n, "", 0)
                .gives(Math.sqrt(sum / (2 * n)), "", 2));
    }

    /** Whether anything may be cut by it. */
    public static boolean good(TrimLog.Pass pass) {
        return spread(pass).filter(s -> s.value() > MOVES).isEmpty();
    }

    public static List<Finding> findings(TrimLog log, TrimLog.Pass pass) {
        if (pass.sweep().stream().allMatch(p -> p.swr().value() < TOO_GOOD)) {
            return List.of(Finding.plain(
                    Finding.Level.WATCH,
                    "Under 1.1 all over the sweep.",
                    "No antenna with a dip does that.",
                    "A long or wet cable, or a load in its place, does. Measure at the antenna's own terminals.",
                    "too good"));
        }
        return List.of(spread(pass)
                .map(s -> good(pass)
                        ? Finding.fits(s.number(), "is what two sweeps differ by.", "They may be trimmed by.", s)
                        : Finding.stop(
                                s.number(),
                                "is what two sweeps of the same differ by; 0.2 is the most to trim by.",
                                "Hand, room or the cable's outside are in it: fit a choke, stand back, lift it clear, sweep twice.",
                                "sweep moves",
                                s))
                .orElseGet(() -> Finding.plain(
                        Finding.Level.UNKNOWN,
                        "Swept once.",
                        "Sweep again with the cable moved and a hand near it.",
                        "Two that agree show that it is the antenna that was measured; noise is taken as " + log.noise()
                                + " until then.",
                        "repeat?")));
    }
}
