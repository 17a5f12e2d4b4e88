package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.field.pattern.PlaneCut;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What each element does alone, added up, is what the engine says of the whole. */
class PhaseLookTest {
    private static final double F = 868.3e6;

    private static Design array(int stand, boolean upright, int step) {
        return Families.wires("dipole array")
                .begun(new Family.Wish(F, 0.6, 4e-3, Metal.ALUMINIUM, upright))
                .withSize(1, Quantity.of(Integer.toString(stand), Unit.ONE))
                .withSize(3, Quantity.of(Integer.toString(step), Unit.DEG))
                .withSize(4, Quantity.of("60", Unit.ONE));
    }

    @ParameterizedTest
    @CsvSource({"0, false, 40", "0, true, -110", "1, false, 75", "1, true, 25", "2, false, -90", "2, true, 140"})
    void addedUpItIsTheWholeSolved(int stand, boolean upright, int step) {
        PhaseLook look = PhaseLook.of(array(stand, upright, 0), F, () -> true).orElseThrow();
        PhaseLook.Turned added = look.turned(step);
        FieldSolution whole =
                new FieldSolver(array(stand, upright, step).model(), MeshRule.standard(F), () -> true).at(F);
        PlaneCut cut = PlaneCut.of(new RadiatedField(whole), look.roll());
        for (int deg = 0; deg < 360; deg += 11) {
            if (cut.at(deg) > -40) {
                assertThat(added.gains().get(deg)).as(deg + "°").isCloseTo(cut.at(deg), within(1e-3));
            }
        }
        for (int i = 0; i < 4; i++) {
            assertThat(added.feeds().get(i).subtract(whole.impedances().get(i)).norm())
                    .isLessThan(1e-3 * whole.impedances().get(i).norm());
        }
    }

    @Test
    void theBeamLeansTowardsTheEndThatLags() {
        PhaseLook look = PhaseLook.of(array(0, false, 0), F, () -> true).orElseThrow();
        assertThat(look.roll()).as("over one another: the upright plane").isEqualTo(90);
        assertThat(look.turned(0).beam()).isZero();
        int up = look.turned(-60).beam();
        assertThat(up).isBetween(10, 25);
        assertThat(look.turned(60).beam()).isEqualTo(-up);
        assertThat(look.places().get(3).across())
                .isGreaterThan(look.places().get(0).across());
    }

    @Test
    void cableForAWholeTurnIsAWaveInIt() {
        assertThat(PhaseLook.cable(360, F).value()).isCloseTo(0.66 * 299_792.458 / 868.3, within(1e-6));
        assertThat(PhaseLook.cable(-90, F).value())
                .isCloseTo(PhaseLook.cable(90, F).value(), within(1e-12));
    }

    @Test
    void whatHasOneFeedHasNoPhase() {
        Design d = Families.wires("dipole").begun(new Family.Wish(F, 0.6, 4e-3, Metal.ALUMINIUM, false));
        assertThat(PhaseLook.of(d, F, () -> true)).isEmpty();
    }
}
