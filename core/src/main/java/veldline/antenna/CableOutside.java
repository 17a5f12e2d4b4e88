package veldline.antenna;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.field.wire.Load;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/**
 * The outside of the cable as one more wire of the antenna: its braid is joined to one half of the driven element, runs back
 * along the boom and hangs down behind the reflector, its other end free.
 *
 * @param length from the feed to where it ends or is earthed
 * @param choke what a choke at the feed puts in its way, ohms; zero without one
 */
@RecordBuilder
public record CableOutside(Quantity length, Quantity choke) implements CableOutsideBuilder.With {
    /** Two metres and no choke. */
    public static final CableOutside USUAL = new CableOutside(Quantity.of("2", Unit.M), Quantity.of("0", Unit.ONE));

    /** Of the braid of a cable of 5 mm. */
    private static final double BRAID = 1.8e-3;
    /** Where that is thick against a wave, a braid as thin as the engine is sure of, by the driven element's length. */
    private static final double THIN = 0.02;
    /** Clear of the boom by so much, and behind the reflector by so much of a length that hangs. */
    private static final double CLEAR = 5e-3;

    private static final double BEHIND = 40e-3;

    /** Where a place is: along the boom, and square to boom and elements. */
    interface Frame {
        Vec at(double alongBoom, double aside, double down);
    }

    /**
     * The wire.
     *
     * @param feed along the boom, metres
     * @param boomDiameter outside
     * @param element length of the driven one, metres
     */
    Wire wire(Frame frame, double feed, double boomDiameter, double element) {
        double radius = Math.min(BRAID, THIN * element);
        double aside = aside(boomDiameter);
        List<Vec> points = new ArrayList<>();
        points.add(frame.at(feed, 0, 0));
        double left = length.value() - aside;
        points.add(frame.at(feed, aside, 0));
        double back = Math.min(left, feed + BEHIND);
        points.add(frame.at(feed - back, aside, 0));
        if (left - back > 4 * radius) {
            points.add(frame.at(feed - back, aside, left - back));
        }
        return new Wire(points, radius, false, Optional.of(Metal.COPPER.conductivity()));
    }

    /** The choke, close to the feed; none where it is zero. */
    List<Load> loads(int wire, double boomDiameter) {
        double aside = aside(boomDiameter);
        return choke.value() > 0
                ? List.of(new Load.Lumped(
                        new Port(wire, new Port.Place.Distance(aside / 2)),
                        false,
                        Optional.of(choke.value()),
                        Optional.empty(),
                        Optional.empty()))
                : List.of();
    }

    private static double aside(double boomDiameter) {
        return boomDiameter / 2 + BRAID + CLEAR;
    }
}
