package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** Lines and two-ports between places on wires. */
class NetworkTest {
    private static final double FREQUENCY = 150e6;
    private static final double WAVE = 299_792_458.0 / FREQUENCY;

    /** A half wave along y, so far along x. */
    private static Wire dipole(double x, double length) {
        return Wire.straight(new Vec(x, -length / 2, 0), new Vec(x, length / 2, 0), 0.001);
    }

    /** So short that next to nothing flows into it: a place to join a source to. */
    private static Wire stub(double x) {
        return Wire.straight(new Vec(x, 0, 40), new Vec(x, 0.004, 40), 0.0001);
    }

    private static FieldSolution solve(List<Wire> wires, int fed, List<Network> networks, List<Load> loads) {
        return FieldSolver.solve(
                new WireModel(
                        "test",
                        wires,
                        List.of(Source.volt(Port.middleOf(fed))),
                        loads,
                        networks,
                        Ground.FREE,
                        Optional.empty(),
                        Optional.of(Direction.X)),
                FREQUENCY);
    }

    private static Network.Line line(int from, int to, double ohms, double metres, boolean crossed) {
        return new Network.Line(Port.middleOf(from), Port.middleOf(to), ohms, metres, 1, crossed);
    }

    @Test
    void aQuarterWaveLineTurnsAnImpedanceOver() {
        List<Wire> wires = List.of(dipole(0, 0.95), stub(3));
        Complex own = solve(wires, 0, List.of(), List.of()).impedances().get(0);
        Complex seen = solve(wires, 1, List.of(line(1, 0, 75, WAVE / 4, false)), List.of())
                .impedances()
                .get(0);
        assertThat(seen.subtract(own.reciprocal().multiply(75 * 75)).norm()).isLessThan(0.01 * seen.norm());
    }

    @Test
    void aHalfWaveLineShowsWhatIsBehindItAndAWholeNumberOfThemIsNoTrouble() {
        List<Wire> wires = List.of(dipole(0, 0.95), stub(3));
        Complex own = solve(wires, 0, List.of(), List.of()).impedances().get(0);
        Complex seen = solve(wires, 1, List.of(line(1, 0, 300, WAVE / 2, false)), List.of())
                .impedances()
                .get(0);
        assertThat(seen.subtract(own).norm()).isLessThan(0.01 * own.norm());
    }

    @Test
    void aTwoPortOfALinesAdmittancesIsThatLine() {
        List<Wire> wires = List.of(dipole(0, 0.95), dipole(0.6, 0.9));
        Network.Line l = line(0, 1, 100, 0.37, true);
        Network same = new Network.TwoPort(l.from(), l.to(), l.admittance(2 * Math.PI * FREQUENCY));
        Complex a = solve(wires, 0, List.of(l), List.of()).impedances().get(0);
        Complex b = solve(wires, 0, List.of(same), List.of()).impedances().get(0);
        assertThat(a.subtract(b).norm()).isLessThan(1e-9);
    }

    @Test
    void crossingALineTurnsTheFarDipoleOver() {
        List<Wire> wires = List.of(dipole(0, 0.95), dipole(1, 0.95));
        RadiatedField straight = new RadiatedField(solve(wires, 0, List.of(line(0, 1, 73, WAVE, false)), List.of()));
        RadiatedField crossed = new RadiatedField(solve(wires, 0, List.of(line(0, 1, 73, WAVE, true)), List.of()));
        Direction across = new Direction(0, 0);
        assertThat(straight.gainDbi(across) - crossed.gainDbi(across)).isGreaterThan(20);
    }

