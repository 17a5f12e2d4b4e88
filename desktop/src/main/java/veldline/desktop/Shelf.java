package veldline.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.learn.LearnBench;
import veldline.desktop.log.LogbookInputs;
import veldline.learn.Experiment;
import veldline.learn.Lesson;
import veldline.store.JobStore;
import veldline.store.Logbook;
import veldline.store.LogbookEntry;

/** What is looked up beside the job: the logbook of every job in its folder, and experiments. */
final class Shelf {
    private static final String INDEX = ".veldline-logbook.db";
    /** No more are shown at once. */
    private static final int MOST = 200;

    private final Workbench work;
    private final Studies studies;
    private Optional<List<LogbookEntry>> found = Optional.empty();
    private Optional<Lesson> lesson = Optional.empty();

    Shelf(Workbench work, Studies studies) {
        this.work = work;
        this.studies = studies;
    }

    Optional<List<LogbookEntry>> found() {
        return found;
    }

    Optional<Lesson> lesson() {
        return lesson;
    }

    void ask(Input.Command command, Optional<Showing> showing) {
        showing.ifPresent(s -> {
            if (command == Input.Command.OPEN_FOUND) {
                LogbookInputs.chosen(s).ifPresent(e -> work.open(e.file().toFile()));
            } else if (command == Input.Command.EXPERIMENT) {
                walk(LearnBench.experiment(s));
            } else {
                search(s.noted().getOrDefault(LogbookInputs.WORDS, ""));
            }
        });
    }

    /** Every setting is solved once; one that was walked before is there at once. */
    private void walk(Experiment e) {
        if (lesson.filter(l ->
                        l.experiment() == e && l.looks().size() == e.slide().count())
                .isPresent()) {
            return;
        }
        studies.ask(
                "Solving",
                p -> Lesson.of(e, p),
                o -> {
                    lesson = Optional.of(o.result());
                    work.tell(
                            o.stopped()
                                    ? "Stopped; what was solved can be moved."
                                    : "Drag the dot, or press left and right.");
                    work.pick("set:" + LearnBench.WHICH + "=" + e.id());
                },
                e2 -> work.tell(e2.getMessage() + "."));
    }

    private record Looked(List<LogbookEntry> found, int of, List<String> troubles) {}

    /** What changed on disk is read first, off the interface thread; an edit that is not saved yet is not in it. */
    private void search(String words) {
        Optional<Path> folder =
                work.desk().store().map(JobStore::file).flatMap(f -> Optional.ofNullable(f.getParent()));
        if (folder.isEmpty()) {
            work.tell("This job is in no folder yet; save it, and the jobs beside it are the logbook.");
            return;
        }
        work.desk().saveNow();
        studies.ask(
                "Reading jobs",
                p -> look(folder.get(), words, (done, of) -> p.step(done, of, "")),
                o -> {
                    Looked l = o.result();
                    found = Optional.of(l.found);
                    work.tell(l.found.size() + " of " + l.of + " jobs"
                            + (words.isBlank() ? "." : " hold “" + words + "”.")
                            + (l.troubles.isEmpty() ? "" : " " + l.troubles.get(0) + "."));
                    // Keeping the words once more draws what was found.
                    work.pick("set:" + LogbookInputs.WORDS + "=" + words);
                },
                e -> work.tell(e.getMessage() + "."));
    }

    private static Looked look(Path folder, String words, Logbook.Watch watch) throws IOException {
        try (Logbook book = Logbook.at(folder.resolve(INDEX))) {
            List<String> troubles = book.refresh(folder, watch);
            return new Looked(book.search(words, MOST), book.size(), troubles);
        }
    }
}
