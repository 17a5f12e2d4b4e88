package veldline.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.log.LogbookInputs;
import veldline.store.JobStore;
import veldline.store.Logbook;
import veldline.store.LogbookEntry;

/** The logbook of every job in the folder of the one on the desk, and what was last looked for in it. */
final class Shelf {
    private static final String INDEX = ".veldline-logbook.db";
    /** No more are shown at once. */
    private static final int MOST = 200;

    private final Workbench work;
    private final Studies studies;
    private Optional<List<LogbookEntry>> found = Optional.empty();

    Shelf(Workbench work, Studies studies) {
        this.work = work;
        this.studies = studies;
    }

    Optional<List<LogbookEntry>> found() {
        return found;
    }

    void ask(Input.Command command, Optional<Showing> showing) {
        showing.ifPresent(s -> {
            if (command == Input.Command.OPEN_FOUND) {
                LogbookInputs.chosen(s).ifPresent(e -> work.open(e.file().toFile()));
            } else {
                search(s.noted().getOrDefault(LogbookInputs.WORDS, ""));
            }
        });
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
