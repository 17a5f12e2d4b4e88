package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What else is on the air where the link is heard.
 *
 * @param bySum whether the radio's floor is worked out from its noise and not taken from its sheet
 * @param noiseFigure of the radio that hears
 * @param bandwidth it hears in
 * @param snr signal over noise that it needs
 * @param surroundings where its antenna stands
 * @param heard other signals there
 */
@RecordBuilder
public record Air(
        boolean bySum,
        Quantity noiseFigure,
        Quantity bandwidth,
        Quantity snr,
        Surroundings surroundings,
        List<Heard> heard)
        implements AirBuilder.With {
    public Air {
        heard = List.copyOf(heard);
    }

    /**
     * Another signal, as an antenna without gain hears it at the far end.
     *
     * @param frequency middle of its channel
     * @param width of its channel
     * @param level dBm
     * @param bearing it comes from, degrees from north; empty where nobody knows
     */
    public record Heard(String name, Quantity frequency, Quantity width, Quantity level, Optional<Quantity> bearing) {}

    /** The sheet's floor, and nothing heard. */
    public static Air quiet() {
        return new Air(
                false,
                Quantity.of("6", Unit.DB),
                Quantity.of("20", Unit.MHZ),
                Quantity.of("10", Unit.DB),
                Surroundings.NOT_COUNTED,
                List.of());
    }
}
