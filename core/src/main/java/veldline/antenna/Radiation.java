package veldline.antenna;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Sum;
import veldline.explain.Worked;
import veldline.field.aperture.FarField;

/**
 * What an aperture antenna sends, and how its gain comes about: a ceiling, and what is lost from it step by step.
 *
 * @param ceiling dBi, what the opening evenly lit, or its pattern, would have
 * @param losses decibels over zero, each worked
 * @param doubt of the gain, dB
 * @param field over straight ahead
 * @param feed at its socket
 */
public record Radiation(Worked ceiling, List<Worked> losses, double doubt, FarField field, Feed feed) {
    private static final Formula GAIN = new Formula(
            "Gain",
            "What the opening could have, less what is lost on the way, each loss a line of its own.",
            "G",
            "c − l",
            "IEEE Std 145-2013, gain; aperture integration (Balanis, Antenna Theory, 3rd ed., §12 to §15)",
            "As good as its parts; what is told of shape and surface has to be true");
    /**
     * What edges and stays throw round an opening, dBi: behind it, and before it, where it fills the hollows between the lobes. Measured
     * dishes and horns have about so much whatever their gain; no sum over an opening has it.
     */
    private static final double EDGES = -8;

    private static final double EDGES_BEFORE = -20;

    public Radiation {
        losses = List.copyOf(losses);
    }

    public Worked gain() {
        Worked lost =
                Sum.of("Lost from the opening", "Everything that keeps the gain under the ceiling.", "dB", 2, losses);
        return Worked.of(GAIN)
                .from("c", ceiling.formula().name(), ceiling)
                .from("l", "lost from it", lost)
                .gives(ceiling.value() - lost.value(), "dBi", 1, doubt);
    }

    private double straight() {
        return ceiling.value() - losses.stream().mapToDouble(Worked::value).sum();
    }

    /** @param degrees off the axis, 0 to 180, at an angle around it from the E plane */
    public double dbi(double degrees, double around) {
        return straight() + fall(degrees, around);
    }

    /** Decibels under straight ahead, under zero. */
    public double fall(double degrees, double around) {
        double power = field.power(Math.toRadians(degrees), Math.toRadians(around));
        double edges = EDGES_BEFORE + (EDGES - EDGES_BEFORE) * Math.max(0, Math.min(1, (degrees - 60) / 30));
        return Math.max(edges - straight(), 10 * Math.log10(Math.max(1e-12, power)));
    }

    /** Degrees to one side where the level has fallen so far; empty where it never does. */
    public OptionalDouble edge(double decibels, double around) {
        double low = 0;
        double step = 0.05;
        while (low < 180 && fall(low + step, around) > -decibels) {
            low += step;
            step = Math.min(1, step * 1.2);
        }
        if (low >= 180) {
            return OptionalDouble.empty();
        }
        double high = low + step;
        for (int i = 0; i < 40; i++) {
            double mid = (low + high) / 2;
            if (fall(mid, around) > -decibels) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return OptionalDouble.of(low);
    }

    /**
     * Impedance at its socket, each part as it was worked out.
     *
     * @param told whether it follows from the measures, at any frequency; else it is a return loss that was typed for one
     */
    public record Feed(Worked resistance, Worked reactance, boolean told) {
        private static final Formula TYPED = new Formula(
                "Resistance by its return loss",
                "What comes back is r decibels weaker; its phase is not told, and the greater of the two resistances is taken.",
                "R",
                "50·(1 + 10^(−r ÷ 20)) ÷ (1 − 10^(−r ÷ 20))",
                "Pozar, Microwave Engineering, 4th ed., §2.3",
                "A gate only: what is typed is measured or claimed");
        private static final Formula NONE = new Formula(
                "Reactance", "Not told by a return loss.", "X", "x", "Typed", "Anything that the return loss allows");

        /** @param returnLoss decibels, over zero */
        static Feed typed(double returnLoss) {
            double rho = Math.pow(10, -returnLoss / 20);
            return new Feed(
                    Worked.of(TYPED)
                            .typed("r", "return loss", returnLoss, "dB", 1)
                            .gives(50 * (1 + rho) / (1 - rho), "Ω", 0),
                    Worked.of(NONE).computed("x", "taken for", 0, "Ω", 0).gives(0, "Ω", 0),
                    false);
        }

        static Feed solved(Complex z) {
            return new Feed(
                    part("Resistance of the feed", z.getReal()), part("Reactance of the feed", z.getImaginary()), true);
        }

        private static Worked part(String name, double ohms) {
            Formula solved = new Formula(
                    name,
                    "Of the feed by itself; what comes back from the dish shifts it a little.",
                    "Z",
                    "z",
                    "Method of moments over thin wires",
                    "±5 Ω; trimmed on the analyser in place");
            return Worked.of(solved).computed("z", "solved", ohms, "Ω", 3).gives(ohms, "Ω", 1, 5);
        }

        public Complex impedance() {
            return new Complex(resistance.value(), reactance.value());
        }
    }
}
