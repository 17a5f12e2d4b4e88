package veldline.desktop.learn;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.learn.Experiment;
import veldline.learn.Experiments;
import veldline.learn.Lesson;
import veldline.learn.Look;
import veldline.picture.Picture;

/** An experiment: what is moved is dragged along its curve, or walked with left and right. */
public final class LearnBench implements Bench {
    /** Under which the experiment that is looked at is noted. */
    public static final String WHICH = "learn";

    private final Step over;

    public LearnBench(Step over) {
        this.over = over;
    }

    @Override
    public Step step() {
        return over;
    }

    @Override
    public String place() {
        return Overlay.LEARN.name();
    }

    /** The one that was picked, or the first. */
    public static Experiment experiment(Showing s) {
        return Optional.ofNullable(s.noted().get(WHICH))
                .flatMap(Experiments::named)
                .orElse(Experiments.all().get(0));
    }

    /** As far as it was walked; empty before that. */
    static Optional<Lesson> lesson(Showing s) {
        return s.advice()
                .lesson()
                .filter(l -> l.experiment().id().equals(experiment(s).id()))
                .filter(l -> !l.looks().isEmpty());
    }

    /** Which of its settings is looked at. */
    static int index(Showing s, Lesson lesson) {
        String zone = s.noted().getOrDefault(Overlay.LEARN.name(), "");
        String mine = zone(lesson.experiment(), 0).replaceFirst("0$", "");
        int index = zone.startsWith(mine) ? Integer.parseInt(zone.substring(mine.length())) : lesson.begin();
        return Math.max(0, Math.min(index, lesson.looks().size() - 1));
    }

    /** A setting of one experiment means nothing to another. */
    static String zone(Experiment e, int index) {
        return e.id() + ":" + index;
    }

    @Override
    public String heading(Showing s) {
        return "Learn";
    }

    @Override
    public List<Input> inputs(Showing s) {
        Experiment now = experiment(s);
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "experiment",
                Experiments.all().size() + " experiments",
                Experiments.all().stream()
                        .map(e -> new Input.Option(
                                e.title(),
                                e == now,
                                new Input.Outcome.Asked("set:" + WHICH + "=" + e.id(), Input.Command.EXPERIMENT)))
                        .toList()));
        in.add(new Input.Note("question", now.question()));
        if (s.busy().isPresent()) {
            in.add(new Input.Action("stop", "Stop, keep what is done", "Esc", Input.Command.STOP));
        }
        Step bench = Step.valueOf(now.bench());
        in.add(new Input.Choice(
                "in-earnest",
                "In earnest",
                List.of(
                        new Input.Option("here", true, new Input.Outcome.Picked("set:" + WHICH + "=" + now.id())),
                        new Input.Option(bench.title(), false, new Input.Outcome.Picked("step:" + bench.name())))));
        in.add(new Input.Action("leave", "Back to " + over.title(), "Esc", Input.Command.LEAVE));
        in.add(
                new Input.Note(
                        "learn-how",
                        "Guess first, then drag the dot along the curve, or press left and right. Nothing here touches the job."));
        return in;
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return new LearnPicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "What is to be seen";
    }

    @Override
    public List<Finding> findings(Showing s) {
        List<Finding> found = new ArrayList<>();
        lesson(s).ifPresent(l -> {
            Look look = l.looks().get(index(s, l));
            found.add(seen(look.figure(), look.says()));
            look.beside().forEach(w -> found.add(seen(w, "")));
            found.add(Finding.plain(
                    Finding.Level.FITS, "In short.", l.experiment().answer(), "", ""));
        });
        return found;
    }

    private static Finding seen(Worked w, String reason) {
        return Finding.fits(w.shown(), w.formula().name().toLowerCase(Locale.ROOT) + ".", reason, w);
    }

    @Override
    public List<String> walk(Showing s) {
        return lesson(s)
                .map(l -> IntStream.range(0, l.looks().size())
                        .mapToObj(i -> zone(l.experiment(), i))
                        .toList())
                .orElse(List.of());
    }

    @Override
    public int walkStart(Showing s) {
        return lesson(s).map(Lesson::begin).orElse(0);
    }

    @Override
    public Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        return zone.equals("slide")
                ? lesson(s).map(l -> zone(l.experiment(), new LearnPicture(s, width, height).indexAt(x)))
                : Optional.empty();
    }
}
