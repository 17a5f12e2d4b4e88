package veldline.desktop.begin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.desktop.brief.BriefBench;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.BriefChange;
import veldline.link.RadioSheet;
import veldline.link.Radios;
import veldline.path.Surface;
import veldline.picture.Picture;

/** A new job from three answers: on what frequency, how far over what, with which radio. The line grows meanwhile. */
public final class NewJobBench implements Bench {
    private final Step over;
    private final BriefBench brief = new BriefBench();

    public NewJobBench(Step over) {
        this.over = over;
    }

    @Override
    public Step step() {
        return over;
    }

    @Override
    public String place() {
        return Overlay.NEW_JOB.name();
    }

    @Override
    public String heading(Showing s) {
        return "A new job: three answers";
    }

    @Override
    public List<Input> inputs(Showing s) {
        Brief b = s.job().brief();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Note("one", "1  On what frequency?"));
        in.add(new Input.Value(
                "new-frequency",
                "Frequency",
                b.frequency(),
                "",
                Limits.within(1.8e6, 30e9, "1.8 MHz", "30 GHz", q -> lift(new BriefChange.Frequency(q)))));
        in.add(new Input.Note("two", "2  How far, over what?"));
        in.add(new Input.Value(
                "new-distance",
                "Distance",
                b.distance(),
                "",
                Limits.within(10, 1e6, "10 m", "1000 km", q -> lift(new BriefChange.Distance(q)))));
        in.add(new Input.Pick(
                "new-surface",
                "What lies between",
                Arrays.stream(Surface.values())
                        .map(x -> new Input.Option(x.words(), x == b.surface(), lift(new BriefChange.Ground(x))))
                        .toList()));
        in.add(new Input.Note("three", "3  With which radio?"));
        in.add(radio(s));
        in.add(new Input.Text(
                "new-name",
                "What it is called",
                s.job().name(),
                text -> text.isBlank()
                        ? new Input.Outcome.Refused("A job needs a name.")
                        : Input.Outcome.of(new JobChange.Rename(s.job().place(), text.strip()))));
        in.add(new Input.Text(
                "new-place",
                "The site it belongs to",
                s.job().place(),
                text -> Input.Outcome.of(
                        new JobChange.Rename(text.strip(), s.job().name()))));
        in.add(new Input.Action("leave", "Go on to Brief", "Esc", Input.Command.LEAVE));
        return in;
    }

    /** One radio at both ends to begin with; each end can be given another in Brief. */
    private static Input radio(Showing s) {
        Optional<String> id = s.job().brief().near().radio().sheet().map(RadioSheet::id);
        double frequency = s.job().brief().frequency().value();
        List<Input.Option> options = new ArrayList<>();
        if (id.isEmpty()) {
            options.add(new Input.Option("another; typed in Brief", true, new Input.Outcome.Picked("set:new=typed")));
        }
        Radios.all().stream()
                .filter(r -> r.rates().get(0).power().isPresent())
                .forEach(r -> options.add(new Input.Option(
                        r.name() + (r.covers(frequency) ? "" : " (not on this frequency)"),
                        id.filter(r.id()::equals).isPresent(),
                        new JobChange.BothRadios(r, r.rates().get(0)))));
        return new Input.Pick("new-radio", "Radio from the drawer", options);
    }

    private static JobChange lift(BriefChange change) {
        return new JobChange.OfBrief(change);
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return brief.centre(s, width, height);
    }

    @Override
    public String question(Showing s) {
        return "What it comes to";
    }

    @Override
    public List<Finding> findings(Showing s) {
        return s.assessment().of(Step.BRIEF);
    }

    @Override
    public List<String> walk(Showing s) {
        return brief.walk(s);
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        return brief.dragged(s, zone, fromX, fromY, x, y, width, height);
    }
}
