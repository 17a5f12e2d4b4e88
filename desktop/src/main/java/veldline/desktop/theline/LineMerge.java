package veldline.desktop.theline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.link.LevelLine;
import veldline.link.LevelLine.Kind;
import veldline.link.LevelLine.Stop;

/**
 * Over ten stops there is no room for every part: those farthest from the chosen stop are drawn as one, “3 parts, takes
 * 2.1”. Choosing it shows them again, since then they are no longer far.
 */
final class LineMerge {
    /** As many as have room for their names in the usual window. */
    static final int MOST = 10;

    private static final Formula TOGETHER = new Formula(
            "Parts together",
            "What several parts change the level by, between what comes in and what goes out.",
            "D",
            "a - b",
            "Difference of two levels of the line",
            "As good as the parts");

    private LineMerge() {}

    /** The line with few enough stops, as far as parts can be merged. */
    static LevelLine of(LevelLine line, String chosen) {
        LevelLine merged = line;
        Optional<int[]> next = farthest(merged, chosen);
        while (merged.stops().size() > MOST && next.isPresent()) {
            merged = merge(merged, next.get()[0], next.get()[1]);
            next = farthest(merged, chosen);
        }
        return merged;
    }

    /** First and last of the run of parts that lies farthest from the chosen stop. */
    private static Optional<int[]> farthest(LevelLine line, String chosen) {
        int at = line.indexOf(chosen).orElse(0);
        List<int[]> runs = new ArrayList<>();
        int from = -1;
        for (int i = 0; i <= line.stops().size(); i++) {
            boolean part =
                    i < line.stops().size() && i != at && isPart(line.stops().get(i));
            if (part && from < 0) {
                from = i;
            } else if (!part && from >= 0) {
                if (i - from > 1) {
                    runs.add(new int[] {from, i - 1});
                }
                from = -1;
            }
        }
        return runs.stream().max(Comparator.comparingInt(r -> Math.max(r[0] - at, at - r[1])));
    }

    private static boolean isPart(Stop s) {
        return s.kind() == Kind.PART || s.kind() == Kind.CABLE;
    }

    private static LevelLine merge(LevelLine line, int from, int to) {
        List<Stop> stops = new ArrayList<>(line.stops().subList(0, from));
        stops.add(together(line, from, to));
        stops.addAll(line.stops().subList(to + 1, line.stops().size()));
        int fewer = to - from;
        return new LevelLine(
                stops,
                line.path() > to ? line.path() - fewer : line.path(),
                line.mostEirp(),
                line.floor(),
                line.wish(),
                line.margin(),
                line.worstBelow(),
                line.brokenAt().map(i -> moved(i, from, to)),
                line.doubts(),
                line.unknownFrom().map(i -> moved(i, from, to)));
    }

    private static int moved(int i, int from, int to) {
        return i < from ? i : i <= to ? from : i - (to - from);
    }

    private static Stop together(LevelLine line, int from, int to) {
        List<Stop> parts = line.stops().subList(from, to + 1);
        Worked in = line.stops().get(from - 1).level();
        Worked out = parts.get(parts.size() - 1).level();
        double taken = in.value() - out.value();
        Worked step = Worked.of(TOGETHER)
                .from("a", taken < 0 ? "level behind them" : "level before them", taken < 0 ? out : in)
                .from("b", taken < 0 ? "level before them" : "level behind them", taken < 0 ? in : out)
                .gives(Math.abs(taken), "dB", 1);
        Stop worst = parts.stream().max(Comparator.comparing(Stop::state)).orElseThrow();
        return new Stop(
                parts.get(0).id(),
                Kind.PART,
                parts.size() + " parts",
                taken < 0 ? "adds" : "takes",
                step,
                in.value(),
                out,
                worst.state(),
                worst.tag());
    }
}
