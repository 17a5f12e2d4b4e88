package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.assess.FeedFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.feed.Branch;
import veldline.feed.Connector;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Joint;
import veldline.job.JobChange;
import veldline.line.CableLoss;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What branches off the run, outlet by outlet; the level of one is dragged, and its cable gets as long. */
final class OutletsLook implements FeedLook {
    private static final double SHORTEST = 0.02;
    private static final double LONGEST = 500;

    @Override
    public String id() {
        return "OUTLETS";
    }

    @Override
    public String words() {
        return "its outlets";
    }

    static List<FeedFigures.OfOutlet> all(Showing s) {
        return FeedRunBench.figures(s).outlets();
    }

    /** Which is chosen; empty where nothing branches off. */
    static Optional<Integer> chosen(Showing s) {
        return all(s).isEmpty() ? Optional.empty() : Optional.of(s.pickedIndex(Step.FEED_RUN, 0, all(s).size()));
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        chosen(s).ifPresent(i -> outlet(s, i, in));
        List<Input.Option> more = more(s);
        if (more.isEmpty()) {
            in.add(new Input.Note(
                    "outlet-none",
                    all(s).isEmpty()
                            ? "Nothing on this run splits. Look at the run, and fit a splitter or a tap from the drawer."
                            : "No outlet is free. A tap or a larger splitter has more."));
        } else {
            in.add(new Input.Pick("outlet-more", "Hang on a free outlet", more));
        }
        return in;
    }

    private static void outlet(Showing s, int i, List<Input> in) {
        FeedFigures.OfOutlet o = all(s).get(i);
        List<Integer> path = o.outlet().path();
        List<Integer> holder = o.outlet().holder();
        int at = o.outlet().place();
        Branch branch = o.outlet().branch();
        in.add(new Input.Pick(
                "outlet",
                "Outlet",
                IntStream.range(0, all(s).size())
                        .mapToObj(k -> new Input.Option(
                                all(s).get(k).outlet().branch().name(),
                                k == i,
                                new Input.Outcome.Picked("outlet:" + k)))
                        .toList()));
        in.add(new Input.Text(
                "outlet-name",
                "Where it leads",
                branch.name(),
                text -> text.isBlank()
                        ? new Input.Outcome.Refused("An outlet needs a name; give the place it leads to.")
                        : Input.Outcome.of(change(s, holder, new FeedChange.NameBranch(at, text.strip())))));
        in.add(new Input.Choice(
                "outlet-ending",
                "At its end",
                Arrays.stream(Branch.Ending.values())
                        .map(e -> new Input.Option(
                                e.brief(), e == branch.ending(), change(s, holder, new FeedChange.EndBranch(at, e))))
                        .toList()));
        FeedRun run = branch.run();
        for (int k = 0; k < run.parts().size(); k++) {
            part(s, path, k, run.parts().get(k), in);
        }
        in.add(new Input.Pick(
                "outlet-add",
                "A part more, next to the radio",
                Stream.concat(
                                Stream.of(new Input.Option("none", true, new Input.Outcome.Picked("outlet:" + i))),
                                s.job().drawer().parts().stream()
                                        .filter(p -> joins(s, run.radio(), p)
                                                || p.outlets().isPresent())
                                        .map(p -> new Input.Option(
                                                p.name(), false, change(s, path, new FeedChange.Insert(0, p)))))
                        .toList()));
        if (branch.ending() == Branch.Ending.RADIO) {
            in.add(new Input.Pick(
                    "outlet-socket",
                    "The radio's socket there",
                    sockets(s, run.radio())
                            .map(c -> new Input.Option(
                                    c.tradeName(),
                                    c.equals(run.radio()),
                                    change(s, holder, new FeedChange.BranchSocket(at, c))))
                            .toList()));
        }
        in.add(new Input.Choice(
                "outlet-hangs",
                "This branch",
                List.of(
                        new Input.Option("stays", true, new Input.Outcome.Picked("outlet:" + i)),
                        new Input.Option("comes off", false, change(s, holder, new FeedChange.Unhang(at))))));
    }

