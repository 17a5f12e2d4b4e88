package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;

/** A rod nobody feeds stands ahead of a dipole; its length decides whether it directs or reflects. */
final class RodBeside implements Experiment {
    private static final double AHEAD = 0.12;

    @Override
    public String id() {
        return "rod-length";
    }

    @Override
    public String title() {
        return "A rod beside a dipole";
    }

    @Override
    public String question() {
        return "A rod stands ahead of a dipole and nobody feeds it. What makes it a director, what a reflector?";
    }

    @Override
    public Slide slide() {
        return new Slide("Length of the rod", "waves", 3, 0.40, 0.005, 33, 8);
    }

    @Override
    public Look at(double length, BooleanSupplier goOn) {
        FieldSolution s = Rods.fed(List.of(Rods.upright(0, 0, Rods.TUNED), Rods.upright(AHEAD, 0, length)), goOn);
        RadiatedField field = new RadiatedField(s);
        Worked over = Rods.over(field);
        String says = over.value() > 1
                ? "Shorter than in tune, it directs: more goes its way."
                : over.value() < -1
                        ? "Longer than in tune, it reflects: more goes the other way."
                        : "As much goes back as ahead.";
        return new Look(
                length,
                over,
                List.of(Rods.gain(s, field, Direction.X), Rods.resistance(s)),
                Sketches.fromSide(0, Rods.TUNED, true).with(Scene.Kind.ROD, AHEAD, -length / 2, AHEAD, length / 2),
                Rods.level(field),
                says);
    }

    @Override
    public String answer() {
        return "Its length does, by a few hundredths of a wave: cut short it leads the wave on, left long it throws it back."
                + " So a rod that comes out wrong by that much works against the antenna.";
    }

    @Override
    public String bench() {
        return "SHAPE";
    }
}
