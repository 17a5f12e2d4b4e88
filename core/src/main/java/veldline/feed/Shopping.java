package veldline.feed;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What runs are made of, less what is in stock. */
public final class Shopping {
    private Shopping() {}

    /**
     * One part of the list.
     *
     * @param needed how many the runs have
     * @param held how many there are
     * @param lengths of each that is needed, for cables
     */
    public record Line(FeedPart part, int needed, int held, List<String> lengths) {
        /** How many to buy. */
        public int toBuy() {
            return Math.max(0, needed - held);
        }

        private Line more(FeedPart p) {
            return new Line(part, needed + 1, held, joined(lengths, p));
        }

        private static List<String> joined(List<String> before, FeedPart p) {
            List<String> all = new ArrayList<>(before);
            p.length().ifPresent(l -> all.add(l.toString()));
            return List.copyOf(all);
        }
    }

    /** Every part once, in the order they are met; what was there before the job is not bought. */
    public static List<Line> of(List<FeedRun> runs, Holdings holdings) {
        Map<String, Line> lines = new LinkedHashMap<>();
        runs.forEach(r -> gather(r, holdings, lines));
        return List.copyOf(lines.values());
    }

    private static void gather(FeedRun run, Holdings holdings, Map<String, Line> lines) {
        for (FeedPart p : run.parts()) {
            if (p.kind() != FeedPart.Kind.WALL) {
                lines.merge(
                        p.id(),
                        new Line(p, 1, holdings.count(p.id()).orElse(0), Line.joined(List.of(), p)),
                        (was, one) -> was.more(p));
            }
        }
        run.branches().forEach(b -> gather(b.run(), holdings, lines));
    }

    /** Loads for what is closed, by the connector they go on. */
    public static Map<Connector, Integer> loads(List<FeedRun> runs) {
        Map<Connector, Integer> loads = new LinkedHashMap<>();
        runs.forEach(r -> loads(r, loads));
        return loads;
    }

    private static void loads(FeedRun run, Map<Connector, Integer> loads) {
        for (Branch b : run.branches()) {
            if (b.ending() == Branch.Ending.CLOSED) {
                // The last face of the branch: of its own outermost part, or of the outlet itself.
                Connector face = b.run().parts().isEmpty()
                        ? b.run().antenna()
                        : b.run().parts().get(0).radioSide();
                loads.merge(face.mate(), 1, Integer::sum);
            }
            loads(b.run(), loads);
        }
    }
}
