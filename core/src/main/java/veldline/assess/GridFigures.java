package veldline.assess;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.Direction;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.WireModel;
import veldline.line.Mismatch;

/**
 * An antenna with an opening solved as a net of wires, beside the sums over its opening.
 *
 * @param gain straight ahead
 * @param frontToBack over straight back
 * @param swr at its feed, on 50 Ω
 * @param impedance there, ohms
 */
public record GridFigures(Worked gain, Worked frontToBack, Worked swr, Complex impedance) {
    private static final String METHOD =
            "Net of wires of equal area (Ludwig, IEEE Trans. AP-35 (1987)), by the method of moments";

    private static final Formula BACK = new Formula(
            "Front to back, solved as a net of wires",
            "Gain straight ahead less gain straight back.",
            "F",
            "a − b",
            METHOD,
            "±2 dB; a mast behind it decides more");

    /** @param trusted what the net is good to, and where it is believed */
    static Optional<GridFigures> of(Optional<WireModel> model, String trusted, double frequency, BooleanSupplier goOn) {
        if (model.isEmpty() || !ModelCheck.faults(model.get(), frequency).isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    of(new FieldSolver(model.get(), MeshRule.standard(frequency), goOn).at(frequency), trusted));
        } catch (SolveFailure e) {
            if (!goOn.getAsBoolean()) {
                throw e;
            }
            return Optional.empty();
        }
    }

    private static Formula gain(String trusted) {
        return new Formula(
                "Gain, solved as a net of wires",
                "The sheet as wires a tenth of a wave apart, rim and outside with it: power straight ahead over the same sent everywhere.",
                "G",
                "10·log10(4·pi·u ÷ p)",
                METHOD,
                trusted);
    }

    private static GridFigures of(FieldSolution s, String trusted) {
        RadiatedField field = new RadiatedField(s);
        double ahead = field.gainDbi(Direction.X);
        double back = field.gainDbi(Direction.X.opposite());
        Complex z = s.impedances().get(0);
        return new GridFigures(
                Worked.of(gain(trusted))
                        .computed("u", "straight ahead", field.intensity(Direction.X) * 1e6, "µW/sr", 4)
                        .computed("p", "taken at the feed", s.inputPower() * 1e6, "µW", 4)
                        .gives(ahead, "dBi", 1, 1),
                Worked.of(BACK)
                        .computed("a", "ahead", ahead, "dBi", 2)
                        .computed("b", "back", back, "dBi", 2)
                        .gives(ahead - back, "dB", 0, 2),
                Mismatch.workedSwr(z, 50, "its feed, solved as a net of wires"),
                z);
    }
}
