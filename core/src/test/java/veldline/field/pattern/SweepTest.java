package veldline.field.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.antenna.Yagi;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class SweepTest {
    private static final double F = 2437e6;
    private static final WireModel YAGI = Yagi.forCount(F, 11, Quantity.of("1.6", Unit.MM), Metal.ALUMINIUM, false)
            .model();

    private static Sweep sweep(WireModel m, double low, double high, int count) {
        return Sweep.of(m, MeshRule.standard(high), low, high, count, 50, () -> true);
    }

    @Test
    void twoHundredPointsFromAboutTenSolutionsAgreeWithEachSolvedAlone() {
        Sweep sweep = sweep(YAGI, 0.98 * F, 1.02 * F, 201);
        assertThat(sweep.points()).hasSize(201);
        assertThat(sweep.solved()).isLessThanOrEqualTo(11);
        assertThat(sweep.doubtSwr()).isLessThanOrEqualTo(0.01);
        assertThat(sweep.doubtDb()).isLessThanOrEqualTo(0.02);
        FieldSolver solver = new FieldSolver(YAGI, MeshRule.standard(1.02 * F), () -> true);
        for (int i = 7; i < 201; i += 48) {
            Sweep.Point p = sweep.points().get(i);
            FieldSolution s = solver.at(p.frequency());
            RadiatedField field = new RadiatedField(s);
            Sweep.Point alone = new Sweep.Point(
                    p.frequency(),
                    s.impedances().get(0),
                    field.gainDbi(Direction.X),
                    field.gainDbi(Direction.X.opposite()));
            assertThat(p.swr(50)).isCloseTo(alone.swr(50), within(0.01));
            assertThat(p.gainDbi()).isCloseTo(alone.gainDbi(), within(0.02));
            assertThat(p.frontToBackDb()).isCloseTo(alone.frontToBackDb(), within(0.02));
        }
    }

    @Test
    void aDipoleResonatesWhereItsReactanceIsNoneAndHasABandAroundIt() {
        WireModel dipole = WireModel.inFreeSpace(
                "dipole",
                List.of(Wire.straight(new Vec(0, -0.48, 0), new Vec(0, 0.48, 0), 1e-3)),
                Port.middleOf(0),
                Direction.X);
        Sweep sweep = sweep(dipole, 135e6, 165e6, 61);
        assertThat(sweep.resonances()).hasSize(1);
        double at = sweep.resonances().get(0);
        assertThat(FieldSolver.solve(dipole, at).impedances().get(0).getImaginary())
                .isCloseTo(0, within(0.3));
        Sweep.Band band = sweep.under(2, 73).orElseThrow();
        assertThat(band.low()).isLessThan(at);
        assertThat(band.high()).isGreaterThan(at);
        assertThat(band.width()).isBetween(5e6, 20e6);
        assertThat(sweep.under(2, 600)).isEmpty();
        assertThat(sweep.under(1.2, 73).orElseThrow().width()).isLessThan(band.width());
    }

    @Test
    void aBandThatGoesOnPastTheEndsIsToldAsFarAsItGoes() {
        WireModel dipole = WireModel.inFreeSpace(
                "dipole",
                List.of(Wire.straight(new Vec(0, -0.48, 0), new Vec(0, 0.48, 0), 1e-3)),
                Port.middleOf(0),
                Direction.X);
        Sweep sweep = sweep(dipole, 148e6, 150e6, 11);
        Sweep.Band band = sweep.under(3, 73).orElseThrow();
        assertThat(band.low()).isEqualTo(148e6);
        assertThat(band.high()).isEqualTo(150e6);
    }

    @Test
    void theBestOfTheBandIsNoneOfTheOthers() {
        Sweep sweep = sweep(YAGI, 0.98 * F, 1.02 * F, 41);
        assertThat(sweep.points()).allSatisfy(p -> {
            assertThat(p.gainDbi()).isLessThanOrEqualTo(sweep.bestGain().gainDbi());
            assertThat(p.frontToBackDb())
                    .isLessThanOrEqualTo(sweep.bestFrontToBack().frontToBackDb());
        });
    }
}
