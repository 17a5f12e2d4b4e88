package veldline.desktop.log;

import java.util.List;
import java.util.Optional;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.store.LogbookEntry;

/** What is looked for among all jobs, and the one that is walked to. */
public final class LogbookInputs {
    /** Under which the words that are looked for are noted. */
    public static final String WORDS = "log.words";

    private LogbookInputs() {}

    static List<LogbookEntry> found(Showing s) {
        return s.advice().shelf().orElse(List.of());
    }

    /** The job that is walked to; empty where none was found. */
    public static Optional<LogbookEntry> chosen(Showing s) {
        List<LogbookEntry> all = found(s);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(s.pickedIndex(Step.LOG, 0, all.size())));
    }

    static List<Input> of(Showing s) {
        Input.Text words = new Input.Text(
                "words",
                "Words in a job, then Enter",
                s.noted().getOrDefault(WORDS, ""),
                text -> new Input.Outcome.Asked("set:" + WORDS + "=" + text.strip(), Input.Command.LOGBOOK));
        Input.Action look = s.busy().isPresent()
                ? new Input.Action("stop", "Stop", "Esc", Input.Command.STOP)
                : new Input.Action("look", "Look again", "", Input.Command.LOGBOOK);
        Input.Note how = new Input.Note(
                "logbook-how",
                "Every job in this folder and those under it, by any word: places, parts, antennas, lines of the log. The index is built from the files and may be thrown away.");
        return chosen(s).isPresent()
                ? List.of(
                        words, new Input.Action("open-found", "Open this one", "", Input.Command.OPEN_FOUND), look, how)
                : List.of(words, look, how);
    }
}
