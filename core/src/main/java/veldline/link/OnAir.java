package veldline.link;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.antenna.ClaimedBeam;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Wanted over unwanted, on the channel in use and on every other: what is heard counts by the part of its channel that
 * overlaps, and by what the antenna gains towards it.
 */
public final class OnAir {
    public static final Formula RATIO = new Formula(
            "Wanted over unwanted",
            "Level of the link less that of everything else in its channel, both at the radio.",
            "R",
            "w − u",
            "Powers add; overlap by bandwidth",
            "±3 dB for signals that stay; what comes and goes is only as it was heard");
    public static final Formula UNWANTED = new Formula(
            "Unwanted in the channel",
            "Everything else that was heard, each by the part of its channel that overlaps and by the antenna's gain towards"
                    + " it; s is their sum in picowatts.",
            "U",
            "10·log10(s) − 90",
            "Powers add; overlap by bandwidth",
            "As it was heard");

    /** Nothing at all, as a level. */
    private static final double NOTHING = -150;

    private OnAir() {}

    /**
     * A channel and what is in it.
     *
     * @param frequency its middle, hertz
     * @param unwanted dBm at the radio
     */
    public record Channel(double frequency, Worked unwanted) {}

    /**
     * Unwanted power at the radio in a channel.
     *
     * @param frequency middle of the channel, hertz
     * @param width of the antenna's beam, degrees; empty for one that hears alike all round
     * @param bearing it points to, degrees
     * @param gain of the antenna, dBi, and less what its chain takes
     */
    public static Worked unwanted(Air air, double frequency, Optional<Double> width, double bearing, double gain) {
        double picowatts = Math.pow(10, (NOTHING + 90) / 10);
        for (Air.Heard h : air.heard()) {
            double share = overlap(
                    frequency,
                    air.bandwidth().value(),
                    h.frequency().value(),
                    h.width().value());
            double towards = gain - down(width, h.bearing().map(b -> b.value() - bearing));
            picowatts += share * Math.pow(10, (h.level().value() + towards + 90) / 10);
        }
        return Worked.of(UNWANTED)
                .computed("s", "sum", picowatts, "pW", 9)
                .gives(10 * Math.log10(picowatts) - 90, "dBm", 1, 3);
    }

    /** The part of one channel's power that falls into another. */
    static double overlap(double a, double aWidth, double b, double bWidth) {
        double low = Math.max(a - aWidth / 2, b - bWidth / 2);
        double high = Math.min(a + aWidth / 2, b + bWidth / 2);
        return bWidth > 0 ? Math.max(0, Math.min(1, (high - low) / bWidth)) : Math.abs(a - b) <= aWidth / 2 ? 1 : 0;
    }

    /** How far under its beam an antenna hears so far beside it, dB; nothing where the bearing is not known. */
    static double down(Optional<Double> width, Optional<Double> off) {
        return off.flatMap(o -> width.map(w -> ClaimedBeam.downDb(o, w))).orElse(0.0);
    }

    public static Worked ratio(Worked wanted, Worked unwanted) {
        return Worked.of(RATIO)
                .from("w", "the link", wanted)
                .from("u", "all else", unwanted)
                .gives(wanted.value() - unwanted.value(), "dB", 1, 3);
    }

    /** The channels of the band a link is in, hertz; its frequency alone where no list is known. */
    public static List<Double> channels(Brief brief) {
        double frequency = brief.frequency().value();
        return ChannelPlan.of(frequency, brief.where())
                .map(p -> p.with(frequency))
                .orElse(List.of(frequency));
    }

    /** Every channel of the band, the quietest first; where two are alike, the nearer to the one in use. */
    public static List<Channel> ranked(Brief brief, Optional<Double> width, double bearing, double gain) {
        double now = brief.frequency().value();
        return channels(brief).stream()
                .map(f -> new Channel(f, unwanted(brief.air(), f, width, bearing, gain)))
                .sorted(Comparator.comparingDouble(
                                (Channel c) -> Math.round(10 * c.unwanted().value()))
                        .thenComparingDouble(c -> Math.abs(c.frequency() - now)))
                .toList();
    }
}
