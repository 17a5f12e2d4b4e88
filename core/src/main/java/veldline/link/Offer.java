package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import veldline.antenna.Bought;
import veldline.antenna.Polarized;
import veldline.feed.Connector;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * An antenna as it is advertised, to be checked before it is bought.
 *
 * @param gain as claimed, taken for dBi where the advert names no reference
 * @param length its greatest measure
 * @param low lowest frequency it is for
 * @param high highest
 * @param price in the local coin; zero when not known
 * @param weight zero when not known
 * @param across its second greatest measure, where it is told
 * @param level width to half power in the level plane, where it is told
 * @param upright likewise in the upright plane
 * @param words its own, as pasted; empty where nobody did
 */
@RecordBuilder
public record Offer(
        String name,
        Quantity gain,
        Quantity length,
        Quantity low,
        Quantity high,
        Polarized polarization,
        Connector connector,
        Quantity price,
        Quantity weight,
        Optional<Quantity> across,
        Optional<Quantity> level,
        Optional<Quantity> upright,
        String words)
        implements OfferBuilder.With {
    /** One that tells neither a second measure nor its beams. */
    public Offer(
            String name,
            Quantity gain,
            Quantity length,
            Quantity low,
            Quantity high,
            Polarized polarization,
            Connector connector,
            Quantity price,
            Quantity weight) {
        this(
                name,
                gain,
                length,
                low,
                high,
                polarization,
                connector,
                price,
                weight,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "");
    }

    /** An advert with nothing filled in but what the job says. */
    public static Offer blank(Quantity frequency, Polarized polarization, Connector connector) {
        Quantity nothing = Quantity.of("0", Unit.ONE);
        return new Offer(
                "advert",
                Quantity.of("10", Unit.DBI),
                Quantity.of("0.5", Unit.M),
                frequency,
                frequency,
                polarization,
                connector,
                nothing,
                Quantity.of("0", Unit.KG));
    }

    /** As it would stand in the job. */
    public Bought bought() {
        return new Bought(name, gain, polarization, level, length, connector);
    }
}
