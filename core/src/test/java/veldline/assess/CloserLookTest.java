package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.YagiShape;
import veldline.build.BuildPlan;
import veldline.demo.TernholmSands;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.BesideChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class CloserLookTest {
    private static final double F = 145e6;

    private static Design design(String key, boolean upright) {
        return Families.wires(key).design(new Family.Wish(F, 2, 4e-3, Metal.COPPER, upright));
    }

    private static FieldSolution solved(WireModel m) {
        return new FieldSolver(m, MeshRule.standard(F), () -> true).at(F);
    }

    @Test
    void theSphereIsTheFieldAtEveryPoint() {
        FieldSolution s = solved(design("quad", false).model());
        WideField w = WideField.of(s);
        RadiatedField field = new RadiatedField(s);
        assertThat(w.gains()).hasSize(37).allMatch(l -> l.size() == 73);
        assertThat(w.gains().get(18).get(36)).isCloseTo(field.gainDbi(Direction.X), within(1e-9));
        assertThat(w.gains().get(12).get(40)).isCloseTo(field.gainDbi(new Direction(60, 20)), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"helix, 1, true", "crossed Yagis, 0.5, true", "dipole, 60, false"})
    void theWaveAheadIsSplitIntoItsHands(String key, double most, boolean turns) {
        FieldSolution s = solved(design(key, false).model());
        WideField.Hand h = WideField.of(s).hand();
        double sum = 10 * Math.log10(Math.pow(10, h.rightDbi() / 10) + Math.pow(10, h.leftDbi() / 10));
        assertThat(sum).isCloseTo(new RadiatedField(s).gainDbi(Direction.X), within(1e-6));
        assertThat(h.axialRatio().value()).isLessThanOrEqualTo(most);
        assertThat(h.rightDbi() > h.leftDbi() + 10).isEqualTo(turns);
    }

    /** Free field and image against the same antenna solved over a perfect ground. */
    @ParameterizedTest
    @CsvSource({"false", "true"})
    void overGroundItIsWhatTheEngineSolvesThere(boolean upright) {
        double height = 6.2;
        Design d = design("dipole", upright);
        WideField w = WideField.of(solved(d.model()));
        WireModel free = d.model();
        WireModel raised = new WireModel(
                "over ground",
                free.wires().stream()
                        .map(x -> new Wire(
                                x.points().stream()
                                        .map(p -> p.plus(new Vec(0, 0, height)))
                                        .toList(),
                                x.radius(),
                                false,
                                x.conductivity()))
                        .toList(),
                free.sources(),
                free.loads(),
                Ground.PERFECT,
                Optional.empty(),
                Optional.of(Direction.X));
        RadiatedField there = new RadiatedField(solved(raised));
        for (int deg : new int[] {5, 10, 17, 30, 45}) {
            double solved = there.gainDbi(new Direction(90 - deg, 0));
            if (solved > -5) {
                assertThat(w.overGround(deg, height, Ground.PERFECT, F).value())
                        .as(deg + "°")
                        .isCloseTo(solved, within(0.4));
            }
        }
    }

    @Test
    void moreElementsBuyLessAndLess() {
        List<Addition> all = Addition.of(TernholmSands.nestCamera().yagi().orElseThrow(), 2437e6, () -> true);
        assertThat(all).hasSize(9);
        assertThat(all.get(0).count()).isEqualTo(7);
        double first = all.get(1).over(all.get(0)).value();
        double last = all.get(8).over(all.get(7)).value();
        assertThat(first).isGreaterThan(last).isPositive();
        assertThat(all.get(8).perLength(all.get(7)).value()).isPositive();
        assertThat(Addition.of(design("dipole", false), F, () -> true)).isEmpty();
        assertThat(Addition.of(design("helix", false), F, () -> true)).hasSizeGreaterThan(4);
    }

    @Test
    void itIsPartOfTheDeepestLook() {
        Assessor assessor = new Assessor();
        Assessment quick = assessor.assess(TernholmSands.nestCamera(), Assessor.Depth.ALL, () -> true);
        assertThat(quick.closer().value()).isEmpty();
        CloserLook whole =
                assessor.assess(TernholmSands.nestCamera()).closer().value().orElseThrow();
        BuildPlan plan = whole.plan();
        assertThat(plan.cuts()).hasSize(11);
        assertThat(whole.wide().gains().get(18).get(36))
                .isCloseTo(quick.antenna().value().orElseThrow().gain().value(), within(1e-6));
    }

    /** As built: the measure that spoils most comes first, and mending it brings back the design's gain. */
    @Test
    void whatIsWorthMendingComesFirst() throws FormatException {
        Job job = TernholmSands.nestCamera().withBeside(Optional.empty());
        YagiShape yagi = job.yagi().orElseThrow();
        YagiShape built = yagi.withElement(
                        2, new YagiShape.Element(yagi.elements().get(2).position(), Quantity.of("56", Unit.MM)))
                .withElement(
                        8,
                        new YagiShape.Element(
                                Quantity.of("229", Unit.MM),
                                yagi.elements().get(8).length()));
        Job with = new JobChange.OfBeside(new BesideChange.Keep(true, built)).applyTo(job);
        Assessment a = new Assessor().assess(with);
        BesideFigures b = a.beside().value().orElseThrow();
        assertThat(b.differences()).hasSize(2);
        assertThat(b.differences().get(0).name()).isEqualTo("1, length");
        double back =
                b.figures().gain().value() + b.differences().get(0).gained().value();
        assertThat(back).isCloseTo(a.antenna().value().orElseThrow().gain().value(), within(0.1));
        JobFile.Parts parts = JobFile.write(with);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(with);
        assertThat(new JobChange.OfBeside(new BesideChange.Clear()).applyTo(with))
                .isEqualTo(job);
        Job other = new JobChange.OfBeside(new BesideChange.OfYagi(
                        new veldline.antenna.YagiChange.ElementLength(0, Quantity.of("61", Unit.MM))))
                .applyTo(with);
        assertThat(new Assessor().assess(other).beside().value().orElseThrow().differences())
                .hasSize(3);
    }
}
