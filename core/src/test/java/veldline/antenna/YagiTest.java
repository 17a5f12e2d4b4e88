package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** The family: from a frequency to dimensions, and what those dimensions then do when they are solved. */
class YagiTest {
    private static final double F = 2.437e9;
    private static final double C = 299_792_458.0;

    private static YagiShape of(int count) {
        return Yagi.forCount(F, count, Quantity.of("1.6", Unit.MM), Metal.BRASS, false);
    }

    private static double gain(YagiShape y, double frequency) {
        return new RadiatedField(solved(y, frequency)).gainDbi(Direction.X);
    }

    private static FieldSolution solved(YagiShape y, double frequency) {
        return new FieldSolver(y.model(), MeshRule.standard(frequency), () -> true).at(frequency);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5, 8, 11, 15, 20})
    void elementsStandInOrderAndGrowShorterForward(int count) {
        List<YagiShape.Element> e = of(count).elements();
        assertThat(e).hasSize(count);
        assertThat(e.get(0).position().value()).isZero();
        for (int i = 1; i < count; i++) {
            assertThat(e.get(i).position().value())
                    .isGreaterThan(e.get(i - 1).position().value());
            // Cut to a tenth of a millimetre two neighbours may come out alike.
            assertThat(e.get(i).length().value())
                    .isLessThanOrEqualTo(e.get(i - 1).length().value());
        }
        double wave = C / F;
        assertThat(e)
                .allMatch(x -> x.length().value() > 0.35 * wave && x.length().value() < 0.52 * wave);
    }

    /** Each director brings something, each less than the one before it did, roughly as the boom grows. */
    @Test
    void moreElementsGainMoreByDiminishingSteps() {
        double three = gain(of(3), F);
        double six = gain(of(6), F);
        double twelve = gain(of(12), F);
        double twenty = gain(of(20), F);
        assertThat(three).isBetween(6.0, 9.0);
        assertThat(six).isGreaterThan(three + 1);
        assertThat(twelve).isGreaterThan(six + 1);
        assertThat(twenty).isGreaterThan(twelve + 0.5);
        assertThat((twenty - twelve) / 8).isLessThan((six - three) / 3);
        // A long Yagi's ceiling: about ten times the boom in waves over isotropic, and somewhat more.
        double boom = of(20).boomLength() / (C / F);
        assertThat(twenty).isLessThan(10 * Math.log10(10 * boom) + 2.5);
    }

    /** Maxwell's equations have no scale: twice the frequency at half the size is the same antenna but for its metal. */
    @Test
    void halfTheSizeAtTwiceTheFrequencyIsTheSameAntenna() {
        YagiShape large = Yagi.forCount(F / 2, 7, Quantity.of("3.2", Unit.MM), Metal.COPPER, false);
        List<YagiShape.Element> half = large.elements().stream()
                .map(e -> new YagiShape.Element(
                        Quantity.shown(e.position().value() / 2, Unit.MM, 4),
                        Quantity.shown(e.length().value() / 2, Unit.MM, 4)))
                .toList();
        YagiShape small = large.withElements(half).withDiameter(Quantity.of("1.6", Unit.MM));
        assertThat(gain(small, F)).isCloseTo(gain(large, F / 2), within(0.02));
        assertThat(solved(small, F).impedances().get(0).getReal())
                .isCloseTo(solved(large, F / 2).impedances().get(0).getReal(), within(0.3));
    }

    @Test
    void standingUprightItIsTheSameAntenna() {
        YagiShape flat = of(5);
        assertThat(gain(flat.withUpright(true), F)).isCloseTo(gain(flat, F), within(1e-6));
    }

    @Test
    void aFoldedDrivenElementHasAboutFourTimesTheResistance() {
        YagiShape straight = of(5);
        YagiShape folded = straight.withFeed(YagiShape.Feed.FOLDED);
        double ratio = solved(folded, F).impedances().get(0).getReal()
                / solved(straight, F).impedances().get(0).getReal();
        assertThat(ratio).isBetween(2.8, 5.5);
        // The second wire is a little more metal; the directors do the rest.
        assertThat(gain(folded, F)).isCloseTo(gain(straight, F), within(0.3));
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 8, 11})
    void endsBentAwayFromTheDirectorsRaiseTheResistanceAndLeaveTheGain(int count) {
        YagiShape straight = of(count);
        YagiShape bent = straight.withFeed(YagiShape.Feed.BENT);
        double ratio = solved(bent, F).impedances().get(0).getReal()
                / solved(straight, F).impedances().get(0).getReal();
        assertThat(ratio).isBetween(1.25, 1.8);
        assertThat(gain(bent, F)).isCloseTo(gain(straight, F), within(0.2));
        assertThat(bent.model().wires().get(1).length())
                .as("bent, not cut")
                .isCloseTo(straight.model().wires().get(1).length(), within(1e-12));
    }

    @Test
    void thickerElementsAreCutShorter() {
        YagiShape thin = Yagi.forCount(F, 6, Quantity.of("0.8", Unit.MM), Metal.BRASS, false);
        YagiShape thick = Yagi.forCount(F, 6, Quantity.of("4", Unit.MM), Metal.BRASS, false);
        for (int i = 2; i < 6; i++) {
            assertThat(thick.elements().get(i).length().value())
                    .isLessThan(thin.elements().get(i).length().value());
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.4, 0.9, 1.7, 2.6, 4.0})
    void aBoomIsFilledToItsEnd(double waves) {
        double boom = waves * C / F;
        YagiShape y = Yagi.forBoom(F, boom, Quantity.of("1.6", Unit.MM), Metal.BRASS, false);
        assertThat(y.boomLength()).isCloseTo(boom, within(0.16 * boom));
        assertThat(y.elements().size()).isBetween(2, YagiShape.MOST_ELEMENTS);
    }

    @Test
    void countsOutsideTwoToTwentyAreRefusedByName() {
        assertThatThrownBy(() -> of(5).withElements(of(5).elements().subList(0, 1)))
                .hasMessageContaining("2 to 20")
                .hasMessageContaining("not 1");
    }

    @ParameterizedTest
    @EnumSource(BoomKind.class)
    void theCutListAddsWhatTheBoomTakesAndNothingOnWood(BoomKind kind) {
        YagiShape y = of(4).withBoom(kind).withBoomDiameter(Quantity.of("15", Unit.MM));
        double wave = C / F;
        double extra = kind.correction(0.015, wave);
        List<YagiShape.Cut> cuts = y.cutList(F);
        for (int i = 0; i < 4; i++) {
            assertThat(cuts.get(i).cut() - y.elements().get(i).length().value()).isCloseTo(extra, within(1e-12));
        }
        boolean metalTouches = kind == BoomKind.THROUGH_BONDED || kind == BoomKind.THROUGH_INSULATED;
        assertThat(extra > 0).isEqualTo(metalTouches);
        assertThat(kind.correction(0.03, 1)).isGreaterThanOrEqualTo(kind.correction(0.015, 1));
        assertThat(BoomKind.THROUGH_INSULATED.correction(0.02, wave))
                .isCloseTo(BoomKind.THROUGH_BONDED.correction(0.02, wave) / 2, within(1e-12));
    }

    @Test
    void everyEditAppliesToWhatItNamesAndSaysSo() {
        YagiShape y = of(6);
        YagiShape longer = new YagiChange.ElementLength(3, Quantity.of("50", Unit.MM)).applyTo(y);
        assertThat(longer.elements().get(3).length().value()).isEqualTo(0.05);
        assertThat(longer.withElement(3, y.elements().get(3)))
                .as("and nothing else")
                .isEqualTo(y);
        YagiShape moved = new YagiChange.ElementPosition(4, Quantity.of("99", Unit.MM)).applyTo(y);
        assertThat(moved.withElement(4, y.elements().get(4))).isEqualTo(y);
        YagiShape nine = new YagiChange.Count(F, 9).applyTo(y.withFeed(YagiShape.Feed.FOLDED));
        assertThat(nine.elements()).hasSize(9);
        assertThat(nine.feed()).as("what was decided stays").isEqualTo(YagiShape.Feed.FOLDED);
        assertThat(new YagiChange.Upright(true).applyTo(y).upright()).isTrue();
        assertThat(new YagiChange.Boom(BoomKind.ABOVE).applyTo(y).boom()).isEqualTo(BoomKind.ABOVE);
        assertThat(new YagiChange.ElementLength(0, Quantity.of("61", Unit.MM)).label())
                .isEqualTo("element refl. 61 mm");
        assertThat(new YagiChange.Count(F, 9).label()).isEqualTo("9 elements");
    }

    @Test
    void theHelixGainsWithTurnsAndIsBestNearOneWaveRound() {
        double before = AxialHelix.gainDbi(6, 1.0, 13);
        for (int turns = 8; turns <= 30; turns += 2) {
            double now = AxialHelix.gainDbi(turns, 1.0, 13);
            assertThat(now).isGreaterThan(before).isLessThan(before + 1.5);
            before = now;
        }
        assertThat(AxialHelix.gainDbi(10, 1.0, 13)).isBetween(11.0, 13.5);
    }

    @Test
    void whatAFamilyShapesFitsWhatWasWished() {
        for (Family family : Families.all()) {
            Family.Shaped s = family.shape(new Family.Wish(F, 0.3, 0.0016, Metal.BRASS, false));
            assertThat(s.title()).as(family.name()).isNotBlank();
            assertThat(s.model().isPresent() != s.fitted().isPresent())
                    .as(family.name() + " is solved or has a formula")
                    .isTrue();
            assertThat(s.silhouette().bars()).as(family.name()).isNotEmpty();
        }
    }
}
