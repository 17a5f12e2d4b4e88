package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;

/** Two dipoles half a wave apart, one fed later than the other. */
final class TwoSteps implements Experiment {
    private static final double HALF = 0.25;
    /** No two are alike: the second has so much of the first one's current. */
    private static final double NEARLY = 0.98;

    @Override
    public String id() {
        return "two-phases";
    }

    @Override
    public String title() {
        return "Two in and out of step";
    }

    @Override
    public String question() {
        return "Two dipoles stand half a wave apart, side by side across the way ahead. What if one is fed later?";
    }

    @Override
    public Slide slide() {
        return new Slide("The second is late by", "°", 0, 0, 5, 37, 0);
    }

    @Override
    public Look at(double late, BooleanSupplier goOn) {
        double by = -Math.toRadians(late);
        FieldSolution s = Rods.solved(
                List.of(Rods.upright(0, HALF, Rods.TUNED), Rods.upright(0, -HALF, Rods.TUNED)),
                List.of(
                        new Source(Port.middleOf(0), Source.Kind.CURRENT, 1, 0),
                        new Source(
                                Port.middleOf(1), Source.Kind.CURRENT, NEARLY * Math.cos(by), NEARLY * Math.sin(by))),
                Ground.FREE,
                goOn);
        RadiatedField field = new RadiatedField(s);
        String says = late < 30
                ? "In step: both add up ahead and behind, and cancel along the line they stand on."
                : late > 150
                        ? "Out of step: they all but cancel ahead, and add up along their line."
                        : "The beam leans to the side of the one that is late.";
        return new Look(
                late,
                Rods.gain(s, field, Direction.X),
                List.of(Rods.gain(s, field, new Direction(90, -90))),
                new Scene(0.8, 0.7, "from above, in waves", List.of())
                        .with(Scene.Kind.FED, -0.02, HALF, 0.02, HALF)
                        .with(Scene.Kind.FED, -0.02, -HALF, 0.02, -HALF),
                Rods.level(field),
                says);
    }

    @Override
    public String answer() {
        return "Power is not lost where they cancel: it goes elsewhere. Turning the step turns the beam, and swapping the two"
                + " wires of one feed makes a hole where the beam should be.";
    }

    @Override
    public String bench() {
        return "MATCH";
    }
}
