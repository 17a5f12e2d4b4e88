package veldline.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.demo.ReserveFiles;
import veldline.demo.TernholmSands;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.NewJob;
import veldline.store.JobStore;
import veldline.store.ShippedJobs;

/**
 * The job a window begins with.
 *
 * @param store where it is; empty where it is nowhere yet
 * @param fresh whether there was none, so that it is begun
 * @param news what there is to tell of it
 */
record Opened(Job job, Optional<JobStore> store, boolean fresh, String news) {
    /** A file's job, the sample reserve's, or with no argument a new one. Reads files; not for the interface thread. */
    static Opened of(List<String> args) {
        if (args.isEmpty()) {
            return new Opened(NewJob.blank(""), Optional.empty(), true, "");
        }
        return args.get(0).equals("demo") ? demo() : file(Path.of(args.get(0)));
    }

    /** The sample jobs are laid in a new folder each time, so that they may be tried out freely. */
    private static Opened demo() {
        try {
            JobStore store = ShippedJobs.lay(ReserveFiles.class, Files.createTempDirectory("ternholm-sands-"));
            return new Opened(store.openWhatCanBe().job(), Optional.of(store), false, "");
        } catch (IOException | FormatException e) {
            return new Opened(
                    TernholmSands.nestCamera(),
                    Optional.empty(),
                    false,
                    "There is no room to save the sample in; edits stay in this window.");
        }
    }

    /** A file that cannot be understood is left as it is, and the sample is shown so that the window is of use. */
    private static Opened file(Path path) {
        boolean zip = path.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".zip");
        try {
            if (zip) {
                Unpacked u = Unpacked.from(path);
                u.store().save(u.job());
                return new Opened(
                        u.job(),
                        Optional.of(u.store()),
                        false,
                        Tasks.missing(u.troubles()).strip());
            }
            JobStore store = new JobStore(path);
            JobFile.Opened opened = store.openWhatCanBe();
            return new Opened(
                    opened.job(),
                    Optional.of(store),
                    false,
                    Tasks.missing(opened.troubles()).strip());
        } catch (FormatException | IOException e) {
            String why = e instanceof java.nio.file.NoSuchFileException ? "there is no such file" : e.getMessage();
            return new Opened(
                    TernholmSands.nestCamera(),
                    Optional.empty(),
                    false,
                    path.getFileName() + " was not opened: " + why
                            + ". The file is as it was; the sample job is shown.");
        }
    }
}
