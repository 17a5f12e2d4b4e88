package veldline.antenna;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;

/** Cuts a design to resonance: every length by one factor, until the reactance at the feed is nothing. */
final class Resonance {
    /** Steps in which the nearest resonance is looked for, and how many either way. */
    private static final double STEP = 0.02;

    private static final int MOST = 14;
    private static final double EXACT = 2e-5;

    private Resonance() {}

    /**
     * The nearest size at which the reactance rises through nothing, as it does where the current at the feed is greatest; as it was
     * where there is none within a quarter.
     */
    static Design tuned(Design d, double frequency) {
        UnivariateFunction reactance = times -> reactance(d.exactly(times), frequency);
        double low = 1;
        double high = 1;
        double below = reactance.value(1);
        double above = below;
        for (int i = 0; i < MOST; i++) {
            if (above >= 0) {
                double next = reactance.value(low - STEP);
                if (next < 0 && below >= 0) {
                    return d.scaled(new BrentSolver(EXACT).solve(60, reactance, low - STEP, low));
                }
                low -= STEP;
                below = next;
            }
            if (below < 0 || above < 0) {
                double next = reactance.value(high + STEP);
                if (next >= 0 && above < 0) {
                    return d.scaled(new BrentSolver(EXACT).solve(60, reactance, high, high + STEP));
                }
                high += STEP;
                above = next;
            }
        }
        return d;
    }

    private static double reactance(Design d, double frequency) {
        return new FieldSolver(d.model(), MeshRule.standard(frequency), () -> true)
                .at(frequency)
                .impedances()
                .get(0)
                .getImaginary();
    }
}
