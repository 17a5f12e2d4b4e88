package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** A wire as it hangs over earth, and a helix with its strip over a plate: what is solved with what lies under it. */
class OverGroundTest {
    private static FieldSolution solved(Design d, double frequency) {
        return new FieldSolver(d.model(), MeshRule.standard(frequency), () -> true).at(frequency);
    }

    private static Complex impedance(Design d, double frequency) {
        return solved(d, frequency).impedances().get(0);
    }

    private static Family.Wish wish(WireFamily f, boolean upright) {
        return f.key().equals("helix")
                ? new Family.Wish(2437e6, 0.4, 0.8e-3, Metal.COPPER, upright)
                : new Family.Wish(7.1e6, 20, 2e-3, Metal.COPPER, upright);
    }

    /** Over the plate the strip is a line of 376.7 ÷ (w ÷ h + 2) ohms (Kraus §7.4), and a quarter wave of it turns 50 Ω into its square over 50. */
    @Test
    void theStripOfAHelixLiesBetweenItsFeedAndTheCable() {
        WireFamily f = Families.wires("helix");
        Family.Wish wish = wish(f, false);
        Design d = f.begun(wish);
        double h =
                AxialHelix.strip(d, wish.frequency(), () -> true).orElseThrow().value();
        double w = 0.1 * wish.wavelength() * 1000;
        double line = 376.73 / (w / h + 2);
        double feed = Resonance.impedance(d, wish.frequency()).getReal();
        assertThat(line * line / 50).isCloseTo(feed, within(0.01 * feed));
        assertThat(h).as("close over the plate").isBetween(0.02 * w, w);
    }

    /** Solved, the strip holds 50 Ω over a tenth of the band, for few turns and many; the quarter-wave line's does not. */
    @ParameterizedTest
    @ValueSource(ints = {5, 9, 14})
    void theSolvedStripMatchesAHelixOverItsBand(int turns) {
        WireFamily f = Families.wires("helix");
        Family.Wish wish = wish(f, false);
        double frequency = wish.frequency();
        Design d = f.begun(wish).withSize(0, Quantity.of(Integer.toString(turns), Unit.ONE));
        HelixStrip s = HelixStrip.of(d, frequency, () -> true).orElseThrow();
        assertThat(s.arc()).isBetween(40.0, 90.0);
        for (double share : new double[] {0.95, 1, 1.05}) {
            // The strip keeps its size while the wave changes.
            Complex z = HelixStrip.feed(d, frequency * share, s.arc(), s.height() * share, () -> true)
                    .orElseThrow();
            assertThat(Mismatch.swr(z, 50)).as("at %s of the frequency", share).isLessThan(1.35);
        }
        double line = AxialHelix.strip(d, frequency, () -> true).orElseThrow().value() / (1000 * wish.wavelength());
        assertThat(Mismatch.swr(
                        HelixStrip.feed(d, frequency, 90, line, () -> true).orElseThrow(), 50))
                .isGreaterThan(1.5);
    }

    /** Raised, the wire loses less to the earth and comes to what it is in the open; what the earth takes is what its gain has lost. */
    @Test
    void theHigherItHangsTheLessTheEarthTakes() {
        WireFamily f = Families.wires("hung wire");
        Design begun = f.begun(wish(f, false));
        double before = 100;
        for (double metres : new double[] {5, 12, 30, 90}) {
            Quantity height = Quantity.shown(metres, Unit.M, 1);
            Design d = begun.withSize(2, height).withSize(3, height);
            List<Worked> said = f.schools(d, 7.1e6, () -> true);
            double taken = said.get(0).value();
            assertThat(taken).as(metres + " m").isBetween(0.0, before);
            before = taken;
            if (metres == 90) {
                assertThat(impedance(d, 7.1e6).getReal())
                        .isCloseTo(
                                said.get(1).value(), within(0.05 * said.get(1).value()));
            }
        }
        assertThat(before).as("most of what is left is what goes down into it").isLessThan(3.5);
    }

    /** Of itself, over earth, it leaves as much as it took, less heat and what its currents work against the earth. */
    @Test
    void whatLeavesTheWireIsCountedWithoutTheBounce() {
        WireFamily f = Families.wires("hung wire");
        Design d = f.begun(wish(f, false));
        FieldSolution over = solved(d, 7.1e6);
        assertThat(new RadiatedField(over).gainDbi(new Direction(89.99, 0)))
                .as("level with the ground the bounce undoes it")
                .isLessThan(-20);
        FieldSolution open = WireFamiliesTest.inTheOpen(d, 7.1e6, MeshRule.standard(7.1e6));
        assertThat(RadiatedField.leaving(open).gainDbi(Direction.X))
                .isEqualTo(new RadiatedField(open).gainDbi(Direction.X))
                .isCloseTo(f.schools(d, 7.1e6, () -> true).get(2).value(), within(1e-9));
        // Low over the earth its image holds the resistance down, so more current runs for the same power.
        assertThat(RadiatedField.leaving(over).gainDbi(Direction.X))
                .isCloseTo(RadiatedField.leaving(open).gainDbi(Direction.X), within(3.0));
    }
}
