package veldline.feed;

import java.util.Arrays;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Direct current up a cable: what is left of a voltage at its far end, which fuse belongs at its foot, how long a battery lasts.
 *
 * @param volts at the supply
 * @param amperes drawn
 * @param ohms of the way there and back
 */
public record DirectCurrent(double volts, double amperes, double ohms) {
    /** Ratings of small fuses, amperes (IEC 60127, the R10 series). */
    private static final double[] FUSES = {
        0.05, 0.063, 0.08, 0.1, 0.125, 0.16, 0.2, 0.25, 0.315, 0.4, 0.5, 0.63, 0.8, 1, 1.25, 1.6, 2, 2.5, 3.15, 4, 5,
        6.3, 8, 10
    };
    /** A battery that a hand carries up, ampere-hours. */
    public static final double CARRIED = 7;
    /** A fuse that carries so many times what is drawn lasts. */
    private static final double ROOM = 1.5;
    /** A lead battery gives so much of what stands on it, if it is to live. */
    private static final double OF_A_BATTERY = 0.5;

    static final Formula ARRIVES = new Formula(
            "Voltage that arrives",
            "What the inner and the screen of the cable take of it, there and back.",
            "U",
            "u − i·r",
            "Ohm's law; resistance of the class a kilometre",
            "±5 % of the drop for copper, twice that for steel with copper on it");

    static final Formula LASTS = new Formula(
            "A battery lasts",
            "C is what stands on it, k the part of that which a battery may give.",
            "t",
            "C·k ÷ i",
            "Charge is current times time",
            "Half of it in frost, less with age");

    /**
     * Along the parts from one on to another, not counting those two.
     *
     * @param from the supply's place in the run
     * @param to that of what is supplied
     */
    public static DirectCurrent along(FeedRun run, int from, int to, double volts, double amperes) {
        List<FeedPart> between = run.parts().subList(Math.min(from, to) + 1, Math.max(from, to));
        double ohms = between.stream()
                .mapToDouble(p -> CableClass.of(p)
                        .flatMap(c -> p.length().map(l -> c.loopOhms() * l.value() / 1000))
                        .orElse(0.0))
                .sum();
        return new DirectCurrent(volts, amperes, ohms);
    }

    /** What is left at the far end, volts. */
    public Worked arrives() {
        return Worked.of(ARRIVES)
                .typed("u", "at the supply", volts, "V", 2)
                .typed("i", "drawn", amperes, "A", 3)
                .computed("r", "there and back", ohms, "Ω", 3)
                .gives(volts - amperes * ohms, "V", 2);
    }

    /** The smallest fuse that lasts; the largest there is where none would. */
    public double fuse() {
        return Arrays.stream(FUSES).filter(f -> f >= ROOM * amperes).findFirst().orElse(FUSES[FUSES.length - 1]);
    }

    /** @param ampereHours that stand on the battery */
    public Worked lasts(double ampereHours) {
        return Worked.of(LASTS)
                .typed("C", "on the battery", ampereHours, "Ah", 1)
                .typed("k", "of it to be used", OF_A_BATTERY, "", 1)
                .typed("i", "drawn", amperes, "A", 3)
                .gives(ampereHours * OF_A_BATTERY / amperes, "h", 0);
    }
}
