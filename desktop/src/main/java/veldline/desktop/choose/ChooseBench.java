package veldline.desktop.choose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.antenna.WireFamily;
import veldline.antenna.YagiChange;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.study.Candidate;
import veldline.study.Weigh;

/** Candidates on one axis of gain, best first; walked up and down, taken with Enter. */
public final class ChooseBench implements Bench {
    @Override
    public Step step() {
        return Step.CHOOSE;
    }

    @Override
    public String heading(Showing s) {
        return "What the "
                + (s.job().madeNear() ? s.job().brief().near() : s.job().brief().far())
                        .shortName()
                        .toLowerCase(java.util.Locale.ROOT)
                + " needs";
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        in.add(new Input.Value(
                "margin",
                "Margin wanted",
                s.job().brief().marginWanted(),
                "",
                Limits.within(0, 60, "0", "60 dB", q -> new JobChange.OfBrief(new BriefChange.MarginWanted(q)))));
        in.add(new Input.Value(
                "size",
                "Length, at most",
                s.job().brief().sizeAllowed(),
                NumberText.shown(1000 * s.job().brief().sizeAllowed().value(), 0) + " mm",
                Limits.within(0.01, 20, "10 mm", "20 m", q -> new JobChange.OfBrief(new BriefChange.SizeAllowed(q)))));
        s.job()
                .yagi()
                .ifPresent(y -> in.add(new Input.Choice(
                        "lies",
                        "Far end lies",
                        List.of(
                                new Input.Option(
                                        "flat", !y.upright(), new JobChange.OfYagi(new YagiChange.Upright(false))),
                                new Input.Option(
                                        "upright", y.upright(), new JobChange.OfYagi(new YagiChange.Upright(true)))))));
        weighing(in, s);
        in.addAll(AdviceInputs.of(s));
        in.addAll(AdvertInputs.of(s.job().offer()));
        in.add(
                new Input.Note(
                        "how",
                        "What is made of wires is solved, what has an opening summed. What is bought stands at its claims. Enter takes what is picked."));
        in.add(new Input.Note(
                "caution",
                "Whatever is chosen: people stay in front of it no nearer than the exposure distance in Raise. Local limits"
                        + " decide."));
        return in;
    }

    private static final String WEIGH = "choose.weigh";
    private static final String PIN = "choose.pin";

    private static Weigh weigh(Showing s) {
        return Weigh.valueOf(s.noted().getOrDefault(WEIGH, Weigh.MARGIN.name()));
    }

    /** The candidate that others are held against, where one is pinned. */
    static Optional<Candidate> pinned(Showing s) {
        String title = s.noted().getOrDefault(PIN, "");
        return candidates(s).stream()
                .filter(c -> title.equals(c.shaped().title() + c.shaped().build()))
                .findFirst();
    }

    private static void weighing(List<Input> in, Showing s) {
        in.add(new Input.Choice(
                "weigh",
                "Of those that do, first by",
                Arrays.stream(Weigh.values())
                        .map(w -> new Input.Option(
                                w.words(), w == weigh(s), new Input.Outcome.Picked("set:" + WEIGH + "=" + w.name())))
                        .toList()));
        List<Candidate> list = candidates(s);
        if (!list.isEmpty()) {
            Candidate c = list.get(s.pickedIndex(Step.CHOOSE, 0, list.size()));
            boolean on = pinned(s).filter(c::equals).isPresent();
            in.add(new Input.Choice(
                    "pin",
                    "Held against the others",
                    List.of(
                            new Input.Option(
                                    "the one picked",
                                    on,
                                    new Input.Outcome.Picked("set:" + PIN + "="
                                            + c.shaped().title() + c.shaped().build())),
                            new Input.Option(
                                    "none", pinned(s).isEmpty(), new Input.Outcome.Picked("set:" + PIN + "=")))));
        }
    }

    static List<Candidate> candidates(Showing s) {
        return weigh(s).ranked(s.candidates().value().orElse(List.of()));
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new ChoosePicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "Why this order";
    }

    @Override
    public List<Finding> findings(Showing s) {
        if (s.candidates() instanceof Stage.Failed<List<Candidate>> f) {
            return List.of(Finding.plain(Finding.Level.STOP, "Nothing could be ranked.", f.why(), "", ""));
        }
        List<Finding> ranked = candidates(s).stream()
                .map(c -> new Finding(
                        c.level(),
                        c.shaped().title(),
                        c.reason() + "."
                                + (c.shaped().family() instanceof WireFamily f
                                        ? " " + f.good() + " But: " + f.bad()
                                        : ""),
                        c.shaped().build() + ", " + c.gain().number() + " ± "
                                + NumberText.shown(c.gain().doubt().orElse(0.0), 1) + " dBi; " + CandidateWords.of(c)
                                + pinned(s)
                                        .filter(p -> p != c)
                                        .map(p -> " " + CandidateWords.against(c, p))
                                        .orElse(""),
                        "",
                        Optional.of(c.margin()),
                        Optional.empty(),
                        List.of()))
                .toList();
        return Stream.of(s.assessment().of(Step.CHOOSE), AdviceInputs.findings(s), ranked)
                .flatMap(List::stream)
                .toList();
    }

    @Override
    public List<String> walk(Showing s) {
        return IntStream.range(0, candidates(s).size())
                .mapToObj(i -> "candidate:" + i)
                .toList();
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        if (!zone.equals("advert") || s.job().offer().isEmpty()) {
            return Optional.empty();
        }
        double gain = Math.round(2 * new ChoosePicture(s, width, height).gainAt(x)) / 2.0;
        return Optional.of(new JobChange.Consider(
                s.job().offer().map(o -> o.withGain(Quantity.shown(gain, Unit.DBI, 1)))));
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        List<Candidate> list = candidates(s);
        if (list.isEmpty()) {
            return Optional.empty();
        }
        Candidate c = list.get(s.pickedIndex(Step.CHOOSE, 0, list.size()));
        return c.bought()
                .<JobChange>map(b -> new JobChange.Fit(s.job().madeNear(), b))
                .or(() -> c.shaped().made().map(m -> new JobChange.Fit(s.job().madeNear(), m)))
                .or(() -> c.yagi()
                        .map(y -> s.job().yagi().isPresent()
                                ? new JobChange.OfYagi(
                                        new YagiChange.Take(y, c.shaped().title()))
                                : new JobChange.Fit(s.job().madeNear(), y)));
    }
}
