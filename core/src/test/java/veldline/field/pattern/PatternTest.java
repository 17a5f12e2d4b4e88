package veldline.field.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

class PatternTest {
    private static final double F = 300e6;

    private static Wire dipole(Vec middle, Vec along) {
        return Wire.straight(middle.minus(along.times(0.12)), middle.plus(along.times(0.12)), 1e-3);
    }

    /** Crossed short dipoles side by side, the second fed a quarter turn earlier or later. */
    private static FieldSolution turnstile(double quarter) {
        WireModel m = new WireModel(
                "turnstile",
                List.of(dipole(Vec.ZERO, new Vec(0, 1, 0)), dipole(new Vec(0.004, 0, 0), new Vec(0, 0, 1))),
                List.of(
                        new Source(Port.middleOf(0), Source.Kind.CURRENT, 1, 0),
                        new Source(Port.middleOf(1), Source.Kind.CURRENT, 0, quarter)),
                List.of(),
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
        return FieldSolver.solve(m, F);
    }

    @Test
    void theSenseOfTurningIsThatOfTheIeee() {
        // Time goes on: y first, then z. Thumb along +x, fingers from y to z: the right hand.
        RadiatedField field = new RadiatedField(turnstile(-1));
        Polarization right = Polarization.of(field, Direction.X);
        assertThat(right.sense()).isEqualTo(Polarization.Sense.RHCP);
        assertThat(right.axialRatioDb().orElseThrow()).isLessThan(1);
        assertThat(Polarization.of(new RadiatedField(turnstile(1)), Direction.X).sense())
                .isEqualTo(Polarization.Sense.LHCP);
        // Behind the antenna it turns the other way.
        assertThat(Polarization.of(field, Direction.X.opposite()).sense()).isEqualTo(Polarization.Sense.LHCP);
    }

    @Test
    void whatIsRadiatedIsWhatIsFed() {
        FieldSolution s = turnstile(-1);
        assertThat(Sphere.radiatedPower(new RadiatedField(s), 0.2))
                .isCloseTo(s.inputPower(), within(1e-4 * s.inputPower()));
    }

    @Test
    void aShortDipoleIsNinetyDegreesWideAndRoundAcross() {
        WireModel m = WireModel.inFreeSpace(
                "short",
                List.of(Wire.straight(new Vec(0, -0.02, 0), new Vec(0, 0.02, 0), 1e-4)),
                Port.middleOf(0),
                Direction.X);
        RadiatedField field = new RadiatedField(FieldSolver.solve(m, F));
        assertThat(field.gainDbi(Direction.X)).isCloseTo(1.76, within(0.02));
        assertThat(Beam.ePlane(field, Direction.X).halfPowerWidth().orElseThrow())
                .isCloseTo(90, within(0.3));
        assertThat(Beam.hPlane(field, Direction.X).halfPowerWidth()).isEmpty();
        assertThat(Polarization.of(field, Direction.X).sense()).isEqualTo(Polarization.Sense.linear);
        assertThat(Math.abs(Polarization.of(field, Direction.X).majorAxis().y()))
                .isCloseTo(1, within(1e-9));
    }

    @Test
    void theStrongestDirectionOfATiltedWireIsSquareToIt() {
        Vec along = new Vec(0, Math.cos(0.4), Math.sin(0.4));
        WireModel m = WireModel.inFreeSpace("tilted", List.of(dipole(Vec.ZERO, along)), Port.middleOf(0), Direction.X);
        RadiatedField field = new RadiatedField(FieldSolver.solve(m, F));
        Direction d = Sphere.strongest(field, 0.15);
        assertThat(Math.abs(d.vector().dot(along))).isLessThan(1e-3);
    }

    @Test
    void thereIsNothingUnderAPerfectGround() {
        WireModel m = new WireModel(
                "monopole",
                List.of(Wire.straight(Vec.ZERO, new Vec(0, 0, 0.24), 1e-3)),
                List.of(Source.volt(new Port(0, new Port.Place.Vertex(0)))),
                List.of(),
                Ground.PERFECT,
                Optional.empty(),
                Optional.of(Direction.X));
        FieldSolution s = FieldSolver.solve(m, F);
        RadiatedField field = new RadiatedField(s);
        assertThat(field.gain(new Direction(120, 0))).isZero();
        assertThat(field.gainDbi(Direction.X)).isCloseTo(5.15, within(0.1));
        // Half of a dipole: half of its resistance.
        WireModel dipole = WireModel.inFreeSpace(
                "dipole",
                List.of(Wire.straight(new Vec(0, 0, -0.24), new Vec(0, 0, 0.24), 1e-3)),
                Port.middleOf(0),
                Direction.X);
        assertThat(2 * s.impedances().get(0).getReal())
                .isCloseTo(FieldSolver.solve(dipole, F).impedances().get(0).getReal(), within(1.5));
        assertThat(PatternSummary.of(s).powerBalance()).isCloseTo(1, within(1e-3));
        assertThat(PatternSummary.of(s).frontToBackDb()).isEmpty();
    }

    @Test
    void directionsGoThereAndBack() {
        Direction d = new Direction(63, -40);
        Direction again = Direction.of(d.vector());
        assertThat(again.theta()).isCloseTo(63, within(1e-9));
        assertThat(again.phi()).isCloseTo(-40, within(1e-9));
        assertThat(d.opposite().vector().plus(d.vector()).length()).isLessThan(1e-12);
        assertThat(d.thetaHat().cross(d.phiHat()).minus(d.vector()).length()).isLessThan(1e-12);
    }
}
