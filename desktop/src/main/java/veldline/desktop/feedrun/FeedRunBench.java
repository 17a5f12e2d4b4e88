package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.assess.FeedFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.JobChange;
import veldline.picture.Picture;

/** The chain with its joints, what branches off it, a connector in the hand, a cable's end, and the drawer: one look at a time. */
public final class FeedRunBench implements Bench {

    /** What is looked at, by name. */
    private static final String LOOK = "feed.look";

    private static final List<FeedLook> LOOKS =
            List.of(new RunLook(), new OutletsLook(), new HandLook(), new EndLook(), new CableLook(), new DrawerLook());

    @Override
    public Step step() {
        return Step.FEED_RUN;
    }

    /** The end the chosen stop belongs to. */
    static boolean near(Showing s) {
        return !s.stop().startsWith("far");
    }

    static FeedRun run(Showing s) {
        return near(s) ? s.job().nearRun() : s.job().farRun();
    }

    static FeedFigures figures(Showing s) {
        return near(s) ? s.assessment().nearFeed() : s.assessment().farFeed();
    }

    /** The part whose inputs are shown: that of the chosen stop, or the first. */
    static int part(Showing s) {
        String stop = s.stop();
        int at = stop.contains("-part-") ? Integer.parseInt(stop.substring(stop.lastIndexOf('-') + 1)) : 0;
        return Math.min(at, run(s).parts().size() - 1);
    }

    static int joint(Showing s) {
        int first = figures(s).brokenAt().orElse(Math.max(0, part(s)));
        return s.pickedIndex(Step.FEED_RUN, first, figures(s).joints().size());
    }

    @Override
    public String heading(Showing s) {
        int p = part(s);
        return p < 0
                ? "No parts"
                : run(s).parts().get(p).kind() == FeedPart.Kind.ADAPTER
                        ? "Adapter"
                        : run(s).parts().get(p).kind().words();
    }

    private static FeedLook look(Showing s) {
        return LOOKS.stream()
                .filter(l -> l.id().equals(s.noted().get(LOOK)))
                .findFirst()
                .orElse(LOOKS.get(0));
    }

    @Override
    public List<Input> inputs(Showing s) {
        FeedLook look = look(s);
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "look",
                "Look at",
                LOOKS.stream()
                        .map(l -> new Input.Option(
                                l.words(), l == look, new Input.Outcome.Picked("set:" + LOOK + "=" + l.id())))
                        .toList()));
        in.addAll(look.inputs(s));
        return in;
    }

    @Override
    public List<Finding> findings(Showing s) {
        return Stream.concat(OrderFindings.of(s).stream(), s.assessment().of(step()).stream())
                .toList();
    }

    static JobChange lift(Showing s, FeedChange change) {
        return new JobChange.OfRun(near(s), change);
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return look(s).picture(s, width, height);
    }

    @Override
    public String question(Showing s) {
        return "Will it join?";
    }

    @Override
    public List<String> walk(Showing s) {
        return look(s).walk(s);
    }

    @Override
    public int walkStart(Showing s) {
        return look(s).walkStart(s);
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        return look(s).dragged(s, zone, x, width, height);
    }

    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        return look(s).turned(s, zone, x, width);
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        return look(s).taken(s, zone);
    }
}
