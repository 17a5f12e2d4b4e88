package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.field.pattern.PatternSummary;
import veldline.field.wire.Coating;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** Insulated wires. */
class CoatingTest {
    private static final double RADIUS = 0.001;
    private static final double HALF = 0.48;

    private static WireModel dipole(Optional<Coating> coating, Wire.Ends ends, double half) {
        Wire wire = new Wire(
                List.of(new Vec(0, -half, 0), new Vec(0, half, 0)), RADIUS, false, Optional.empty(), ends, coating);
        return WireModel.inFreeSpace("coated", List.of(wire), Port.middleOf(0), Direction.X);
    }

    private static double resonance(WireModel m) {
        FieldSolver solver = new FieldSolver(m, MeshRule.standard(170e6), () -> true);
        DoubleUnaryOperator reactance = f -> solver.at(f).impedances().get(0).getImaginary();
        return new BrentSolver(1e3).solve(60, reactance::applyAsDouble, 110e6, 170e6);
    }

    private static double slower(double thickness, double permittivity) {
        double bare = resonance(dipole(Optional.empty(), Wire.Ends.OPEN, HALF));
        double coated = resonance(dipole(Optional.of(new Coating(thickness, permittivity, 0)), Wire.Ends.OPEN, HALF));
        return 1 - coated / bare;
    }

    /** A bare wire with coils spread along it, as many as asked. */
    private static Complex withCoils(double radius, double henriesPerMetre, int coils) {
        List<Load> loads = new ArrayList<>();
        for (int i = 0; i < coils; i++) {
            loads.add(new Load.Lumped(
                    new Port(0, new Port.Place.Fraction((i + 0.5) / coils)),
                    false,
                    Optional.empty(),
                    Optional.of(henriesPerMetre * 2 * HALF / coils),
                    Optional.empty()));
        }
        WireModel bare = new WireModel(
                "bare",
                List.of(Wire.straight(new Vec(0, -HALF, 0), new Vec(0, HALF, 0), radius)),
                List.of(Source.volt(Port.middleOf(0))),
                loads,
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
        return FieldSolver.solve(bare, 145e6).impedances().get(0);
    }

    /**
     * A coated wire acts as a bare one of radius {@code a(b/a)^(1−1/ε)}, in which every metre has {@code μ₀/2π
     * (1−1/ε) ln(b/a)} henries more (Popović, Dragović and Djordjević, Analysis and Synthesis of Wire Antennas, §3). Coils
     * come to that as their number grows, with an error that halves as it doubles.
     */
    @ParameterizedTest
    @CsvSource({"0.0005, 2.3", "0.0002, 3", "0.001, 2.3", "0.001, 4"})
    void insulationActsAsAThickerWireWithCoils(double thickness, double permittivity) {
        double share = (1 - 1 / permittivity) * Math.log1p(thickness / RADIUS);
        double radius = RADIUS * Math.exp(share);
        Complex few = withCoils(radius, 2e-7 * share, 24);
        Complex many = withCoils(radius, 2e-7 * share, 48);
        Complex spread = many.multiply(2).subtract(few);
        WireModel coated = dipole(Optional.of(new Coating(thickness, permittivity, 0)), Wire.Ends.OPEN, HALF);
        Complex z = FieldSolver.solve(coated, 145e6).impedances().get(0);
        assertThat(z.subtract(spread).norm()).isLessThan(0.7);
    }

    @Test
    void thickerAndDenserInsulationLowersTheResonanceFurther() {
        assertThat(slower(0.0002, 2.3)).isBetween(0.003, 0.02);
        assertThat(slower(0.0005, 2.3)).isGreaterThan(slower(0.0002, 2.3));
        assertThat(slower(0.0005, 4)).isGreaterThan(slower(0.0005, 2.3));
    }

    @Test
    void airAroundAWireChangesNothing() {
        assertThat(slower(0.001, 1)).isCloseTo(0, within(1e-9));
    }

    @Test
    void heatInTheInsulationIsCounted() {
        FieldSolution s =
                FieldSolver.solve(dipole(Optional.of(new Coating(0.001, 3, 0.05)), Wire.Ends.OPEN, HALF), 145e6);
        assertThat(s.efficiency()).isBetween(0.9, 0.9999);
        assertThat(PatternSummary.of(s).powerBalance()).isCloseTo(1, within(1e-5));
    }

    @Test
    void aRodWithFlatEndsIsATubeThatMuchLonger() {
        double capped = resonance(dipole(Optional.empty(), Wire.Ends.CAPPED, HALF));
        double longer = resonance(dipole(Optional.empty(), Wire.Ends.OPEN, HALF + Wire.CAP_RADII * RADIUS));
        assertThat(capped).isCloseTo(longer, within(100.0));
        assertThat(resonance(dipole(Optional.empty(), Wire.Ends.OPEN, HALF))).isGreaterThan(capped);
    }
}
