package veldline.desktop.match;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.assess.MatchFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.line.MatchWay;
import veldline.picture.Picture;

/** Every way to the cable's impedance, walked side by side. */
public final class MatchBench implements Bench {
    @Override
    public Step step() {
        return Step.MATCH;
    }

    @Override
    public String heading(Showing s) {
        return s.job().brief().near().shortName() + " antenna, at its feed";
    }

    @Override
    public List<Input> inputs(Showing s) {
        if (!s.job().antenna(s.job().madeNear()).shapedHere()) {
            return List.of(new Input.Note(
                    "bought", "A bought antenna is matched by its maker; look at its SWR before it goes up."));
        }
        Optional<MatchWay> match = s.job().match();
        List<Input> in = new ArrayList<>();
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

    static List<MatchFigures.Option> options(Showing s) {
        return s.assessment().match().value().map(MatchFigures::options).orElse(List.of());
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new MatchPicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "Does it take the power?";
    }

    @Override
    public List<String> walk(Showing s) {
        return options(s).stream().map(o -> "way:" + options(s).indexOf(o)).toList();
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        List<MatchFigures.Option> list = options(s);
        return list.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        list.get(s.pickedIndex(Step.MATCH, 0, list.size())).take());
    }
}
