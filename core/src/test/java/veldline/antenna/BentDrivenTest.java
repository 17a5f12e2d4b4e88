package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.build.Cut;
import veldline.build.CutList;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** A driven element whose ends lean back from the first director. */
class BentDrivenTest {
    private static final double F = 145e6;
    private static final YagiShape STRAIGHT = Yagi.forCount(F, 5, Quantity.of("6", Unit.MM), Metal.ALUMINIUM, false);
    private static final YagiShape BENT = STRAIGHT.withFeed(YagiShape.Feed.BENT);

    private static FieldSolution solved(YagiShape y, double finer) {
        MeshRule rule = MeshRule.standard(F);
        return new FieldSolver(y.model(), finer == 1 ? rule : rule.finer(finer), () -> true).at(F);
    }

    @Test
    void itIsBentTwiceBackwardsAndAsLongAsBefore() {
        Wire driven = BENT.model().wires().get(1);
        double place = STRAIGHT.elements().get(1).position().value();
        assertThat(driven.points()).hasSize(4);
        assertThat(driven.length())
                .isCloseTo(STRAIGHT.elements().get(1).length().value(), within(1e-12));
        assertThat(driven.points().get(1).x()).isEqualTo(place);
        assertThat(driven.points().get(2).x()).isEqualTo(place);
        assertThat(driven.points().get(0).x()).as("away from the director").isLessThan(place);
        assertThat(driven.points().get(0).y()).isCloseTo(-driven.points().get(3).y(), within(1e-12));
        assertThat(ModelCheck.faults(BENT.model(), F)).isEmpty();
    }

    /** Each tip comes nearer to the reflector and stays clear of it. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 6, 12, 20})
    void itsTipsKeepClearOfTheReflector(int count) {
        YagiShape y = Yagi.forCount(F, count, Quantity.of("10", Unit.MM), Metal.ALUMINIUM, false)
                .withFeed(YagiShape.Feed.BENT);
        double tip = y.model().wires().get(1).points().get(0).x();
        assertThat(tip).isGreaterThan(0.2 * y.elements().get(1).position().value());
        assertThat(ModelCheck.faults(y.model(), F)).isEmpty();
    }

    @Test
    void halfTheCutsMoreMoveItLittle() {
        Complex coarse = solved(BENT, 1).impedances().get(0);
        Complex fine = solved(BENT, 1.5).impedances().get(0);
        assertThat(fine.subtract(coarse).norm()).isLessThan(0.02 * coarse.norm() + 0.3);
    }

    @Test
    void whatGoesInComesOut() {
        FieldSolution s = solved(BENT, 1);
        assertThat(PatternSummary.of(s).gainDbi()).isCloseTo(new RadiatedField(s).gainDbi(Direction.X), within(1e-9));
        assertThat(s.efficiency()).isBetween(0.97, 1.0);
    }

    /** Symmetric to left and right, though no longer to front and back of the element. */
    @Test
    void itsBeamStandsStraight() {
        RadiatedField field = new RadiatedField(solved(BENT, 1));
        for (int deg = 10; deg < 180; deg += 20) {
            assertThat(field.gainDbi(new Direction(90, deg)))
                    .isCloseTo(field.gainDbi(new Direction(90, -deg)), within(1e-6));
        }
    }

    @Test
    void uprightItIsTheSame() {
        assertThat(solved(BENT.withUpright(true), 1)
                        .impedances()
                        .get(0)
                        .subtract(solved(BENT, 1).impedances().get(0))
                        .norm())
                .isLessThan(1e-6);
    }

    @Test
    void theCutListMarksItsBends() {
        List<Cut> straight = CutList.of(STRAIGHT, F);
        List<Cut> bent = CutList.of(BENT, F);
        Cut driven = bent.get(1);
        assertThat(driven.length()).isCloseTo(straight.get(1).length(), within(1e-12));
        assertThat(driven.bends()).hasSize(2).allMatch(b -> Math.abs(b.degrees() - 40) < 1e-6);
        assertThat(driven.bends().get(0).at())
                .isCloseTo(driven.length() - driven.bends().get(1).at(), within(1e-9));
        assertThat(straight.get(1).bends()).isEmpty();
    }

    /** On a metal boom it is cut longer in its middle, so both bends move out alike. */
    @Test
    void aMetalBoomKeepsTheBendsEvenlyOut() {
        Cut wood = CutList.of(BENT, F).get(1);
        Cut metal = CutList.of(BENT.withBoom(BoomKind.values()[BoomKind.values().length - 1]), F)
                .get(1);
        double more = metal.length() - wood.length();
        assertThat(metal.bends().get(0).at() - wood.bends().get(0).at()).isCloseTo(more / 2, within(1e-12));
    }

    /** The braid of the cable is joined beside the feed, amid the two bends. */
    @Test
    void withTheCablesOutsideItStaysWhole() {
        YagiShape with = BENT.withOutside(Optional.of(CableOutside.USUAL));
        List<Vec> driven = with.model().wires().get(1).points();
        assertThat(driven).hasSize(5);
        assertThat(driven.get(2).x()).isEqualTo(driven.get(1).x());
        assertThat(with.model().wires().get(1).length())
                .isCloseTo(BENT.model().wires().get(1).length(), within(1e-9));
        assertThat(ModelCheck.faults(with.model(), F)).isEmpty();
    }

    @Test
    void itIsDrawnAsItLeans() {
        veldline.picture.Pen pen = Picture.pen(704, 260);
        new YagiDrawing(BENT, 704, 0).draw(pen);
        assertThat(pen.done().marks())
                .filteredOn(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .anyMatch(k -> k.points().size() == 4
                        && !k.closed()
                        && k.points().get(0).x() < k.points().get(1).x());
    }

    @Test
    void itIsOfferedAndNamedInUndo() {
        YagiChange.FeedKind change = new YagiChange.FeedKind(YagiShape.Feed.BENT);
        assertThat(change.label()).isEqualTo("bent driven element");
        assertThat(change.applyTo(STRAIGHT)).isEqualTo(BENT);
        assertThat(new YagiChange.Count(F, 7).applyTo(BENT).feed()).isEqualTo(YagiShape.Feed.BENT);
    }
}
