package veldline.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.line.PortData.Kind;

class PortDataTest {
    private static PortData one(Kind kind, double reference, Complex value) {
        return new PortData(kind, List.of(reference), List.of(new PortData.Row(1e8, List.of(List.of(value)))));
    }

    /** A load's waves are its reflection, whatever the reference, and its ohms stay its own. */
    @ParameterizedTest
    @ValueSource(doubles = {25, 50, 75})
    void aLoadIsItself(double reference) {
        Complex z = new Complex(30, -40);
        PortData ohms = one(Kind.Z, reference, z);
        Complex wave = ohms.as(Kind.S).rows().get(0).values().get(0).get(0);
        assertThat(wave.subtract(Mismatch.reflection(z, reference)).norm()).isLessThan(1e-14);
        assertThat(ohms.as(Kind.S).impedance(0).subtract(z).norm()).isLessThan(1e-12);
        assertThat(ohms.as(Kind.Y).impedance(0).subtract(z).norm()).isLessThan(1e-12);
        Complex other =
                ohms.as(Kind.S).on(List.of(50.0)).rows().get(0).values().get(0).get(0);
        assertThat(other.subtract(Mismatch.reflection(z, 50)).norm()).isLessThan(1e-13);
    }

    /** A resistor in a row between two ports (Pozar, table 4.1): known by all its numbers, reciprocal and passive. */
    @Test
    void aResistorInARowIsKnown() {
        double g = 1 / 100.0;
        PortData y = new PortData(
                Kind.Y,
                List.of(50.0, 50.0),
                List.of(new PortData.Row(
                        1e8,
                        List.of(List.of(new Complex(g), new Complex(-g)), List.of(new Complex(-g), new Complex(g))))));
        List<List<Complex>> s = y.as(Kind.S).rows().get(0).values();
        assertThat(s.get(0).get(0).getReal()).as("r ÷ (r + 2 z)").isCloseTo(0.5, within(1e-14));
        assertThat(s.get(1).get(0).getReal()).isCloseTo(0.5, within(1e-14));
        assertThat(s.get(0).get(1)).isEqualTo(s.get(1).get(0));
        assertThatThrownBy(() -> y.as(Kind.Z)).hasMessageContaining("open or joined");
        assertThatThrownBy(() -> y.impedance(0)).hasMessageContaining("no one impedance");
        assertThatThrownBy(() -> new PortData(Kind.S, List.of(50.0), y.rows())).hasMessageContaining("1 by 1");
    }
}
