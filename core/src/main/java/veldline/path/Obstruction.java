package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.Quantity;

/** Something the wave goes through on its way. */
public sealed interface Obstruction {
    Formula TOLD = new Formula(
            "In the way", "As it was told.", "L", "a", "Typed in Brief", "As well as it was measured or guessed");

    Formula UNKNOWN = new Formula(
            "In the way, not counted",
            "No school holds for it at this frequency; what it takes has to be measured and typed.",
            "L",
            "a",
            "Outside of Leaves and Material here",
            "Nothing: it takes more than this");

    /** “stone wall”. */
    String name();

    /** Whether what it takes is known at a frequency in hertz. */
    boolean known(double frequency);

    /** What it takes at a frequency in hertz, dB; nothing where that is not known. */
    Worked loss(double frequency);

    private static Worked unknown(String name) {
        return Worked.of(UNKNOWN).typed("a", name, 0, "dB", 0).gives(0, "dB", 1);
    }

    /** With a loss that was measured, or that somebody knows. */
    record Told(String name, Quantity loss) implements Obstruction {
        @Override
        public boolean known(double frequency) {
            return true;
        }

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
        public Trees {
            if (!(depth.value() >= 0) || depth.value() > Leaves.DEEPEST) {
                throw new IllegalArgumentException("Trees " + depth + " deep are out of range; give up to "
                        + Leaves.DEEPEST + " m, and treat deeper woods as an obstacle");
            }
        }

        @Override
        public boolean known(double frequency) {
            return school.holds(frequency);
        }

        @Override
        public String name() {
            return depth + " of trees";
        }

        @Override
        public Worked loss(double frequency) {
            return known(frequency) ? school.worked(frequency, depth.value()) : unknown(name());
        }
    }

    /** A wall, a roof or a pane. */
    record Wall(Material material, Quantity thickness) implements Obstruction {
        public Wall {
            if (!allows(thickness)) {
                throw new IllegalArgumentException("A " + material.words() + " of " + thickness
                        + " is out of range; give its thickness, over 0 and up to " + THICKEST + " m");
            }
        }

        private static final double THICKEST = 10;

        /** Whether a part may be so thick. */
        public static boolean allows(Quantity thickness) {
            return thickness.value() > 0 && thickness.value() <= THICKEST;
        }

        @Override
        public boolean known(double frequency) {
            return Material.holds(frequency);
        }

        @Override
        public String name() {
            return material.words() + ", " + thickness;
        }

        @Override
        public Worked loss(double frequency) {
            return known(frequency) ? material.worked(frequency, thickness.value()) : unknown(name());
        }
    }
}
