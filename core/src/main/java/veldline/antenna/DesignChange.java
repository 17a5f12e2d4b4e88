package veldline.antenna;

import java.util.Optional;
import veldline.explain.Change;
import veldline.quantity.Quantity;
import veldline.stock.Covering;
import veldline.stock.Form;
import veldline.stock.Metal;

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

    /** A measure stays as it is, or is free again. */
    record Lock(int index, boolean on) implements DesignChange {
        @Override
        public Design applyTo(Design d) {
            return d.withLock(index, on);
        }

        @Override
        public String label() {
            return on ? "measure locked" : "measure free";
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

    record Formed(Form to) implements DesignChange {
        @Override
        public Design applyTo(Design d) {
            return d.withForm(to);
        }

        @Override
        public String label() {
            return to.words();
        }
    }

    /** What lies around the conductor; empty strips it. */
    record Covered(Optional<Covering> by) implements DesignChange {
        @Override
        public Design applyTo(Design d) {
            return d.withCovering(by);
        }

        @Override
        public String label() {
            return by.map(Covering::words).orElse("bare conductor");
        }
    }

    record Made(Metal of) implements DesignChange {
        @Override
        public Design applyTo(Design d) {
            return d.withMetal(of);
        }

        @Override
        public String label() {
            return of.words();
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
