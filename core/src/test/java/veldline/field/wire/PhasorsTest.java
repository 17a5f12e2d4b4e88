package veldline.field.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class PhasorsTest {
    @Test
    void agreeWithTheLibraryFromNothingToHundredsOfTurns() {
        int n = 20_001;
        double[] angle = new double[n];
        double[] c = new double[n];
        double[] s = new double[n];
        for (int i = 0; i < n; i++) {
            angle[i] = i * 0.1237 - 300;
        }
        Phasors.of(angle, c, s, n);
        for (int i = 0; i < n; i++) {
            assertThat(c[i]).isCloseTo(Math.cos(angle[i]), within(2e-14 + 1e-16 * Math.abs(angle[i])));
            assertThat(s[i]).isCloseTo(Math.sin(angle[i]), within(2e-14 + 1e-16 * Math.abs(angle[i])));
        }
    }
}
