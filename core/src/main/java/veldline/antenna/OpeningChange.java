package veldline.antenna;

import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of an antenna with an opening. */
public sealed interface OpeningChange extends Change<ApertureDesign> {
    /** One of its measures. */
    record Size(int index, Quantity to) implements OpeningChange {
        @Override
        public ApertureDesign applyTo(ApertureDesign d) {
            return d.withSize(index, to);
        }

        @Override
        public String label() {
            return "opening " + to;
        }
    }

    /** How its field stands. */
    record Stands(boolean upright) implements OpeningChange {
        @Override
        public ApertureDesign applyTo(ApertureDesign d) {
            return d.withUpright(upright);
        }

        @Override
        public String label() {
            return upright ? "field upright" : "field flat";
        }
    }
}
