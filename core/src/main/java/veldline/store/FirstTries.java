package veldline.store;

import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * How the first tries of many jobs came out: what they have in common is the workshop's own, and worth cutting for.
 *
 * @param count of jobs that were swept
 * @param middle how far their dip lay over the frequency they were made for, in 100 of it
 * @param low half of them lie from this on, in 100
 * @param high to this
 */
public record FirstTries(int count, Worked middle, double low, double high) {
    static final Formula MIDDLE = new Formula(
            "First tries",
            "Where the first sweep dipped, over the frequency it was made for, less one; half of the jobs lie above this.",
            "D",
            "100·m",
            "Order statistics",
            "For what the same hands make in the same way; half of them lie as far off as is told beside");

    /** Fewer say nothing of a workshop. */
    public static final int FEWEST = 3;

    /** Empty with fewer than three that were swept. */
    public static Optional<FirstTries> of(List<LogbookEntry> entries) {
        DescriptiveStatistics off = new DescriptiveStatistics();
        entries.forEach(e -> e.cameOut().ifPresent(off::addValue));
        if (off.getN() < FEWEST) {
            return Optional.empty();
        }
        double middle = off.getPercentile(50);
        return Optional.of(new FirstTries(
                (int) off.getN(),
                Worked.of(MIDDLE)
                        .measured("m", "middle one of " + off.getN(), middle, "", 6)
                        .gives(100 * middle, "in 100", 1),
                100 * off.getPercentile(25),
                100 * off.getPercentile(75)));
    }
}
