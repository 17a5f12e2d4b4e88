package veldline.antenna;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.ModelCheck;
import veldline.quantity.Quantity;

/** Cuts a design to resonance: every length by one factor, until the reactance at the feed is nothing. */
final class Resonance {
    /** Steps in which the nearest resonance is looked for, and how many either way. */
    private static final double STEP = 0.02;

    private static final int MOST = 14;
    private static final double EXACT = 2e-5;
    /** A match is close enough within this share of the resistance wanted. */
    private static final double CLOSE = 0.02;

    private static final double LEAST_SHARE = 0.05;
    private static final double TINY = 1e-12;

    /** Decimals where small steps count. */
    private static final int DIGITS = 9;

    private static final double C = 299_792_458.0;

    private Resonance() {}

    /**
     * The nearest size at which the reactance rises through nothing, as it does where the current at the feed is greatest; as it was
     * where there is none within a quarter.
     */
    static Design tuned(Design d, double frequency) {
        return at(times -> reactance(d.exactly(times), frequency))
                .map(d::scaled)
                .orElse(d);
    }

    /** The same with one measure changed and the others left. */
    static Design tuned(Design d, double frequency, int index) {
        return by(d, index, now -> reactance(now, frequency));
    }

    /** One measure so that the reactance falls through nothing, as it does at the end of a half wave. */
    static Design endTuned(Design d, double frequency, int index) {
        return by(d, index, now -> -reactance(now, frequency));
    }

    private static Design by(Design d, int index, ToDoubleFunction<Design> rising) {
        if (d.locked().contains(index)) {
            return d;
        }
        Measure m = d.of().measures().get(index);
        return at(times -> rising.applyAsDouble(
                        d.withSize(index, Quantity.shown(times * d.size(index), m.unit(), DIGITS))))
                .map(times -> d.withSize(index, m.of(times * d.size(index))))
                .orElse(d);
    }

    /** The share nearest to 1 at which something rises through nothing. */
    private static Optional<Double> at(UnivariateFunction rising) {
        double low = 1;
        double high = 1;
        double below = rising.value(1);
        double above = below;
        for (int i = 0; i < MOST; i++) {
            if (above >= 0) {
                double next = rising.value(low - STEP);
                if (next < 0 && below >= 0) {
                    return Optional.of(new BrentSolver(EXACT).solve(60, rising, low - STEP, low));
                }
                low -= STEP;
                below = next;
            }
            if (below < 0 || above < 0) {
                double next = rising.value(high + STEP);
                if (next >= 0 && above < 0) {
                    return Optional.of(new BrentSolver(EXACT).solve(60, rising, high, high + STEP));
                }
                high += STEP;
                above = next;
            }
        }
        return Optional.empty();
    }

    /**
     * Two measures so that the feed has a wanted resistance and no reactance, by Newton's steps; as it was where they lead out of the
     * measures' ranges or nowhere.
     */
    static Design matched(Design d, double frequency, int first, int second, double ohms) {
        if (d.locked().contains(first) || d.locked().contains(second)) {
            return d;
        }
        double wave = C / frequency;
        Design best = d;
        Complex off = impedance(d, frequency).subtract(ohms);
        for (int step = 0; step < MOST && off.norm() > CLOSE * ohms; step++) {
            Complex a = slope(best, frequency, first, off.add(ohms));
            Complex b = slope(best, frequency, second, off.add(ohms));
            double det = a.getReal() * b.getImaginary() - b.getReal() * a.getImaginary();
            if (Math.abs(det) < TINY) {
                break;
            }
            double da = -(off.getReal() * b.getImaginary() - b.getReal() * off.getImaginary()) / det;
            double db = -(a.getReal() * off.getImaginary() - off.getReal() * a.getImaginary()) / det;
            Optional<Design> nearer = Optional.empty();
            // Half the way, a quarter: as far as leads nearer.
            for (double share = 1; share > LEAST_SHARE && nearer.isEmpty(); share /= 2) {
                Design next = stepped(stepped(best, first, share * da, wave), second, share * db, wave);
                Complex there = impedance(next, frequency).subtract(ohms);
                if (there.norm() < off.norm()) {
                    nearer = Optional.of(next);
                    off = there;
                }
            }
            if (nearer.isEmpty()) {
                break;
            }
            best = nearer.get();
        }
        return rounded(best, first, second);
    }

    /** No more than a tenth at once, and within the range. */
    private static Design stepped(Design d, int index, double by, double wave) {
        Measure m = d.of().measures().get(index);
        double most = 0.1 * d.size(index);
        double to = d.size(index) + Math.max(-most, Math.min(most, by));
        return d.withSize(index, Quantity.shown(Math.max(m.least(wave), Math.min(m.most(wave), to)), m.unit(), DIGITS));
    }

    private static Design rounded(Design d, int first, int second) {
        List<Measure> measures = d.of().measures();
        return d.withSize(first, measures.get(first).of(d.size(first)))
                .withSize(second, measures.get(second).of(d.size(second)));
    }

    private static Complex slope(Design d, double frequency, int index, Complex now) {
        double by = 1e-3 * d.size(index);
        Design next = d.withSize(
                index,
                Quantity.shown(d.size(index) + by, d.of().measures().get(index).unit(), DIGITS));
        return impedance(next, frequency).subtract(now).divide(by);
    }

    private static double reactance(Design d, double frequency) {
        return impedance(d, frequency).getImaginary();
    }

    /** Not a number where the design cannot be solved. */
    static Complex impedance(Design d, double frequency) {
        return impedance(d, frequency, () -> true);
    }

    static Complex impedance(Design d, double frequency, BooleanSupplier goOn) {
        if (!ModelCheck.faults(d.model(), frequency).isEmpty()) {
            return Complex.NaN;
        }
        return new FieldSolver(d.model(), MeshRule.standard(frequency), goOn)
                .at(frequency)
                .impedances()
                .get(0);
    }
}
