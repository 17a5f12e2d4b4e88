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
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

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

    private static String page(Showing s) {
        return s.noted().getOrDefault(PAGE, "job");
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        String page = page(s);
        in.add(new Input.Pick(
                "page",
                "What is looked at",
                List.of(
                        new Input.Option(
                                "this job", page.equals("job"), new Input.Outcome.Picked("set:" + PAGE + "=job")),
                        new Input.Option(
                                "what was tried",
                                page.equals("tried"),
                                new Input.Outcome.Picked("set:" + PAGE + "=tried")),
                        new Input.Option(
                                "all jobs here",
                                page.equals("all"),
                                new Input.Outcome.Asked("set:" + PAGE + "=all", Input.Command.LOGBOOK)))));
        if (page.equals("all")) {
            in.addAll(LogbookInputs.of(s));
            return in;
        }
        if (page.equals("tried")) {
            in.addAll(ReworkInputs.of(s));
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
        return switch (page(s)) {
            case "all" -> new LogbookPicture(s, width, height).draw();
            case "tried" -> new ReworkPicture(s, width, height).draw();
            default -> new LogPicture(s, width, height).draw();
        };
    }

    @Override
    public String question(Showing s) {
        return "Where it stands";
    }

    /** What is looked at says its own first; then the first finding of each step: the whole job at a glance. */
    @Override
    public List<Finding> findings(Showing s) {
        List<Finding> first = new ArrayList<>();
        if (page(s).equals("all")) {
            LogbookInputs.workshop(s).ifPresent(first::add);
        }
        first.addAll(s.assessment().of(Step.LOG));
        for (Step step : List.of(Step.BRIEF, Step.SHAPE, Step.FEED_RUN, Step.RAISE, Step.PROVE)) {
            s.assessment().of(step).stream().findFirst().ifPresent(first::add);
        }
        return first;
    }

    @Override
    public List<String> walk(Showing s) {
        return switch (page(s)) {
            case "all" -> zones("entry:", LogbookInputs.found(s).size());
            case "tried" -> zones("tried:", s.job().rework().size());
            default -> zones("line:", s.job().log().size());
        };
    }

    private static List<String> zones(String name, int count) {
        return IntStream.range(0, count).mapToObj(i -> name + i).toList();
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        return zone.matches("tried:\\d+")
                ? Optional.of(ReworkInputs.after(
                        s,
                        Integer.parseInt(zone.substring(6)),
                        Quantity.shown(new ReworkPicture(s, width, height).levelAt(x), Unit.DBM, 1)))
                : Optional.empty();
    }

    @Override
    public int walkStart(Showing s) {
        return switch (page(s)) {
            case "all" -> 0;
            case "tried" -> Math.max(0, s.job().rework().size() - 1);
            default -> Math.max(0, s.job().log().size() - 1);
        };
    }
}
