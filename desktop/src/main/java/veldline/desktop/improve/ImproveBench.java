package veldline.desktop.improve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.study.Improvement;
import veldline.study.Measure;

/** What as many elements on the same boom could be: a curve of the best trades, walked or dragged along, one of them taken. */
public final class ImproveBench implements Bench {
    private static final double LEAST_SWR = 1.1;
    private static final double MOST_SWR = 5;

    private final Step over;
    private final Supplier<Stage<Improvement.Result>> result;

    public ImproveBench(Step over, Supplier<Stage<Improvement.Result>> result) {
        this.over = over;
        this.result = result;
    }

    /** The antenna on the curve that is walked to. */
    public static Optional<Improvement.Design> picked(Map<String, String> noted, Improvement.Result r) {
        if (r.front().isEmpty()) {
            return Optional.empty();
        }
        int at = Optional.ofNullable(noted.get(Overlay.IMPROVE.name()))
                .filter(z -> z.matches("design:\\d{1,3}"))
                .map(z -> Integer.parseInt(z.substring("design:".length())))
                .orElse(first(r));
        return Optional.of(r.front().get(Math.max(0, Math.min(at, r.front().size() - 1))));
    }

    /** In the middle of the curve both measures are had for little of the other. */
    private static int first(Improvement.Result r) {
        return r.front().size() / 2;
    }

    @Override
    public Step step() {
        return over;
    }

    @Override
    public String place() {
        return Overlay.IMPROVE.name();
    }

    @Override
    public String heading(Showing s) {
        return "What it could be";
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        if (s.job().yagi().isEmpty()) {
            in.add(new Input.Note("none", "No antenna is shaped here, so there is nothing to improve."));
            in.add(new Input.Action("leave", "Back to " + over.title(), "Esc", Input.Command.LEAVE));
            return in;
        }
        Measure against = Wish.against(s.noted());
        in.add(new Input.Pick(
                "against",
                "Gain, traded for",
                Wish.AGAINST.stream()
                        .map(m -> new Input.Option(
                                m.words(), m == against, new Input.Outcome.Picked("set:" + Wish.UP + "=" + m.name())))
                        .toList()));
        in.add(new Input.Pick(
                "chosen",
                "May change",
                Arrays.stream(Improvement.Chosen.values())
                        .map(c -> new Input.Option(
                                c.words(),
                                c == Wish.chosen(s.noted()),
                                new Input.Outcome.Picked("set:" + Wish.CHOSEN + "=" + c.name())))
                        .toList()));
        in.add(new Input.Value(
                "band",
                "The worst over a band of",
                Quantity.shown(Wish.band(s.noted(), s.assessment()), Unit.MHZ, 1),
                "",
                q -> number(
                        q, 0, 0.2 * s.job().brief().frequency().value(), "0 to a fifth of the frequency", Wish.BAND)));
        in.add(new Input.Value(
                "boom",
                "Boom, at most",
                Quantity.shown(Wish.boom(s.noted(), s.assessment()), Unit.MM, 1),
                "",
                q -> number(q, 0.01, 100, "10 mm to 100 m", Wish.BOOM)));
        if (against != Measure.SWR) {
            in.add(new Input.Value(
                    "swr",
                    "SWR on 50 Ω, at most",
                    Quantity.shown(Wish.swr(s.noted()), Unit.ONE, 2),
                    "",
                    q -> number(q, LEAST_SWR, MOST_SWR, LEAST_SWR + " to " + MOST_SWR, Wish.SWR)));
        }
        in.add(new Input.Action("improve", "Look for it", "I", Input.Command.IMPROVE));
        if (result.get().value().filter(r -> !r.front().isEmpty()).isPresent()) {
            in.add(new Input.Action("take", "Take this one", "Enter", Input.Command.TAKE_IMPROVED));
        }
        in.add(new Input.Action("leave", "Back to " + over.title(), "Esc", Input.Command.LEAVE));
        in.add(new Input.Note(
                "how",
                "Left and right walk the curve, or drag along it. Elements, diameter and metal stay."
                        + " What is taken can be taken back with Ctrl Z."));
        return in;
    }

    private static Input.Outcome number(Quantity q, double low, double high, String limits, String name) {
        return q.value() >= low && q.value() <= high
                ? new Input.Outcome.Picked("set:" + name + "=" + q.value())
                : new Input.Outcome.Refused(q + " is outside " + limits + "; give one between.");
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new ImprovePicture(s, result.get(), width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "What it would change";
    }

    @Override
    public List<Finding> findings(Showing s) {
        if (result.get() instanceof Stage.Failed<Improvement.Result> f) {
            return List.of(Finding.plain(Finding.Level.STOP, "Not found.", f.why(), "", ""));
        }
        Optional<Improvement.Result> known = result.get().value();
        if (known.isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.UNKNOWN, "Being looked for.", "", "Esc stops it and keeps the best so far.", ""));
        }
        Improvement.Result r = known.get();
        Optional<Improvement.Design> design = picked(s.noted(), r);
        if (design.isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.WATCH,
                    "None of " + r.tried(),
                    "that were tried keeps every limit.",
                    "Allow a longer boom, a higher SWR or a narrower band.",
                    ""));
        }
        List<Finding> found = new ArrayList<>();
        for (Measure m : Measure.values()) {
            if (m != Measure.SIDE_LOBES || r.ask().up() == Measure.SIDE_LOBES) {
                found.add(difference(m, r.now(), design.get(), r.ask()));
            }
        }
        return found;
    }

    private static Finding difference(Measure m, Improvement.Design now, Improvement.Design then, Improvement.Ask ask) {
        double change = then.reached().worst(m) - now.reached().worst(m);
        boolean worse = m.better() * change < 0;
        boolean same = now.worked(m, ask).shown().equals(then.worked(m, ask).shown());
        String word = same ? "stays" : worse ? "is worse" : "is better";
        return new Finding(
                Finding.Level.FITS,
                m.words(),
                word + ": " + now.worked(m, ask).shown() + " now, "
                        + then.worked(m, ask).shown() + " then.",
                m == Measure.LENGTH ? "" : "The worst at three frequencies of the band.",
                "",
                Optional.of(then.worked(m, ask)),
                Optional.empty(),
                List.of());
    }

    @Override
    public List<String> walk(Showing s) {
        int count = result.get().value().map(r -> r.front().size()).orElse(0);
        return IntStream.range(0, count).mapToObj(i -> "design:" + i).toList();
    }

    @Override
    public int walkStart(Showing s) {
        return result.get().value().map(ImproveBench::first).orElse(0);
    }

    /** Walking by keys says no place; dragging goes to the nearest. */
    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        return zone.startsWith("design:") && (x > 0 || y > 0)
                ? new ImprovePicture(s, result.get(), width, height).nearest(x, y)
                : Optional.empty();
    }

    static String words(Measure m, double value) {
        return NumberText.shown(value, m.decimals()) + (m.unit().isEmpty() ? "" : " " + m.unit());
    }
}
