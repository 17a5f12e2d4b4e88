package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.measure.Reading;
import veldline.prove.Recording;

/** What a crash leaves of a recording. */
class RunningRecordingTest {
    private static final Recording ABOUT =
            TernholmSands.nestCamera().prove().recordings().get(0);
    private static final List<Reading> READINGS = ABOUT.series().readings().subList(0, 30);

    @TempDir
    private Path folder;

    @Test
    void whatWasHeardIsThereThoughNobodyClosedIt() throws IOException {
        RunningRecording running = RunningRecording.begin(folder, ABOUT);
        for (Reading r : READINGS) {
            running.add(r);
        }
        Recording left = RunningRecording.left(folder).orElseThrow();
        assertThat(left.series().readings()).isEqualTo(READINGS);
        assertThat(left.name()).startsWith("cut short").contains(ABOUT.name());
        assertThat(left.setUp()).isEqualTo(ABOUT.setUp());
        assertThat(left.predicted()).isEqualTo(ABOUT.predicted());
        assertThat(left.stood()).isEqualTo(ABOUT.stood()).isPresent();
        running.close();
        RunningRecording.forget(folder);
        assertThat(RunningRecording.left(folder)).isEmpty();
    }

    @Test
    void aRowCutOffInTheMiddleIsLeftOutAndTheRestKept() throws IOException {
        try (RunningRecording running = RunningRecording.begin(folder, ABOUT)) {
            for (Reading r : READINGS) {
                running.add(r);
            }
        }
        Path csv = folder.resolve("running.csv");
        String text = Files.readString(csv);
        Files.writeString(csv, text + "9999,x");
        assertThat(RunningRecording.left(folder).orElseThrow().series().readings())
                .isEqualTo(READINGS);
    }

    @Test
    void nothingIsMadeUpWhereNothingWasHeard() throws IOException {
        assertThat(RunningRecording.left(folder)).as("no folder of one").isEmpty();
        RunningRecording.begin(folder, ABOUT).close();
        assertThat(RunningRecording.left(folder)).as("begun, nothing heard").isEmpty();
        Files.writeString(folder.resolve("running.json"), "{\"name\": \"x\", \"begun\": \"yesterday\"}");
        assertThat(RunningRecording.left(folder)).as("not to be understood").isEmpty();
    }
}
