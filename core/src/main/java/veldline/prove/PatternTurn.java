package veldline.prove;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.raise.Aim;
import veldline.raise.AimReading;

/**
 * A whole turn of an antenna, laid over its own solved cut.
 *
 * @param aim where the cut lies best over the readings
 * @param width of the beam to half power as it was read; empty where the readings do not pass both edges
 * @param ahead level ahead less the level behind, as it was read; empty where nobody read behind
 * @param solved the same by the solved cut, dB
 * @param strange where it heard most that its cut does not say; empty where that is nothing much
 * @param lopsided how far both sides differ, dB, root of the mean square; empty where fewer than three places have both
 */
public record PatternTurn(
        Aim aim,
        Optional<Worked> width,
        Optional<Worked> ahead,
        double solved,
        Optional<Strange> strange,
        Optional<Double> lopsided) {
    /** So many dB more than solved, at a bearing. */
    public record Strange(double bearing, double over) {}

    static final Formula WIDTH = new Formula(
            "Width to half power, as read",
            "Between the two bearings where the level is half of that in the middle, between readings as the crow flies.",
            "W",
            "b − a",
            "IEEE Std 149, pattern range measurement",
            "A tenth of the width from readings a sixth of it apart");

    static final Formula AHEAD = new Formula(
            "Ahead less back, as read",
            "Level in the middle of the beam less the mean power within 30° of straight back.",
            "F",
            "m − b",
            "IEEE Std 149; mean of powers",
            "What is about fills the back: a mast, a wall, the ground");

    private static final double HALF = 10 * Math.log10(2);
    private static final double BEHIND = 150;
    /** Weaker than this under the beam is what comes from all around, dB. */
    private static final double STRONG = 16;
    /** More than this over what was solved is no error of the antenna, dB. */
    private static final double MUCH = 6;
    /** Widths of a beam to either side in which it is alone. */
    private static final double ABOUT = 1;

    private static final int FEWEST = 3;
    /** As far off the middle as sides are compared, widths. */
    private static final double SIDES = 1.5;
    /** Readings farther apart say nothing of what lies between, degrees. */
    private static final double NEIGHBOURS = 16;

    /**
     * @param readings bearing and level of each
     * @param cut gain at each whole degree off the beam, 0 to 180, dBi
     * @param width of the solved beam, degrees
     * @return empty with fewer than five readings
     */
    public static Optional<PatternTurn> of(List<TurnReading> readings, List<Double> cut, double width) {
        List<AimReading> all =
                readings.stream().map(r -> new AimReading(r.at(), r.level())).toList();
        return Aim.of(all, cut, width)
                .map(rough -> Aim.of(about(all, rough, width), cut, width).orElse(rough))
                .map(aim -> of(readings, aim, cut, width));
    }

    /** A whole turn finds the beam, and its own readings find the middle: far off, all that is read was bounced about. */
    private static List<AimReading> about(List<AimReading> all, Aim rough, double width) {
        return all.stream()
                .filter(r -> Math.abs(Aim.off(r.bearing().value(), rough.mark().value())) <= ABOUT * width)
                .toList();
    }

    private static PatternTurn of(List<TurnReading> readings, Aim aim, List<Double> cut, double width) {
        double mark = aim.mark().value();
        OptionalDouble low = edge(readings, mark, aim.top(), -1);
        OptionalDouble high = edge(readings, mark, aim.top(), 1);
        Optional<Worked> read = low.isPresent() && high.isPresent()
                ? Optional.of(Worked.of(WIDTH)
                        .measured("a", "off the middle at the one edge", low.getAsDouble(), "°", 2)
                        .measured("b", "and at the other", high.getAsDouble(), "°", 2)
                        .gives(high.getAsDouble() - low.getAsDouble(), "°", 0, width / 10))
                : Optional.empty();
        double[] back = readings.stream()
                .filter(r -> Math.abs(Aim.off(r.at().value(), mark)) >= BEHIND)
                .mapToDouble(r -> Math.pow(10, r.level().value() / 10))
                .toArray();
        Optional<Worked> ahead = back.length == 0
                ? Optional.empty()
                : Optional.of(ahead(
                        aim.top(), 10 * Math.log10(Arrays.stream(back).average().orElseThrow())));
        return new PatternTurn(
                aim, read, ahead, solved(cut), strange(readings, aim, cut, width), lopsided(readings, mark, width));
    }

    /** Beside the beam and in front, where only a bounce is heard so strongly. */
    private static Optional<Strange> strange(List<TurnReading> readings, Aim aim, List<Double> cut, double width) {
        return readings.stream()
                .filter(r -> r.level().value() > aim.top() - STRONG)
                .map(r -> new Strange(
                        r.at().value(),
                        r.level().value()
                                - aim.top()
                                - Aim.relative(
                                        cut, Aim.off(r.at().value(), aim.mark().value()))))
                .filter(x -> {
                    double off = Math.abs(Aim.off(x.bearing, aim.mark().value()));
                    return off > width && off < BEHIND && x.over > MUCH;
                })
                .max(Comparator.comparingDouble(Strange::over));
    }

    private static double solved(List<Double> cut) {
        double back = cut.subList((int) BEHIND, cut.size()).stream()
                .mapToDouble(g -> Math.pow(10, g / 10))
                .average()
                .orElseThrow();
        return cut.get(0) - 10 * Math.log10(back);
    }

    private static Worked ahead(double top, double back) {
        return Worked.of(AHEAD)
                .measured("m", "in the middle", top, "dBm", 2)
                .measured("b", "behind", back, "dBm", 2)
                .gives(top - back, "dB", 1, 1.5);
    }

    /** Degrees off the middle at which the level falls through half on one side, the first place going out. */
    private static OptionalDouble edge(List<TurnReading> readings, double mark, double top, int side) {
        List<double[]> out = readings.stream()
                .map(r -> new double[] {
                    side * Aim.off(r.at().value(), mark), r.level().value() - top
                })
                .filter(p -> p[0] >= 0 && p[0] < BEHIND)
                .sorted((p, q) -> Double.compare(p[0], q[0]))
                .toList();
        double[] last = {0, 0};
        for (double[] p : out) {
            if (p[1] <= -HALF) {
                double share = (last[1] + HALF) / (last[1] - p[1]);
                return OptionalDouble.of(side * (last[0] + share * (p[0] - last[0])));
            }
            last = new double[] {p[0], Math.min(0, p[1])};
        }
        return OptionalDouble.empty();
    }

    /** What stands straight before an antenna that is alike on both sides is read alike on both. */
    private static Optional<Double> lopsided(List<TurnReading> readings, double mark, double width) {
        List<double[]> around = readings.stream()
                .map(r -> new double[] {Aim.off(r.at().value(), mark), r.level().value()})
                .sorted((p, q) -> Double.compare(p[0], q[0]))
                .toList();
        double[] squares = around.stream()
                .filter(p -> p[0] > 0 && p[0] < SIDES * width)
                .flatMapToDouble(p -> between(around, -p[0]).stream().map(l -> l - p[1]))
                .map(d -> d * d)
                .toArray();
        return squares.length < FEWEST
                ? Optional.empty()
                : Optional.of(Math.sqrt(Arrays.stream(squares).average().orElseThrow()));
    }

    /** Level between two neighbours; empty where they lie too far apart to say. */
    private static OptionalDouble between(List<double[]> around, double at) {
        for (int i = 1; i < around.size(); i++) {
            double[] low = around.get(i - 1);
            double[] high = around.get(i);
            if (low[0] <= at && at <= high[0] && high[0] > low[0] && high[0] - low[0] <= NEIGHBOURS) {
                return OptionalDouble.of(low[1] + (high[1] - low[1]) * (at - low[0]) / (high[0] - low[0]));
            }
        }
        return OptionalDouble.empty();
    }
}
