package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.explain.Worked;
import veldline.feed.CableClass;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.job.JobChange;
import veldline.line.CableSweep;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A cable as an analyser saw into it: what throws back and where, and what it takes; Enter puts the loss on the line. */
final class CableLook implements FeedLook {
    private static final String VELOCITY = "cable.velocity";
    private static final double USUAL = 0.66;

    @Override
    public String id() {
        return "CABLE";
    }

    @Override
    public String words() {
        return "a cable that was swept";
    }

    private static Optional<FeedPart> part(Showing s) {
        int i = FeedRunBench.part(s);
        return i < 0
                ? Optional.empty()
                : Optional.of(FeedRunBench.run(s).parts().get(i));
    }

    private static Optional<CableClass> kind(Showing s) {
        return part(s).flatMap(CableClass::of);
    }

    static double velocity(Showing s) {
        String typed = s.noted().getOrDefault(VELOCITY, "");
        return typed.matches("0\\.\\d{1,4}|1") ? Double.parseDouble(typed) : usual(s);
    }

    /** Of its kind. */
    static double usual(Showing s) {
        return kind(s).map(CableClass::velocity).orElse(USUAL);
    }

    private static double ohms(Showing s) {
        return part(s).map(p -> (double) p.radioSide().ohms()).orElse(50.0);
    }

    /** Counted on the cable that is chosen; empty while nothing was read. */
    static Optional<CableSweep> sweep(Showing s) {
        return s.advice().cable().map(c -> c.on(ohms(s)));
    }

    /** What throws back, laid out with the velocity there is. */
    static List<CableSweep.Echo> echoes(Showing s) {
        return sweep(s).map(c -> c.echoes(velocity(s))).orElse(List.of());
    }

    /** What it takes one way at the frequency in use. */
    static Optional<Worked> loss(Showing s) {
        DoubleUnaryOperator law = part(s).flatMap(FeedPart::cable)
                .<DoubleUnaryOperator>map(c -> f -> c.lossDb(1, f))
                .orElse(Math::sqrt);
        return s.advice()
                .cable()
                .flatMap(c -> c.loss(ohms(s), s.job().brief().frequency().value(), law));
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        in.add(new Input.Action("read-open", "Read a sweep, far end open", "", Input.Command.READ_OPEN));
        if (s.advice().cable().isPresent()) {
            in.add(new Input.Action("read-shorted", "And one, far end shorted", "", Input.Command.READ_SHORTED));
        }
        in.add(new Input.Value(
                "cable-velocity",
                "Velocity factor",
                Quantity.shown(velocity(s), Unit.ONE, 3),
                kind(s).map(CableClass::name).orElse("usual"),
                q -> q.value() > 0.3 && q.value() <= 1
                        ? new Input.Outcome.Picked("set:" + VELOCITY + "="
                                + Quantity.shown(q.value(), Unit.ONE, 4).number())
                        : new Input.Outcome.Refused(q + " is no velocity factor; give 0.3 to 1.")));
        part(s).ifPresent(p -> p.length()
                .ifPresent(l -> in.add(new Input.Value(
                        "cable-length",
                        "Length on the line",
                        l,
                        "",
                        Limits.within(
                                0.02,
                                500,
                                "2 cm",
                                "500 m",
                                q -> FeedRunBench.lift(s, new FeedChange.CableLength(FeedRunBench.part(s), q)))))));
        in.add(
                new Input.Note(
                        "cable-how",
                        "Both ends off whatever they were on; sweep widely and by equal steps: the wider, the finer it tells places apart. Left and right walk what throws back. Enter puts the loss on the line."));
        in.add(
                new Input.Note(
                        "cable-care",
                        "A cable that came down from a mast may be charged or fed: supply off, both conductors joined to earth for a moment, no work near weather."));
        return in;
    }

    @Override
    public Picture picture(Showing s, double width, double height) {
        return new CableSweepPicture(s, width, height).draw();
    }

    static int chosen(Showing s, int count) {
        return s.pickedIndex(Step.FEED_RUN, 0, count);
    }

    @Override
    public List<String> walk(Showing s) {
        return IntStream.range(0, echoes(s).size()).mapToObj(i -> "echo:" + i).toList();
    }

    /** The end of the cable is drawn to where it is known to be: the wave then runs as fast as that asks for. */
    @Override
    public Optional<String> turned(Showing s, String zone, double x, double width) {
        // Walking asks without a place.
        return !zone.startsWith("echo:") || x == 0
                ? Optional.empty()
                : CableSweepPicture.velocityAt(s, zone, x, width)
                        .map(v -> "set:" + VELOCITY + "="
                                + Quantity.shown(v, Unit.ONE, 4).number());
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        double frequency = s.job().brief().frequency().value();
        int i = FeedRunBench.part(s);
        return i < 0
                ? Optional.empty()
                : loss(s).map(Worked::value)
                        .filter(l -> l > 0)
                        .map(l -> FeedRunBench.lift(
                                s, new FeedChange.MeasuredLoss(i, Quantity.shown(l, Unit.DB, 2), frequency)));
    }
}
