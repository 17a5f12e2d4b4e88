package veldline.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.stream.Collectors;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.line.LossyLine;

class CableTopicsTest {
    private static Map<String, Object> answer(String topic, Map<String, Object> given) {
        return Topics.named(topic).orElseThrow().answer(new Given(given)).stream()
                .collect(Collectors.toMap(Topic.Answer::name, Topic.Answer::value));
    }

    /** Two metres of cable at 66 %, 0.28 dB, seen open and shorted at 100 MHz. */
    @Test
    void aCableIsToldFromBothEnds() {
        double waves = 2 * 100e6 / (0.66 * 299_792_458.0);
        LossyLine line = new LossyLine(50, 0.28, waves);
        Complex open = line.seen(new Complex(1e9));
        Complex shorted = line.seen(new Complex(1e-9));
        Map<String, Object> a = answer(
                "cable from an open and a short",
                Map.of(
                        "open_r", open.getReal(),
                        "open_x", open.getImaginary(),
                        "short_r", shorted.getReal(),
                        "short_x", shorted.getImaginary(),
                        "frequency", 100.0,
                        "length", 2.0,
                        "velocity_about", 0.7));
        assertThat((double) a.get("z0_r")).isCloseTo(50, within(0.01));
        assertThat((double) a.get("loss_per_100m")).isCloseTo(14, within(0.01));
        assertThat((double) a.get("velocity_factor")).isCloseTo(0.66, within(1e-4));
    }

    /** Ripples every 5 MHz on cable of 80 %: 24 m away. */
    @Test
    void aFaultIsWhereItsRipplesSay() {
        assertThat((double) answer(
                                "distance to a fault from ripples",
                                Map.of("ripple_spacing", 5.0, "velocity_factor", 0.8))
                        .get("distance"))
                .isCloseTo(0.8 * 299.792458 / 10, within(1e-9));
    }

    /** What is measured through 3 dB of cable is worse than it looks; what no load could show is said to be impossible. */
    @Test
    void aMeasurementIsMovedToTheAntenna() {
        LossyLine line = new LossyLine(50, 3, 2 * 100e6 / (0.66 * 299_792_458.0));
        Complex seen = line.seen(new Complex(20, -30));
        Map<String, Object> given = new java.util.HashMap<>(Map.of(
                "z0", 50.0,
                "seen_r", seen.getReal(),
                "seen_x", seen.getImaginary(),
                "matched_loss", 3.0,
                "length", 2.0,
                "velocity_factor", 0.66,
                "frequency", 100.0));
        Map<String, Object> a = answer("measurement moved along a line", given);
        assertThat((double) a.get("load_r")).isCloseTo(20, within(1e-6));
        assertThat((double) a.get("load_x")).isCloseTo(-30, within(1e-6));
        assertThat((double) a.get("swr_load")).isGreaterThan((double) a.get("swr_seen"));
        given.put("matched_loss", 20.0);
        assertThat(answer("measurement moved along a line", given)).containsEntry("possible", false);
    }
}
