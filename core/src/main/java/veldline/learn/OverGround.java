package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.path.Surface;

/** A flat dipole is moved up and down over average ground. */
final class OverGround implements Experiment {
    /** Where the ground lies in the drawing. */
    private static final double BASE = -1.0;

    private static final Formula TAKES_OFF = new Formula(
            "Leaves at",
            "Angle over the ground at which the lowest lobe is strongest.",
            "E",
            "e",
            Rods.METHOD + "; ground by images weighted by Fresnel",
            "±1°");

    @Override
    public String id() {
        return "height";
    }

    @Override
    public String title() {
        return "Up and down over a ground";
    }

    @Override
    public String question() {
        return "A flat dipole is raised over the ground. What changes, and is higher always better?";
    }

    @Override
    public Slide slide() {
        return new Slide("Height", "waves", 2, 0.1, 0.05, 39, 8);
    }

    @Override
    public Look at(double height, BooleanSupplier goOn) {
        Surface soil = Surface.AVERAGE_GROUND;
        FieldSolution s = Rods.solved(
                List.of(Rods.across(0, height, Rods.TUNED)),
                List.of(Source.volt(Port.middleOf(0))),
                Ground.real(soil.permittivity(), soil.conductivity()),
                goOn);
        RadiatedField field = new RadiatedField(s);
        double[] up = IntStream.rangeClosed(0, 180)
                .mapToDouble(deg -> field.gainDbi(Direction.of(
                        new Vec(Math.cos(Math.toRadians(deg)), 0, Math.max(1e-6, Math.sin(Math.toRadians(deg)))))))
                .toArray();
        int lowest = IntStream.rangeClosed(1, 90)
                .filter(d -> up[d] >= up[d - 1] && (d == 90 || up[d] >= up[d + 1]))
                .findFirst()
                .orElse(90);
        Worked leaves = Worked.of(TAKES_OFF)
                .computed("e", "where the lowest lobe is strongest", lowest, "°", 0)
                .gives(lowest, "°", 0);
        List<Double> round =
                IntStream.range(0, 360).mapToObj(d -> d <= 180 ? up[d] : -60.0).toList();
        double tilt = Math.toRadians(lowest);
        return new Look(
                height,
                leaves,
                List.of(
                        Rods.gain(s, field, Direction.of(new Vec(Math.cos(tilt), 0, Math.sin(tilt)))),
                        Rods.resistance(s)),
                new Scene(2.4, 2.3, "from its end, in waves", List.of())
                        .with(Scene.Kind.GROUND, -4, BASE, 4, BASE)
                        .with(Scene.Kind.HOLDS, 0, BASE, 0, BASE + height)
                        .with(Scene.Kind.FED, -0.02, BASE + height, 0.02, BASE + height),
                round,
                height < 0.25
                        ? "Low, it sends straight up."
                        : height < 0.6
                                ? "The lobe comes down as it rises."
                                : "More lobes, with hollows between: a far end in a hollow hears little.");
    }

    @Override
    public String answer() {
        return "Higher brings the lowest lobe lower, and more hollows over it. So up helps a far end near the ground, and a far end"
                + " that sits in a hollow is helped by going up or down.";
    }

    @Override
    public String bench() {
        return "RAISE";
    }
}
