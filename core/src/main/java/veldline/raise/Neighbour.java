package veldline.raise;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * Something of metal that stands near the antenna, in its own directions.
 *
 * @param kind what it is
 * @param ahead of the antenna's middle, along its beam; behind it is less than nothing
 * @param aside to the left, seen from behind
 * @param over its middle over the antenna's
 * @param length of a mast, or nothing
 * @param across diameter of a mast, or nothing
 */
@RecordBuilder
public record Neighbour(Kind kind, Quantity ahead, Quantity aside, Quantity over, Quantity length, Quantity across)
        implements NeighbourBuilder.With {
    /** What stands there. */
    public enum Kind {
        MAST("a metal mast"),
        SAME("another one like it");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A mast of a metre and a half, as far behind as a quarter of a wave of so many metres, but no nearer than a hand. */
    public static Neighbour mast(double wavelength) {
        double behind = Math.max(0.1, Math.round(25 * wavelength) / 100.0);
        return new Neighbour(
                Kind.MAST,
                Quantity.shown(-behind, Unit.M, 2),
                Quantity.of("0", Unit.M),
                Quantity.of("0", Unit.M),
                Quantity.shown(Math.max(0.3, Math.min(1.5, 2.5 * wavelength)), Unit.M, 1),
                Quantity.of("42", Unit.MM));
    }
}
