package veldline.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The channels of a band, as a rule or a standard lists them. To add one, add a line.
 *
 * @param band they lie in
 * @param of where it is the list; empty where it is the same all over
 * @param first middle of the first channel, hertz
 * @param step from one to the next, hertz
 * @param count how many
 * @param source which standard lists them
 */
record ChannelPlan(
        PowerProfile.Band band, Optional<Jurisdiction> of, double first, double step, int count, String source) {
    /** A list of one jurisdiction stands before one that is the same all over. */
    private static final List<ChannelPlan> ALL = List.of(
            plan(446.0e6, 446.2e6, Jurisdiction.EUROPE, 446.00625e6, 12.5e3, 16, "ECC/DEC/(15)05"),
            plan(470e6, 608e6, Jurisdiction.USA, 473e6, 6e6, 23, "47 CFR 73.603"),
            plan(470e6, 694e6, Jurisdiction.EUROPE, 474e6, 8e6, 28, "GE06, annex 3"),
            plan(868.0e6, 868.6e6, Jurisdiction.EUROPE, 868.1e6, 200e3, 3, "ETSI EN 300 220, a usual raster in it"),
            plan(902e6, 928e6, Jurisdiction.USA, 903e6, 2e6, 13, "47 CFR 15.247, a usual raster in it"),
            plan(2.4e9, 2.4835e9, Jurisdiction.USA, 2.412e9, 5e6, 11, "IEEE Std 802.11, annex E"),
            new ChannelPlan(
                    new PowerProfile.Band(2.4e9, 2.4835e9),
                    Optional.empty(),
                    2.412e9,
                    5e6,
                    13,
                    "IEEE Std 802.11, annex E"),
            new ChannelPlan(
                    new PowerProfile.Band(5.15e9, 5.35e9),
                    Optional.empty(),
                    5.18e9,
                    20e6,
                    8,
                    "IEEE Std 802.11, annex E"),
            plan(5.725e9, 5.85e9, Jurisdiction.USA, 5.745e9, 20e6, 5, "IEEE Std 802.11, annex E"),
            plan(5.47e9, 5.725e9, Jurisdiction.EUROPE, 5.5e9, 20e6, 11, "IEEE Std 802.11, annex E"),
            new ChannelPlan(
                    new PowerProfile.Band(5.65e9, 5.945e9), Optional.empty(), 5.66e9, 20e6, 14, "A raster of 20 MHz"));

    private static ChannelPlan plan(
            double low, double high, Jurisdiction of, double first, double step, int count, String source) {
        return new ChannelPlan(new PowerProfile.Band(low, high), Optional.of(of), first, step, count, source);
    }

    /** The list that holds for a frequency where the link is; where nobody said, only one that is the same all over. */
    static Optional<ChannelPlan> of(double frequency, Jurisdiction where) {
        return ALL.stream()
                .filter(p -> p.band.holds(frequency))
                .filter(p -> p.of.map(o -> o == where).orElse(true))
                .findFirst();
    }

    /** Middles of its channels, hertz, with another frequency among them where it is none of these. */
    List<Double> with(double frequency) {
        List<Double> all = new ArrayList<>(IntStream.range(0, count)
                .mapToObj(n -> (double) Math.round(first + step * n))
                .toList());
        if (!all.contains(frequency)) {
            all.add(frequency);
            all.sort(null);
        }
        return List.copyOf(all);
    }
}
