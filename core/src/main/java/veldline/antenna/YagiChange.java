package veldline.antenna;

import java.util.Optional;
import java.util.stream.Collectors;
import veldline.antenna.YagiShape.Element;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of a Yagi. */
public sealed interface YagiChange extends Change<YagiShape> {
    record ElementLength(int index, Quantity to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return y.withElement(index, new Element(y.elements().get(index).position(), to));
        }

        @Override
        public String label() {
            return "element " + YagiShape.nameOf(index) + " " + to;
        }
    }

    record ElementPosition(int index, Quantity to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return y.withElement(index, new Element(to, y.elements().get(index).length()));
        }

        @Override
        public String label() {
            return "element " + YagiShape.nameOf(index) + " at " + to;
        }
    }

    /** Shapes anew for a boom. */
    record BoomLength(double frequency, Quantity to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return kept(Yagi.forBoom(frequency, to.value(), y.diameter(), y.metal(), y.upright()), y);
        }

        @Override
        public String label() {
            return "boom " + to;
        }
    }

    /** Shapes anew for a number of elements. */
    record Count(double frequency, int to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return kept(Yagi.forCount(frequency, to, y.diameter(), y.metal(), y.upright()), y);
        }

        @Override
        public String label() {
            return to + " elements";
        }
    }

    /** Shapes anew for another diameter, since lengths depend on it. */
    record Diameter(double frequency, Quantity to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return kept(Yagi.forCount(frequency, y.elements().size(), to, y.metal(), y.upright()), y);
        }

        @Override
        public String label() {
            return "element diameter " + to;
        }
    }

    /** Lengths and places by a school, for the boom there is. */
    record School(double frequency, YagiSchool to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return kept(to.shape(frequency, y.boomLength(), y), y);
        }

        @Override
        public String label() {
            return "lengths " + to.words();
        }
    }

    record Boom(BoomKind to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return y.withBoom(to);
        }

        @Override
        public String label() {
            return "boom: " + to.words();
        }
    }

    record Upright(boolean to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return y.withUpright(to);
        }

        @Override
        public String label() {
            return to ? "elements upright" : "elements flat";
        }
    }

    record FeedKind(YagiShape.Feed to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return y.withFeed(to);
        }

        @Override
        public String label() {
            return to.word() + " driven element";
        }
    }

    /** The outside of the cable counts as a wire, or is left out. */
    record Outside(Optional<CableOutside> to) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return y.withOutside(to);
        }

        @Override
        public String label() {
            return to.map(c -> "cable's outside " + c.length()
                            + (c.choke().value() > 0 ? ", choke " + c.choke() + " Ω" : ""))
                    .orElse("cable's outside left out");
        }
    }

    /** Takes a shape that was found elsewhere. */
    record Take(YagiShape to, String what) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return kept(to, y);
        }

        @Override
        public String label() {
            return what;
        }
    }

    /** The length of an element stays as it is, or is free again. */
    record Lock(int index, boolean on) implements YagiChange {
        @Override
        public YagiShape applyTo(YagiShape y) {
            return y.withLock(index, on);
        }

        @Override
        public String label() {
            return "element " + YagiShape.nameOf(index) + (on ? " locked" : " free");
        }
    }

    /** A new shape on the boom and with the feed that were decided before, locked elements as long as they were. */
    private static YagiShape kept(YagiShape shaped, YagiShape before) {
        YagiShape kept = shaped.withBoom(before.boom())
                .withBoomDiameter(before.boomDiameter())
                .withFeed(before.feed())
                .withOutside(before.outside())
                .withLocked(before.locked().stream()
                        .filter(i -> i < shaped.elements().size())
                        .collect(Collectors.toSet()));
        for (int i : kept.locked()) {
            kept = kept.withElement(
                    i,
                    new Element(
                            kept.elements().get(i).position(),
                            before.elements().get(i).length()));
        }
        return kept;
    }
}
