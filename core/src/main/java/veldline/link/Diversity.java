package veldline.link;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import veldline.antenna.ClaimedBeam;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * What several ports of one radio come to together: their powers add where the radio weighs them by their strength, and each
 * stream takes a port of its own that is not much weaker than the best.
 */
public final class Diversity {
    static final Formula COMBINED = new Formula(
            "Ports together",
            "Powers of all ports added: what a radio gets that weighs each by its strength; s is their sum over the best alone.",
            "L",
            "b + 10·log10(s)",
            "Brennan, Proc. IRE 47 (1959), maximal-ratio combining; ports of like noise",
            "An upper bound: simple radios only take the best one");

    /** A port so far under the best carries no stream of its own, dB. */
    public static final double TOO_WEAK = 10;

    private Diversity() {}

    /** A half-wave rod, dBi (Balanis, Antenna Theory, 3rd ed., §4.6). */
    private static final double ROD = 2.15;

    /** Half of the power, and what a splitter takes besides, dB. */
    private static final double SPLIT = 3.5;

    /** So far down is as good as nothing, dB. */
    private static final double NOTHING = 200;

    /** What hangs on a port. */
    public enum Port {
        SAME("an antenna like it"),
        CROSSED("the same, crossed"),
        SPLIT("the same antenna, split"),
        ASIDE("an antenna aimed elsewhere"),
        OWN("its own rod"),
        LOAD("a load"),
        OPEN("nothing");

        private final String words;

        Port(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether nothing at all is on it, so that the radio must not send. */
        public boolean open() {
            return this == OPEN;
        }
    }

    /**
     * How far a port lies under the antenna of the line by itself, dB. A crossed one is taken to be met by its like at the
     * other end, as radios of several streams are built.
     *
     * @param gain of the line's antenna, dBi
     */
    public static double downDb(Port port, double gain) {
        return switch (port) {
            case SAME, CROSSED -> 0;
            case SPLIT -> SPLIT;
            case ASIDE -> ClaimedBeam.MOST_DOWN;
            case OWN -> Math.max(0, gain - ROD);
            case LOAD, OPEN -> NOTHING;
        };
    }

    /**
     * Levels of all ports of a radio, dB or dBm as the one given: first that of the line's antenna, which a split weakens too.
     *
     * @param alone level with the line's antenna by itself
     * @param gain of that antenna, dBi
     */
    public static List<Double> levels(double alone, double gain, List<Port> others) {
        double first = others.contains(Port.SPLIT) ? alone - SPLIT : alone;
        return Stream.concat(Stream.of(first), others.stream().map(p -> alone - downDb(p, gain)))
                .toList();
    }

    /**
     * Levels of the ports together, dBm.
     *
     * @param levels of each; at least one
     */
    public static Worked combined(List<Double> levels) {
        double best = levels.stream().max(Comparator.naturalOrder()).orElseThrow();
        double sum =
                levels.stream().mapToDouble(l -> Math.pow(10, (l - best) / 10)).sum();
        return Worked.of(COMBINED)
                .computed("b", "the best port", best, "dBm", 3)
                .computed("s", "all over the best", sum, "", 6)
                .gives(best + 10 * Math.log10(sum), "dBm", 1, 1);
    }

    /** How many streams these ports carry: those over the floor and not too weak beside the best. */
    public static int streams(List<Double> levels, double floor) {
        double best = levels.stream().max(Comparator.naturalOrder()).orElseThrow();
        return (int)
                levels.stream().filter(l -> l >= floor && l >= best - TOO_WEAK).count();
    }

    /**
     * Share of directions all round in which at least one of two antennas holds, in 100: a narrow and a wide one on one
     * receiver reach as far as the narrow one ahead and as wide as the wide one near by.
     *
     * @param margin of an antenna without gain, dB
     * @param widths half-power widths, degrees; 360 for one that hears alike all round
     * @param gains dBi
     */
    public static double covered(double margin, List<Double> widths, List<Double> gains) {
        int held = 0;
        for (int a = -180; a < 180; a++) {
            double most = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < widths.size(); i++) {
                most = Math.max(most, gains.get(i) - ClaimedBeam.downDb(a, widths.get(i)));
            }
            held += margin + most >= 0 ? 1 : 0;
        }
        return 100.0 * held / 360;
    }
}
