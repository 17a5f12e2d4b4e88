package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/** The schools on what trees in leaf take. */
public enum Leaves {
    WEISSBERGER("Weissberger", "Weissberger, ESD-TR-81-101 (1982)", 0.23e9, 95e9) {
        @Override
        public double lossDb(double frequency, double depth) {
            double f = Math.pow(check(frequency, depth) / 1e9, 0.284);
            return depth <= SHALLOW ? 0.45 * f * depth : 1.33 * f * Math.pow(depth, 0.588);
        }

        @Override
        public Worked worked(double frequency, double depth) {
            Formula f = depth <= SHALLOW ? formula("0.45·f^0.284·d") : formula("1.33·f^0.284·d^0.588");
            return worked(f, frequency / 1e9, "GHz", depth, lossDb(frequency, depth));
        }
    },
    ITU("early ITU-R", "CCIR Report 236-2, as taken over by ITU-R", 0.2e9, 95e9) {
        @Override
        public double lossDb(double frequency, double depth) {
            return depth == 0 ? 0 : 0.2 * Math.pow(check(frequency, depth) / 1e6, 0.3) * Math.pow(depth, 0.6);
        }

        @Override
        public Worked worked(double frequency, double depth) {
            return worked(formula("0.2·f^0.3·d^0.6"), frequency / 1e6, "MHz", depth, lossDb(frequency, depth));
        }
    };

    private static final double SHALLOW = 14;
    /** Deeper woods are an obstacle, metres. */
    public static final double DEEPEST = 400;

    private final String words;
    private final String source;
    private final double from;
    private final double to;

    Leaves(String words, String source, double from, double to) {
        this.words = words;
        this.source = source;
        this.from = from;
        this.to = to;
    }

    public String words() {
        return words;
    }

    /** Whether the school's fit holds at a frequency in hertz. */
    public boolean holds(double frequency) {
        return frequency >= from && frequency <= to;
    }

    /**
     * Loss in dB through trees in leaf, besides that of the distance.
     *
     * @param frequency hertz
     * @param depth metres of trees the way goes through, 0 to 400
     * @throws IllegalArgumentException outside what the school holds for
     */
    public abstract double lossDb(double frequency, double depth);

    public abstract Worked worked(double frequency, double depth);

    double check(double frequency, double depth) {
        if (!holds(frequency) || !(depth >= 0) || depth > DEEPEST) {
            throw new IllegalArgumentException("The fit of " + words + " holds from " + from / 1e9 + " to " + to / 1e9
                    + " GHz and to " + DEEPEST + " m of trees, not at " + frequency / 1e9 + " GHz and " + depth
                    + " m; treat deeper woods as an obstacle");
        }
        return frequency;
    }

    Formula formula(String expression) {
        return new Formula(
                "Trees, " + words,
                "Trees in leaf, besides what the distance takes.",
                "L",
                expression,
                source,
                "In leaf and dry; wet leaves take a third more, bare trees half. The schools differ by several dB");
    }

    static Worked worked(Formula formula, double frequency, String unit, double depth, double loss) {
        return Worked.of(formula)
                .computed("f", "frequency", frequency, unit, 4)
                .typed("d", "depth of the trees", depth, "m", 2)
                .gives(loss, "dB", 1, Math.max(2, 0.3 * loss));
    }
}
