package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Beam;
import veldline.field.pattern.MeshDoubt;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.line.Mismatch;

/** Solves an antenna whose beam lies along x and reads its figures. */
final class AntennaStage {
    static final String METHOD =
            "Thin-wire currents by the method of moments (Harrington 1968; Wilton and Glisson 1982)";
    static final double GAIN_DOUBT = 0.2;

    static final Formula GAIN = new Formula(
            "Gain",
            "Power straight ahead over what would be there if the same power went everywhere alike; heat in the"
                    + " metal counted.",
            "G",
            "10·log10(4·pi·u ÷ p)",
            METHOD,
            "Within 0.1 dB of converged references for thin elements; cutting to 0.2 mm and the boom add the rest");
    static final Formula FRONT_TO_BACK = new Formula(
            "Front to back",
            "Gain straight ahead less gain straight back.",
            "F",
            "a − b",
            METHOD,
            "±1 dB to 15 dB, less sure above; masts and cable spoil it further");
    static final Formula WIDTH = new Formula(
            "Width to half power",
            "Between the two directions where the level is down to half.",
            "W",
            "a + b",
            METHOD,
            "±0.5°");
    static final Formula RESISTANCE = new Formula(
            "Resistance",
            "One volt over the current it drives, the part in step; i and q in mA.",
            "R",
            "1000·i ÷ (i^2 + q^2)",
            METHOD,
            "±5 %; what the feed gap and its wires add is not in it");
    static final Formula REACTANCE = new Formula(
            "Reactance",
            "One volt over the current it drives, the part a quarter turn off; i and q in mA.",
            "X",
            "−1000·q ÷ (i^2 + q^2)",
            METHOD,
            "±3 Ω; what the feed gap and its wires add is not in it");
    static final Formula AIM = new Formula(
            "Aim error that costs 1 dB", "The smaller of the two sides of the beam.", "A", "a", METHOD, "±0.3°");

    /**
     * What decides the figures.
     *
     * @param z0 of the line SWR is counted on, ohms
     */
    record Input(WireModel model, double frequency, boolean upright, double z0) {}

    private AntennaStage() {}

    static AntennaFigures figures(Input in, BooleanSupplier keepGoing) {
        FieldSolution s = new FieldSolver(in.model, MeshRule.standard(in.frequency), keepGoing).at(in.frequency);
        RadiatedField field = RadiatedField.leaving(s);
        Vec along = in.upright ? new Vec(0, 0, 1) : new Vec(0, 1, 0);
        Vec across = in.upright ? new Vec(0, -1, 0) : new Vec(0, 0, 1);
        Beam e = new Beam(field, Direction.X, along);
        Beam h = new Beam(field, Direction.X, across);
        double ahead = field.gainDbi(Direction.X);
        double back = field.gainDbi(Direction.X.opposite());
        Complex z = s.impedances().get(0);
        Complex milliamps = z.reciprocal().multiply(1000);
        // The horizontal plane is the E plane when the elements lie flat.
        Beam level = in.upright ? h : e;
        return new AntennaFigures(
                gain(field, s.inputPower()),
                Worked.of(FRONT_TO_BACK)
                        .computed("a", "straight ahead", ahead, "dBi", 2)
                        .computed("b", "straight back", back, "dBi", 2)
                        .gives(ahead - back, "dB", 1, 1),
                width(e),
                width(h),
                part(RESISTANCE, milliamps, z.getReal()),
                part(REACTANCE, milliamps, z.getImaginary()),
                Mismatch.workedSwr(z, in.z0, "the antenna"),
                cut(e),
                cut(h),
                aim(level),
                WireCurrent.of(s),
                s.unknowns());
    }

    /** The antenna on its own mesh and on one half as fine again. */
    static MeshFigures mesh(Input in, BooleanSupplier keepGoing) {
        MeshRule rule = MeshRule.standard(in.frequency);
        return MeshFigures.of(
                new FieldSolver(in.model, rule, keepGoing).at(in.frequency),
                new FieldSolver(in.model, rule.finer(MeshDoubt.FINER), keepGoing).at(in.frequency));
    }

    /** Gain straight ahead, as it is explained everywhere. */
    static Worked gain(RadiatedField field, double inputPower) {
        return Worked.of(GAIN)
                .computed("u", "straight ahead", field.intensity(Direction.X) * 1e6, "µW/sr", 4)
                .computed("p", "taken at the feed", inputPower * 1e6, "µW", 4)
                .gives(field.gainDbi(Direction.X), "dBi", 1, GAIN_DOUBT);
    }

    private static Worked part(Formula formula, Complex milliamps, double ohms) {
        return Worked.of(formula)
                .computed("i", "current in step with one volt", milliamps.getReal(), "mA", 4)
                .computed("q", "current a quarter turn ahead", milliamps.getImaginary(), "mA", 4)
                .gives(ohms, "Ω", 1);
    }

    private static Optional<Worked> width(Beam beam) {
        double half = 10 * Math.log10(2);
        return beam.edge(half, 1)
                .flatMap(plus -> beam.edge(half, -1)
                        .map(minus -> Worked.of(WIDTH)
                                .computed("a", "to one side", plus, "°", 2)
                                .computed("b", "to the other", minus, "°", 2)
                                .gives(plus + minus, "°", 0, 0.5)));
    }

    private static Optional<Worked> aim(Beam beam) {
        return beam.edge(1, 1)
                .flatMap(plus -> beam.edge(1, -1)
                        .map(minus -> Worked.of(AIM)
                                .computed("a", "off the beam where 1 dB is lost", Math.min(plus, minus), "°", 2)
                                .gives(Math.min(plus, minus), "°", 1, 0.3)));
    }

    private static List<Double> cut(Beam beam) {
        List<Double> gains = new ArrayList<>();
        for (int deg = 0; deg <= 180; deg++) {
            gains.add(beam.gainDbi(deg));
        }
        return List.copyOf(gains);
    }
}
