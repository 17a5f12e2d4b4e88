package veldline.desktop;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Supplier;
import veldline.antenna.OwnWires;
import veldline.antenna.Polarized;
import veldline.coverage.Site;
import veldline.desktop.bench.Showing;
import veldline.feed.Holdings;
import veldline.feed.HoldingsChange;
import veldline.format.DrawerFile;
import veldline.format.FormatException;
import veldline.format.GroundFile;
import veldline.format.JobFile;
import veldline.format.ProfileCsv;
import veldline.format.ReminderFile;
import veldline.format.SitePlanFile;
import veldline.format.WireModelFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.link.End;
import veldline.link.Offer;
import veldline.path.Profile;
import veldline.prove.ProveChange;
import veldline.quantity.NumberText;
import veldline.stock.Metal;
import veldline.store.Album;
import veldline.store.JobStore;
import veldline.store.JobZip;
import veldline.store.RunningRecording;

/** What is asked for by name and takes time: recording, improving, reading and opening files. */
final class Tasks {
    private final Workbench work;
    private final Studies studies;
    private final Consumer<Runnable> toInterface;
    private final Remaking remaking;
    private final Sweeps sweeps;
    private final Measuring measuring;
    private final Shelf shelf;
    private final ReadIn readIn;

    Tasks(Workbench work, Studies studies, Consumer<Runnable> toInterface) {
        this.work = work;
        this.studies = studies;
        this.toInterface = toInterface;
        this.remaking = new Remaking(work, studies);
        this.sweeps = new Sweeps(work, studies);
        this.measuring = new Measuring(work, studies, toInterface);
        this.shelf = new Shelf(work, studies);
        this.readIn = new ReadIn(work, studies);
    }

    ReadIn readIn() {
        return readIn;
    }

    Shelf shelf() {
        return shelf;
    }

    /** With what stays known whatever job is on the desk. */
    Showing.Advice known(Showing.Advice advice) {
        return advice.withCable(sweeps.cable())
                .withShelf(shelf.found())
                .withLesson(shelf.lesson())
                .withLive(measuring.live());
    }

    Measuring measuring() {
        return measuring;
    }

    Remaking remaking() {
        return remaking;
    }

    Sweeps sweeps() {
        return sweeps;
    }

    /** Puts what a crash left of a recording into the job that is on the desk. */
    static void recover(Workbench work) {
        work.desk()
                .store()
                .map(JobStore::folder)
                .ifPresent(f -> RunningRecording.left(f).ifPresent(r -> {
                    work.apply(new JobChange.OfProve(new ProveChange.Add(r)));
                    work.desk().saveNow();
                    work.desk().afterSaving(() -> Measuring.forget(Optional.of(f)));
                    work.tell("A recording was cut short; its " + r.series().size() + " readings are kept as “"
                            + r.name() + "”.");
                }));
    }

    /** Lays an advert beside the candidates, filled in from the brief as far as that goes. */
    void checkAdvert() {
        Job job = work.desk().job();
        if (job.offer().isEmpty()) {
            work.apply(new JobChange.Consider(Optional.of(Offer.blank(
                    job.brief().frequency(),
                    job.antenna(!job.madeNear()).polarized().orElse(Polarized.FLAT),
                    job.run(job.madeNear()).antenna()))));
        }
    }

    /** Reads the first model of a file of wires as the antenna that is made here. */
    void readWires(Path file, Job job) {
        boolean upright = job.polarized().upright();
        studies.ask(
                "Reading",
                p -> OwnWires.of(
                        WireModelFile.read(Files.readString(file))
                                .cases()
                                .get(0)
                                .model(),
                        Metal.COPPER,
                        upright),
                o -> {
                    work.apply(new JobChange.Fit(job.madeNear(), o.result()));
                    work.tell(
                            "Read " + o.result().wires().size() + " wires, taken as copper in free space; loads, lines"
                                    + " and ground of the file are left out.");
                },
                e -> work.tell(file.getFileName() + ": " + plain(e) + " Nothing was changed."));
    }

