package veldline.desktop;

import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.assess.SetUp;
import veldline.explain.Program;
import veldline.format.GpxTrack;
import veldline.format.ReadingsCsv;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.End;
import veldline.prove.ProveChange;
import veldline.prove.Recording;

/** Readings that were made elsewhere, taken in from files. */
final class ReadIn {
    private final Workbench work;
    private final Studies studies;

    ReadIn(Workbench work, Studies studies) {
        this.work = work;
        this.studies = studies;
    }

    /** Reads a CSV of readings as one more recording. */
    void csv(Path file, Assessment a) {
        studies.ask(
                "Reading",
                p -> ReadingsCsv.read(
                        Files.readString(file),
                        a.job().brief().far().radio().meter(),
                        ReadingsCsv.Mapping.read(a.job().prove().columns()).orElse(ReadingsCsv.Mapping.BY_HEADINGS)),
                o -> {
                    ReadingsCsv.Contents c = o.result();
                    Recording r = new Recording(
                            file.getFileName().toString(),
                            SetUp.of(a.job()),
                            Instant.now(),
                            new Recording.Quoted(
                                    a.line().floor() + a.line().margin().value(), 1.5, Instant.now(), Program.VERSION),
                            c.series(),
                            Optional.of(SetUp.stood(a.job())));
                    work.apply(new JobChange.OfProve(new ProveChange.Add(r)));
                    work.tell(c.mapping() + "."
                            + (c.leftOut().isEmpty()
                                    ? ""
                                    : " Left out " + c.leftOut().size() + ": "
                                            + c.leftOut().get(0) + "."));
                },
                e -> work.tell(file.getFileName() + ": " + Tasks.plain(e) + " Nothing was changed."));
    }

    /** Reads a track with levels as a walk away from the far end. */
    void walk(Path file, Job job) {
        End far = job.brief().far();
        studies.ask(
                "Reading",
                p -> {
                    try (Reader in = Files.newBufferedReader(file)) {
                        return GpxTrack.walk(
                                in, far.latitude().value(), far.longitude().value());
                    }
                },
                o -> {
                    work.apply(new JobChange.OfProve(new ProveChange.Walked(o.result())));
                    work.tell("Read " + o.result().size() + " places of a walk, by how far each lies from " + far.name()
                            + ".");
                },
                e -> work.tell(file.getFileName() + ": " + Tasks.plain(e) + " Nothing was changed."));
    }
}
