package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.field.pattern.RadiatedField;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

class FieldSolverTest {
    private static final double F = 300e6;

    private static Wire dipole(double x, double length, double radius) {
        return Wire.straight(new Vec(x, -length / 2, 0), new Vec(x, length / 2, 0), radius);
    }

    private static WireModel model(List<Wire> wires, List<Source> sources, List<Load> loads) {
        return new WireModel("test", wires, sources, loads, Ground.FREE, Optional.empty(), Optional.of(Direction.X));
    }

    @Test
    void aHalfWaveDipoleRadiates215DbiBroadside() {
        FieldSolution s = FieldSolver.solve(
                model(List.of(dipole(0, 0.48, 1e-4)), List.of(Source.volt(Port.middleOf(0))), List.of()), F);
        assertThat(new RadiatedField(s).gainDbi(Direction.X)).isCloseTo(2.14, within(0.02));
        assertThat(s.efficiency()).isEqualTo(1);
    }

    @Test
    void transmissionIsTheSameBothWays() {
        List<Wire> wires = List.of(dipole(0, 0.47, 2e-3), dipole(0.31, 0.39, 1e-3));
        Complex forth = currentIn(wires, 0, 1);
        Complex back = currentIn(wires, 1, 0);
        assertThat(forth.subtract(back).norm()).isLessThan(1e-9 * forth.norm() + 1e-15);
    }

    /** Current through a short in the middle of one element when one volt drives the other. */
    private static Complex currentIn(List<Wire> wires, int driven, int other) {
        Source source = Source.volt(Port.middleOf(driven));
        double almostNothing = 1e-12;
        Source shorted = new Source(Port.middleOf(other), Source.Kind.VOLTAGE, almostNothing, 0);
        FieldSolution s = FieldSolver.solve(model(wires, List.of(source, shorted), List.of()), F);
        return s.impedances().get(1).reciprocal().multiply(almostNothing);
    }

    @Test
    void aMirroredAntennaHasAMirroredPattern() {
        WireModel forward = model(
                List.of(dipole(0, 0.5, 2e-3), dipole(0.2, 0.45, 2e-3)),
                List.of(Source.volt(Port.middleOf(1))),
                List.of());
        WireModel backward = model(
                List.of(dipole(0, 0.5, 2e-3), dipole(-0.2, 0.45, 2e-3)),
                List.of(Source.volt(Port.middleOf(1))),
                List.of());
        assertThat(new RadiatedField(FieldSolver.solve(forward, F)).gainDbi(Direction.X))
                .isCloseTo(
                        new RadiatedField(FieldSolver.solve(backward, F)).gainDbi(Direction.X.opposite()),
                        within(1e-9));
    }

    @Test
    void sizeAndFrequencyScaleTogether() {
        Complex once = FieldSolver.solve(
                        model(List.of(dipole(0, 0.48, 2e-3)), List.of(Source.volt(Port.middleOf(0))), List.of()), F)
                .impedances()
                .get(0);
        Complex tenfold = FieldSolver.solve(
                        model(List.of(dipole(0, 4.8, 2e-2)), List.of(Source.volt(Port.middleOf(0))), List.of()), F / 10)
                .impedances()
                .get(0);
        assertThat(once.subtract(tenfold).norm()).isLessThan(1e-6);
    }

    @Test
    void aCurrentSourceSeesTheImpedanceAVoltageSourceSees() {
        List<Wire> wires = List.of(dipole(0, 0.48, 2e-3));
        Complex volts = FieldSolver.solve(model(wires, List.of(Source.volt(Port.middleOf(0))), List.of()), F)
                .impedances()
                .get(0);
        Source amps = new Source(Port.middleOf(0), Source.Kind.CURRENT, 0.5, -0.25);
        Complex current = FieldSolver.solve(model(wires, List.of(amps), List.of()), F)
                .impedances()
                .get(0);
        assertThat(volts.subtract(current).norm()).isLessThan(1e-9);
    }

    @Test
    void aSeriesLoadAtTheFeedAddsItsImpedanceAndItsHeat() {
        List<Wire> wires = List.of(dipole(0, 0.48, 2e-3));
        Source source = Source.volt(Port.middleOf(0));
        Load load = new Load.Lumped(Port.middleOf(0), false, Optional.of(30.0), Optional.of(1e-8), Optional.empty());
        FieldSolution bare = FieldSolver.solve(model(wires, List.of(source), List.of()), F);
        FieldSolution loaded = FieldSolver.solve(model(wires, List.of(source), List.of(load)), F);
        Complex added = loaded.impedances().get(0).subtract(bare.impedances().get(0));
        assertThat(added.getReal()).isCloseTo(30, within(1e-6));
        assertThat(added.getImaginary()).isCloseTo(2 * Math.PI * F * 1e-8, within(1e-6));
        assertThat(loaded.efficiency())
                .isCloseTo(
                        bare.impedances().get(0).getReal()
                                / loaded.impedances().get(0).getReal(),
                        within(1e-9));
    }

    @Test
    void whatCannotBeSolvedIsRefusedWithItsWires() {
        WireModel crossed = model(
                List.of(dipole(0, 0.5, 1e-3), Wire.straight(new Vec(-0.1, 0.1, 0), new Vec(0.1, 0.1, 0), 1e-3)),
                List.of(Source.volt(Port.middleOf(0))),
                List.of());
        assertThatThrownBy(() -> FieldSolver.solve(crossed, F))
                .isInstanceOf(SolveFailure.class)
                .hasMessageContaining("Wires 0 and 1")
                .hasMessageContaining("add a vertex at (0, 0.1, 0)");
    }

    @Test
    void workThatIsCalledOffStops() {
        WireModel m = model(List.of(dipole(0, 0.5, 1e-3)), List.of(Source.volt(Port.middleOf(0))), List.of());
        assertThatThrownBy(() -> new FieldSolver(m, MeshRule.standard(F), () -> false))
                .isInstanceOf(SolveFailure.class)
                .hasMessageContaining("Called off");
    }

    @Test
    void theExactKernelTendsToOneOverDistanceFarAway() {
        assertThat(StaticMoments.exactKernel(10, 1e-3, 1e-3)).isCloseTo(0.1, within(1e-8));
        // Averages of a circle's logarithmic singularity by plain numerical integration.
        double sum = 0;
        int steps = 200_000;
        for (int i = 0; i < steps; i++) {
            double s = Math.sin(Math.PI * (i + 0.5) / steps);
            sum += 1 / Math.sqrt(0.5 * 0.5 + 4 * s * s) / steps;
        }
        assertThat(StaticMoments.exactKernel(0.5, 1, 1)).isCloseTo(sum, within(1e-8));
    }

    @Test
    void luSolvesWhatItWasGiven() {
        int n = 37;
        java.util.Random random = new java.util.Random(5);
        ComplexMatrix a = new ComplexMatrix(n);
        double[][] re = new double[n][n];
        double[][] im = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                re[i][j] = random.nextGaussian();
                im[i][j] = random.nextGaussian();
                a.add(i, j, re[i][j], im[i][j]);
            }
        }
        double[] xr = new double[n];
        double[] xi = new double[n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                xr[i] += re[i][j] * (j + 1) - im[i][j] * (2 - j);
                xi[i] += re[i][j] * (2 - j) + im[i][j] * (j + 1);
            }
        }
        a.factor(() -> true, false);
        a.solve(xr, xi);
        for (int j = 0; j < n; j++) {
            assertThat(xr[j]).isCloseTo(j + 1, within(1e-9));
            assertThat(xi[j]).isCloseTo(2 - j, within(1e-9));
        }
    }
}
