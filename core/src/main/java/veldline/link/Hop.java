package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.antenna.Polarized;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * Another link of ours that stands at one end of this one, with the same radio and antenna: it carries this one's traffic on, or
 * is only a neighbour.
 *
 * @param name where it leads
 * @param atNear whether it stands at the near end
 * @param carries whether what this link brings goes on over it
 * @param bearing it points to, degrees from north
 * @param distance to its far end
 * @param frequency middle of its channel
 * @param polarized how its antennas stand or turn
 * @param rate it carries by itself, bits a second; zero where it is what its level carries
 */
@RecordBuilder
public record Hop(
        String name,
        boolean atNear,
        boolean carries,
        Quantity bearing,
        Quantity distance,
        Quantity frequency,
        Polarized polarized,
        Quantity rate)
        implements HopBuilder.With {
    /** At the far end, on the link's own channel. */
    public static Hop onwards(String name, Quantity bearing, Quantity distance, Brief brief, Polarized polarized) {
        return new Hop(
                name, false, true, bearing, distance, brief.frequency(), polarized, Quantity.of("0", Unit.MBIT_S));
    }
}
