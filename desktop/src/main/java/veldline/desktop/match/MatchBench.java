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
import veldline.quantity.NumberText;
import veldline.trim.TrimChange;

/** Every way to the cable's impedance, walked side by side; a sweep of what was built, and which measure explains it; or a tuner, drawn along the cable. */
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
                        look("every way", "ways", !swept(s) && !tuned(s)),
                        look("a sweep", "sweep", swept(s)),
                        look("a tuner", "tuner", tuned(s)))));
        if (swept(s)) {
            in.addAll(SweepInputs.of(s));
            return in;
        }
        if (tuned(s)) {
            in.add(
                    new Input.Note(
                            "tuner",
                            "Behind the match that is in use, along the run as one cable. By hand for one frequency, a wide range or no supply; automatic for many frequencies or at the mast."));
            in.add(
                    new Input.Note(
                            "low-power",
                            "Tune at low power, hands and eyes clear: parts of a tuner and ends of a wire stand hundreds of volts. What it is, and what it is joined to, keeps to local codes and to licensed practice."));
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
                        "Cable of " + NumberText.shown(s.job().lineOhms(), 0)
                                + " Ω, as the antenna's connector is. Parts are the nearest of the E24 series; coils of Q 60, capacitors of Q 300; lines of solid polyethylene. Volts and amperes at the radio's power."));
        in.add(new Input.Note(
                "solder",
                "Solder unplugged: hot tip, fumes, static. Before sending, antenna or load always on, hands clear of the"
                        + " element's ends."));
        return in;
    }

    private static Input.Option look(String words, String name, boolean chosen) {
        return new Input.Option(words, chosen, new Input.Outcome.Picked("set:" + LOOK + "=" + name));
    }

    /** Whether it is a tuner that is looked at. */
    private static boolean tuned(Showing s) {
        return s.noted().getOrDefault(LOOK, "ways").equals("tuner")
                && s.job().antenna(s.job().madeNear()).shapedHere();
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
        if (zone.equals("amount")) {
            return SweepPicture.amountAt(s, x, width);
        }
        return zone.equals("tuner") || zone.startsWith("place:")
                ? TunerPicture.placeAt(zone, x, width)
                : Optional.empty();
    }

    static List<MatchFigures.Option> options(Showing s) {
        return s.assessment().match().value().map(MatchFigures::options).orElse(List.of());
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        if (tuned(s)) {
            return new TunerPicture(s, width, height).draw();
        }
        return swept(s) ? new SweepPicture(s, width, height).draw() : new MatchPicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "Does it take the power?";
    }

    @Override
    public List<String> walk(Showing s) {
        if (tuned(s)) {
            return TunerPicture.walk();
        }
        return swept(s)
                ? SweepPicture.walk(s).toList()
                : options(s).stream().map(o -> "way:" + options(s).indexOf(o)).toList();
    }

    @Override
    public int walkStart(Showing s) {
        return tuned(s)
                ? s.assessment().tuner().map(t -> TunerPicture.place(s, t)).orElse(0)
                : 0;
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        if (tuned(s)) {
            return Optional.empty();
        }
        if (swept(s)) {
            return SweepPicture.cut(s)
                    .filter(c -> s.job().trim().open().isPresent())
                    .map(c -> new JobChange.OfTrim(new TrimChange.Done(c)));
        }
        List<MatchFigures.Option> list = options(s);
        return list.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        list.get(s.pickedIndex(Step.MATCH, 0, list.size())).take());
    }
}
