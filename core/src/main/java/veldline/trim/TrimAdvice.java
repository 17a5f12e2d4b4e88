package veldline.trim;

import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;

/**
 * What a sweep says of the measures of an antenna.
 *
 * @param verdict in one word
 * @param suspects the likeliest first
 * @param asDrawn in a hundred, that nothing is off
 * @param tell the measurement that would tell, where the sweep does not
 * @param frequencies of the curves, hertz, ascending
 * @param drawn SWR as it should be, and as it will be once what is off is put right
 */
public record TrimAdvice(
        Verdict verdict,
        List<Suspect> suspects,
        Worked asDrawn,
        Optional<String> tell,
        List<Double> frequencies,
        List<Double> drawn) {
    /** From here on it is said without a doubt beside, in a hundred. */
    public static final double SURE = 97;

    /** From here on a measure is one of those it may be, in a hundred. */
    static final double MAYBE = 5;

    /** What comes of it. */
    public enum Verdict {
        /** One measure is off. */
        ONE,
        /** As drawn, as far as this sweep can see. */
        NOTHING,
        /** More than one would explain it, or one and none. */
        CANNOT_TELL,
        /** No one measure does. */
        UNEXPLAINED
    }

    public TrimAdvice {
        suspects = List.copyOf(suspects);
        frequencies = List.copyOf(frequencies);
        drawn = List.copyOf(drawn);
    }

    /** SWR as drawn nearest to a frequency, hertz. */
    public double drawnAt(double frequency) {
        int nearest = 0;
        for (int i = 1; i < frequencies.size(); i++) {
            nearest = Math.abs(frequencies.get(i) - frequency) < Math.abs(frequencies.get(nearest) - frequency)
                    ? i
                    : nearest;
        }
        return drawn.get(nearest);
    }

    /** The measure that is off, where one is. */
    public Optional<Suspect> found() {
        return verdict == Verdict.ONE ? Optional.of(suspects.get(0)) : Optional.empty();
    }
}
