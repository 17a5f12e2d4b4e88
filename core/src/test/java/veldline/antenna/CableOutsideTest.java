package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.wire.Direction;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class CableOutsideTest {
    private static final double F = 446e6;
    private static final YagiShape BARE = Yagi.forCount(F, 5, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false);

    private static FieldSolution solved(YagiShape yagi, String length, String choke) {
        return FieldSolver.solve(
                yagi.withOutside(Optional.of(
                                new CableOutside(Quantity.of(length, Unit.M), Quantity.of(choke, Unit.ONE))))
                        .model(),
                F);
    }

    private static double gain(FieldSolution s) {
        return new RadiatedField(s).gainDbi(Direction.X);
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void aChokeThatStopsAllLeavesTheAntennaAsItWas(boolean upright) {
        YagiShape yagi = BARE.withUpright(upright);
        FieldSolution without = FieldSolver.solve(yagi.model(), F);
        FieldSolution stopped = solved(yagi, "1.5", "1000000");
        assertThat(gain(stopped)).isCloseTo(gain(without), within(0.15));
        assertThat(stopped.impedances()
                        .get(0)
                        .subtract(without.impedances().get(0))
                        .norm())
                .as("a stub of a few millimetres and a gap beside the middle are left")
                .isLessThan(0.1 * without.impedances().get(0).norm());
    }

    @Test
    void withoutAChokeTheCableSpoilsTheRearAndItCarriesCurrent() {
        FieldSolution with = solved(BARE, "1.5", "0");
        FieldSolution stopped = solved(BARE, "1.5", "5000");
        int cable = BARE.elements().size();
        double loose = with.pieces().stream()
                .filter(p -> p.wire() == cable)
                .mapToDouble(p -> p.atEnd().norm())
                .max()
                .orElseThrow();
        double choked = stopped.pieces().stream()
                .filter(p -> p.wire() == cable)
                .mapToDouble(p -> p.atEnd().norm())
                .max()
                .orElseThrow();
        assertThat(choked).isLessThan(loose / 3);
    }

    @Test
    void aFoldedDrivenElementTakesTheCableInItsMiddle() {
        YagiShape folded = BARE.withFeed(YagiShape.Feed.FOLDED);
        FieldSolution without = FieldSolver.solve(folded.model(), F);
        assertThat(gain(solved(folded, "1.5", "1000000"))).isCloseTo(gain(without), within(0.15));
    }

    @Test
    void theFindingSaysWhatItChangesAndAChokeMendsIt() {
        Job job = TernholmSands.nestCamera();
        Job with = new JobChange.OfYagi(new YagiChange.Outside(Optional.of(CableOutside.USUAL))).applyTo(job);
        Assessment a = new Assessor().assess(with);
        Finding f = a.of(Step.SHAPE).stream()
                .filter(x -> x.sentence().contains("cable's outside"))
                .findFirst()
                .orElseThrow();
        assertThat(a.outside().value()).isPresent();
        assertThat(f.worked()).isPresent();
        for (Finding.Remedy r : f.remedies()) {
            Job mended = JobChange.lift(r.change(), true).applyTo(with);
            assertThat(mended.yagi()
                            .orElseThrow()
                            .outside()
                            .orElseThrow()
                            .choke()
                            .value())
                    .isEqualTo(1000);
        }
        assertThat(new Assessor().assess(job).of(Step.SHAPE))
                .noneMatch(x -> x.sentence().contains("cable's outside"));
    }
}
