package veldline.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import veldline.antenna.YagiChange;
import veldline.assess.Assessment;
import veldline.explain.Program;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.format.ReadingsCsv;
import veldline.job.JobChange;
import veldline.prove.ProveChange;
import veldline.prove.Recording;
import veldline.store.JobStore;
import veldline.study.YagiTuning;

/** What is asked for by name and takes time: recording, improving, reading and opening files. */
final class Tasks {
    private final Workbench work;
    private final Studies studies;
    private final Consumer<Runnable> toInterface;

    Tasks(Workbench work, Studies studies, Consumer<Runnable> toInterface) {
        this.work = work;
        this.studies = studies;
        this.toInterface = toInterface;
    }

    /** Records one tide as the job stands. */
    void record(Assessment a) {
        studies.ask(
                "Recording",
                p -> Recorder.record(a, p),
                o -> {
                    if (o.stopped()) {
                        work.tell("Stopped; nothing was kept.");
                    } else {
                        Recording r = o.result();
                        work.apply(new JobChange.OfProve(new ProveChange.Add(r)));
                        work.tell("Recorded " + r.series().size() + " readings, " + r.setUp() + ".");
                    }
                },
                e -> work.tell(e.getMessage()));
    }

    /** Looks for a better shape of the Yagi and takes the best found, also when it is stopped. */
    void improve(Assessment a) {
        studies.ask(
                "Trying shapes",
                p -> YagiTuning.improve(
                        a.job().yagi(),
                        a.job().brief().frequency().value(),
                        a.job().brief().sizeAllowed().value(),
                        YagiTuning.Goal.GAIN,
                        p),
                o -> {
                    work.apply(new JobChange.OfYagi(new YagiChange.Take(o.result(), "improved Yagi")));
                    work.tell(
                            o.stopped()
                                    ? "Stopped; the best so far was taken."
                                    : "The best shape found was taken; Ctrl Z puts the old one back.");
                },
                e -> work.tell(e.getMessage()));
    }

    /** Reads a CSV of readings as one more recording. */
    void readCsv(Path file, Assessment a) {
        studies.ask(
                "Reading",
                p -> ReadingsCsv.read(Files.readString(file)),
                o -> {
                    ReadingsCsv.Contents c = o.result();
                    Recording r = new Recording(
                            file.getFileName().toString(),
                            Recorder.setUp(a.job()),
                            Instant.now(),
                            new Recording.Quoted(
                                    a.line().floor() + a.line().margin().value(), 1.5, Instant.now(), Program.VERSION),
                            c.series());
                    work.apply(new JobChange.OfProve(new ProveChange.Add(r)));
                    work.tell(c.mapping() + "."
                            + (c.leftOut().isEmpty()
                                    ? ""
                                    : " Left out " + c.leftOut().size() + ": "
                                            + c.leftOut().get(0) + "."));
                },
                e -> work.tell(file.getFileName() + ": " + plain(e) + " Nothing was changed."));
    }

    private static String plain(Exception e) {
        return e instanceof FormatException ? e.getMessage() : "it cannot be read as text. Give a CSV file in UTF-8.";
    }

    private record Opened(JobFile.Opened file, Optional<Instant> written) {}

    /** Opens a job file; one that cannot be read leaves the desk as it is. */
    void open(Path file) {
        JobStore store = new JobStore(file);
        // The job on the desk may be the one that is opened: what is not saved yet is saved first.
        work.desk().saveNow();
        studies.ask(
                "Opening",
                p -> {
                    work.desk().awaitSaved();
                    return new Opened(store.openWhatCanBe(), store.lastSaved());
                },
                o -> {
                    work.forgetJob();
                    work.desk()
                            .lay(
                                    o.result().file().job(),
                                    Optional.of(store),
                                    o.result().written());
                    work.tell("Opened " + file.getFileName() + "."
                            + missing(o.result().file().troubles()));
                },
                e -> work.tell(
                        file.getFileName() + " was not opened. " + why(e) + ". The job on the desk is as it was."));
    }

    /** What was not there to open, in words. */
    static String missing(List<String> troubles) {
        if (troubles.isEmpty()) {
            return "";
        }
        String more = troubles.size() == 1 ? "" : ", and " + (troubles.size() - 1) + " more";
        return " Not whole: " + troubles.get(0) + more + ". The file stays as it is; saving takes a new name.";
    }

    private static String why(Exception e) {
        return e instanceof FormatException || e instanceof IOException ? e.getMessage() : e.toString();
    }

    /** Looks up what lies beside a job; a folder that cannot be read has nothing to offer. */
    void beside(JobStore store, Consumer<List<Path>> then) {
        CompletableFuture.supplyAsync(() -> {
                    try {
                        return store.beside();
                    } catch (IOException e) {
                        return List.<Path>of();
                    }
                })
                .thenAccept(files -> toInterface.accept(() -> then.accept(files)));
    }
}
