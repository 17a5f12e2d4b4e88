package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.measure.Reading;
import veldline.prove.Recording;

/** Hours at ten a second over a real socket, sped up: memory stays flat, and what was read is on disk whatever becomes of the program. */
class LongRecordingTest {
    /** Eight hours at ten a second are 288,000 readings. */
    private static final int HOURS = Integer.getInteger("veldline.recordedHours", 2);

    private static final int AN_HOUR = 36_000;

    @TempDir
    private Path folder;

    private Process recorder(long count) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        // All that is read would take ten times as much.
                        "-Xmx24m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        LongRecorder.class.getName(),
                        folder.toString(),
                        Long.toString(count))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
    }

    private static BufferedReader out(Process p) {
        return new BufferedReader(new InputStreamReader(p.getInputStream(), StandardCharsets.US_ASCII));
    }

    @Test
    void hoursAreRecordedInLittleMemory() throws Exception {
        Process p = recorder((long) HOURS * AN_HOUR);
        List<String> told = out(p).lines().toList();
        assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(p.exitValue()).as("ran out of memory, or failed: " + told).isZero();
        assertThat(told.get(told.size() - 1)).startsWith("steps ");
        try (Stream<String> lines = Files.lines(folder.resolve("running.csv"))) {
            assertThat(lines.count()).isEqualTo((long) HOURS * AN_HOUR + 1);
        }
    }

    @Test
    void everyReadingIsOnDiskAfterAKill() throws Exception {
        Process p = recorder(Long.MAX_VALUE);
        long told = 0;
        try (BufferedReader in = out(p)) {
            while (told < AN_HOUR / 2) {
                told = Long.parseLong(in.readLine());
            }
            p.destroyForcibly().waitFor();
        }
        Recording left = RunningRecording.left(folder).orElseThrow();
        assertThat(left.name()).isEqualTo("cut short: eight hours");
        List<Reading> all = left.series().readings();
        assertThat((long) all.size()).isGreaterThanOrEqualTo(told);
        for (int i = 0; i < all.size(); i++) {
            assertThat(all.get(i).seconds()).isEqualTo(Math.round(i) / 10.0);
        }
    }
}
