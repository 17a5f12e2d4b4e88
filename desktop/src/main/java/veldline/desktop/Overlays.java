package veldline.desktop;

import veldline.assess.Step;
import veldline.desktop.begin.NewJobBench;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Overlay;
import veldline.desktop.changes.ChangesBench;
import veldline.desktop.help.HelpBench;
import veldline.desktop.improve.ImproveBench;
import veldline.desktop.learn.LearnBench;
import veldline.desktop.sums.SumsBench;

/** Makes what lies over a bench; each is made anew when it is opened. */
final class Overlays {
    private final Workbench work;

    Overlays(Workbench work) {
        this.work = work;
    }

    Bench of(Overlay which, Step over) {
        return switch (which) {
            case SUMS -> new SumsBench(over);
            case HELP -> new HelpBench(over);
            case LEARN -> new LearnBench(over);
            case CHANGES ->
                new ChangesBench(
                        over, () -> work.desk().history(), () -> work.shadows().revisions());
            case IMPROVE -> new ImproveBench(over, work::improvement);
            case NEW_JOB -> new NewJobBench(over);
            case PRINT -> throw new IllegalArgumentException("Printing makes its own pages");
        };
    }
}
