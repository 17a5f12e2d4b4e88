package veldline.raise;

import io.soabase.recordbuilder.core.RecordBuilder;
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
 */
@RecordBuilder
public record RaisePlan(Quantity mast, Quantity lineDistance, Quantity peopleDistance, Set<String> ticked)
        implements RaisePlanBuilder.With {
    public RaisePlan {
        ticked = java.util.Collections.unmodifiableSet(new TreeSet<>(ticked));
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
