package veldline.feed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;

/**
 * Finds what makes a broken chain hold: every part of the drawer is tried in the place of each adapter, between each
 * pair, and either way round; an adapter is also tried without. Fewest new parts first, then what is in stock, then least loss.
 */
public final class MendSearch {
    /**
     * A way to mend a chain.
     *
     * @param change the edit
     * @param part what goes in, or comes out
     * @param lossDb the whole chain's loss afterwards
     */
    public record Mend(FeedChange change, FeedPart part, double lossDb, int cost) {}

    private final Supplier<List<FeedPart>> parts;
    private final Set<String> stock;

    /** @param holdings what the workshop has; its drawer is looked through when a chain is broken and not before */
    public MendSearch(Holdings holdings) {
        this.parts = holdings::parts;
        this.stock = holdings.inStock();
    }

    /** Ways to mend the run with one change, best first; empty when it holds or nothing in the drawer helps. */
    public List<Mend> mends(FeedRun run, double frequency) {
        if (run.brokenAt(frequency).isEmpty()) {
            return List.of();
        }
        List<FeedPart> drawer = parts.get();
        List<Mend> found = new ArrayList<>();
        for (int i = 0; i < run.parts().size(); i++) {
            FeedPart now = run.parts().get(i);
            tryOut(run, new FeedChange.Replace(i, now.turned()), now, 0, frequency, found);
            if (now.kind() != FeedPart.Kind.CABLE) {
                tryOut(run, new FeedChange.Remove(i), now, 1, frequency, found);
            }
            for (FeedPart part : drawer) {
                if (part.kind() == now.kind() && part.kind() != FeedPart.Kind.CABLE) {
                    tryOut(run, new FeedChange.Replace(i, part), part, 2, frequency, found);
                    tryOut(run, new FeedChange.Replace(i, part.turned()), part, 2, frequency, found);
                }
            }
        }
        for (int i = 0; i <= run.parts().size(); i++) {
            for (FeedPart part : drawer) {
                if (part.kind() == FeedPart.Kind.ADAPTER) {
                    tryOut(run, new FeedChange.Insert(i, part), part, 3, frequency, found);
                    tryOut(run, new FeedChange.Insert(i, part.turned()), part, 3, frequency, found);
                }
            }
        }
        if (found.isEmpty()) {
            throughSeveral(run, drawer, frequency, found);
        }
        found.sort(Comparator.comparingInt(Mend::cost)
                .thenComparing(m -> !stock.contains(m.part.id()))
                .thenComparingDouble(Mend::lossDb));
        return found;
    }

    /** Where no one part will do: the least costly row of adapters across the one joint that does not hold. */
    private void throughSeveral(FeedRun run, List<FeedPart> drawer, double frequency, List<Mend> found) {
        int broken = run.brokenAt(frequency).orElseThrow();
        Joint joint = run.joints().get(broken);
        for (AdapterSearch.Way way :
                new AdapterSearch(drawer, stock, frequency).ways(joint.radioSide(), joint.antennaSide(), SEVERAL)) {
            tryOut(
                    run,
                    new FeedChange.InsertAll(broken, way.parts()),
                    way.parts().get(0),
                    3 + way.parts().size(),
                    frequency,
                    found);
        }
    }

    private static final int SEVERAL = 3;

    private static void tryOut(
            FeedRun run, FeedChange change, FeedPart part, int cost, double frequency, List<Mend> found) {
        FeedRun after = change.applyTo(run);
        if (after.brokenAt(frequency).isEmpty()) {
            found.add(new Mend(change, part, after.lossDb(frequency), cost));
        }
    }
}
