package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;

/** A reflector is brought near a dipole from behind. */
final class RodNear implements Experiment {
    private static final double LENGTH = 0.50;
    private static final double LOW = 20;

    @Override
    public String id() {
        return "rod-near";
    }

    @Override
    public String title() {
        return "How near a reflector";
    }

    @Override
    public String question() {
        return "A longer rod stands behind a dipole. How near should it come, and what does the feed notice?";
    }

    @Override
    public Slide slide() {
        return new Slide("Distance of the reflector", "waves", 2, 0.04, 0.01, 47, 14);
    }

    @Override
    public Look at(double distance, BooleanSupplier goOn) {
        FieldSolution s = Rods.fed(List.of(Rods.upright(0, 0, Rods.TUNED), Rods.upright(-distance, 0, LENGTH)), goOn);
        RadiatedField field = new RadiatedField(s);
        Worked resistance = Rods.resistance(s);
        String says = resistance.value() < LOW
                ? "So near the two nearly cancel: a great current for little power, and a feed hard to match."
                : distance < 0.3
                        ? "What it throws back arrives in step with what goes ahead."
                        : "Its bounce comes late, and helps less.";
        return new Look(
                distance,
                Rods.gain(s, field, Direction.X),
                List.of(Rods.over(field), resistance),
                Sketches.fromSide(0, Rods.TUNED, true)
                        .with(Scene.Kind.ROD, -distance, -LENGTH / 2, -distance, LENGTH / 2),
                Rods.level(field),
                says);
    }

    @Override
    public String answer() {
        return "From a quarter of a wave down to a tenth gain grows by less than 1 dB, but the feed falls; nearer still it is under 20 Ω and a small"
                + " error moves everything. Gain is no reason to crowd the rods.";
    }

    @Override
    public String bench() {
        return "SHAPE";
    }
}
