package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Loss in a place that is no clear way: houses, woods, rooms. Free space to a metre, then by an exponent.
 *
 * @param exponent 2 in the open, 3 in a village, 4 in woods and through houses; 1.6 to 6
 * @param spread standard deviation from spot to spot, dB
 */
public record LogDistance(double exponent, double spread) {
    public static final Formula FORMULA = new Formula(
            "Loss by distance",
            "Free space to the first metre, then as the place makes it: n is 2 in the open, more where things stand about.",
            "L",
            "20·log10(4·pi·f ÷ 0.299792458) + 10·n·log10(d)",
            "Rappaport, Wireless Communications, §4.9",
            "The spread from spot to spot; a range walk gives the exponent of this place");

    /** Least exponent: down a corridor that leads the wave. */
    public static final double LEAST = 1.6;

    public static final double MOST = 6;

    public LogDistance {
        if (!(exponent >= LEAST) || !(exponent <= MOST) || !(spread >= 0) || !(spread <= 20)) {
            throw new IllegalArgumentException("An exponent of " + exponent + " with a spread of " + spread
                    + " dB is out of range; give 1.6 to 6, and 0 to 20 dB");
        }
    }

    public double lossDb(double distance, double frequency) {
        return FreeSpace.lossDb(1, frequency) + 10 * exponent * Math.log10(Math.max(distance, 1));
    }

    public Worked worked(double distance, double frequency) {
        return Worked.of(FORMULA)
                .typed("f", "frequency", frequency / 1e9, "GHz", 6)
                .typed("n", "exponent", exponent, "", 2)
                .typed("d", "distance", Math.max(distance, 1), "m", 2)
                .gives(lossDb(distance, frequency), "dB", 1, spread);
    }
}
