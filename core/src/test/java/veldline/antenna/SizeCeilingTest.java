package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** The most a size can give. */
class SizeCeilingTest {
    private static final double C = 299_792_458.0;

    @Test
    void aBallOfOneWaveGivesWhatHarringtonSays() {
        // One wave across: ka = π, π² + 2π = 16.15, 12.08 dBi.
        assertThat(SizeCeiling.worked(C / 1e9, 1e9).value()).isCloseTo(12.08, within(0.01));
        assertThat(SizeCeiling.worked(0.001, 1e9).value())
                .as("no dipole has less")
                .isCloseTo(1.76, within(0.01));
        assertThat(SizeCeiling.worked(0.001, 1e9).value()).isCloseTo(1.76, within(0.01));
    }

    /** What the engine solves must stay under what a size can give. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 6, 11, 16})
    void noYagiOfOursGoesBeyondIt(int elements) {
        YagiShape y = Yagi.forCount(2437e6, elements, Quantity.of("1.6", Unit.MM), Metal.BRASS, false);
        double gain = new RadiatedField(FieldSolver.solve(y.model(), 2437e6)).gainDbi(Direction.X);
        assertThat(gain).isLessThan(SizeCeiling.worked(y.longest(), 2437e6).value() + SizeCeiling.ROOM);
    }
}
