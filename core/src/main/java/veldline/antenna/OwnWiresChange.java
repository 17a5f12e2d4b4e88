package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of one's own wires. */
public sealed interface OwnWiresChange extends Change<OwnWires> {
    /** One wire as it was typed. */
    record Typed(int index, OwnWire to) implements OwnWiresChange {
        @Override
        public OwnWires applyTo(OwnWires w) {
            return index < w.wires().size() ? w.withWire(index, to) : w;
        }

        @Override
        public String label() {
            return "wire " + (index + 1);
        }
    }

    /** One corner to another place. */
    record Moved(int wire, int corner, OwnWire.Corner to) implements OwnWiresChange {
        @Override
        public OwnWires applyTo(OwnWires w) {
            return wire < w.wires().size()
                            && corner < w.wires().get(wire).corners().size()
                    ? w.withWire(wire, w.wires().get(wire).withCorner(corner, to))
                    : w;
        }

        @Override
        public String label() {
            return "wire " + (wire + 1) + ", corner " + (corner + 1);
        }
    }

    /** One wire more. */
    record Added(OwnWire wire) implements OwnWiresChange {
        @Override
        public OwnWires applyTo(OwnWires w) {
            List<OwnWire> next = new ArrayList<>(w.wires());
            next.add(wire);
            return next.size() > OwnWires.MOST_WIRES ? w : w.withWires(next);
        }

        @Override
        public String label() {
            return "one more wire";
        }
    }

    /** One wire less; the last one and the one that is fed stay. */
    record Removed(int index) implements OwnWiresChange {
        @Override
        public OwnWires applyTo(OwnWires w) {
            if (w.wires().size() == 1 || index == w.fed() || index >= w.wires().size()) {
                return w;
            }
            List<OwnWire> next = new ArrayList<>(w.wires());
            next.remove(index);
            int fed = w.fed() > index ? w.fed() - 1 : w.fed();
            return new OwnWires(w.name(), next, fed, w.feedAt(), w.metal(), w.upright());
        }

        @Override
        public String label() {
            return "without wire " + (index + 1);
        }
    }

    /** Fed on another wire, or elsewhere on it. */
    record Fed(int wire, Quantity percent) implements OwnWiresChange {
        @Override
        public OwnWires applyTo(OwnWires w) {
            return wire < w.wires().size() ? w.withFed(wire).withFeedAt(percent) : w;
        }

        @Override
        public String label() {
            return "fed on wire " + (wire + 1) + " at " + percent + " %";
        }
    }

    record Upright(boolean to) implements OwnWiresChange {
        @Override
        public OwnWires applyTo(OwnWires w) {
            return w.withUpright(to);
        }

        @Override
        public String label() {
            return to ? "field upright" : "field flat";
        }
    }
}
