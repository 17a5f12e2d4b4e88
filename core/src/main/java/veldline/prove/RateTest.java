package veldline.prove;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What a link carried when it was measured.
 *
 * @param air over it, bits a second
 * @param wired by wire at the far radio, past the link, bits a second
 * @param delay there and back over it
 * @param lost packets of a hundred
 */
@RecordBuilder
public record RateTest(Quantity air, Quantity wired, Quantity delay, Quantity lost) implements RateTestBuilder.With {
    /** Before anything was measured. */
    public static final RateTest NONE = new RateTest(
            Quantity.of("0", Unit.MBIT_S),
            Quantity.of("0", Unit.MBIT_S),
            Quantity.of("0", Unit.MILLISECOND),
            Quantity.of("0", Unit.ONE));

    /** Whether both rates were measured, so that a bottleneck can be named. */
    public boolean told() {
        return air.value() > 0 && wired.value() > 0;
    }
}
