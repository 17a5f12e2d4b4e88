package veldline.antenna;

import veldline.explain.Change;
import veldline.quantity.Quantity;
import veldline.stock.Metal;

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

    /** A measure stays as it is, or is free again. */
    record Lock(int index, boolean on) implements OpeningChange {
        @Override
        public ApertureDesign applyTo(ApertureDesign d) {
            return d.withLock(index, on);
        }

        @Override
        public String label() {
            return on ? "measure locked" : "measure free";
        }
    }

    record Made(Metal of) implements OpeningChange {
        @Override
        public ApertureDesign applyTo(ApertureDesign d) {
            return d.withMetal(of);
        }

        @Override
        public String label() {
            return of.words();
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
