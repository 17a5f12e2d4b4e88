package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;
import veldline.feed.Joint;
import veldline.feed.MendSearch;

/**
 * What a chain costs and whether it holds.
 *
 * @param losses of each part, in order
 * @param total of all
 * @param joints one more than parts
 * @param brokenAt the first joint that does not hold
 * @param mends what would mend it, best first
 */
public record FeedFigures(
        List<Worked> losses,
        Worked total,
        List<Joint> joints,
        Optional<Integer> brokenAt,
        List<MendSearch.Mend> mends) {}
