package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import veldline.assess.Step;
import veldline.job.Job;
import veldline.store.JobStore;

/** Photographs let go over the window. */
class PhotographTest extends WindowTest {
    private static final int ORANGE = 0xff6a00;

    private File photograph() throws IOException {
        BufferedImage image = new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 320; x++) {
            for (int y = 0; y < 240; y++) {
                image.setRGB(x, y, ORANGE);
            }
        }
        Path file = folder.resolve("choke at the mast.png");
        ImageIO.write(image, "png", file.toFile());
        return file.toFile();
    }

    private boolean orangeIsSeen() {
        WritableImage seen = picture().snapshot(null, null);
        Color wanted = Color.rgb(0xff, 0x6a, 0);
        Color there = seen.getPixelReader().getColor((int) (seen.getWidth() * 0.75), (int) (seen.getHeight() / 3));
        return there.equals(wanted);
    }

    @Test
    void aPhotographIsALineOfTheLogAndIsSeenBesideIt() throws Exception {
        settle();
        int lines = JOB.log().size();
        File taken = photograph();
        interact(() -> {
            work.go(Step.LOG);
            DroppedFiles.take(work, taken);
        });
        until(() -> work.desk().job().log().size() == lines + 1);
        Job.LogEntry line = work.desk().job().log().get(lines);
        assertThat(line.text()).isEqualTo("choke at the mast.png");
        settle();
        boolean[] seen = new boolean[1];
        until(() -> {
            interact(() -> seen[0] = orangeIsSeen());
            return seen[0];
        });
        // What is saved can be opened, and says so when the photograph has gone since.
        interact(() -> work.desk().saveNow());
        work.desk().awaitSaved();
        Path link = folder.resolve("link.veldline.json");
        assertThat(new JobStore(link).open().log().get(lines)).isEqualTo(line);
        String file = line.photograph().orElseThrow().file();
        Files.delete(folder.resolve("link.files").resolve(file));
        interact(() -> work.open(link.toFile()));
        until(() -> news().contains("Gone from its folder: the photograph " + file));
    }

    @Test
    void whatIsNoneIsSaidSoAndTheJobStays() throws Exception {
        settle();
        Path text = Files.writeString(folder.resolve("mast.jpg"), "words");
        interact(() -> DroppedFiles.take(work, text.toFile()));
        until(() -> news().contains("mast.jpg is neither a JPEG nor a PNG photograph"));
        interact(() -> DroppedFiles.take(work, folder.resolve("mast.tiff").toFile()));
        until(() -> news().contains("mast.tiff was not taken"));
        assertThat(work.desk().job()).isEqualTo(JOB);
    }
}
