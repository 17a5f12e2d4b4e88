package veldline.raise;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.Optional;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * When and with whom it goes up.
 *
 * @param begins empty while no day was picked
 * @param people who come
 * @param gusts that are forecast
 */
@RecordBuilder
public record WorkDay(Optional<Instant> begins, Quantity people, Quantity gusts) implements WorkDayBuilder.With {
    /** Before a day was picked. */
    public static final WorkDay NONE =
            new WorkDay(Optional.empty(), Quantity.of("2", Unit.ONE), Quantity.of("5", Unit.M_S));
}
