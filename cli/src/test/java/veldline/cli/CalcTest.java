package veldline.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import veldline.calc.Topics;

class CalcTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... args) {
        return new CommandLine(new Calc())
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(args);
    }

    @Test
    void withoutATopicEveryOneIsListedWithWhatItAsksFor() {
        assertThat(run()).isZero();
        assertThat(out.toString().lines()).hasSize(Topics.all().size());
        assertThat(out.toString()).contains("free-space path loss    distance=…m frequency=…Hz");
    }

    @Test
    void aTopicIsWorkedOutWithFormulaSourceAndTrust() {
        assertThat(run("free-space path loss", "distance=5km", "frequency=2437MHz"))
                .isZero();
        assertThat(out.toString().lines())
                .containsExactly(
                        "free-space path loss",
                        "  distance = 5km, that is 5000 m",
                        "  frequency = 2437MHz, that is 2437000000 Hz",
                        "formula  L = 20·log10(4·π·d·f ÷ c)",
                        "  path_loss = 114.1643 dB",
                        "source   ITU-R P.525-4, eq. 3",
                        "trust    Exact in free space, beyond the antennas' own near field");
    }

    @Test
    void listsAndWordsAreTaken() {
        assertThat(run("mean of dBm values", "values=[-60,-70]")).isZero();
        assertThat(out.toString()).contains("mean_log = -65 dBm").contains("mean_linear = -62.59637 dBm");
    }

    @Test
    void whatCannotBeWorkedOutIsRefusedInWords() throws IOException {
        assertThat(run("free-space path loss", "distance=five", "frequency=2437MHz"))
                .isEqualTo(2);
        assertThat(run("free-space path loss", "distance=5km")).isEqualTo(2);
        assertThat(run("free-space path loss", "width=5km")).isEqualTo(2);
        assertThat(run("free-space path loss", "distance")).isEqualTo(2);
        assertThat(run("perpetual motion")).isEqualTo(2);
        assertThat(run("--batch", folder.resolve("none.json").toString())).isEqualTo(2);
        Path nonsense = folder.resolve("nonsense.json");
        Files.writeString(nonsense, "nonsense");
        assertThat(run("--batch", nonsense.toString())).isEqualTo(2);
        assertThat(err.toString().lines().toList()).satisfies(l -> {
            assertThat(l.get(0)).contains("“five” is not a number");
            assertThat(l.get(1)).contains("frequency is not given");
            assertThat(l.get(2)).contains("does not ask for “width”").contains("distance, frequency");
            assertThat(l.get(3)).contains("distance has no value; write distance=…m");
            assertThat(l.get(4)).contains("No topic is called");
            assertThat(l.get(5)).contains("No file at");
            assertThat(l.get(6)).contains("Give a list of entries");
        });
    }

    @Test
    void aFileOfEntriesIsAnsweredAtOnce() throws IOException {
        Path file = folder.resolve("entries.json");
        Files.writeString(file, """
                [{"id": "a", "topic": "cut lengths", "inputs": {"frequency": {"value": 146, "unit": "MHz"},
                  "velocity_factor": {"value": 0.95}, "fraction": {"value": 0.25}}},
                 {"id": "b", "topic": "cut lengths", "inputs": {}}]
                """);
        assertThat(run("--batch", file.toString())).isZero();
        assertThat(out.toString())
                .contains("\"19 3/16\"")
                .contains("\"refused\"")
                .contains("fraction is not given");
    }
}
