package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Sum;
import veldline.explain.Worked;
import veldline.feed.Branch;
import veldline.feed.FeedRun;
import veldline.feed.Holdings;
import veldline.feed.MendSearch;
import veldline.feed.Outlet;
import veldline.job.Job;

/** A chain's losses and joints, and those of what branches off it. */
final class FeedStage {
    private FeedStage() {}

    record Input(FeedRun run, double frequency, Holdings drawer) {
        static Input of(Job job, boolean near) {
            return new Input(job.run(near), job.brief().frequency().value(), job.drawer());
        }
    }

    static FeedFigures figures(Input in) {
        MendSearch search = new MendSearch(in.drawer);
        FeedRun run = in.run;
        List<Worked> losses =
                run.parts().stream().map(p -> p.workedLoss(in.frequency)).toList();
        return new FeedFigures(
                losses,
                Sum.of("Chain loss", "Everything between the radio and the antenna.", "dB", 2, losses),
                run.joints(),
                run.brokenAt(in.frequency),
                search.mends(run, in.frequency),
                Outlet.of(run, in.frequency).stream()
                        .map(o -> outlet(o, in.frequency, search))
                        .toList());
    }

    private static FeedFigures.OfOutlet outlet(Outlet o, double frequency, MendSearch search) {
        FeedRun run = o.branch().run();
        // What is left bare has no joint of its own.
        boolean bare = run.parts().isEmpty() && o.branch().ending() != Branch.Ending.RADIO;
        return new FeedFigures.OfOutlet(
                o,
                o.loss(frequency),
                o.ripple(frequency),
                bare ? Optional.empty() : run.brokenAt(frequency),
                bare ? List.of() : search.mends(run, frequency));
    }
}
