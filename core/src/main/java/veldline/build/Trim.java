package veldline.build;

import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;

/**
 * What is cut when the antenna is trimmed, and what a millimetre of it does.
 *
 * @param part what is cut
 * @param perMillimetre how far the dip moves up for a millimetre less, MHz
 */
public record Trim(String part, Worked perMillimetre) {
    private static final double STEP = 1e-3;

    static final Formula PER_MM = new Formula(
            "A millimetre less",
            "How far the frequency at which the feed has its present reactance moves up when the part is a millimetre shorter: the"
                    + " reactance's slope with length over that with frequency.",
            "T",
            "l ÷ f",
            "Differences of solutions by the method of moments, a thousandth either way",
            "A tenth; near the frequency only, and with the antenna where it will stand");

    static final Formula SCALE = new Formula(
            "A millimetre less, all in proportion",
            "All lengths shorter by one share lift all frequencies by it.",
            "T",
            "f ÷ l",
            "Scale",
            "Exact for the lengths; places on the boom shift by the same share, which matters little for a per cent");

    /** Empty where nothing of it is tuned. */
    public static Optional<Trim> of(Made made, double frequency) {
        if (made instanceof YagiShape y) {
            double length = y.elements().get(1).length().value() * 1000;
            return Optional.of(new Trim(
                    "driven element, and every other in proportion",
                    Worked.of(SCALE)
                            .typed("f", "frequency", frequency / 1e6, "MHz", 4)
                            .computed("l", "driven element", length, "mm", 2)
                            .gives(frequency / 1e6 / length, "MHz/mm", decimals(frequency / 1e6 / length))));
        }
        if (made instanceof Design d && d.of().dips()) {
            int i = d.of().trimmed();
            double by = STEP * d.size(i);
            Design longer = d.withSize(
                    i, Quantity.shown(d.size(i) + by, d.of().measures().get(i).unit(), 9));
            return of(
                    d.of().measures().get(i).name().toLowerCase(java.util.Locale.ROOT),
                    d.model(),
                    longer.model(),
                    by,
                    frequency);
        }
        return Optional.empty();
    }

    private static Optional<Trim> of(String part, WireModel now, WireModel longer, double by, double frequency) {
        double x = reactance(now, frequency);
        double length = (reactance(longer, frequency) - x) / (by * 1000);
        double slope = (reactance(now, frequency * (1 + STEP)) - x) / (frequency * STEP / 1e6);
        // What has no slope is not tuned by its length: a helix, a log-periodic.
        if (!(length > 0) || !(slope > 0)) {
            return Optional.empty();
        }
        return Optional.of(new Trim(
                part,
                Worked.of(PER_MM)
                        .computed("l", "reactance for a millimetre", length, "Ω/mm", 6)
                        .computed("f", "reactance for a megahertz", slope, "Ω/MHz", 6)
                        .gives(length / slope, "MHz/mm", decimals(length / slope), 0.1 * length / slope)));
    }

    private static int decimals(double value) {
        return value >= 10 ? 1 : value >= 0.1 ? 2 : 4;
    }

    static double reactance(WireModel m, double frequency) {
        return impedance(m, frequency).getImaginary();
    }

    static Complex impedance(WireModel m, double frequency) {
        return new FieldSolver(m, MeshRule.standard(frequency), () -> true)
                .at(frequency)
                .impedances()
                .get(0);
    }
}
