package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.assess.FeedFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.feed.CableClass;
import veldline.feed.Connector;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Joint;
import veldline.feed.SeriesFacts;
import veldline.job.JobChange;
import veldline.picture.Picture;

/** The chain with its joints, walked one by one; each half of a joint is set by its facts. */
public final class FeedRunBench implements Bench {

    /** What is looked at, by name. */
    static final String LOOK = "feed.look";

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

    /** What is looked at: the run itself, a connector in the hand, or a cable's end. */
    private enum Look {
        RUN("the run"),
        HAND("in hand"),
        END("an end");

        private final String words;

        Look(String words) {
            this.words = words;
        }

        static Look of(Showing s) {
            return Arrays.stream(values())
                    .filter(l -> l.name().equals(s.noted().get(LOOK)))
                    .findFirst()
                    .orElse(RUN);
        }
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        in.add(new Input.Choice(
                "look",
                "Look at",
                Arrays.stream(Look.values())
                        .map(l -> new Input.Option(
                                l.words, l == Look.of(s), new Input.Outcome.Picked("set:" + LOOK + "=" + l.name())))
                        .toList()));
        if (Look.of(s) != Look.RUN) {
            in.addAll(Look.of(s) == Look.HAND ? InHandInputs.inputs(s) : CableEndPicture.inputs(s));
            return in;
        }
        int i = part(s);
        if (i < 0) {
            in.add(new Input.Note("none", "The radio's socket meets the antenna directly."));
            return in;
        }
        FeedPart part = run(s).parts().get(i);
        in.add(new Input.Pick(
                "part",
                "From the parts drawer",
                Drawer.parts().stream()
                        .filter(p -> alike(p, part))
                        .collect(Collectors.groupingBy(p -> -joins(s, i, p), TreeMap::new, Collectors.toList()))
                        .values()
                        .stream()
                        .flatMap(List::stream)
                        .map(p -> new Input.Option(
                                p.name(), p.id().equals(part.id()), lift(s, new FeedChange.Replace(i, kept(p, part)))))
                        .toList()));
        in.add(new Input.Text(
                "order",
                "An order line to check here",
                s.noted().getOrDefault(OrderFindings.LINE, ""),
                text -> new Input.Outcome.Picked("set:" + OrderFindings.LINE + "=" + text)));
        if (part.length().isPresent()) {
            in.add(new Input.Value(
                    "length",
                    "Length",
                    part.length().get(),
                    "",
                    Limits.within(0.02, 500, "2 cm", "500 m", q -> lift(s, new FeedChange.CableLength(i, q)))));
        } else {
            in.add(new Input.Value(
                    "loss",
                    "Loss, with its joints",
                    part.loss(),
                    "typed",
                    Limits.within(0, 30, "0", "30 dB", q -> lift(s, new FeedChange.PartLoss(i, q)))));
            part.within()
                    .ifPresent(w -> in.add(new Input.Value(
                            "within",
                            "Which may be off by",
                            w,
                            "until it is measured",
                            Limits.within(
                                    0.1, 20, "0.1", "20 dB", q -> lift(s, new FeedChange.Within(i, Optional.of(q)))))));
        }
        side(s, in, i, part.radioSide(), true);
        side(s, in, i, part.antennaSide(), false);
        in.add(new Input.Note("metal", "Look at the metal, not the label: thread and contact are set one by one."));
        Stream.of(part.radioSide(), part.antennaSide())
                .map(Connector::family)
                .distinct()
                .flatMap(f -> SeriesFacts.of(f).stream())
                .forEach(f -> in.add(new Input.Note("series-" + f.series(), f.told())));
        CableClass.of(part).ifPresent(c -> in.add(new Input.Note("cable", c.told())));
        return in;
    }

    /** Whether one stands in the other's place: cables for cables, and an old run for either. */
    private static boolean alike(FeedPart a, FeedPart b) {
        return (a.kind() == FeedPart.Kind.CABLE) == (b.kind() == FeedPart.Kind.CABLE)
                || a.kind() == FeedPart.Kind.WALL
                || b.kind() == FeedPart.Kind.WALL;
    }

