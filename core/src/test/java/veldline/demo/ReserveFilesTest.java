package veldline.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.store.JobStore;
import veldline.store.ShippedJobs;

/** The sample jobs as they ship. */
class ReserveFilesTest {
    @TempDir
    private Path folder;

    @Test
    void whatShipsIsWhatTheReserveWorksOut() throws IOException, FormatException {
        JobStore first = ShippedJobs.lay(ReserveFiles.class, folder);
        assertThat(first.open()).isEqualTo(TernholmSands.nestCamera());
        List<Job> laid = new ArrayList<>();
        for (Path file : first.beside()) {
            laid.add(new JobStore(file).open());
        }
        assertThat(laid).containsExactlyInAnyOrderElementsOf(TernholmSands.all());
    }

    @Test
    void aProgramBuiltWithoutThemSaysSo() {
        assertThatThrownBy(() -> ShippedJobs.lay(JobStore.class, folder))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("files.txt")
                .hasMessageContaining("build it again");
    }
}
