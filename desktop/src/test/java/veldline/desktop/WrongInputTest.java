package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Wrong input gets a plain sentence with the way on, and nothing is lost. */
class WrongInputTest extends WindowTest {
    @Test
    void lettersForAFrequency() {
        settle();
        push(KeyCode.DIGIT1);
        enter("frequency", "channel six");
        assertThat(complaint("frequency"))
                .contains("is not a number")
                .contains("such as 2437 MHz")
                .contains("Still using 2437 MHz");
        assertThat(work.desk().job()).isEqualTo(JOB);
        enter("frequency", "24,37");
        assertThat(complaint("frequency")).contains("2437 or 24.37?");
        enter("frequency", "2442 MHz");
        assertThat(complaint("frequency")).isEmpty();
        assertThat(work.desk().job().brief().frequency().value()).isEqualTo(2442e6);
    }

    @Test
    void aNegativeLength() {
        settle();
        push(KeyCode.DIGIT3);
        until(() -> lookup("#box-length").tryQuery().isPresent());
        enter("length", "-52 mm");
        assertThat(complaint("length")).contains("−52 mm is outside").contains("give one between");
        assertThat(work.desk().job()).isEqualTo(JOB);
    }

    @Test
    void anElementBeyondTheBoom() {
        settle();
        push(KeyCode.DIGIT3);
        push(KeyCode.RIGHT);
        until(() -> lookup("#box-position").tryQuery().isPresent());
        enter("position", "9 m");
        assertThat(complaint("position")).contains("9 m is outside");
        assertThat(work.desk().job()).isEqualTo(JOB);
    }

    @Test
    void aCsvOfNonsense() throws IOException {
        settle();
        push(KeyCode.DIGIT7);
        Path csv = folder.resolve("after.csv");
        Files.writeString(csv, "hello,world\n1,2\n");
        interact(() -> work.readCsv(csv));
        until(() -> news().contains("after.csv"));
        assertThat(news()).contains("level_dbm").contains("Nothing was changed");
        assertThat(work.desk().job()).isEqualTo(JOB);
    }

    @Test
    void aCsvWithBadLinesIsReadWithoutThem() throws IOException {
        settle();
        push(KeyCode.DIGIT7);
        StringBuilder text = new StringBuilder("time_s,rssi\n");
        for (int i = 0; i < 40; i++) {
            text.append(i * 10)
                    .append(',')
                    .append(i == 16 ? "n/a" : Integer.toString(-70 - i % 3))
                    .append('\n');
        }
        Path csv = folder.resolve("after.csv");
        Files.writeString(csv, text);
        interact(() -> work.readCsv(csv));
        until(() -> work.desk().job().prove().recordings().size()
                == JOB.prove().recordings().size() + 1);
        assertThat(news()).contains("Level from “rssi”").contains("Line 18 says “n/a”");
    }

    @Test
    void aTruncatedJobFile() throws IOException {
        settle();
        Path file = folder.resolve("link.veldline.json");
        String whole = Files.readString(file);
        Path broken = folder.resolve("broken.veldline.json");
        Files.writeString(broken, whole.substring(0, whole.length() / 2));
        interact(() -> work.open(broken.toFile()));
        until(() -> news().contains("broken.veldline.json"));
        assertThat(news()).contains("was not opened").contains("The job on the desk is as it was");
        assertThat(work.desk().job()).isEqualTo(JOB);
        assertThat(Files.readString(broken)).hasSize(whole.length() / 2);
    }
}