    /** How many of its two sides join what they would meet; those that join on both stand first. */
    private static long joins(Showing s, int place, FeedPart part) {
        double frequency = s.job().brief().frequency().value();
        List<Joint> joints = run(s).withPart(place, part).joints();
        return Stream.of(joints.get(place), joints.get(place + 1))
                .filter(j -> j.joins(frequency))
                .count();
    }

    @Override
    public List<Finding> findings(Showing s) {
        return Stream.concat(OrderFindings.of(s).stream(), s.assessment().of(step()).stream())
                .toList();
    }

    private static FeedPart kept(FeedPart fresh, FeedPart before) {
        return fresh.length().isPresent() && before.length().isPresent() ? fresh.withLength(before.length()) : fresh;
    }

    private static void side(Showing s, List<Input> in, int i, Connector c, boolean radio) {
        String where = radio ? "Radio side" : "Antenna side";
        String id = radio ? "radio" : "antenna";
        in.add(new Input.Pick(
                id + "-series",
                where + ": series",
                Arrays.stream(Connector.Series.values())
                        .map(f -> option(
                                s,
                                i,
                                radio,
                                f.words(),
                                f == c.family(),
                                new Connector(
                                        f,
                                        c.thread(),
                                        c.contact(),
                                        SeriesFacts.of(f)
                                                .map(SeriesFacts::ohms)
                                                .filter(made -> !made.contains(c.ohms()))
                                                .map(made -> made.get(0))
                                                .orElse(c.ohms()))))
                        .toList()));
        in.add(new Input.Choice(
                id + "-thread",
                where + ": body thread",
                List.of(
                        option(
                                s,
                                i,
                                radio,
                                "outside",
                                c.thread() == Connector.Thread.OUTSIDE,
                                new Connector(c.family(), Connector.Thread.OUTSIDE, c.contact(), c.ohms())),
                        option(
                                s,
                                i,
                                radio,
                                "inside",
                                c.thread() == Connector.Thread.INSIDE,
                                new Connector(c.family(), Connector.Thread.INSIDE, c.contact(), c.ohms())))));
        in.add(new Input.Choice(
                id + "-contact",
                where + ": centre contact",
                List.of(
                        option(
                                s,
                                i,
                                radio,
                                "pin",
                                c.contact() == Connector.Contact.PIN,
                                new Connector(c.family(), c.thread(), Connector.Contact.PIN, c.ohms())),
                        option(
                                s,
                                i,
                                radio,
                                "socket",
                                c.contact() == Connector.Contact.SOCKET,
                                new Connector(c.family(), c.thread(), Connector.Contact.SOCKET, c.ohms())))));
    }

    private static Input.Option option(Showing s, int i, boolean radio, String word, boolean chosen, Connector to) {
        return new Input.Option(word, chosen, lift(s, new FeedChange.Side(i, radio, to)));
    }

    private static JobChange lift(Showing s, FeedChange change) {
        return new JobChange.OfRun(near(s), change);
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return switch (Look.of(s)) {
            case RUN -> new FeedRunPicture(s, width, height).draw();
            case HAND -> new InHandPicture(s, width, height).draw();
            case END -> new CableEndPicture(s, width, height).draw();
        };
    }

    @Override
    public String question(Showing s) {
        return "Will it join?";
    }

    @Override
    public List<String> walk(Showing s) {
        if (Look.of(s) != Look.RUN) {
            return Look.of(s) == Look.HAND ? InHandPicture.walk(s) : CableEndPicture.walk(s);
        }
        return IntStream.range(0, figures(s).joints().size())
                .mapToObj(i -> "joint:" + i)
                .toList();
    }

    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        return zone.equals("jaw") ? InHandPicture.acrossAt(x, width) : Optional.empty();
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        return Look.of(s) == Look.HAND
                ? InHandPicture.chosen(s).flatMap(f -> InHandInputs.taken(s, f))
                : Optional.empty();
    }

    @Override
    public int walkStart(Showing s) {
        return Look.of(s) == Look.RUN ? joint(s) : 0;
    }
}
