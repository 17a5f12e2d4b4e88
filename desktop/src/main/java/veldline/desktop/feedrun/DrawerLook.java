package veldline.desktop.feedrun;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.feed.FeedPart;
import veldline.feed.Holdings;
import veldline.feed.HoldingsChange;
import veldline.feed.Shopping;
import veldline.job.JobChange;
import veldline.line.CableLoss;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The workshop's drawer: what the runs need, what is there and what is to be bought, and the figures of each part, to be put right. */
final class DrawerLook implements FeedLook {
    static final String PART = "drawer.part";
    private static final String SOURCE = "drawer.source";
    private static final String TYPED = "typed here";
    private static final int MOST = 10_000;

    @Override
    public String id() {
        return "DRAWER";
    }

    @Override
    public String words() {
        return "the drawer, and what to buy";
    }

    /** What the runs need; a part that was picked and is none of them stands first, needed by nobody. */
    static List<Shopping.Line> lines(Showing s) {
        List<Shopping.Line> lines =
                new ArrayList<>(Shopping.of(s.job().runs(), s.job().drawer()));
        Optional.ofNullable(s.noted().get(PART))
                .flatMap(id -> part(s, id))
                .filter(p -> lines.stream().noneMatch(l -> l.part().id().equals(p.id())))
                .ifPresent(p -> lines.add(
                        0,
                        new Shopping.Line(p, 0, s.job().drawer().count(p.id()).orElse(0), List.of())));
        return lines;
    }

