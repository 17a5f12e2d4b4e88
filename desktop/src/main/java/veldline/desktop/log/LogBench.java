package veldline.desktop.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.picture.Picture;

/** What was built and found: lines on one string of time, walked with left and right. */
public final class LogBench implements Bench {
    @Override
    public Step step() {
        return Step.LOG;
    }

    @Override
    public String heading(Showing s) {
        return s.job().name();
    }

    private static final String PAGE = "log";

    private static boolean all(Showing s) {
        return s.noted().getOrDefault(PAGE, "job").equals("all");
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        boolean all = all(s);
        in.add(new Input.Pick(
                "page",
                "What is looked at",
                List.of(
                        new Input.Option("this job", !all, new Input.Outcome.Picked("set:" + PAGE + "=job")),
                        new Input.Option(
                                "all jobs here",
                                all,
                                new Input.Outcome.Asked("set:" + PAGE + "=all", Input.Command.LOGBOOK)))));
        if (all) {
            in.addAll(LogbookInputs.of(s));
            return in;
        }
        in.add(Input.Words.asking(
                "note",
                "Write a line, then Enter",
                text -> text.isEmpty() ? Optional.empty() : Optional.of(new JobChange.Note(Instant.now(), text))));
        in.add(new Input.Action("photograph", "Add a photograph", "", Input.Command.PHOTOGRAPH));
        in.add(new Input.Action("report", "Report", "Ctrl P", Input.Command.PRINT));
        in.add(new Input.Action("changes", "What changed", "C", Input.Command.CHANGES));
        in.add(new Input.Action("save", "Save as", "", Input.Command.SAVE_AS));
        in.add(new Input.Action("zip", "Send as one zip", "", Input.Command.ZIP_OUT));
        in.add(new Input.Action("open", "Open", "", Input.Command.OPEN));
        in.add(new Input.Note(
                "saving", "Every edit is saved within a second. Ctrl Z takes an edit back, Ctrl Y puts it in again."));
        in.add(new Input.Note(
                "closing",
                "Before leaving: tools counted, bolts torqued again on the date noted, next look on the date noted."));
        return in;
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return all(s) ? new LogbookPicture(s, width, height).draw() : new LogPicture(s, width, height).draw();
    }

    @Override
    public String question(Showing s) {
        return "Where it stands";
    }

    /** The first finding of each step: the whole job at a glance. */
    @Override
    public List<Finding> findings(Showing s) {
        List<Finding> first = new ArrayList<>();
        for (Step step : List.of(Step.BRIEF, Step.SHAPE, Step.FEED_RUN, Step.RAISE, Step.PROVE)) {
            s.assessment().of(step).stream().findFirst().ifPresent(first::add);
        }
        return first;
    }

    @Override
    public List<String> walk(Showing s) {
        boolean all = all(s);
        return IntStream.range(
                        0, all ? LogbookInputs.found(s).size() : s.job().log().size())
                .mapToObj(i -> (all ? "entry:" : "line:") + i)
                .toList();
    }

    @Override
    public int walkStart(Showing s) {
        return all(s) ? 0 : Math.max(0, s.job().log().size() - 1);
    }
}
