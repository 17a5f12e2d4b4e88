package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import veldline.feed.Connector;
import veldline.quantity.MeterScale;
import veldline.quantity.Quantity;

/**
 * A radio at one end, as it is set.
 *
 * @param power it sends at its socket
 * @param sensitivity the least level at its socket at which it still works
 * @param meter what its meter shows where that is not dBm
 * @param sheet what its data sheet says, for one taken from the drawer
 */
@RecordBuilder
public record Radio(
        String name,
        Quantity power,
        Quantity sensitivity,
        Connector socket,
        Optional<MeterScale> meter,
        Optional<RadioSheet> sheet)
        implements RadioBuilder.With {
    /** What stands for a radio that sends nothing, dBm. */
    public static final String SILENT = "-100";

    /** Whether it sends at all. */
    public boolean sends() {
        return power().value() > Double.parseDouble(SILENT) + 1;
    }
}
