package veldline.raise;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Where the far end lies, from levels read while the antenna was swung: its own solved pattern is laid over the readings at every
 * bearing, and the one where it fits best is taken. A side lobe or a bounce is no copy of the beam, so it fits worse.
 *
 * @param mark bearing of the middle
 * @param low bearing of the lower half-power edge
 * @param high of the upper one
 * @param top level in the middle, dBm
 * @param misfit of a reading, dB
 * @param other another bearing that fits nearly as well; empty where there is none
 * @param edges whether readings reach past both edges
 */
public record Aim(
        Worked mark, double low, double high, double top, double misfit, Optional<Double> other, boolean edges) {
    static final Formula MARK = new Formula(
            "Middle of the beam by its edges",
            "The two bearings where the level is down to half, e and w, as the antenna's own pattern lies best over the readings.",
            "B",
            "(e + w) ÷ 2",
            "Least sum of residuals, those over 2 dB by their size and not their square (Huber 1964)",
            "A tenth of the beam's width from a dozen readings that pass both edges");

    /** Fewer readings say nothing. */
    public static final int FEWEST = 5;

    private static final double STEP = 0.1;
    /** Residuals beyond count by their size only, dB. */
    private static final double HUBER = 2;
    /** Under the top a pattern is not told from what is thrown about, dB. */
    private static final double DEEP = 18;
    /** As far as this under the top it is the beam that is read, dB. */
    private static final double BEAM = 8;
    /** Another place with so many times the least sum may be it as well. */
    private static final double NEARLY = 1.3;

    /**
     * @param readings bearings and levels
     * @param cut gain at each whole degree off the beam, 0 to 180, dBi
     * @param width of the beam to half power, degrees
     */
    public static Optional<Aim> of(List<AimReading> readings, List<Double> cut, double width) {
        if (readings.size() < FEWEST) {
            return Optional.empty();
        }
        double[] at = readings.stream().mapToDouble(r -> r.bearing().value()).toArray();
        double[] level = readings.stream().mapToDouble(r -> r.level().value()).toArray();
        double first = at[0];
        double low = Arrays.stream(at).map(b -> off(b, first)).min().orElseThrow();
        double high = Arrays.stream(at).map(b -> off(b, first)).max().orElseThrow();
        int count = (int) Math.round((high - low) / STEP) + 1;
        double[] sums = IntStream.range(0, count)
                .parallel()
                .mapToDouble(i -> sum(at, level, cut, first + low + i * STEP))
                .toArray();
        int best = least(sums, i -> true);
        double mark = turned(first + low + best * STEP);
        int second = least(sums, i -> Math.abs(i - best) * STEP > width);
        Optional<Double> other = second >= 0 && sums[second] <= NEARLY * sums[best]
                ? Optional.of(turned(first + low + second * STEP))
                : Optional.empty();
        double half = width / 2;
        boolean edges = Arrays.stream(at).anyMatch(b -> off(b, mark) <= -half)
                && Arrays.stream(at).anyMatch(b -> off(b, mark) >= half);
        double e = mark - half;
        double w = mark + half;
        return Optional.of(new Aim(
                Worked.of(MARK)
                        .computed("e", "lower edge", e, "°", 2)
                        .computed("w", "upper edge", w, "°", 2)
                        .gives(mark, "°", 1, width / 10),
                turned(e),
                turned(w),
                top(at, level, cut, mark),
                Math.sqrt(sums[best] / readings.size()),
                other,
                edges));
    }

    private static int least(double[] sums, IntPredicate among) {
        return IntStream.range(0, sums.length)
                .filter(among)
                .reduce((a, b) -> sums[b] < sums[a] ? b : a)
                .orElse(-1);
    }

    /** Of all residuals from the pattern at a place. */
    private static double sum(double[] at, double[] level, List<Double> cut, double mark) {
        double top = top(at, level, cut, mark);
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            double r = Math.abs(level[i] - top - down(cut, off(at[i], mark)));
            sum += r <= HUBER ? r * r : HUBER * (2 * r - HUBER);
        }
        return sum;
    }

    /** Level in the middle, by the median of what was read in the beam, or of all where too little was. */
    private static double top(double[] at, double[] level, List<Double> cut, double mark) {
        double[] over = over(at, level, cut, mark, BEAM);
        double[] taken = over.length >= FEWEST - 1 ? over : over(at, level, cut, mark, DEEP + 1);
        return taken[taken.length / 2];
    }

    private static double[] over(double[] at, double[] level, List<Double> cut, double mark, double deepest) {
        return IntStream.range(0, at.length)
                .filter(i -> down(cut, off(at[i], mark)) > -deepest)
                .mapToDouble(i -> level[i] - down(cut, off(at[i], mark)))
                .sorted()
                .toArray();
    }

    /** What the pattern is down by so many degrees off, as far down as it is told from what is thrown about. */
    public static double down(List<Double> cut, double off) {
        return Math.max(-DEEP, relative(cut, off));
    }

    /** Gain so many degrees off the beam less that in it, dB. */
    public static double relative(List<Double> cut, double off) {
        double d = Math.min(180, Math.abs(off));
        int i = (int) Math.min(cut.size() - 2, Math.floor(d));
        return cut.get(i) + (d - i) * (cut.get(i + 1) - cut.get(i)) - cut.get(0);
    }

    /** From one bearing to another the shorter way, degrees. */
    public static double off(double bearing, double from) {
        return ((bearing - from) % 360 + 540) % 360 - 180;
    }

    /** A bearing as 0 to under 360 degrees. */
    public static double turned(double bearing) {
        return (bearing % 360 + 360) % 360;
    }
}
