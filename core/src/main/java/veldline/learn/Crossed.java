package veldline.learn;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** One dipole sends, another ten waves away hears and is turned about the way between. */
final class Crossed implements Experiment {
    private static final double AWAY = 10;
    private static final double LOAD = 73;

    private static final Formula LOST = new Formula(
            "Lost by turning",
            "Power in the load of the one that hears, not turned, over that when it is turned.",
            "L",
            "10·log10(p ÷ q)",
            Rods.METHOD,
            "±0.1 dB to 20 dB; outdoors what bounces fills the hole");

    private static final Formula RULE = new Formula(
            "By the rule",
            "The part of the field along the rod counts.",
            "L",
            "−20·log10(cos(t))",
            "Malus; IEEE Std 145",
            "Exact for two straight fields");

    @Override
    public String id() {
        return "crossed";
    }

    @Override
    public String title() {
        return "Polarization turned";
    }

    @Override
    public String question() {
        return "Two dipoles hear each other. One is turned about the way between. When does it begin to hurt?";
    }

    @Override
    public Slide slide() {
        return new Slide("Turned by", "°", 0, 0, 4, 23, 0);
    }

    @Override
    public Look at(double turned, BooleanSupplier goOn) {
        return walk(goOn).apply(turned);
    }

    @Override
    public DoubleFunction<Look> walk(BooleanSupplier goOn) {
        double straight = heard(0, goOn);
        return turned -> at(turned, straight, goOn);
    }

    private static Look at(double turned, double p, BooleanSupplier goOn) {
        double t = Math.toRadians(turned);
        double q = heard(t, goOn);
        Worked lost = Worked.of(LOST)
                .computed("p", "not turned", p * 1e9, "nW", 4)
                .computed("q", "turned", q * 1e9, "nW", 4)
                .gives(10 * Math.log10(p / q), "dB", 1);
        double half = Rods.TUNED / 2;
        return new Look(
                turned,
                lost,
                List.of(Worked.of(RULE)
                        .typed("t", "turned by", t, "rad", 5)
                        .gives(-20 * Math.log10(Math.cos(t)), "dB", 1)),
                new Scene(0.6, 0.55, "along the way, from behind the one that hears", List.of())
                        .with(Scene.Kind.FED, 0, -half, 0, half)
                        .with(
                                Scene.Kind.ROD,
                                -half * Math.sin(t),
                                -half * Math.cos(t),
                                half * Math.sin(t),
                                half * Math.cos(t)),
                List.of(),
                turned <= 20
                        ? "A little crooked costs next to nothing."
                        : turned <= 60
                                ? "From here every degree counts more than the last."
                                : "Nearly across: almost nothing is taken.");
    }

    /** Watts in the load of the one that hears, a volt at the other. */
    private static double heard(double turned, BooleanSupplier goOn) {
        double half = Rods.TUNED / 2;
        Vec end = new Vec(0, half * Math.sin(turned), half * Math.cos(turned));
        Vec at = new Vec(AWAY, 0, 0);
        List<Wire> wires =
                List.of(Rods.upright(0, 0, Rods.TUNED), Wire.straight(at.minus(end), at.plus(end), Rods.RADIUS));
        FieldSolution s = Rods.solved(
                new WireModel(
                        "two dipoles",
                        wires,
                        List.of(Source.volt(Port.middleOf(0))),
                        List.of(new Load.Lumped(
                                Port.middleOf(1), false, Optional.of(LOAD), Optional.empty(), Optional.empty())),
                        Ground.FREE,
                        Optional.empty(),
                        Optional.of(Direction.X)),
                Rods.FREQUENCY,
                goOn);
        Complex middle = s.pieces().stream()
                .filter(x -> x.wire() == 1)
                .min(Comparator.comparingDouble(x -> x.start().minus(at).length()))
                .orElseThrow()
                .atStart();
        return 0.5 * middle.norm() * middle.norm() * LOAD;
    }

    @Override
    public String answer() {
        return "20° costs half a decibel, 45° three, and the last ten degrees take all the rest. What is crossed altogether hears only"
                + " what was bounced about.";
    }

    @Override
    public String bench() {
        return "RAISE";
    }
}
