package veldline.prove;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Who was heard before a change and who after it, and what that means for the one that is wanted.
 *
 * @param before how many were heard
 * @param after how many are
 * @param wanted what the wanted one came up by; empty where it was not heard both times
 * @param over wanted over the strongest other, after; empty where either is missing
 * @param overBefore the same before, dB
 * @param paired what all that were heard both times came up by on the average; empty with fewer than four
 */
public record Survey(
        int before,
        int after,
        Optional<Worked> wanted,
        Optional<Worked> over,
        Optional<Double> overBefore,
        Optional<Worked> paired) {
    static final Formula WANTED = new Formula(
            "Wanted one, after less before",
            "Its level with the antenna that stands now less that with the one before.",
            "D",
            "a − b",
            "Levels of one device at one place",
            "±2 dB for one reading each; a recording tells it better");

    static final Formula OVER = new Formula(
            "Wanted over the strongest other",
            "What decides whether a channel carries: the wanted level less the strongest level of all others.",
            "C",
            "w − u",
            "Carrier to interference; ITU-R SM.1875",
            "For senders on the same channel; others disturb less");

    static final Formula PAIRED = new Formula(
            "All that were heard both times, after less before",
            "Mean of the differences, each channel or place with itself; the interval from how far they differ.",
            "M",
            "s ÷ n",
            "Paired t interval (Student 1908)",
            "For places or channels that are alike; a beam lifts some and takes from others");

    /** Fewer pairs say nothing of how far they differ. */
    public static final int FEWEST = 4;

    /**
     * Empty while nothing was surveyed.
     *
     * @param confidence 0 to 1
     */
    public static Optional<Survey> of(List<Heard> heard, double confidence) {
        if (heard.isEmpty()) {
            return Optional.empty();
        }
        Optional<Heard> wanted = heard.stream().filter(Heard::wanted).findFirst();
        OptionalDouble was = wanted.flatMap(Heard::before).stream()
                .mapToDouble(q -> q.value())
                .findFirst();
        OptionalDouble is = wanted.flatMap(Heard::after).stream()
                .mapToDouble(q -> q.value())
                .findFirst();
        OptionalDouble others = strongest(heard, false);
        OptionalDouble othersBefore = strongest(heard, true);
        return Optional.of(new Survey(
                (int) heard.stream().filter(h -> h.before().isPresent()).count(),
                (int) heard.stream().filter(h -> h.after().isPresent()).count(),
                was.isPresent() && is.isPresent()
                        ? Optional.of(Worked.of(WANTED)
                                .measured("a", "after", is.getAsDouble(), "dBm", 2)
                                .measured("b", "before", was.getAsDouble(), "dBm", 2)
                                .gives(is.getAsDouble() - was.getAsDouble(), "dB", 1, 2))
                        : Optional.empty(),
                is.isPresent() && others.isPresent()
                        ? Optional.of(Worked.of(OVER)
                                .measured("w", "wanted", is.getAsDouble(), "dBm", 2)
                                .measured("u", "strongest other", others.getAsDouble(), "dBm", 2)
                                .gives(is.getAsDouble() - others.getAsDouble(), "dB", 1))
                        : Optional.empty(),
                was.isPresent() && othersBefore.isPresent()
                        ? Optional.of(was.getAsDouble() - othersBefore.getAsDouble())
                        : Optional.empty(),
                paired(heard, confidence)));
    }

    private static Optional<Worked> paired(List<Heard> heard, double confidence) {
        DescriptiveStatistics apart = new DescriptiveStatistics();
        heard.forEach(h -> h.before().ifPresent(b -> h.after().ifPresent(a -> apart.addValue(a.value() - b.value()))));
        long n = apart.getN();
        if (n < FEWEST) {
            return Optional.empty();
        }
        double t = new TDistribution(n - 1.0).inverseCumulativeProbability(0.5 + confidence / 2);
        return Optional.of(Worked.of(PAIRED)
                .measured("s", "sum of the differences", apart.getSum(), "dB", 2)
                .measured("n", "heard both times", n, "", 0)
                .gives(apart.getMean(), "dB", 1, t * apart.getStandardDeviation() / Math.sqrt(n)));
    }

    private static OptionalDouble strongest(List<Heard> heard, boolean before) {
        return heard.stream()
                .filter(h -> !h.wanted())
                .flatMap(h -> (before ? h.before() : h.after()).stream())
                .mapToDouble(q -> q.value())
                .max();
    }
}
