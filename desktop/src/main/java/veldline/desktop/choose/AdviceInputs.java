package veldline.desktop.choose;

import java.util.ArrayList;
import java.util.List;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.raise.PlanInputs;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.quantity.NumberText;
import veldline.study.NextStep;

/** Which change would buy most for its hours and money. */
final class AdviceInputs {
    private AdviceInputs() {}

    static List<Input> of(Showing s) {
        List<Input> in = new ArrayList<>();
        in.add(new Input.Action("next-step", "What is the next best step?", "", Input.Command.NEXT_STEP));
        s.job().site().ifPresent(site -> {
            in.add(new Input.Action("suggest", "Suggest antennas for the site", "", Input.Command.SECTORS));
            s.advice().sectors().value().ifPresent(found -> in.add(PlanInputs.suggested(s, found)));
        });
        s.advice().steps().value().ifPresent(steps -> {
            if (steps.isEmpty()) {
                in.add(new Input.Note("no-steps", "Nothing that was tried buys 0.3 dB in the worst case."));
            } else {
                in.add(new Input.Pick(
                        "steps",
                        "By dB an hour; picking one takes it",
                        steps.stream().map(AdviceInputs::option).toList()));
            }
        });
        return in;
    }

    /** The steps most worth it, each of them to be taken or left. */
    static List<Finding> findings(Showing s) {
        return s.advice().steps().value().orElse(List.of()).stream()
                .limit(SHOWN)
                .map(AdviceInputs::finding)
                .toList();
    }

    private static final int SHOWN = 3;

    private static Finding finding(NextStep step) {
        String title =
                Character.toUpperCase(step.title().charAt(0)) + step.title().substring(1);
        Finding f = Finding.fits(
                "+" + step.gain().shown(),
                "in the worst case: " + step.title() + ".",
                "Mends the " + step.cause().words() + "; about " + cost(step) + ", "
                        + step.worth().shown() + ".",
                step.gain());
        return step.changes().isEmpty()
                ? f
                : f.withRemedies(List.of(new Finding.Remedy(
                        title,
                        "The line then shows it; Ctrl Z takes it back.",
                        new JobChange.All(step.title(), step.changes()))));
    }

    private static Input.Option option(NextStep step) {
        String word = "+" + step.gain().shown() + ", " + cost(step) + ": " + step.title();
        return step.changes().isEmpty()
                ? new Input.Option(
                        word,
                        false,
                        new Input.Outcome.Refused("That is work on the mast; nothing in the job changes by it."))
                : new Input.Option(word, false, new JobChange.All(step.title(), step.changes()));
    }

    private static String cost(NextStep step) {
        String hours = NumberText.shown(step.hours(), step.hours() < 1 ? 2 : 0) + " h";
        return step.money() > 0 ? hours + " and " + NumberText.shown(step.money(), 0) : hours;
    }
}
