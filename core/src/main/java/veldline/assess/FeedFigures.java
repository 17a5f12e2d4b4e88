package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;
import veldline.feed.Joint;
import veldline.feed.MendSearch;
import veldline.feed.Outlet;

/**
 * What a chain costs and whether it holds.
 *
 * @param losses of each part, in order
 * @param total of all
 * @param joints one more than parts
 * @param brokenAt the first joint that does not hold
 * @param mends what would mend it, best first
 * @param outlets of what branches off it
 */
public record FeedFigures(
        List<Worked> losses,
        Worked total,
        List<Joint> joints,
        Optional<Integer> brokenAt,
        List<MendSearch.Mend> mends,
        List<OfOutlet> outlets) {
    /**
     * The same of a branch.
     *
     * @param loss from the antenna to the radio at its end
     * @param ripple that it makes on the others while it is open
     * @param brokenAt the first joint of its own run that does not hold
     */
    public record OfOutlet(
            Outlet outlet,
            Worked loss,
            Optional<Worked> ripple,
            Optional<Integer> brokenAt,
            List<MendSearch.Mend> mends) {}
}
