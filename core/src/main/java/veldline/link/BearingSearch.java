package veldline.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * The bearing, or the two bearings of two antennas on a combiner, from which most senders are heard over their floors; among
 * those alike, that with the most margin for the weakest.
 */
public final class BearingSearch {
    static final Formula WORST = new Formula(
            "Weakest of those served",
            "The least margin among the senders that this bearing serves.",
            "M",
            "a",
            "Each sender's line with the antenna's fall beside its beam (12·(angle ÷ width)² dB)",
            "±4 dB; the pattern is known by its width only");

    /** A two-way combiner takes half the power of each and a little more, dB. */
    public static final double COMBINER = 3.5;

    /** A second antenna is looked for on steps as wide as this, degrees. */
    private static final int STEP = 5;

    private BearingSearch() {}

    /**
     * A sender.
     *
     * @param bearing it lies at, degrees
     * @param margin over the floor with the antenna pointing to it, dB
     */
    public record Sender(String name, double bearing, double margin) {}

    /**
     * What was found.
     *
     * @param bearings to point to; one, or two with a combiner
     * @param served names of those over their floors
     * @param worst margin of the weakest of them; of the weakest of all where none is served
     */
    public record Found(List<Integer> bearings, List<String> served, Worked worst) {}

    /**
     * The best bearing for one antenna, on whole degrees.
     *
     * @param width of its beam, degrees; empty for one that hears alike all round
     */
    public static Found one(List<Sender> senders, Optional<Double> width) {
        return IntStream.range(0, 360)
                .mapToObj(b -> found(senders, width, List.of(b)))
                .max(BETTER)
                .orElseThrow();
    }

    /** The best two bearings on a combiner; empty where they serve no more than one antenna does. */
    public static Optional<Found> two(List<Sender> senders, Optional<Double> width) {
        Found one = one(senders, width);
        List<Found> pairs = new ArrayList<>();
        for (int a = 0; a < 360; a += STEP) {
            for (int b = a + STEP; b < 360; b += STEP) {
                pairs.add(found(senders, width, List.of(a, b)));
            }
        }
        return pairs.stream().max(BETTER).filter(p -> p.served.size() > one.served.size());
    }

    private static final Comparator<Found> BETTER =
            Comparator.comparingInt((Found f) -> f.served.size()).thenComparingDouble(f -> f.worst.value());

    private static Found found(List<Sender> senders, Optional<Double> width, List<Integer> bearings) {
        double split = bearings.size() > 1 ? COMBINER : 0;
        List<String> served = new ArrayList<>();
        double worst = Double.POSITIVE_INFINITY;
        double all = Double.POSITIVE_INFINITY;
        for (Sender s : senders) {
            double down = bearings.stream()
                    .mapToDouble(b -> OnAir.down(width, Optional.of(s.bearing - b)))
                    .min()
                    .orElseThrow();
            double margin = s.margin - down - split;
            all = Math.min(all, margin);
            if (margin >= 0) {
                served.add(s.name);
                worst = Math.min(worst, margin);
            }
        }
        double told = served.isEmpty() ? all : worst;
        return new Found(
                bearings,
                List.copyOf(served),
                Worked.of(WORST).computed("a", "least margin", told, "dB", 2).gives(told, "dB", 1, 4));
    }
}