    private static void part(Showing s, List<Integer> path, int k, FeedPart part, List<Input> in) {
        in.add(new Input.Pick(
                "outlet-part-" + k,
                "Part " + (k + 1) + " from its radio",
                Stream.concat(
                                Stream.of(new Input.Option(
                                        "take it out", false, change(s, path, new FeedChange.Remove(k)))),
                                s.job().drawer().parts().stream()
                                        .filter(p -> p.kind() == part.kind())
                                        .map(p -> new Input.Option(
                                                p.name(),
                                                p.id().equals(part.id()),
                                                change(s, path, new FeedChange.Replace(k, p)))))
                        .toList()));
        part.length()
                .ifPresent(l -> in.add(new Input.Value(
                        "outlet-length-" + k,
                        "Its length",
                        l,
                        "",
                        Limits.within(
                                SHORTEST,
                                LONGEST,
                                "2 cm",
                                "500 m",
                                q -> change(s, path, new FeedChange.CableLength(k, q))))));
    }

    private static boolean joins(Showing s, Connector radio, FeedPart part) {
        return new Joint(radio, part.radioSide())
                .joins(s.job().brief().frequency().value());
    }

    /** Whatever a radio may have, as far as the drawer knows it; its own stands first. */
    private static Stream<Connector> sockets(Showing s, Connector now) {
        return Stream.concat(
                        Stream.of(now),
                        s.job().drawer().parts().stream().map(p -> p.radioSide().mate()))
                .distinct();
    }

    /** What can hang on each part that has an outlet free: cables that go onto it, or nothing yet. */
    private static List<Input.Option> more(Showing s) {
        List<Input.Option> found = new ArrayList<>();
        FeedRun run = FeedRunBench.run(s);
        more(s, run, List.of(), run.radio(), found);
        if (!found.isEmpty()) {
            found.add(
                    0,
                    new Input.Option("nothing", true, new Input.Outcome.Picked(s.picked(Step.FEED_RUN, "outlet:0"))));
        }
        return found;
    }

    private static void more(Showing s, FeedRun run, List<Integer> path, Connector radio, List<Input.Option> found) {
        for (int i = 0; i < run.parts().size(); i++) {
            FeedPart split = run.parts().get(i);
            if (run.free(i) > 0) {
                int at = i;
                String name = "Outlet " + (all(s).size() + 1);
                found.add(new Input.Option(
                        "nothing on it yet, open",
                        false,
                        change(s, path, new FeedChange.Hang(Branch.bare(i, split, name, Branch.Ending.OPEN)))));
                s.job().drawer().parts().stream()
                        .filter(p -> p.kind() == FeedPart.Kind.CABLE
                                && new Joint(split.radioSide(), p.antennaSide())
                                        .joins(s.job().brief().frequency().value()))
                        .forEach(p -> found.add(new Input.Option(
                                p.name(),
                                false,
                                change(s, path, new FeedChange.Hang(Branch.to(at, split, name, radio, List.of(p)))))));
            }
        }
        for (int b = 0; b < run.branches().size(); b++) {
            List<Integer> next = new ArrayList<>(path);
            next.add(b);
            more(s, run.branches().get(b).run(), next, radio, found);
        }
    }

    private static JobChange change(Showing s, List<Integer> path, FeedChange change) {
        return FeedRunBench.lift(s, FeedChange.at(path, change));
    }

    @Override
    public Picture picture(Showing s, double width, double height) {
        return new OutletsPicture(s, width, height).draw();
    }

    @Override
    public List<String> walk(Showing s) {
        return IntStream.range(0, all(s).size()).mapToObj(i -> "outlet:" + i).toList();
    }

    /** The first cable of the branch gets as long as the level asks for. */
    @Override
    public Optional<JobChange> dragged(Showing s, String zone, double x, double width, double height) {
        if (!zone.startsWith("level:")) {
            return Optional.empty();
        }
        int i = Integer.parseInt(zone.substring("level:".length()));
        if (i >= all(s).size()) {
            return Optional.empty();
        }
        FeedFigures.OfOutlet o = all(s).get(i);
        List<FeedPart> parts = o.outlet().branch().run().parts();
        double frequency = s.job().brief().frequency().value();
        double wanted = new OutletsPicture(s, width, height).lossAt(x);
        return IntStream.range(0, parts.size())
                .filter(k -> parts.get(k).cable().isPresent())
                .boxed()
                .findFirst()
                .map(k -> {
                    CableLoss cable = parts.get(k).cable().orElseThrow();
                    double now = parts.get(k).length().orElseThrow().value();
                    double more = (wanted - o.loss().value()) / cable.lossDb(1, frequency);
                    double metres = Math.max(SHORTEST, Math.min(LONGEST, now + more));
                    return change(
                            s,
                            o.outlet().path(),
                            new FeedChange.CableLength(k, Quantity.shown(metres, Unit.M, metres < 10 ? 2 : 1)));
                });
    }
}
