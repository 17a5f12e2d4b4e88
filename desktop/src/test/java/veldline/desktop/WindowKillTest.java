package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentSkipListMap;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import veldline.demo.TernholmSands;
import veldline.desktop.look.Faces;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.store.JobStore;

/** A window that is killed in the midst of edits loses at most the last second of them. */
@Tag("alone")
class WindowKillTest {
    /** Five of them behind {@code ./check --long}. */
    private static final int KILLS = Integer.getInteger("veldline.windowKills", 1);

    private static final long LAST_SECOND = 1000;

    @TempDir
    private Path folder;

    /** A real window in a program of its own that is edited every quarter of a second and tells what and when. */
    public static final class Edited {
        public static void main(String[] args) throws IOException, FormatException {
            JobStore store = new JobStore(Path.of(args[0]));
            Job job = store.open();
            Platform.startup(() -> {
                Faces.load();
                JobDesk desk = new JobDesk(job, Optional.of(store), Platform::runLater);
                Workbench work = new Workbench(desk, Platform::runLater);
                Stage stage = new Stage();
                stage.setScene(VeldlineApp.scene(new VeldlineWindow(work), 1280, 800));
                stage.show();
                desk.assess();
                Thread editor = new Thread(() -> edit(work), "edits");
                editor.setDaemon(true);
                editor.start();
            });
        }

        private static void edit(Workbench work) {
            try {
                for (int i = 0; ; i++) {
                    String tide = String.format(java.util.Locale.ROOT, "%.3f", 1 + i / 1000.0);
                    Platform.runLater(() -> {
                        work.apply(new JobChange.OfBrief(new BriefChange.Tide(Quantity.of(tide, Unit.M))));
                        System.out.println(tide);
                    });
                    Thread.sleep(i % 7 == 0 ? 900 : 250);
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }

    @Test
    void aKilledWindowLosesAtMostItsLastSecond() throws IOException, InterruptedException, FormatException {
        Job job = TernholmSands.nestCamera();
        Random random = new Random(7);
        for (int round = 0; round < KILLS; round++) {
            Path file = folder.resolve("round-" + round + ".veldline.json");
            new JobStore(file).save(job);
            ConcurrentSkipListMap<Long, Double> edits = new ConcurrentSkipListMap<>();
            Process window = start(file, edits);
            while (edits.isEmpty()) {
                assertThat(window.isAlive()).isTrue();
                Thread.sleep(20);
            }
            Thread.sleep(2500 + random.nextInt(3000));
            long killed = System.currentTimeMillis();
            window.destroyForcibly().waitFor();
            Job left = new JobStore(file).open();
            double kept = left.brief().tide().value();
            TreeMap<Long, Double> before = new TreeMap<>(edits.headMap(killed - LAST_SECOND, true));
            assertThat(kept)
                    .as("round " + round + ": what was edited a second before it was killed")
                    .isGreaterThanOrEqualTo(before.lastEntry().getValue() - 1e-9);
            assertThat(left.withBrief(job.brief())).as("and the rest is whole").isEqualTo(job);
        }
    }

    private static Process start(Path file, ConcurrentSkipListMap<Long, Double> edits) throws IOException {
        Process window = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Dglass.platform=Monocle",
                        "-Dmonocle.platform=Headless",
                        "-Dprism.order=sw",
                        "-Djava.awt.headless=true",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Edited.class.getName(),
                        file.toString()))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        Thread reader = new Thread(() -> {
            try (BufferedReader told = window.inputReader()) {
                for (String line = told.readLine(); line != null; line = told.readLine()) {
                    edits.put(System.currentTimeMillis(), Double.parseDouble(line));
                }
            } catch (IOException e) {
                // The stream of a killed process ends as it likes; what was told until then counts.
                return;
            }
        });
        reader.setDaemon(true);
        reader.start();
        return window;
    }
}
