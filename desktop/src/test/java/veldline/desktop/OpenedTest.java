package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.antenna.NotChosen;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.store.JobStore;
import veldline.store.JobZip;

/** What a window begins with, by what it was asked for. */
class OpenedTest {
    private static final Job JOB = TernholmSands.nestCamera();

    @TempDir
    private Path folder;

    private static Opened of(Path file) {
        return Opened.of(List.of(file.toString()));
    }

    @Test
    void withNothingAskedForAJobIsBegun() {
        Opened opened = Opened.of(List.of());
        assertThat(opened.fresh()).isTrue();
        assertThat(opened.job().nearAntenna()).isInstanceOf(NotChosen.class);
        assertThat(opened.store()).isEmpty();
    }

    @Test
    void theSampleIsTheWholeReserveInAFolderOfItsOwn() throws IOException {
        Opened opened = Opened.of(List.of("demo"));
        assertThat(opened.job()).isEqualTo(JOB);
        List<Path> jobs = opened.store().orElseThrow().beside();
        assertThat(jobs).hasSize(7);
        Opened again = Opened.of(List.of("demo"));
        assertThat(again.store().orElseThrow().file())
                .isNotEqualTo(opened.store().get().file());
    }

    @Test
    void aFileIsOpenedWhereItLies() throws IOException {
        Path file = folder.resolve("link.veldline.json");
        new JobStore(file).save(JOB);
        Opened opened = of(file);
        assertThat(opened.job()).isEqualTo(JOB);
        assertThat(opened.news()).isEmpty();
        assertThat(opened.store().orElseThrow().file()).isEqualTo(file);
    }

    @Test
    void aZipIsUnpackedBesideIt() throws IOException {
        Path zip = folder.resolve("sent.zip");
        JobZip.write(JOB, "link", folder, zip);
        Opened opened = of(zip);
        assertThat(opened.job()).isEqualTo(JOB);
        assertThat(opened.store().orElseThrow().file()).isEqualTo(folder.resolve("sent.veldline.json"));
        assertThat(folder.resolve("sent.veldline.json")).exists();
    }

    @Test
    void whatIsNoJobIsLeftAndSaidAndTheWindowIsStillOfUse() throws IOException {
        Path broken = folder.resolve("broken.veldline.json");
        Files.writeString(broken, "{\"format\": \"veldl");
        Path noZip = folder.resolve("no.zip");
        Files.writeString(noZip, "not a zip");
        for (Path file : List.of(broken, noZip, folder.resolve("gone.veldline.json"))) {
            Opened opened = of(file);
            assertThat(opened.news())
                    .startsWith(file.getFileName() + " was not opened: ")
                    .doesNotContain("null");
            assertThat(opened.store()).isEmpty();
            assertThat(opened.job()).isEqualTo(JOB);
        }
        assertThat(Files.readString(broken)).isEqualTo("{\"format\": \"veldl");
    }

    @Test
    void aRecordingThatIsGoneIsToldOf() throws IOException {
        Path file = folder.resolve("link.veldline.json");
        JobStore store = new JobStore(file);
        store.save(JOB);
        try (var files = Files.list(store.folder())) {
            Files.delete(files.findFirst().orElseThrow());
        }
        assertThat(of(file).news()).startsWith("Not whole:");
    }
}
