package veldline.prove;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * An antenna measured beside one whose gain is known.
 *
 * @param gain of the known one
 * @param doubt that gain is good to, at two standard deviations
 * @param readings in the order they were made
 */
@RecordBuilder
public record SideBySide(Quantity gain, Quantity doubt, List<SideReading> readings) implements SideBySideBuilder.With {
    /** A half-wave dipole, before anything was read. */
    public static final SideBySide NONE =
            new SideBySide(Quantity.of("2.15", Unit.DBI), Quantity.of("0.3", Unit.DB), List.of());

    public SideBySide {
        readings = List.copyOf(readings);
    }
}
