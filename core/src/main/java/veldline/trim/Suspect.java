package veldline.trim;

import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * A measure that would explain a sweep if it alone had come out otherwise than drawn.
 *
 * @param off by how much it would have to be larger than drawn, millimetres
 * @param weight in a hundred, among all that were weighed and that nothing is off
 * @param misfit what it leaves unexplained, in the sweep's own doubt
 * @param curve SWR over {@link TrimAdvice#frequencies} with it off by so much
 * @param others curves with it off by other amounts, ascending
 */
public record Suspect(
        TrimMeasure measure, Worked off, Worked weight, Worked misfit, List<Double> curve, List<Amount> others) {
    private static final String SOURCE =
            "The engine's own curves against the sweep, all measures but one as drawn; evidence as in MacKay, Information Theory,"
                    + " Inference, and Learning Algorithms, ch. 28";

    static final Formula OFF = new Formula(
            "Off from drawn",
            "The value of this measure at which the worked-out curve lies nearest to the sweep, by least squares, less the value drawn.",
            "D",
            "m − d",
            SOURCE,
            "As the ± beside it says, which is from the sweep's doubt; the model's reflection coefficient is good to 0.001 to 0.01");

    static final Formula MISFIT = new Formula(
            "Misfit",
            "How far the readings lie from the curve, as a root of the mean square in the doubt of each: about 1 where nothing but noise is left.",
            "M",
            "sqrt(q ÷ n)",
            SOURCE,
            "By chance ±0.2 for eleven readings; of the doubts, those of meter and engine together");

    static final Formula WEIGHT = new Formula(
            "How sure",
            "How well it explains the sweep, over every amount up to a fiftieth of a wave that it may be off; against all other measures"
                    + " and against nothing being off, which counts as much beforehand as all of them together.",
            "P",
            "100·e ÷ s",
            SOURCE,
            "Right as often as it says while one measure is off and no more");

    public Suspect {
        curve = List.copyOf(curve);
        others = List.copyOf(others);
    }

    /**
     * What it would look like.
     *
     * @param by metres off
     * @param misfit as of the suspect
     */
    public record Amount(double by, Worked misfit, List<Double> curve) {
        public Amount {
            curve = List.copyOf(curve);
        }
    }

    /** Off by, metres. */
    public double offBy() {
        return off.value() / 1000;
    }

    /** As it has come out, by the sweep, metres. */
    public double cameOut() {
        return measure.value() + offBy();
    }

    static Worked off(TrimMeasure m, double by, double doubt) {
        return Worked.of(OFF)
                .computed("m", m.name() + " by the sweep", 1000 * (m.value() + by), "mm", 2)
                .computed("d", "as drawn", 1000 * m.value(), "mm", 2)
                .gives(1000 * by, "mm", 1, 1000 * doubt);
    }

    /**
     * @param squares sum over all readings, each in its own doubt
     * @param count of the readings
     */
    static Worked misfit(double squares, int count) {
        return Worked.of(MISFIT)
                .computed("q", "sum of the squares, each in its doubt", squares, "", 4)
                .computed("n", "numbers that were read", count, "", 0)
                .gives(Math.sqrt(squares / count), "times the noise", 1);
    }

    static Worked weight(double evidence, double all) {
        return Worked.of(WEIGHT)
                .computed("e", "its evidence, the best counted as 1", evidence, "", 6)
                .computed("s", "of all together", all, "", 6)
                .gives(100 * evidence / all, "%", 0);
    }
}
