package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.measure.Reading;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class JobStoreTest {
    private static final String VERSION = "\"version\" : \"" + Job.FORMAT + "\"";
    private static final Job JOB = TernholmSands.nestCamera();

    /** Two hundred of them behind {@code ./check --long}. */
    private static final int KILLS = Integer.getInteger("veldline.kills", 6);

    @TempDir
    private Path folder;

    @Test
    void aJobAndItsRecordingsAreSavedAndOpened() throws IOException, FormatException {
        JobStore store = new JobStore(folder.resolve("link.veldline.json"));
        store.save(JOB);
        assertThat(store.open()).isEqualTo(JOB);
        Job edited = new JobChange.OfBrief(new BriefChange.Tide(Quantity.of("2.1", Unit.M))).applyTo(JOB);
        store.save(edited);
        assertThat(store.open()).isEqualTo(edited).isNotEqualTo(JOB);
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(p -> p.getFileName().toString()))
                    .containsExactlyInAnyOrder("link.veldline.json", "link.files");
        }
    }

    @Test
    void whatCannotBeReadIsLeftAsItIs() throws IOException {
        Path file = folder.resolve("broken.veldline.json");
        Files.writeString(file, "{\"format\": \"veldline job\", \"version\": \"1.0\", \"job\": {\"place\"");
        assertThatThrownBy(() -> new JobStore(file).open())
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("Line 1");
        assertThat(Files.readString(file)).endsWith("{\"place\"");
    }

    @Test
    void aSaveThatFailsLeavesTheOldJobWhole() throws IOException, FormatException {
        JobStore store = new JobStore(folder.resolve("link.veldline.json"));
        store.save(JOB);
        Path recordings = folder.resolve("link.files");
        try (Stream<Path> files = Files.list(recordings)) {
            for (Path p : files.toList()) {
                Files.delete(p);
            }
        }
        Files.delete(recordings);
        Files.writeString(recordings, "in the way");
        String before = Files.readString(store.file());
        assertThatThrownBy(() -> store.save(JOB.withName("other"))).isInstanceOf(IOException.class);
        assertThat(Files.readString(store.file())).isEqualTo(before);
    }

    private static Job tide(String metres) {
        return new JobChange.OfBrief(new BriefChange.Tide(Quantity.of(metres, Unit.M))).applyTo(JOB);
    }

    @Test
    void whatAnotherWindowWroteIsNotWrittenOver() throws IOException, FormatException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        JobStore one = new JobStore(file);
        JobStore two = new JobStore(file);
        one.open();
        two.open();
        assertThat(one.save(tide("1.1"))).isEmpty();
        assertThat(two.save(tide("2.2")).orElseThrow())
                .isEqualTo("link.veldline.json was changed by another window and is left as it is; this job is now"
                        + " link (2).veldline.json");
        assertThat(new JobStore(file).open()).isEqualTo(tide("1.1"));
        assertThat(two.file())
                .isEqualTo(folder.resolve("link (2).veldline.json").toAbsolutePath());
        assertThat(two.open()).isEqualTo(tide("2.2"));
        assertThat(two.save(tide("2.3"))).as("it has a name of its own now").isEmpty();
        assertThat(one.save(tide("1.2"))).isEmpty();
        assertThat(one.beside()).hasSize(2);
    }

    @Test
    void aJobWhoseRecordingIsGoneIsOpenedAsFarAsItCanBe() throws IOException, FormatException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        String before = Files.readString(file);
        List<Path> recordings;
        try (Stream<Path> files = Files.list(folder.resolve("link.files"))) {
            recordings = files.sorted().toList();
        }
        Files.delete(recordings.get(0));
        Files.writeString(recordings.get(1), "time_s,level_dbm,tide_m\n0,-60,1\n");
        assertThatThrownBy(() -> new JobStore(file).open()).isInstanceOf(FormatException.class);
        JobStore store = new JobStore(file);
        JobFile.Opened opened = store.openWhatCanBe();
        assertThat(opened.troubles())
                .hasSize(2)
                .anyMatch(t -> t.contains("is not there"))
                .anyMatch(t -> t.contains("was changed since it was made"));
        assertThat(opened.job().brief()).isEqualTo(JOB.brief());
        assertThat(opened.job().prove().recordings().stream()
                        .filter(r -> r.series().size() > 0))
                .hasSize(JOB.prove().recordings().size() - 2);
        assertThat(store.save(opened.job()).orElseThrow()).contains("could not be read whole");
        assertThat(Files.readString(file)).as("the damaged file is as it was").isEqualTo(before);
        assertThat(new JobStore(store.file()).open()).isEqualTo(opened.job());
    }

    @Test
    void aFileOfAMinorVersionToComeIsRead() throws IOException, FormatException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        String later = Files.readString(file)
                .replace(VERSION, "\"version\" : \"2.99\"")
                .replaceFirst("\"place\"", "\"moonPhase\" : 3, \"place\"");
        assertThat(later).contains("moonPhase").contains("2.99");
        Files.writeString(file, later);
        assertThat(new JobStore(file).open()).isEqualTo(JOB);
        Files.writeString(file, later.replace("2.99", "3.0"));
        assertThatThrownBy(() -> new JobStore(file).open())
                .hasMessageContaining("newer program")
                .hasMessageContaining("3.0");
    }

    @Test
    void aFolderThatMayNotBeWrittenLeavesEverythingAsItIs() throws IOException {
        Path inTheWay = folder.resolve("a-file");
        Files.writeString(inTheWay, "");
        JobStore store = new JobStore(inTheWay.resolve("link.veldline.json"));
        assertThatThrownBy(() -> store.save(JOB)).isInstanceOf(IOException.class);
        assertThat(store.lastSaved()).isEmpty();
        assertThat(Files.readString(inTheWay)).isEmpty();
    }

    /** Killed at any moment, the job on disk is whole: the last one saved, or the one before. */
    @Test
    void aProcessKilledWhileItSavesLeavesAWholeJob() throws IOException, FormatException, InterruptedException {
        Path file = folder.resolve("killed.veldline.json");
        new JobStore(file).save(JOB);
        Random random = new Random(4);
        for (int round = 0; round < KILLS; round++) {
            Process saver = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            RestlessSaver.class.getName(),
                            file.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            // Some saves are let through, then it is killed in the midst of another.
            var told = saver.inputReader();
            int first = Integer.parseInt(told.readLine());
            for (int i = random.nextInt(6); i > 0; i--) {
                told.readLine();
            }
            Thread.sleep(random.nextInt(8));
            saver.destroyForcibly().waitFor();
            assertThat(first).isZero();
            Job left = new JobStore(file).open();
            assertThat(left.withBrief(JOB.brief())).as("round " + round).isEqualTo(JOB);
            assertThat(left.brief().tide().value()).isBetween(0.0, 3.0);
            List<Reading> whole = JOB.prove().recordings().get(0).series().readings();
            RunningRecording.left(new JobStore(file).folder())
                    .ifPresent(r -> assertThat(r.series().readings())
                            .as("what was heard is kept as far as it was heard")
                            .isEqualTo(whole.subList(0, r.series().size())));
        }
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.filter(f -> f.toString().endsWith(".veldline.json")))
                    .hasSize(1);
        }
    }
}
