package veldline.assess;

import java.util.function.BooleanSupplier;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;

/**
 * What the outside of the cable does to an antenna that is shaped with it.
 *
 * @param gain with it less without it, decibels
 * @param frontToBack likewise
 */
public record OutsideFigures(Worked gain, Worked frontToBack) {
    private static final String GOOD_TO =
            "To a third: it goes with the cable's length, its way and where it is earthed, all as they were taken";
    static final Formula GAIN = new Formula(
            "Gain, by the cable's outside",
            "Gain straight ahead with the outside of the cable as a wire, less that without.",
            "D",
            "a − b",
            AntennaStage.METHOD,
            GOOD_TO);
    static final Formula BACK = new Formula(
            "Front to back, by the cable's outside",
            "With the outside of the cable as a wire, less without.",
            "D",
            "a − b",
            AntennaStage.METHOD,
            GOOD_TO);

    /** @param bare the same antenna without it */
    static OutsideFigures of(AntennaStage.Input bare, AntennaFigures with, BooleanSupplier keepGoing) {
        RadiatedField field = new RadiatedField(
                new FieldSolver(bare.model(), MeshRule.standard(bare.frequency()), keepGoing).at(bare.frequency()));
        double gain = field.gainDbi(Direction.X);
        double back = gain - field.gainDbi(Direction.X.opposite());
        return new OutsideFigures(
                Worked.of(GAIN)
                        .computed("a", "with it", with.gain().value(), "dBi", 2)
                        .computed("b", "without", gain, "dBi", 2)
                        .gives(with.gain().value() - gain, "dB", 1),
                Worked.of(BACK)
                        .computed("a", "with it", with.frontToBack().value(), "dB", 2)
                        .computed("b", "without", back, "dB", 2)
                        .gives(with.frontToBack().value() - back, "dB", 1));
    }
}