    /** Reads the ground along the way; what cannot be read leaves the job as it is. */
    void readGround(Path file, Job job) {
        End near = job.brief().near();
        End far = job.brief().far();
        GroundFile.Ends ends = new GroundFile.Ends(
                near.latitude().value(),
                near.longitude().value(),
                far.latitude().value(),
                far.longitude().value());
        studies.ask(
                "Reading",
                p -> GroundFile.read(file, ends, () -> p.step(0, 0, "")),
                o -> {
                    Profile profile = o.result();
                    work.apply(new JobChange.OfBrief(new BriefChange.Terrain(profile)));
                    work.tell("Read " + profile.size() + " points over " + NumberText.shown(profile.length() / 1000, 2)
                            + " km. The distance follows.");
                },
                e -> work.tell(file.getFileName() + ": " + (e instanceof FormatException ? e.getMessage() : why(e))
                        + " Nothing was changed."));
    }

    /** Reads a site plan; the antennas of the plan there is stay where the file has none. */
    void readPlan(Path file, Job job) {
        studies.ask(
                "Reading",
                p -> {
                    if (Files.size(file) > MOST_PLAN) {
                        throw new FormatException("The file has " + (Files.size(file) >> 20) + " MB; a plan has up to "
                                + (MOST_PLAN >> 20) + ". Save the part that is wanted alone.");
                    }
                    return SitePlanFile.read(Files.readString(file), job.site().orElse(Site.blank()));
                },
                o -> {
                    Site s = o.result();
                    work.apply(new JobChange.PutSite(s));
                    work.tell("Read a plan of " + NumberText.shown(s.width(), 0) + " by "
                            + NumberText.shown(s.depth(), 0) + " m.");
                },
                e -> work.tell(file.getFileName() + ": " + plain(e) + " Nothing was changed."));
    }

    /** Takes in the parts, figures and counts of another drawer. */
    void readDrawer(Path file) {
        studies.ask(
                "Reading",
                p -> {
                    if (Files.size(file) > MOST_DRAWER) {
                        throw new FormatException("The file has " + (Files.size(file) >> 20)
                                + " MB; a drawer has up to " + (MOST_DRAWER >> 20) + ". Save fewer parts.");
                    }
                    return DrawerFile.read(Files.readString(file));
                },
                o -> {
                    Holdings taken = o.result();
                    work.apply(new JobChange.OfDrawer(new HoldingsChange.Take(taken)));
                    work.tell("Took in " + taken.own().size() + " parts and "
                            + taken.held().size() + " counts.");
                },
                e -> work.tell(file.getFileName() + ": " + plain(e) + " Nothing was changed."));
    }

    void saveDrawer(Path file, Job job) {
        save(named(file, DrawerFile.ENDING), () -> DrawerFile.write(job.drawer()));
    }

    /** Saves the ground along the way as CSV. */
    void saveGround(Path file, Job job) {
        job.brief().way().profile().ifPresent(p -> save(named(file, ".csv"), () -> ProfileCsv.write(p)));
    }

    /** Saves the plan as GeoJSON, its south-west corner where the near end is. */
    void savePlan(Path file, Job job) {
        End near = job.brief().near();
        job.site()
                .ifPresent(s -> save(
                        named(file, ".geojson"),
                        () -> SitePlanFile.write(
                                s, near.latitude().value(), near.longitude().value())));
    }

    /** Saves the day of the work and what is to be seen to later as a calendar. */
    void saveDay(Path file, Optional<Showing> showing) {
        showing.ifPresent(s -> save(
                named(file, ".ics"),
                () -> ReminderFile.write(s.job(), s.assessment().raise().schedule(), Instant.now())));
    }

    private static Path named(Path file, String ending) {
        String name = file.getFileName().toString();
        return name.contains(".") ? file : file.resolveSibling(name + ending);
    }

