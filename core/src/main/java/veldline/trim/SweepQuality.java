package veldline.trim;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.NumberText;

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

    static final Formula AGE = new Formula(
            "Age of the calibration",
            "From the calibration to the sweep, in hours.",
            "A",
            "a",
            "Times as they were told and recorded",
            "Good to the minute; what it does to a reading goes with warmth and with bent cables, not with the clock alone");

    /** So long an analyser that lies in the field holds what it was calibrated to, hours. */
    private static final double HOLDS = 1;
    /** From here on nothing is trimmed by it, hours. */
    private static final double OLD = 8;

    private SweepQuality() {}

    /** Hours from the calibration to a sweep; empty where nobody told it, or it came after. */
    public static Optional<Worked> age(TrimLog log, TrimLog.Pass pass) {
        return log.calibrated()
                .map(c -> Duration.between(c, pass.at()).toSeconds() / 3600.0)
                .filter(h -> h >= 0)
                .map(h ->
                        Worked.of(AGE).computed("a", "by the clock", h, "h", 2).gives(h, "h", 1));
    }

    private static Finding calibration(TrimLog log, TrimLog.Pass pass) {
        return age(log, pass)
                .map(age -> age.value() <= HOLDS
                        ? Finding.fits(age.shown(), "is how old the calibration was.", "It holds.", age)
                        : age.value() <= OLD
                                ? Finding.watch(
                                        age.shown(),
                                        "is how old the calibration was.",
                                        "Open, short and load once more, at the end of the cable that is measured through, before the last cut.",
                                        "calibration old",
                                        age)
                                : Finding.stop(
                                        age.shown(),
                                        "is how old the calibration was; " + NumberText.shown(OLD, 0)
                                                + " h is the most to trim by.",
                                        "Another day's calibration is none. Open, short and load, then sweep again.",
                                        "calibration too old",
                                        age))
                .orElseGet(() -> Finding.plain(
                        Finding.Level.UNKNOWN,
                        "Calibration not told.",
                        "Open, short and load at the end of the cable that is measured through, then say when.",
                        "Without it the cable's own reflections are taken for the antenna's.",
                        "calibrated?"));
    }

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
    public static boolean good(TrimLog log, TrimLog.Pass pass) {
        return steady(pass) && age(log, pass).filter(a -> a.value() > OLD).isEmpty();
    }

    /** Whether two sweeps of the same agree, where there are two. */
    public static boolean steady(TrimLog.Pass pass) {
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
        Finding repeated = spread(pass)
                .map(s -> steady(pass)
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
                        "repeat?"));
        return List.of(repeated, calibration(log, pass));
    }
}
