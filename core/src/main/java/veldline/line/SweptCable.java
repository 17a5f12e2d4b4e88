package veldline.line;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * A cable that was swept into one end, worked out once: where it throws back counted on each impedance cables have, and what it takes.
 *
 * @param open as it was read with its far end open, or on whatever hangs there
 * @param sweeps one for each of 50 and 75 ohms
 * @param shorted as it was read with its far end shorted, at the same frequencies
 */
public record SweptCable(PortData open, List<On> sweeps, Optional<PortData> shorted) {
    static final Formula CARRIED = new Formula(
            "Loss at another frequency",
            "As it was in the middle of the sweep, L, times what cable of its kind takes here, b, over what it takes there, a.",
            "M",
            "L·b ÷ a",
            "Law of its kind; the root of the frequency where that is not known",
            "±10 % within twice the frequency");

    private static final List<Double> MADE_FOR = List.of(50.0, 75.0);

    /** Counted on one impedance, ohms. */
    public record On(double ohms, CableSweep sweep) {}

    public SweptCable {
        sweeps = List.copyOf(sweeps);
    }

    /** @throws IllegalArgumentException where the frequencies are few or do not stand evenly */
    public static SweptCable of(PortData open) {
        return new SweptCable(
                open,
                MADE_FOR.stream().map(z -> new On(z, CableSweep.of(open, z))).toList(),
                Optional.empty());
    }

    /** @throws IllegalArgumentException where it is not of the same frequencies, or there are no ohms of either */
    public SweptCable and(PortData shorted) {
        if (open.rows().size() != shorted.rows().size()
                || IntStream.range(0, open.rows().size())
                        .anyMatch(i -> open.rows().get(i).frequency()
                                != shorted.rows().get(i).frequency())) {
            throw new IllegalArgumentException(
                    "Open was swept at " + open.rows().size() + " frequencies and shorted at "
                            + shorted.rows().size() + " others; sweep both alike");
        }
        return new SweptCable(open.as(PortData.Kind.Z), sweeps, Optional.of(shorted.as(PortData.Kind.Z)));
    }

    /** Counted on the impedance of a cable. */
    public CableSweep on(double ohms) {
        return sweeps.stream()
                .min(Comparator.comparingDouble(o -> Math.abs(o.ohms - ohms)))
                .orElseThrow()
                .sweep;
    }

    /**
     * What it takes one way: from both ends where both were swept, else from what comes back of its open end.
     *
     * @param law loss of its kind against frequency, in any unit
     */
    public Optional<Worked> loss(double ohms, double frequency, DoubleUnaryOperator law) {
        return shorted.map(s -> both(s, nearest(frequency))).orElseGet(() -> {
            double middle = on(ohms).middle();
            return on(ohms).lossFromEnd()
                    .map(l -> Worked.of(CARRIED)
                            .from("L", "in the middle of the sweep", l)
                            .computed("b", "law of its kind here", law.applyAsDouble(frequency), "", 5)
                            .computed("a", "law of its kind there", law.applyAsDouble(middle), "", 5)
                            .gives(l.value() * law.applyAsDouble(frequency) / law.applyAsDouble(middle), "dB", 2, 0.3));
        });
    }

    private Optional<Worked> both(PortData shorted, int row) {
        Complex o = open.impedance(row);
        Complex s = shorted.impedance(row);
        return OpenAndShort.tells(o, s) ? Optional.of(OpenAndShort.workedLoss(o, s)) : Optional.empty();
    }

    private int nearest(double frequency) {
        return IntStream.range(0, open.rows().size())
                .boxed()
                .min(Comparator.comparingDouble(i -> Math.abs(open.rows().get(i).frequency() - frequency)))
                .orElseThrow();
    }
}
