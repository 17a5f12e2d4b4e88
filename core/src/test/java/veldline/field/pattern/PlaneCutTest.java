package veldline.field.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.stock.Metal;

/** Cuts through the beam and their figures, against closed patterns and against the engine's own beam. */
class PlaneCutTest {
    private static final double F = 2437e6;

    private static RadiatedField field(String family) {
        Design d = Families.wires(family).design(new Family.Wish(F, 0.35, 1e-4, Metal.COPPER, false));
        return new RadiatedField(FieldSolver.solve(d.model(), F));
    }

    private static PlaneCut made(java.util.function.IntToDoubleFunction dbi) {
        List<Double> gains =
                IntStream.range(0, 360).mapToObj(dbi::applyAsDouble).toList();
        return new PlaneCut(0, gains, gains, gains);
    }

    @Test
    void aHalfWaveDipoleIsSeventyEightDegreesWide() {
        PlaneCut e = PlaneCut.of(field("dipole"), 0);
        // Balanis, Antenna Theory, 3rd ed., §4.6: 78° for the half wave; the arm of finite thickness is a little
        // shorter.
        assertThat(e.halfPower().orElseThrow().width()).isCloseTo(78, within(1.0));
        assertThat(e.firstNulls().orElseThrow().width()).isCloseTo(180, within(2.0));
        assertThat(e.back().dbi()).isCloseTo(e.strongest().dbi(), within(1e-6));
        PlaneCut h = PlaneCut.of(field("dipole"), 90);
        assertThat(h.halfPower()).as("round about").isEmpty();
        assertThat(h.firstNulls()).isEmpty();
        assertThat(h.sideLobe()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 30, 90, 140})
    void aCutIsTheFieldInItsPlane(int roll) {
        RadiatedField field = field("helix");
        PlaneCut cut = PlaneCut.of(field, roll);
        for (int deg = 0; deg < 360; deg += 17) {
            assertThat(cut.at(deg)).isCloseTo(field.gainDbi(PlaneCut.direction(roll, deg)), within(1e-9));
            double both = Math.pow(10, cut.right().get(deg) / 10)
                    + Math.pow(10, cut.left().get(deg) / 10);
            assertThat(10 * Math.log10(both)).as("both hands together").isCloseTo(cut.at(deg), within(1e-6));
        }
        assertThat(cut.at(0)).isCloseTo(field.gainDbi(Direction.X), within(1e-9));
    }

    @Test
    void turnedByHalfATurnItIsTheSameCutTheOtherWayRound() {
        RadiatedField field = field("stacked Yagis");
        PlaneCut one = PlaneCut.of(field, 20);
        PlaneCut other = PlaneCut.of(field, 200);
        for (int deg = 0; deg < 360; deg += 7) {
            assertThat(one.at(deg)).isCloseTo(other.at(-deg), within(1e-6));
        }
    }

    /** Eight even sources half a wave apart: 12.8° wide, nulls at asin(1/4), first lobes 12.8 dB down. */
    @Test
    void aKnownRowHasItsKnownFigures() {
        PlaneCut cut = made(deg -> {
            double psi = Math.PI * Math.sin(Math.toRadians(deg)) / 2;
            double factor = Math.abs(Math.sin(psi)) < 1e-9 ? 1 : Math.sin(8 * psi) / (8 * Math.sin(psi));
            double element = deg > 90 && deg < 270 ? 0.05 : 1;
            return 20 * Math.log10(Math.max(1e-5, Math.abs(factor * element)));
        });
        assertThat(cut.halfPower().orElseThrow().width()).isCloseTo(12.8, within(0.2));
        assertThat(cut.firstNulls().orElseThrow().width()).isCloseTo(2 * Math.toDegrees(Math.asin(0.25)), within(2.0));
        assertThat(cut.sideLobe().orElseThrow().dbi()).isCloseTo(-12.8, within(0.15));
        assertThat(cut.back().dbi()).isCloseTo(20 * Math.log10(0.05), within(1e-9));
        assertThat(cut.rear().dbi()).isGreaterThanOrEqualTo(cut.back().dbi());
    }

    @Test
    void aShoulderIsNoLobe() {
        PlaneCut cut = made(deg -> {
            double off = Math.min(deg, 360 - deg);
            return off < 40 ? -off / 2 : off < 60 ? -20 - (off - 40) * 0.001 : -20 - (off - 60) / 3;
        });
        assertThat(cut.firstNulls()).isEmpty();
        assertThat(cut.sideLobe()).isEmpty();
    }
}
