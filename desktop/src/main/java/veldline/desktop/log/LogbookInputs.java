package veldline.desktop.log;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.quantity.NumberText;
import veldline.store.FirstTries;
import veldline.store.LogbookEntry;
import veldline.store.Recut;

/** What is looked for among all jobs, and the one that is walked to. */
public final class LogbookInputs {
    /** Under which the words that are looked for are noted. */
    public static final String WORDS = "log.words";

    private LogbookInputs() {}

    /** Under which the kind of antenna that is looked for is noted. */
    static final String KIND = "log.kind";

    private static final String EVERY = "every antenna";
    private static final String SWEPT = "swept ones";

    /** Those of the kind that is looked for. */
    static List<LogbookEntry> found(Showing s) {
        String kind = kind(s);
        return s.advice().shelf().orElse(List.of()).stream()
                .filter(e -> kind.equals(EVERY)
                        || (kind.equals(SWEPT)
                                ? e.cameOut().isPresent()
                                : kindOf(e).equals(kind)))
                .toList();
    }

    private static String kind(Showing s) {
        return s.noted().getOrDefault(KIND, EVERY);
    }

    /** “Yagi” of “Yagi of 14”. */
    private static String kindOf(LogbookEntry e) {
        return e.family().replaceFirst(" of \\d+$", "");
    }

    private static Input.Pick kinds(Showing s) {
        List<String> kinds = Stream.of(
                        Stream.of(EVERY, SWEPT),
                        s.advice().shelf().orElse(List.of()).stream()
                                .map(LogbookInputs::kindOf)
                                .sorted(),
                        Stream.of(kind(s)))
                .flatMap(k -> k)
                .distinct()
                .toList();
        return new Input.Pick(
                "kind",
                "Antennas",
                kinds.stream()
                        .map(k -> new Input.Option(
                                k, k.equals(kind(s)), new Input.Outcome.Picked("set:" + KIND + "=" + k)))
                        .toList());
    }

    /** What first tries of those found have in common, offered as a cut for the antenna on the bench. */
    static Optional<Finding> workshop(Showing s) {
        return FirstTries.of(found(s)).map(t -> {
            double middle = t.middle().value();
            Finding told = Finding.fits(
                    t.middle().shown(),
                    (middle < 0 ? "low" : "high") + " is where the middle one of " + t.count()
                            + " first tries came out.",
                    "Half of them lie from " + NumberText.signed(t.low(), 1) + " to " + NumberText.signed(t.high(), 1)
                            + " in 100. Of one kind, made by the same hands, they are worth cutting for.",
                    t.middle());
            return told.withRemedies(Recut.of(s.job(), middle)
                    .map(c -> new Finding.Remedy(
                            "Cut this one for it",
                            "Every free length " + c.label().replaceFirst("^cut ", "") + ".",
                            c))
                    .stream()
                    .toList());
        });
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
                        words,
                        kinds(s),
                        new Input.Action("open-found", "Open this one", "", Input.Command.OPEN_FOUND),
                        look,
                        how)
                : List.of(words, kinds(s), look, how);
    }
}
