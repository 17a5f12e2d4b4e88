package veldline.field.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import veldline.antenna.Yagi;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class NearFieldTest {
    private static final double FREQUENCY = 300e6;
    private static final double ETA = 376.730313668;

    private static WireModel dipole(Ground ground, double height) {
        return new WireModel(
                "dipole",
                List.of(Wire.straight(new Vec(0, -0.24, height), new Vec(0, 0.24, height), 1e-3)),
                List.of(Source.volt(Port.middleOf(0))),
                List.of(),
                ground,
                Optional.empty(),
                Optional.of(Direction.X));
    }

    private static double size(Complex[] v) {
        return Math.sqrt(v[0].norm() * v[0].norm() + v[1].norm() * v[1].norm() + v[2].norm() * v[2].norm());
    }

    @Test
    void farOffItIsTheFarField() {
        FieldSolution s = FieldSolver.solve(dipole(Ground.FREE, 0), FREQUENCY);
        RadiatedField far = new RadiatedField(s);
        Direction d = new Direction(70, 25);
        double r = 300;
        NearField.At at = new NearField(s).at(d.vector().times(r));
        double expected = Math.sqrt(2 * ETA * far.intensity(d)) / r;
        assertThat(size(at.e())).isCloseTo(expected, within(1e-4 * expected));
        assertThat(size(at.e()) / size(at.h())).isCloseTo(ETA, within(1e-3 * ETA));
    }

    /** Power through a sphere close around a dipole is the power that goes in. */
    @Test
    void throughASphereCloseByGoesAllThePower() {
        FieldSolution s = FieldSolver.solve(dipole(Ground.FREE, 0), FREQUENCY);
        NearField near = new NearField(s);
        double r = 0.35;
        int n = 60;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double cosine = -1 + (2 * i + 1.0) / n;
            for (int j = 0; j < n; j++) {
                Vec d = new Direction(Math.toDegrees(Math.acos(cosine)), 360.0 * j / n).vector();
                sum += near.at(d.times(r)).powerTowards(d) * 4 * Math.PI * r * r / (n * n);
            }
        }
        assertThat(sum).isCloseTo(s.inputPower(), within(2e-3 * s.inputPower()));
    }

    @Test
    void onAPerfectGroundTheFieldStandsSquareToIt() {
        NearField near = new NearField(FieldSolver.solve(dipole(Ground.PERFECT, 0.3), FREQUENCY));
        NearField.At at = near.at(new Vec(0.2, 0.13, 0));
        assertThat(at.e()[0].norm() + at.e()[1].norm()).isLessThan(1e-9 * at.e()[2].norm());
        assertThat(at.h()[2].norm()).isLessThan(1e-9 * size(at.h()));
    }

    /** Mutual impedance is what one antenna's field drives in the other: {@code −∫E·I dl / (I₁I₂)}. */
    @Test
    void theFieldOfOneOverTheOtherIsTheirMutualImpedance() {
        Wire one = Wire.straight(new Vec(0, -0.24, 0), new Vec(0, 0.24, 0), 1e-4);
        Wire two = Wire.straight(new Vec(0.4, -0.24, 0), new Vec(0.4, 0.24, 0), 1e-4);
        FieldSolution both = FieldSolver.solve(
                new WireModel(
                        "two",
                        List.of(one, two),
                        List.of(
                                new Source(Port.middleOf(0), Source.Kind.CURRENT, 1, 0),
                                new Source(Port.middleOf(1), Source.Kind.CURRENT, 1, 0)),
                        List.of(),
                        Ground.FREE,
                        Optional.empty(),
                        Optional.of(Direction.X)),
                FREQUENCY);
        FieldSolution alone =
                FieldSolver.solve(WireModel.inFreeSpace("one", List.of(one), Port.middleOf(0), Direction.X), FREQUENCY);
        NearField near = new NearField(alone);
        Complex fed = alone.impedances().get(0).reciprocal();
        Complex sum = Complex.ZERO;
        int n = 400;
        for (int i = 0; i < n; i++) {
            double y = -0.24 + 0.48 * (i + 0.5) / n;
            // The other carries the same current: it is the same dipole, a step aside.
            Complex current = currentAt(alone, y);
            sum = sum.subtract(
                    near.at(new Vec(0.4, y, 0)).e()[1].multiply(current).multiply(0.48 / n));
        }
        Complex mutual = sum.divide(fed.multiply(fed));
        Complex solved = both.impedanceMatrix().get(0).get(1);
        assertThat(mutual.subtract(solved).norm()).isLessThan(0.04 * solved.norm());
    }

    private static Complex currentAt(FieldSolution s, double y) {
        return s.pieces().stream()
                .filter(p -> p.start().y() <= y && y <= p.end().y())
                .findFirst()
                .map(p -> {
                    double t = (y - p.start().y()) / (p.end().y() - p.start().y());
                    return p.atStart().multiply(1 - t).add(p.atEnd().multiply(t));
                })
                .orElse(Complex.ZERO);
    }

    @Test
    void overRealGroundItIsRefused() {
        FieldSolution s = FieldSolver.solve(dipole(Ground.real(13, 0.005), 1), FREQUENCY);
        assertThatThrownBy(() -> new NearField(s)).hasMessageContaining("real ground");
    }

    @Test
    void aYagiHasSideLobesAndARear() {
        FieldSolution s = FieldSolver.solve(
                Yagi.forCount(432e6, 8, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false)
                        .model(),
                432e6);
        RadiatedField field = new RadiatedField(s);
        Lobes lobes = Lobes.of(field, Direction.X);
        assertThat(lobes.sideLobeDb().orElseThrow()).isBetween(8.0, 25.0);
        double straightBack = field.gainDbi(Direction.X) - field.gainDbi(Direction.X.opposite());
        assertThat(lobes.rearDb().orElseThrow()).isLessThanOrEqualTo(straightBack + 1e-9);
    }

    @Test
    void aShortDipoleHasNoSideLobe() {
        FieldSolution s = FieldSolver.solve(dipole(Ground.FREE, 0), FREQUENCY);
        assertThat(Lobes.of(new RadiatedField(s), Direction.X).sideLobeDb()).isEmpty();
    }

    /** Far out the field is what the gain says; near by it is never less than the power that goes through. */
    @Test
    void theBeamInFrontBecomesThatOfTheGainAndReachesLessFarWithLessPower() {
        FieldSolution s = FieldSolver.solve(
                Yagi.forCount(2437e6, 8, Quantity.of("1.6", Unit.MM), Metal.COPPER, false)
                        .model(),
                2437e6);
        NearOutline beam = NearOutline.of(s);
        int last = beam.distances().size() - 1;
        double far = beam.distances().get(last);
        double gain = Math.pow(10, new RadiatedField(s).gainDbi(Direction.X) / 10);
        assertThat(beam.perWatt().get(last)).isCloseTo(gain / (4 * Math.PI * far * far), withinPercentage(3));
        double one = beam.reaches(1, 10);
        assertThat(one).isBetween(0.05, 1.0);
        assertThat(beam.perWatt().get(0))
                .as("close by the reactive fields stand over what the far field would have there")
                .isGreaterThan(beam.perWatt().get(5));
        assertThat(beam.reaches(0.1, 10)).isLessThan(one);
        assertThat(beam.reaches(1e-9, 10)).isZero();
        // Far out the reach grows with the root of the power.
        assertThat(beam.reaches(1200, 10) / beam.reaches(300, 10)).isCloseTo(2, withinPercentage(5));
    }
}
