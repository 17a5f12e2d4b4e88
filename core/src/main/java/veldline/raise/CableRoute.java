package veldline.raise;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * The way a cable takes from the antenna to the radio.
 *
 * @param down from the antenna to the height of the entry
 * @param along from the mast to the wall
 * @param loop how far the drip loop hangs under the entry
 * @param inside from the entry to the radio
 * @param bend radius of its tightest bend
 * @param clips from one to the next
 */
@RecordBuilder
public record CableRoute(Quantity down, Quantity along, Quantity loop, Quantity inside, Quantity bend, Quantity clips)
        implements CableRouteBuilder.With {
    /** Down a short mast and into the wall behind it. */
    public static final CableRoute USUAL = new CableRoute(
            Quantity.of("2.0", Unit.M),
            Quantity.of("0.5", Unit.M),
            Quantity.of("0.15", Unit.M),
            Quantity.of("1.0", Unit.M),
            Quantity.of("60", Unit.MM),
            Quantity.of("0.4", Unit.M));
}
