package veldline.assess;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.prove.RateTest;

/**
 * What is asked for, what the level would carry, what was carried and what the line behind it gives, bits a second.
 *
 * @param asked zero where nothing was asked for
 * @param byLevel traffic at the fastest rate the level carries; empty where the far radio has no sheet
 * @param test what was measured
 * @param bottleneck what holds it back; empty while both rates are not known
 */
public record RateFigures(double asked, Optional<Worked> byLevel, RateTest test, Optional<Bottleneck> bottleneck) {
    /** Headers, answers and turns at the channel leave about this of a rate. */
    private static final double TRAFFIC = 0.5;
    /** What is over so much of what comes by wire is held back by the wire. */
    private static final double BY_WIRE = 0.85;
    /** What is under so much of what the level would carry is held back on the air. */
    private static final double ON_AIR = 0.6;

    static final Formula CARRIED = new Formula(
            "Traffic the level would carry",
            "Half of the fastest rate of the far radio's sheet whose least level the line keeps with the margin wanted.",
            "R",
            "0.5·r",
            "The radio's sheet; half is usual for shared channels",
            "To a third; one sender that never waits gets more");

    /** What holds a link back. */
    public enum Bottleneck {
        NOTHING("Nothing: it carries what was asked for."),
        WIRE("The line behind it: no antenna mends that."),
        AIR("The channel: noise, other senders or waiting. The level would carry more."),
        LEVEL("The level: more of it, or a slower rate that holds.");

        private final String words;

        Bottleneck(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static RateFigures of(Assessment a) {
        Job job = a.job();
        RateTest test = job.prove().rate();
        double asked = job.needs().rateNeeded();
        Optional<Worked> byLevel = a.line().answered()
                ? AirRules.fastest(a)
                        .filter(r -> r.rate().value() > 0)
                        .map(r -> Worked.of(CARRIED)
                                .claimed("r", "rate of the sheet", r.rate().value() / 1e6, "Mbit/s", 3)
                                .gives(TRAFFIC * r.rate().value() / 1e6, "Mbit/s", 1))
                : Optional.empty();
        return new RateFigures(
                asked, byLevel, test, test.told() ? Optional.of(why(asked, byLevel, test)) : Optional.empty());
    }

    private static Bottleneck why(double asked, Optional<Worked> byLevel, RateTest test) {
        double air = test.air().value();
        if (asked > 0 && air >= asked) {
            return Bottleneck.NOTHING;
        }
        if (air >= BY_WIRE * test.wired().value()) {
            return Bottleneck.WIRE;
        }
        return byLevel.filter(l -> air < ON_AIR * l.value() * 1e6).isPresent() ? Bottleneck.AIR : Bottleneck.LEVEL;
    }
}
