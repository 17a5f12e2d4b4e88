package veldline.learn;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** A few rods at one frequency, measured in wavelengths, solved as every antenna here is. */
final class Rods {
    /** All experiments with rods are made at 300 MHz, where a wave is a metre. */
    static final double FREQUENCY = 299_792_458.0;

    static final double RADIUS = 0.002;
    /** Length of a rod that is in tune alone. */
    static final double TUNED = 0.474;

    static final String METHOD =
            "Thin-wire currents by the method of moments (Harrington 1968; Wilton and Glisson 1982)";

    static final Formula GAIN = new Formula(
            "Sent ahead",
            "Power ahead over what would be there if the same power went everywhere alike.",
            "G",
            "10·log10(4·pi·u ÷ p)",
            METHOD,
            "Within 0.1 dB for thin rods");

    static final Formula OVER = new Formula(
            "Ahead less back",
            "Level straight ahead less the level straight back.",
            "F",
            "a − b",
            METHOD,
            "±0.5 dB to 15 dB");

    static final Formula RESISTANCE = new Formula(
            "Resistance at the feed",
            "One volt over the current it drives, the part in step; i and q in mA.",
            "R",
            "1000·i ÷ (i^2 + q^2)",
            METHOD,
            "±5 %");

    private Rods() {}

    /** An upright rod at a place of the plan, so many waves long. */
    static Wire upright(double x, double y, double length) {
        return Wire.straight(new Vec(x, y, -length / 2), new Vec(x, y, length / 2), RADIUS);
    }

    /** A flat rod across the way ahead. */
    static Wire across(double x, double z, double length) {
        return Wire.straight(new Vec(x, -length / 2, z), new Vec(x, length / 2, z), RADIUS);
    }

    static FieldSolution solved(List<Wire> wires, List<Source> sources, Ground ground, BooleanSupplier goOn) {
        return solved(
                new WireModel(
                        "experiment", wires, sources, List.of(), ground, Optional.empty(), Optional.of(Direction.X)),
                FREQUENCY,
                goOn);
    }

    static FieldSolution solved(WireModel model, double frequency, BooleanSupplier goOn) {
        return new FieldSolver(model, MeshRule.standard(frequency), goOn).at(frequency);
    }

    /** In free space, the first rod fed in its middle. */
    static FieldSolution fed(List<Wire> wires, BooleanSupplier goOn) {
        return solved(wires, List.of(Source.volt(Port.middleOf(0))), Ground.FREE, goOn);
    }

    static Worked gain(FieldSolution s, RadiatedField field, Direction to) {
        return Worked.of(GAIN)
                .computed("u", "sent there", field.intensity(to) * 1e6, "µW/sr", 4)
                .computed("p", "taken at the feed", s.inputPower() * 1e6, "µW", 4)
                .gives(field.gainDbi(to), "dBi", 1);
    }

    static Worked over(RadiatedField field) {
        double ahead = field.gainDbi(Direction.X);
        double back = field.gainDbi(Direction.X.opposite());
        return Worked.of(OVER)
                .computed("a", "ahead", ahead, "dBi", 2)
                .computed("b", "back", back, "dBi", 2)
                .gives(ahead - back, "dB", 1);
    }

    static Worked resistance(FieldSolution s) {
        Complex z = s.impedances().get(0);
        Complex ma = z.reciprocal().multiply(1000);
        return Worked.of(RESISTANCE)
                .computed("i", "current in step with one volt", ma.getReal(), "mA", 4)
                .computed("q", "current a quarter turn ahead", ma.getImaginary(), "mA", 4)
                .gives(z.getReal(), "Ω", 0);
    }

    /** Gain at each degree of the level plane, from ahead on. */
    static List<Double> level(RadiatedField field) {
        return IntStream.range(0, 360)
                .mapToObj(deg -> field.gainDbi(new Direction(90, deg)))
                .toList();
    }

    /** Gain at each degree of the plane that stands along the way ahead, from ahead over the top. */
    static List<Double> standing(RadiatedField field) {
        return IntStream.range(0, 360)
                .mapToObj(deg -> field.gainDbi(
                        Direction.of(new Vec(Math.cos(Math.toRadians(deg)), 0, Math.sin(Math.toRadians(deg))))))
                .toList();
    }
}
