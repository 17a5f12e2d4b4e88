package veldline.build;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.WireModel;

/**
 * Where an antenna's SWR dips, by its reactance.
 *
 * @param model what is solved
 * @param impedance at the feed, ohms
 * @param slope of its reactance, ohms for a megahertz
 */
record Dip(WireModel model, Complex impedance, double slope) {
    /** Of the frequency, or of a length, between the two ends of a difference. */
    static final double STEP = 1e-3;

    static Dip of(WireModel model, double frequency, BooleanSupplier goOn) {
        Complex now = impedance(model, frequency, goOn);
        double next = impedance(model, frequency * (1 + STEP), goOn).getImaginary();
        return new Dip(model, now, (next - now.getImaginary()) / (frequency * STEP / 1e6));
    }

    double reactance() {
        return impedance.getImaginary();
    }

    /** Whether the reactance rises with frequency and is near nothing, as it is at a dip. */
    boolean there() {
        return slope > 0 && Math.abs(reactance()) < impedance.getReal();
    }

    Optional<Dip> ifThere() {
        return there() ? Optional.of(this) : Optional.empty();
    }

    static Complex impedance(WireModel model, double frequency, BooleanSupplier goOn) {
        return new FieldSolver(model, MeshRule.standard(frequency), goOn)
                .at(frequency)
                .impedances()
                .get(0);
    }
}
