package veldline.desktop.match;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.antenna.Made;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.assess.MatchFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.line.MatchWay;
import veldline.link.End;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.trim.TrimChange;
import veldline.trim.TrimLog;

/** Every way to the cable's impedance, walked side by side; or a sweep of what was built, and which measure explains it. */
public final class MatchBench implements Bench {
    /** What is looked at, by name. */
    static final String LOOK = "match.look";

    @Override
    public Step step() {
        return Step.MATCH;
    }

    @Override
    public String heading(Showing s) {
        End end = s.job().madeNear() ? s.job().brief().near() : s.job().brief().far();
        return end.shortName() + " antenna, at its feed";
    }

    @Override
    public List<Input> inputs(Showing s) {
        if (!s.job().antenna(s.job().madeNear()).shapedHere()) {
            return List.of(new Input.Note(
                    "bought", "A bought antenna is matched by its maker; look at its SWR before it goes up."));
        }
        Optional<MatchWay> match = s.job().match();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Choice(
                "look",
                "Look at",
                List.of(
                        new Input.Option("every way", !swept(s), new Input.Outcome.Picked("set:" + LOOK + "=ways")),
                        new Input.Option("a sweep", swept(s), new Input.Outcome.Picked("set:" + LOOK + "=sweep")))));
        if (swept(s)) {
            in.addAll(SweepInputs.of(s));
            return in;
        }
        s.job()
                .yagi()
                .map(YagiShape::feed)
                .ifPresent(feed -> in.add(new Input.Choice(
                        "feed",
                        "Driven element",
                        Arrays.stream(YagiShape.Feed.values())
                                .map(k -> new Input.Option(
                                        k.word(), k == feed, new JobChange.OfYagi(new YagiChange.FeedKind(k))))
                                .toList())));
        in.add(new Input.Pick(
                "match",
                "Between it and the cable",
                Stream.concat(
                                Stream.of(new Input.Option(
                                        "nothing", match.isEmpty(), new JobChange.Match(Optional.empty()))),
                                MatchWay.all().stream()
                                        .map(w -> new Input.Option(
                                                w.title(),
                                                match.filter(m -> m == w).isPresent(),
                                                new JobChange.Match(Optional.of(w)))))
                        .toList()));
        in.add(
                new Input.Note(
                        "line",
                        "Cable of 50 Ω. Parts are the nearest of the E24 series; coils of Q 60, capacitors of Q 300; lines of solid polyethylene. Volts and amperes at the radio's power."));
        in.add(new Input.Note(
                "solder",
                "Solder unplugged: hot tip, fumes, static. Before sending, antenna or load always on, hands clear of the"
                        + " element's ends."));
        return in;
    }

    /** Whether it is a sweep that is looked at, and not the ways to a match. */
    private static boolean swept(Showing s) {
        return s.noted().getOrDefault(LOOK, "ways").equals("sweep")
                && s.job().antenna(s.job().madeNear()) instanceof Made;
    }

    @Override
    public List<Finding> findings(Showing s) {
        return swept(s) ? SweepInputs.findings(s) : s.assessment().of(step());
    }

    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        return zone.equals("amount") ? SweepPicture.amountAt(s, x, width) : Optional.empty();
    }

    static List<MatchFigures.Option> options(Showing s) {
        return s.assessment().match().value().map(MatchFigures::options).orElse(List.of());
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return swept(s) ? new SweepPicture(s, width, height).draw() : new MatchPicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "Does it take the power?";
    }

    @Override
    public List<String> walk(Showing s) {
        return swept(s)
                ? SweepPicture.walk(s).toList()
                : options(s).stream().map(o -> "way:" + options(s).indexOf(o)).toList();
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        if (swept(s)) {
            return SweepPicture.walked(s)
                    .filter(w -> s.job().trim().open().isPresent())
                    .map(w -> new JobChange.OfTrim(new TrimChange.Done(
                            new TrimLog.Cut(w.measure().name(), Quantity.shown(-w.offBy(), Unit.MM, 1)))));
        }
        List<MatchFigures.Option> list = options(s);
        return list.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        list.get(s.pickedIndex(Step.MATCH, 0, list.size())).take());
    }
}
