package veldline.link;

import org.hipparchus.distribution.continuous.NormalDistribution;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.Unit;

/** From what a link must carry to what it needs: a rate, and a margin for the outage that is allowed. */
public final class RateAndOutage {
    /** Spread of levels from hour to hour over a clear way, dB; a usual figure, not one of this place. */
    private static final double SPREAD = 4;

    private static final double DAY = 86_400;

    public static final Formula RATE = new Formula(
            "Rate needed",
            "The greater of the rate r asked for and one packet of 12,000 bits within the delay, p.",
            "R",
            "(r + p + abs(r − p)) ÷ 2",
            "IEEE Std 802.3: a packet holds up to 1,500 bytes",
            "Air time only; waiting for others comes on top");
    public static final Formula STEADY = new Formula(
            "Margin for the outage, fixed ends",
            "Levels spread normally, σ = s: k deviations keep the outage to what is allowed.",
            "M",
            "k·s",
            "ITU-R P.1406-2 §5 (spread of levels); normal distribution",
            "±2 dB; the spread of this place shows in Prove");
    public static final Formula FADING = new Formula(
            "Margin for the outage, a moving end",
            "Bounces of like strength from everywhere: the share of time under the level is q.",
            "M",
            "−10·log10(−ln(1 − q))",
            "Rayleigh distribution; ITU-R P.1057-6 §4",
            "An upper bound where one way in is stronger than the others");

    private RateAndOutage() {}

    /** Bits a second the radio must manage, as kbit/s or Mbit/s. */
    public static Worked rate(Needs needs) {
        double byDelay =
                needs.delay().value() > 0 ? Needs.PACKET / needs.delay().value() : 0;
        Unit unit = needs.rateNeeded() < 1e6 ? Unit.KBIT_S : Unit.MBIT_S;
        return Worked.of(RATE)
                .typed("r", "rate asked for", unit.fromInside(needs.rate().value()), unit.symbol(), 3)
                .computed("p", "one packet within the delay", unit.fromInside(byDelay), unit.symbol(), 3)
                .gives(unit.fromInside(needs.rateNeeded()), unit.symbol(), 1);
    }

    /**
     * Margin that keeps the link up but for so long a day, dB.
     *
     * @param outage seconds a day, over 0 and under half a day
     */
    public static Worked margin(double outage, boolean moving) {
        double q = outage / DAY;
        if (!(q > 0 && q < 0.5)) {
            throw new IllegalArgumentException(
                    "An outage of " + outage + " s a day has no margin; give more than 0 and less than 12 h");
        }
        if (moving) {
            return Worked.of(FADING)
                    .computed("q", "share of time it may be out", q, "", 8)
                    .gives(-10 * Math.log10(-Math.log1p(-q)), "dB", 1, 2);
        }
        double k = -new NormalDistribution().inverseCumulativeProbability(q);
        return Worked.of(STEADY)
                .computed("k", "deviations for this outage", k, "", 4)
                .computed("s", "spread of levels", SPREAD, "dB", 1)
                .gives(k * SPREAD, "dB", 1, 2);
    }
}
