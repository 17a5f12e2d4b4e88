package veldline.field.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** The grid that is joined from few directions against the field summed for each. */
class EvenGridTest {
    private static final double F = 300e6;
    private static final double STEP = 3;

    /** Lopsided, off the origin and several waves long, so that no symmetry hides a slip. */
    private static RadiatedField field(Ground ground) {
        List<Wire> wires = List.of(
                Wire.straight(new Vec(1, 0.3, 2), new Vec(1, 0.8, 2.1), 2e-3),
                Wire.straight(new Vec(2.5, -0.5, 1), new Vec(2.5, 0.4, 1.4), 2e-3),
                Wire.straight(new Vec(1.2, 0.2, 0.6), new Vec(1.2, 0.2, 1.2), 2e-3));
        WireModel model = new WireModel(
                "test",
                wires,
                List.of(Source.volt(Port.middleOf(0)), Source.volt(Port.middleOf(2))),
                List.of(),
                ground,
                Optional.empty(),
                Optional.of(Direction.X));
        return new RadiatedField(FieldSolver.solve(model, F));
    }

    @Test
    void isTheFieldSummedDirectionByDirection() {
        for (Ground ground : List.of(Ground.FREE, Ground.PERFECT, Ground.real(13, 0.005))) {
            RadiatedField field = field(ground);
            double[][] grid = Sphere.grid(field, STEP);
            double most = field.gain(Sphere.strongest(field, 4));
            assertThat(grid).hasDimensions(61, 120);
            for (int i = 0; i < grid.length; i++) {
                for (int j = 0; j < grid[i].length; j++) {
                    double alone = field.gain(new Direction(i * STEP, j * STEP));
                    assertThat(Math.pow(10, grid[i][j] / 10)).isCloseTo(alone, within(1e-6 * most));
                }
            }
        }
    }

    @Test
    void anAntennaTooLongForTheStepIsSummedAllTheSame() {
        RadiatedField field = field(Ground.FREE);
        double[][] grid = Sphere.grid(field, 30);
        assertThat(grid).hasDimensions(7, 12);
        assertThat(grid[2][5]).isCloseTo(field.gainDbi(new Direction(60, 150)), within(1e-9));
    }
}
