package veldline.raise;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import veldline.quantity.Quantity;

/**
 * What was decided about putting it up.
 *
 * @param mast height of the mast over its foot
 * @param lineDistance from the mast's foot to the nearest overhead line
 * @param peopleDistance how near people can come in front of the antenna
 * @param ticked ids of cautions that were ticked
 * @param declination of a compass where the antenna goes up, if it was looked up
 * @param mount of the antenna that goes up
 * @param swung what was read while it was aimed
 * @param route of the cable
 * @param fixings what touches what
 * @param day when and with whom
 * @param neighbour something of metal near the antenna that is looked at
 */
@RecordBuilder
public record RaisePlan(
        Quantity mast,
        Quantity lineDistance,
        Quantity peopleDistance,
        Set<String> ticked,
        Optional<Declination> declination,
        Mount mount,
        List<AimReading> swung,
        CableRoute route,
        Fixings fixings,
        WorkDay day,
        Optional<Neighbour> neighbour)
        implements RaisePlanBuilder.With {
    public RaisePlan {
        swung = List.copyOf(swung);
        ticked = java.util.Collections.unmodifiableSet(new TreeSet<>(ticked));
    }

    /** With a usual mount, and the declination still to be looked up. */
    public RaisePlan(Quantity mast, Quantity lineDistance, Quantity peopleDistance, Set<String> ticked) {
        this(
                mast,
                lineDistance,
                peopleDistance,
                ticked,
                Optional.empty(),
                Mount.USUAL,
                List.of(),
                CableRoute.USUAL,
                Fixings.USUAL,
                WorkDay.NONE,
                Optional.empty());
    }

    public RaisePlan ticking(String id, boolean on) {
        Set<String> next = new TreeSet<>(ticked);
        if (on) {
            next.add(id);
        } else {
            next.remove(id);
        }
        return withTicked(next);
    }
}
