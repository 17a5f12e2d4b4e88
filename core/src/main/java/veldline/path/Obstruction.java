package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.Quantity;

/** Something the wave goes through on its way. */
public sealed interface Obstruction {
    Formula TOLD = new Formula(
            "In the way", "As it was told.", "L", "a", "Typed in Brief", "As well as it was measured or guessed");

    /** “stone wall”. */
    String name();

    /** What it takes at a frequency in hertz, dB. */
    Worked loss(double frequency);

    /** With a loss that was measured, or that somebody knows. */
    record Told(String name, Quantity loss) implements Obstruction {
        @Override
        public Worked loss(double frequency) {
            return Worked.of(new Formula(
                            name, TOLD.words(), TOLD.result(), TOLD.expression(), TOLD.source(), TOLD.goodTo()))
                    .typed("a", name, loss.value(), "dB", 2)
                    .gives(loss.value(), "dB", 1, 0.1);
        }
    }

    /** Trees in leaf, so many metres deep, by one of the schools. */
    record Trees(Quantity depth, Leaves school) implements Obstruction {
        @Override
        public String name() {
            return depth + " of trees";
        }

        @Override
        public Worked loss(double frequency) {
            return school.worked(frequency, depth.value());
        }
    }

    /** A wall, a roof or a pane. */
    record Wall(Material material, Quantity thickness) implements Obstruction {
        @Override
        public String name() {
            return material.words() + ", " + thickness;
        }

        @Override
        public Worked loss(double frequency) {
            return material.worked(frequency, thickness.value());
        }
    }
}
