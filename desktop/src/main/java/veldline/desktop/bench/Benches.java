package veldline.desktop.bench;

import java.util.List;
import veldline.assess.Step;

/** Every bench, in the order of the steps. */
public final class Benches {
    private static final List<Bench> ALL = List.of(
            new veldline.desktop.brief.BriefBench(),
            new veldline.desktop.choose.ChooseBench(),
            new veldline.desktop.shape.ShapeBench(),
            new veldline.desktop.match.MatchBench(),
            new veldline.desktop.feedrun.FeedRunBench(),
            new veldline.desktop.raise.RaiseBench(),
            new veldline.desktop.prove.ProveBench(),
            new veldline.desktop.log.LogBench());

    private Benches() {}

    public static Bench of(Step step) {
        return ALL.get(step.ordinal());
    }

    public static List<Bench> all() {
        return ALL;
    }
}
