package veldline.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

class SolveTest {
    private static final String DIPOLE = """
            {"name": "half wave", "frequency_mhz": %s,
             "wires": [{"points": [[0,-0.48,0],[0,0.48,0]], "radius_m": 0.002}],
             "sources": [{"wire": 0, "position": {"fraction": 0.5}}],
             "boresight": {"theta_deg": 90, "phi_deg": 0}}
            """;

    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int solve(String text) throws IOException {
        Path file = folder.resolve("model.json");
        Files.writeString(file, text);
        return run("solve", file.toString());
    }

    private int run(String... args) {
        return new CommandLine(newMain())
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(args);
    }

    private static Object newMain() {
        try {
            var constructor = Main.class.getDeclaredConstructor();
            constructor.setAccessible(true);
            return constructor.newInstance();
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void aDipolePrintsWhatItDoes() throws IOException {
        assertThat(solve(DIPOLE.formatted("150"))).isZero();
        JsonNode json = new ObjectMapper().readTree(out.toString());
        assertThat(json.get("gain_dbi").asDouble()).isCloseTo(2.13, within(0.03));
        assertThat(json.get("front_to_back_db").asDouble()).isCloseTo(0, within(1e-6));
        assertThat(json.get("hpbw_h_deg").isNull()).isTrue();
        assertThat(json.get("axial_ratio_db").isNull()).isTrue();
        assertThat(json.get("sense").asText()).isEqualTo("linear");
        assertThat(json.get("power_balance").asDouble()).isCloseTo(1, within(1e-3));
        assertThat(json.get("unknowns").asInt()).isGreaterThan(20);
        assertThat(json.get("estimated_error").get("gain_dbi").asDouble()).isLessThan(0.01);
        assertThat(json.get("warnings")).isEmpty();
    }

    @Test
    void aSweepGivesAListOfResults() throws IOException {
        assertThat(solve(DIPOLE.formatted("[149, 150, 151]"))).isZero();
        JsonNode results = new ObjectMapper().readTree(out.toString()).get("results");
        assertThat(results).hasSize(3);
        assertThat(results.get(2).get("frequency_mhz").asDouble()).isEqualTo(151);
        assertThat(results.get(0).get("impedance").get(0).get(1).asDouble())
                .isLessThan(results.get(2).get("impedance").get(0).get(1).asDouble());
    }

    @Test
    void whatCannotBeIsRefusedByNameWithExitCodeTwo() throws IOException {
        assertThat(solve(DIPOLE.formatted("150").replace("radius_m", "radius"))).isEqualTo(2);
        assertThat(err.toString()).contains("unknown field “radius”");
        assertThat(solve(DIPOLE.formatted("150").replace("0.48,0]]", "-0.48,0]]")))
                .isEqualTo(2);
        assertThat(err.toString()).contains("half wave: Wire 0, edge 0");
        assertThat(solve("{\"frequency_mhz\": 1")).isEqualTo(2);
        assertThat(err.toString()).contains("not JSON");
        assertThat(run("solve", folder.resolve("none.json").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("No file at");
    }
}
