package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What goes wrong with disks and files, on a real file system. */
class StoreFaultsTest {
    private static final String VERSION = "\"version\" : \"" + Job.FORMAT + "\"";
    private static final Job JOB = TernholmSands.nestCamera();

    @TempDir
    private Path folder;

    private static Job tide(String metres) {
        return new JobChange.OfBrief(new BriefChange.Tide(Quantity.of(metres, Unit.M))).applyTo(JOB);
    }

    private static List<Path> everything(Path in) throws IOException {
        try (Stream<Path> all = Files.walk(in)) {
            return all.sorted().toList();
        }
    }

    @Test
    void whatANewerMinorVersionAddedStaysWhereItStood() throws IOException, FormatException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        Files.writeString(
                file,
                Files.readString(file)
                        .replace(VERSION, "\"version\" : \"2.99\"")
                        .replaceFirst("\"place\"", "\"moonPhase\" : 3, \"place\"")
                        .replaceFirst("\"marginWanted\"", "\"mood\" : {\"of\" : \"sea\"}, \"marginWanted\""));
        JobStore store = new JobStore(file);
        Job opened = store.openWhatCanBe().job();
        assertThat(opened).isEqualTo(JOB);
        assertThat(store.save(new JobChange.OfBrief(new BriefChange.Tide(Quantity.of("1.9", Unit.M))).applyTo(opened)))
                .isEmpty();
        assertThat(Files.readString(file))
                .contains("\"version\" : \"2.99\"")
                .contains("moonPhase")
                .contains("mood")
                .contains("\"1.9\"");
        store.save(JOB);
        assertThat(Files.readString(file)).as("and again at the next save").contains("moonPhase");
    }

    @Test
    void aNewerMajorVersionIsShownAndNeverWrittenOver() throws IOException, FormatException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        String newer = Files.readString(file).replace(VERSION, "\"version\" : \"3.1\"");
        Files.writeString(file, newer);
        JobStore store = new JobStore(file);
        JobFile.Opened opened = store.openWhatCanBe();
        assertThat(opened.job()).isEqualTo(JOB);
        assertThat(opened.troubles())
                .hasSize(1)
                .first()
                .asString()
                .contains("3.1")
                .contains("newer program");
        assertThat(store.save(tide("2.2"))).isPresent();
        assertThat(Files.readString(file)).isEqualTo(newer);
        assertThat(store.file().getFileName()).hasToString("link (2).veldline.json");
    }

    @Test
    void aFolderThatMayOnlyBeReadIsOpenedAndLeftAsItIs() throws Exception {
        Path locked = mounted("locked", "4m");
        try {
            Path file = locked.resolve("link.veldline.json");
            new JobStore(file).save(JOB);
            assertThat(command("mount", "-o", "remount,ro", locked.toString())).isTrue();
            JobStore store = new JobStore(file);
            assertThat(store.open()).isEqualTo(JOB);
            assertThatThrownBy(() -> store.save(tide("2.0")))
                    .isInstanceOf(IOException.class)
                    .hasMessageNotContaining("null");
            assertThat(store.open()).isEqualTo(JOB);
            JobStore elsewhere = new JobStore(folder.resolve("elsewhere.veldline.json"));
            elsewhere.save(tide("2.0"));
            assertThat(elsewhere.open()).as("the job is not lost").isEqualTo(tide("2.0"));
        } finally {
            command("umount", locked.toString());
        }
    }

    /** A file system of its own in memory; where a machine lets nobody mount one, the test is skipped and says so. */
    private Path mounted(String name, String size) throws IOException, InterruptedException {
        Path place = folder.resolve(name);
        Files.createDirectory(place);
        Assumptions.assumeTrue(
                command("mount", "-t", "tmpfs", "-o", "size=" + size, "tmpfs", place.toString()),
                "this machine mounts no file system for a test");
        return place;
    }

    @Test
    void aDiskThatIsFullLeavesTheOldJobWhole() throws Exception {
        Path small = mounted("small", "64k");
        try {
            Path file = small.resolve("link.veldline.json");
            Job light = JOB.withProve(
                    JOB.prove().withRecordings(List.of()).withBefore(-1).withAfter(-1));
            JobStore store = new JobStore(file);
            store.save(light);
            String before = Files.readString(file);
            assertThatThrownBy(() -> store.save(JOB))
                    .as("eleven tides do not fit")
                    .isInstanceOf(IOException.class);
            assertThat(Files.readString(file)).isEqualTo(before);
            assertThat(new JobStore(file).open()).isEqualTo(light);
            assertThat(everything(small))
                    .as("nothing half written is left")
                    .noneMatch(p -> p.getFileName().toString().endsWith(".tmp"));
        } finally {
            command("umount", small.toString());
        }
    }

    private static boolean command(String... words) throws IOException, InterruptedException {
        try {
            Process p = new ProcessBuilder(words).redirectErrorStream(true).start();
            p.getInputStream().readAllBytes();
            return p.waitFor(10, TimeUnit.SECONDS) && p.exitValue() == 0;
        } catch (IOException e) {
            return false;
        }
    }

    @Test
    void aNewJobTakesANameThatNothingHasYet() throws IOException {
        JobStore one = JobStore.fresh(folder, "new-job");
        one.save(JOB);
        JobStore two = JobStore.fresh(folder, "new-job");
        two.save(tide("2.0"));
        assertThat(two.file().getFileName()).hasToString("new-job-2.veldline.json");
        assertThat(everything(folder).stream().filter(p -> p.toString().endsWith(".json")))
                .hasSize(2);
    }
}
