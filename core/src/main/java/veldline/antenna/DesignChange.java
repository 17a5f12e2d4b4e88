package veldline.antenna;

import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of a design. */
public sealed interface DesignChange extends Change<Design> {
    /** One of its measures. */
    record Size(int index, Quantity to) implements DesignChange {
        @Override
        public Design applyTo(Design d) {
            return d.withSize(index, to);
        }

        @Override
        public String label() {
            return "measure " + to;
        }
    }

    record Conductor(Quantity to) implements DesignChange {
        @Override
        public Design applyTo(Design d) {
            return d.withDiameter(to);
        }

        @Override
        public String label() {
            return "conductor " + to;
        }
    }

    record Upright(boolean to) implements DesignChange {
        @Override
        public Design applyTo(Design d) {
            return d.withUpright(to);
        }

        @Override
        public String label() {
            return to ? "stand it upright" : "lay it flat";
        }
    }
}
