package veldline.assess;

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
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.demo.TernholmSands;
import veldline.field.pattern.PlaneCut;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Figures of a cut by their definitions, held against the antenna's own figures and against each other. */
class CutFiguresTest {
    private static final double F = 868.3e6;
    private static final YagiShape YAGI = Yagi.forCount(F, 8, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false);

    private static RadiatedField field(WireModel model) {
        return new RadiatedField(FieldSolver.solve(model, F));
    }

    private static AntennaFigures figures(WireModel model) {
        return AntennaStage.figures(new AntennaStage.Input(model, F, false, 50), () -> true);
    }

    /** Where the beam is the strongest of its cut, the definition and the beam's own edges say the same. */
    @ParameterizedTest
    @ValueSource(ints = {3, 8, 14})
    void theBeamIsAsWideAsItsEdgesSay(int count) {
        WireModel model = Yagi.forCount(F, count, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false)
                .model();
        RadiatedField field = field(model);
        AntennaFigures own = figures(model);
        CutFigures level = CutFigures.of(PlaneCut.of(field, 0));
        CutFigures upright = CutFigures.of(PlaneCut.of(field, 90));
        assertThat(level.width().orElseThrow().value())
                .isCloseTo(own.widthE().orElseThrow().value(), within(0.2));
        if (own.widthH().isPresent()) {
            assertThat(upright.width().orElseThrow().value())
                    .isCloseTo(own.widthH().get().value(), within(0.2));
        }
        assertThat(level.most().value()).isCloseTo(own.gain().value(), within(0.05));
        assertThat(level.frontToBack().value()).isCloseTo(own.frontToBack().value(), within(0.1));
    }

    @Test
    void theRearIsNeverBetterThanStraightBack() {
        for (int roll = 0; roll < 180; roll += 30) {
            CutFigures f = CutFigures.of(PlaneCut.of(field(YAGI.model()), roll));
            assertThat(f.frontToRear().value())
                    .isLessThanOrEqualTo(f.frontToBack().value() + 1e-9);
            assertThat(f.sideLobe().orElseThrow().value()).isNegative();
            assertThat(f.nulls().orElseThrow().value())
                    .as("hollows lie outside half power")
                    .isGreaterThan(f.width().orElseThrow().value());
        }
    }

    /** Each worked line gives by its own formula what it shows. */
    @Test
    void everyFigureIsWorkedOut() {
        CutFigures f = CutFigures.of(PlaneCut.of(field(YAGI.model()), 0));
        assertThat(List.of(f.most(), f.frontToBack(), f.frontToRear())).allSatisfy(w -> {
            assertThat(w.formula().source()).contains("IEEE Std 145");
            assertThat(w.inputs()).isNotEmpty();
        });
        assertThat(f.width().orElseThrow().unit()).isEqualTo("°");
    }

    /** Turned about the beam, a field that turns about it is the same in every plane. */
    @Test
    void aHelixIsAlikeInEveryPlane() {
        Design d = Families.wires("helix").begun(new Family.Wish(F, 1, 4e-3, Metal.COPPER, false));
        RadiatedField field = field(d.model());
        double least = 1000;
        double most = 0;
        for (int roll = 0; roll < 180; roll += 30) {
            double w = CutFigures.of(PlaneCut.of(field, roll))
                    .width()
                    .orElseThrow()
                    .value();
            least = Math.min(least, w);
            most = Math.max(most, w);
        }
        assertThat(most / least).isLessThan(1.15);
    }

    @Test
    void ofAHandOnlyOnePartIsStrong() {
        Design d = Families.wires("helix").begun(new Family.Wish(F, 1, 4e-3, Metal.COPPER, false));
        PlaneCut right = PlaneCut.of(field(d.model()), 0);
        assertThat(right.right().get(0)).isGreaterThan(right.left().get(0) + 15);
        PlaneCut left =
                PlaneCut.of(field(d.withSize(3, Quantity.of("1", Unit.ONE)).model()), 0);
        assertThat(left.left().get(0)).isGreaterThan(left.right().get(0) + 15);
    }

    @Test
    void aStraightFieldIsHalfOfEachHand() {
        PlaneCut cut = PlaneCut.of(field(YAGI.model()), 90);
        for (int deg = 0; deg < 360; deg += 15) {
            assertThat(cut.right().get(deg)).isCloseTo(cut.left().get(deg), within(1e-3));
            assertThat(cut.right().get(deg)).isCloseTo(cut.at(deg) - 10 * Math.log10(2), within(1e-3));
        }
    }

    /** The closer look has a plane for every ten degrees, and the level one is the E cut of flat elements. */
    @Test
    void theCloserLookHoldsEveryPlane() {
        Assessment a = new Assessor().assess(TernholmSands.nestCamera());
        List<PlaneCut> cuts = a.closer().value().orElseThrow().wide().cuts();
        assertThat(cuts).hasSize(180 / WideField.ROLL);
        assertThat(IntStream.range(0, cuts.size()).map(i -> cuts.get(i).roll()).toArray())
                .isEqualTo(IntStream.range(0, cuts.size())
                        .map(i -> i * WideField.ROLL)
                        .toArray());
        List<Double> e = a.antenna().value().orElseThrow().eCut();
        for (int deg = 0; deg <= 180; deg += 9) {
            if (e.get(deg) > -30) {
                assertThat(cuts.get(0).at(deg)).isCloseTo(e.get(deg), within(0.3));
            }
        }
        assertThat(a.closer().value().orElseThrow().phase()).as("one feed").isEmpty();
    }

    @Test
    void directionsOfAPlaneLieInIt() {
        assertThat(PlaneCut.direction(37, 0)
                        .vector()
                        .minus(Direction.X.vector())
                        .length())
                .isLessThan(1e-9);
        for (int deg = 0; deg < 360; deg += 40) {
            double up = PlaneCut.direction(90, deg).vector().y();
            assertThat(up).as("the upright plane has no sideways").isCloseTo(0, within(1e-9));
        }
    }
}
