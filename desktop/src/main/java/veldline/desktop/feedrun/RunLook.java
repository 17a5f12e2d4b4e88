package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.feed.CableClass;
import veldline.feed.Connector;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.Joint;
import veldline.feed.SeriesFacts;
import veldline.job.JobChange;
import veldline.picture.Picture;

/** The run itself, joint by joint; each half of a joint is set by its facts. */
final class RunLook implements FeedLook {
    @Override
    public String id() {
        return "RUN";
    }

    @Override
    public String words() {
        return "the run, joint by joint";
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        int i = FeedRunBench.part(s);
        if (i < 0) {
            in.add(new Input.Note("none", "The radio's socket meets the antenna directly."));
            return in;
        }
        FeedPart part = FeedRunBench.run(s).parts().get(i);
        in.add(new Input.Pick(
                "part",
                "From the parts drawer",
                s.job().drawer().parts().stream()
                        .filter(p -> alike(p, part))
                        .collect(Collectors.groupingBy(p -> -joins(s, i, p), TreeMap::new, Collectors.toList()))
                        .values()
                        .stream()
                        .flatMap(List::stream)
                        .map(p -> new Input.Option(
                                p.name(),
                                p.id().equals(part.id()),
                                FeedRunBench.lift(s, new FeedChange.Replace(i, kept(p, part)))))
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
                    Limits.within(
                            0.02, 500, "2 cm", "500 m", q -> FeedRunBench.lift(s, new FeedChange.CableLength(i, q)))));
        } else {
            in.add(new Input.Value(
                    "loss",
                    "Loss, with its joints",
                    part.loss(),
                    "typed",
                    Limits.within(0, 30, "0", "30 dB", q -> FeedRunBench.lift(s, new FeedChange.PartLoss(i, q)))));
            part.within()
                    .ifPresent(w -> in.add(new Input.Value(
                            "within",
                            "Which may be off by",
                            w,
                            "until it is measured",
                            Limits.within(
                                    0.1,
                                    20,
                                    "0.1",
                                    "20 dB",
                                    q -> FeedRunBench.lift(s, new FeedChange.Within(i, Optional.of(q)))))));
        }
        if (part.directed()) {
            in.add(new Input.Choice(
                    "round",
                    "Its arrows point",
                    List.of(arrows(s, i, "as they should", false), arrows(s, i, "the other way", true))));
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
        List<Joint> joints = FeedRunBench.run(s).withPart(place, part).joints();
        return Stream.of(joints.get(place), joints.get(place + 1))
                .filter(j -> j.joins(frequency))
                .count();
    }

    /** One of the two ways a part can stand; the one it stands in changes nothing. */
    private static Input.Option arrows(Showing s, int i, String word, boolean backwards) {
        boolean so = FeedRunBench.run(s).parts().get(i).backwards() == backwards;
        return new Input.Option(
                word,
                so,
                so
                        ? new Input.Outcome.Picked("joint:" + FeedRunBench.joint(s))
                        : Input.Outcome.of(FeedRunBench.lift(s, new FeedChange.Turn(i))));
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
        return new Input.Option(word, chosen, FeedRunBench.lift(s, new FeedChange.Side(i, radio, to)));
    }

    private static JobChange lift(Showing s, FeedChange change) {
        return new JobChange.OfRun(FeedRunBench.near(s), change);
    }

    @Override
    public Picture picture(Showing s, double width, double height) {
        return new FeedRunPicture(s, width, height).draw();
    }

    @Override
    public List<String> walk(Showing s) {
        return IntStream.range(0, FeedRunBench.figures(s).joints().size())
                .mapToObj(i -> "joint:" + i)
                .toList();
    }

    @Override
    public int walkStart(Showing s) {
        return FeedRunBench.joint(s);
    }
}