    /** Two dipoles joined by two wires close together are two dipoles joined by the line those wires are. */
    @Test
    void elementsFedByWiresAndByAnIdealLineRadiateAlike() {
        double spacing = 0.02;
        double radius = 0.001;
        double apart = 0.4;
        List<Wire> byWires = List.of(
                new Wire(List.of(new Vec(0, -0.47, 0), new Vec(0, -spacing / 2, 0)), radius, false, Optional.empty()),
                new Wire(List.of(new Vec(0, spacing / 2, 0), new Vec(0, 0.47, 0)), radius, false, Optional.empty()),
                new Wire(
                        List.of(new Vec(apart, -0.45, 0), new Vec(apart, -spacing / 2, 0)),
                        radius,
                        false,
                        Optional.empty()),
                new Wire(
                        List.of(new Vec(apart, spacing / 2, 0), new Vec(apart, 0.45, 0)),
                        radius,
                        false,
                        Optional.empty()),
                Wire.straight(new Vec(0, -spacing / 2, 0), new Vec(apart, -spacing / 2, 0), radius),
                Wire.straight(new Vec(0, spacing / 2, 0), new Vec(apart, spacing / 2, 0), radius),
                Wire.straight(new Vec(0, -spacing / 2, 0), new Vec(0, spacing / 2, 0), radius));
        double ohms = 119.9 * Math.log(spacing / 2 / radius + Math.sqrt(Math.pow(spacing / 2 / radius, 2) - 1));
        List<Wire> byLine = List.of(
                Wire.straight(new Vec(0, -0.47, 0), new Vec(0, 0.47, 0), radius),
                Wire.straight(new Vec(apart, -0.45, 0), new Vec(apart, 0.45, 0), radius));
        PatternSummary a = PatternSummary.of(solve(byWires, 6, List.of(), List.of()));
        PatternSummary b = PatternSummary.of(solve(byLine, 0, List.of(line(0, 1, ohms, apart, false)), List.of()));
        assertThat(a.gainDbi()).isCloseTo(b.gainDbi(), within(0.15));
        assertThat(a.frontToBackDb().orElseThrow()).isCloseTo(b.frontToBackDb().orElseThrow(), within(0.5));
    }

    @Test
    void whatALossyTwoPortTakesIsCounted() {
        List<Wire> wires = List.of(dipole(0, 0.95), dipole(0.7, 0.95));
        Complex g = new Complex(0.01);
        Network lossy = new Network.TwoPort(
                Port.middleOf(0), Port.middleOf(1), new Network.Admittance(g, g.negate(), g.negate(), g));
        FieldSolution s = solve(wires, 0, List.of(lossy), List.of());
        assertThat(s.lostPower()).isPositive();
        assertThat(PatternSummary.of(s).powerBalance()).isCloseTo(1, within(1e-6));
    }

    @Test
    void theImpedanceMatrixIsReciprocalAndHoldsTheImpedances() {
        List<Wire> wires = List.of(dipole(0, 0.95), dipole(0.7, 0.8));
        FieldSolution s = FieldSolver.solve(
                new WireModel(
                        "two",
                        wires,
                        List.of(
                                new Source(Port.middleOf(0), Source.Kind.CURRENT, 1, 0),
                                new Source(Port.middleOf(1), Source.Kind.CURRENT, 0.3, -0.4)),
                        List.of(),
                        Ground.FREE,
                        Optional.empty(),
                        Optional.of(Direction.X)),
                FREQUENCY);
        List<List<Complex>> z = s.impedanceMatrix();
        assertThat(z.get(0).get(1).subtract(z.get(1).get(0)).norm()).isLessThan(1e-6);
        Complex first = z.get(0).get(0).add(z.get(0).get(1).multiply(new Complex(0.3, -0.4)));
        assertThat(first.subtract(s.impedances().get(0)).norm()).isLessThan(1e-6);
    }

    @Test
    void aMeasuredLoadActsAsTheSamePartsAndOnlyWhereItWasMeasured() {
        List<Wire> wires = List.of(dipole(0, 0.95));
        Port port = new Port(0, new Port.Place.Fraction(0.3));
        double omega = 2 * Math.PI * FREQUENCY;
        Load parts = new Load.Lumped(port, false, Optional.of(12.0), Optional.of(1e-7), Optional.empty());
        Complex a = solve(wires, 0, List.of(), List.of(parts)).impedances().get(0);
        Load.Measured measured = new Load.Measured(
                port,
                List.of(
                        new Load.Measured.At(100e6, new Complex(12, 2 * Math.PI * 100e6 * 1e-7)),
                        new Load.Measured.At(200e6, new Complex(12, 2 * Math.PI * 200e6 * 1e-7))));
        assertThat(measured.impedance(omega).subtract(parts.impedance(omega)).norm())
                .isLessThan(1e-9);
        Complex b = solve(wires, 0, List.of(), List.of(measured)).impedances().get(0);
        assertThat(a.subtract(b).norm()).isLessThan(1e-9);
        Load narrow = new Load.Measured(port, measured.points().subList(0, 1));
        assertThat(((Load.Measured) narrow).covers(1e9)).isTrue();
        assertThatThrownBy(() -> FieldSolver.solve(
                        new WireModel(
                                "t",
                                wires,
                                List.of(Source.volt(Port.middleOf(0))),
                                List.of(measured),
                                Ground.FREE,
                                Optional.empty(),
                                Optional.empty()),
                        250e6))
                .isInstanceOf(SolveFailure.class)
                .hasMessageContaining("250.0 MHz")
                .hasMessageContaining("measure it there");
    }
}