    private void save(Path file, Supplier<String> text) {
        studies.ask(
                "Saving",
                p -> Files.writeString(file, text.get()),
                o -> work.tell("Saved " + file.getFileName() + "."),
                e -> work.tell(file.getFileName() + " was not written: " + why(e) + ". Choose another folder."));
    }

    private static final long MOST_PLAN = 32L << 20;
    private static final long MOST_DRAWER = 16L << 20;

    /** Keeps a photograph beside the job, then names it in the log: a line never names what is not there. */
    void photograph(Path file) {
        Optional<Path> folder = work.desk().store().map(JobStore::folder);
        if (folder.isEmpty()) {
            work.tell("The job is in no folder yet. Save it, then add the photograph.");
            return;
        }
        studies.ask(
                "Copying",
                p -> Album.keep(file, folder.get()),
                o -> {
                    work.apply(new JobChange.Photographed(
                            Instant.now(), file.getFileName().toString(), o.result()));
                    work.tell("Added " + file.getFileName() + " to the log.");
                },
                e -> work.tell(file.getFileName() + " was not added: " + why(e) + "."));
    }

    static String plain(Exception e) {
        return e instanceof FormatException ? e.getMessage() : "it cannot be read as text. Give a CSV file in UTF-8.";
    }

    private record Opened(JobFile.Opened file, Optional<Instant> written, List<String> photographs) {}

    /** Packs a job into one file, off the interface thread. */
    void zipOut(File file, Job job) {
        Path target = file.getName().endsWith(".zip") ? file.toPath() : Path.of(file.getPath() + ".zip");
        Optional<Path> folder = work.desk().store().map(JobStore::folder);
        String name = job.name().toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        studies.ask(
                "Packing",
                p -> {
                    JobZip.write(job, name, folder.orElse(target), target);
                    return target;
                },
                o -> work.tell("Packed " + target.getFileName() + "."),
                e -> work.tell(target.getFileName() + " was not written: " + why(e) + ". Choose another folder."));
    }

    /** Unpacks a job beside its zip under a name of its own; nothing is written before it is understood. */
    private void openZip(Path zip) {
        studies.ask(
                "Unpacking",
                p -> {
                    Unpacked unpacked = Unpacked.from(zip);
                    unpacked.store().save(unpacked.job());
                    return unpacked;
                },
                o -> {
                    Unpacked u = o.result();
                    work.forgetJob();
                    work.desk().lay(u.job(), Optional.of(u.store()), Optional.empty());
                    work.tell("Unpacked to " + u.store().file().getFileName() + "." + missing(u.troubles()));
                },
                e -> work.tell(
                        zip.getFileName() + " was not opened. " + why(e) + ". The job on the desk is as it was."));
    }

    /** Opens a job file or a job in a zip; one that cannot be read leaves the desk as it is. */
    void open(Path file) {
        if (file.getFileName().toString().toLowerCase(java.util.Locale.ROOT).endsWith(".zip")) {
            work.desk().saveNow();
            openZip(file);
            return;
        }
        JobStore store = new JobStore(file);
        // The job on the desk may be the one that is opened: what is not saved yet is saved first.
        work.desk().saveNow();
        studies.ask(
                "Opening",
                p -> {
                    work.desk().awaitSaved();
                    JobFile.Opened opened = store.openWhatCanBe();
                    return new Opened(opened, store.lastSaved(), store.missingPhotographs(opened.job()));
                },
                o -> {
                    work.forgetJob();
                    work.desk()
                            .lay(
                                    o.result().file().job(),
                                    Optional.of(store),
                                    o.result().written());
                    Opened opened = o.result();
                    work.tell("Opened " + file.getFileName() + "."
                            + missing(opened.file().troubles()) + gone(opened.photographs()));
                    recover(work);
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

    /** Photographs are not in the job file, so one that is gone takes nothing of it along. */
    private static String gone(List<String> photographs) {
        return photographs.isEmpty()
                ? ""
                : " Gone from its folder: " + photographs.get(0)
                        + (photographs.size() == 1 ? "." : ", and " + (photographs.size() - 1) + " more.");
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