    private static Optional<FeedPart> part(Showing s, String id) {
        return s.job().drawer().parts().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The part whose figures are shown: the one picked, or the first the runs need. */
    static FeedPart chosen(Showing s) {
        return Optional.ofNullable(s.noted().get(PART))
                .flatMap(id -> part(s, id))
                .or(() -> lines(s).stream()
                        .findFirst()
                        .flatMap(l -> part(s, l.part().id())))
                .orElseGet(() -> s.job().drawer().parts().get(0));
    }

    @Override
    public List<Input> inputs(Showing s) {
        FeedPart part = chosen(s);
        Holdings drawer = s.job().drawer();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "drawer-part",
                "Part",
                drawer.parts().stream()
                        .map(p -> new Input.Option(
                                p.name(),
                                p.id().equals(part.id()),
                                new Input.Outcome.Picked("set:" + PART + "=" + p.id())))
                        .toList()));
        in.add(new Input.Value(
                "drawer-count",
                "How many are there",
                Quantity.of(drawer.count(part.id()).map(Object::toString).orElse("0"), Unit.ONE),
                drawer.count(part.id()).isPresent() ? "" : "not counted",
                Limits.within(
                        0,
                        MOST,
                        "0",
                        "10 000",
                        q -> new JobChange.OfDrawer(
                                new HoldingsChange.Count(part.id(), (int) Math.round(q.value()))))));
        figures(s, part, in);
        in.add(new Input.Value(
                "drawer-ceiling",
                "Good up to",
                Quantity.shown(part.ceiling(), Unit.GHZ, 2),
                "",
                Limits.within(1e6, 1e12, "1 MHz", "1000 GHz", q -> keep(s, part.withCeiling(q.value()), source(s)))));
        in.add(new Input.Text(
                "drawer-source",
                "Where a new figure is from",
                source(s),
                text -> new Input.Outcome.Picked("set:" + SOURCE + "=" + text.strip())));
        in.add(new Input.Note(
                "drawer-from", "These figures: " + drawer.source(part.id()).orElse("nobody said") + "."));
        drawer.own(part.id())
                .ifPresent(own -> in.add(new Input.Choice(
                        "drawer-own",
                        "Its figures",
                        List.of(
                                new Input.Option(
                                        "our own", true, new Input.Outcome.Picked("set:" + PART + "=" + part.id())),
                                new Input.Option(
                                        "as it ships",
                                        false,
                                        new JobChange.OfDrawer(new HoldingsChange.Drop(part.id())))))));
        in.add(Input.Words.asking(
                "drawer-copy",
                "Put down another like it, named",
                text -> text.isBlank()
                        ? Optional.empty()
                        : Optional.of(keep(s, another(s, part, text.strip()), source(s)))));
        in.add(new Input.Action("read-drawer", "Read a drawer (JSON)", "", Input.Command.READ_DRAWER));
        in.add(new Input.Action("save-drawer", "Save this drawer (JSON)", "", Input.Command.SAVE_DRAWER));
        return in;
    }

    private static void figures(Showing s, FeedPart part, List<Input> in) {
        if (part.cable().isEmpty()) {
            in.add(new Input.Value(
                    "drawer-loss",
                    "Loss, with its joints",
                    part.loss(),
                    "",
                    Limits.within(0, 60, "0", "60 dB", q -> keep(s, part.withLoss(q), source(s)))));
            return;
        }
        CableLoss cable = part.cable().get();
        for (double at : new double[] {100e6, 1e9}) {
            in.add(new Input.Value(
                    "drawer-loss-" + Math.round(at / 1e6),
                    "100 m take at " + (at < 1e9 ? "100 MHz" : "1 GHz"),
                    Quantity.shown(cable.lossDb(100, at), Unit.DB, 2),
                    "",
                    q -> through(cable, at, q.value())
                            .<Input.Outcome>map(
                                    c -> Input.Outcome.of(keep(s, part.withCable(Optional.of(c)), source(s))))
                            .orElseGet(() -> new Input.Outcome.Refused(q
                                    + " does not go with the other figure: loss grows between the root of the frequency and the"
                                    + " frequency, so 1 GHz has 3.2 to 10 times what 100 MHz has."))));
        }
    }

    /** The law with one of its two figures changed, if both its terms stay at least zero. */
    private static Optional<CableLoss> through(CableLoss cable, double at, double db) {
        double low = at < 1e9 ? db : cable.lossDb(100, 100e6);
        double high = at < 1e9 ? cable.lossDb(100, 1e9) : db;
        // low = 10·a + 100·b, high = √1000·a + 1000·b
        double root = Math.sqrt(1000);
        double a = (10 * low - high) / (100 - root);
        double b = (low - 10 * a) / 100;
        return a >= -1e-9 && b >= -1e-9 && low > 0
                ? Optional.of(new CableLoss(Math.max(0, a), Math.max(0, b)))
                : Optional.empty();
    }

    private static String source(Showing s) {
        String typed = s.noted().getOrDefault(SOURCE, "");
        return typed.isBlank() ? TYPED : typed;
    }

    private static JobChange keep(Showing s, FeedPart part, String source) {
        return new JobChange.OfDrawer(new HoldingsChange.Keep(part, source, LocalDate.now()));
    }

    /** With a number nobody has. */
    private static FeedPart another(Showing s, FeedPart part, String name) {
        int n = IntStream.iterate(1, i -> i + 1)
                .filter(i -> part(s, "own-" + i).isEmpty())
                .findFirst()
                .orElseThrow();
        return part.withId("own-" + n).withName(name);
    }

    @Override
    public Picture picture(Showing s, double width, double height) {
        return new DrawerPicture(s, width, height).draw();
    }

    @Override
    public List<String> walk(Showing s) {
        return lines(s).stream().map(l -> "set:" + PART + "=" + l.part().id()).toList();
    }

    @Override
    public int walkStart(Showing s) {
        List<Shopping.Line> lines = lines(s);
        return Math.max(
                0,
                IntStream.range(0, lines.size())
                        .filter(i -> lines.get(i).part().id().equals(chosen(s).id()))
                        .findFirst()
                        .orElse(0));
    }

    @Override
    public Optional<JobChange> dragged(Showing s, String zone, double x, double width, double height) {
        if (!zone.startsWith("stock:")) {
            return Optional.empty();
        }
        String id = zone.substring("stock:".length());
        return Optional.of(new JobChange.OfDrawer(new HoldingsChange.Count(id, DrawerPicture.countAt(x))));
    }

    /** One more of what is chosen. */
    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        String id = chosen(s).id();
        return Optional.of(new JobChange.OfDrawer(
                new HoldingsChange.Count(id, s.job().drawer().count(id).orElse(0) + 1)));
    }
}
