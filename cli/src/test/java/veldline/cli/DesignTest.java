package veldline.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

class DesignTest {
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... args) {
        return new CommandLine(new DesignCommand())
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(args);
    }

    @Test
    void aFamilyIsDesignedAndItsCutsAndSchoolsArePrinted() {
        assertThat(run("helix", "--frequency", "868.3 MHz", "--diameter", "14 AWG", "--length", "0.6 m"))
                .isZero();
        assertThat(out.toString())
                .contains(
                        "Helix, ", "right-handed", "Straight ahead", "Helix gain, measured fit", "1 × helix", "Takes:");
    }

    @Test
    void whatHasAnOpeningIsDesignedWithItsLosses() {
        assertThat(run("dish", "--frequency", "5.8GHz", "--upright")).isZero();
        assertThat(out.toString())
                .contains(
                        "Dish, ",
                        "Straight ahead",
                        "Opening evenly lit",
                        "Lost past the rim",
                        "Depth to the plane",
                        "Takes:");
        assertThat(run("can", "--frequency", "2437")).isZero();
        assertThat(out.toString()).contains("Can, 86 mm", "Second mode from", "Probe: ");
    }

    @Test
    void withoutANameAllAreListed() {
        assertThat(run()).isZero();
        assertThat(out.toString()).contains("dipole    ", "log-periodic    ", "dish    ", "patches    ");
    }

    /** One that only these tests know, found as a service. */
    @Test
    void aFamilyOfOnesOwnStandsInTheShellToo() {
        assertThat(run("test vee", "--frequency", "145")).isZero();
        assertThat(out.toString()).contains("Test vee", "2 × arm");
    }

    @Test
    void whatCannotBeIsRefusedWithAReason() {
        assertThat(run("sail")).isEqualTo(2);
        assertThat(err.toString()).contains("known are dipole");
        assertThat(run("dipole", "--frequency", "soon")).isEqualTo(2);
        assertThat(err.toString()).contains("such as");
    }
}
