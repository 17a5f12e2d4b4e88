package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class JobStoreTest {
    private static final Job JOB = TernholmSands.nestCamera();

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
}
