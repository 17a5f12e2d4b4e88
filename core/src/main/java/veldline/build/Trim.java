package veldline.build;

import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.Measure;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.Quantity;

/**
 * What is cut when the antenna is trimmed, and what a millimetre of it does.
 *
 * @param part what is cut
 * @param perMillimetre how far the dip moves up for a millimetre less, MHz
 */
public record Trim(String part, Worked perMillimetre) {
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

    /**
     * Empty where nothing of it is tuned.
     *
     * @param dip of the antenna as it is
     */
    static Optional<Trim> of(Made made, double frequency, Dip dip, BooleanSupplier goOn) {
        if (made instanceof YagiShape y) {
            double length = y.elements().get(1).length().value() * 1000;
            return Optional.of(new Trim(
                    "driven element, and every other in proportion",
                    Worked.of(SCALE)
                            .typed("f", "frequency", frequency / 1e6, "MHz", 4)
                            .computed("l", "driven element", length, "mm", 2)
                            .gives(frequency / 1e6 / length, "MHz/mm", decimals(frequency / 1e6 / length))));
        }
        if (!(made instanceof Design d) || !d.of().dips() || !(dip.slope() > 0)) {
            return Optional.empty();
        }
        int i = d.of().trimmed();
        Measure m = d.of().measures().get(i);
        double by = Dip.STEP * d.size(i);
        Design longer = d.withSize(i, Quantity.shown(d.size(i) + by, m.unit(), 9));
        double more = Dip.impedance(longer.model(), frequency, goOn).getImaginary() - dip.reactance();
        double length = more / (by * 1000);
        // What a length hardly moves is not tuned by it.
        return length > 0
                ? Optional.of(new Trim(
                        m.name().toLowerCase(Locale.ROOT),
                        Worked.of(PER_MM)
                                .computed("l", "reactance for a millimetre", length, "Ω/mm", 6)
                                .computed("f", "reactance for a megahertz", dip.slope(), "Ω/MHz", 6)
                                .gives(
                                        length / dip.slope(),
                                        "MHz/mm",
                                        decimals(length / dip.slope()),
                                        0.1 * length / dip.slope())))
                : Optional.empty();
    }

    private static int decimals(double value) {
        return value >= 10 ? 1 : value >= 0.1 ? 2 : 4;
    }
}
