package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.demo.BoughtPanels;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaiseChange;

/** The line adds up, and each thing that is changed moves what lies behind it and nothing before it. */
class LevelLineTest {
    private static final Job JOB = BoughtPanels.lodge();
    private static final Assessor ASSESSOR = new Assessor();

    private static LevelLine line(JobChange... changes) {
        Job job = JOB;
        for (JobChange c : changes) {
            job = c.applyTo(job);
        }
        return ASSESSOR.assess(job).line();
    }

    @Test
    void everyLevelIsTheOneBeforeAndItsStep() {
        LevelLine l = line();
        for (int i = 1; i < l.stops().size() - 1; i++) {
            LevelLine.Stop s = l.stops().get(i);
            assertThat(s.before()).isEqualTo(l.stops().get(i - 1).level().value());
            double sign = s.verb().equals("adds") ? 1 : -1;
            assertThat(s.level().value()).isCloseTo(s.before() + sign * s.step().value(), within(1e-9));
        }
        LevelLine.Stop last = l.stops().get(l.stops().size() - 1);
        assertThat(l.margin().value()).isCloseTo(last.level().value() - l.floor(), within(1e-9));
        assertThat(l.wish() - l.floor()).isCloseTo(JOB.brief().marginWanted().value(), within(1e-9));
    }

    private record Move(String what, JobChange change, String stop, double by) {}

    private static JobChange brief(BriefChange c) {
        return new JobChange.OfBrief(c);
    }

    private static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    /** What is changed, at which stop that is first seen, and by how much the far level moves with it. */
    @TestFactory
    Stream<DynamicTest> aChangeMovesWhatLiesBehindItAndNothingBefore() {
        double cable = JOB.nearRun().parts().get(1).cable().orElseThrow().lossDb(1, 2.437e9);
        return Stream.of(
                        new Move("power", brief(new BriefChange.Power(q("15", Unit.DBM))), "near-radio", -1),
                        new Move(
                                "a metre of near cable",
                                new JobChange.OfRun(true, new FeedChange.CableLength(1, q("4.5", Unit.M))),
                                "near-part-1",
                                -cable),
                        new Move(
                                "adapter",
                                new JobChange.OfRun(true, new FeedChange.PartLoss(0, q("0.7", Unit.DB))),
                                "near-part-0",
                                -0.5),
                        new Move("far gain", new JobChange.Claim(false, q("15", Unit.DBI)), "far-antenna", 3))
                .map(m -> DynamicTest.dynamicTest(m.what, () -> {
                    LevelLine before = line();
                    LevelLine after = line(m.change);
                    int at = before.indexOf(m.stop).orElseThrow();
                    for (int i = 0; i < before.stops().size(); i++) {
                        double moved = after.stops().get(i).level().value()
                                - before.stops().get(i).level().value();
                        assertThat(moved).as(before.stops().get(i).name()).isCloseTo(i < at ? 0 : m.by, within(0.006));
                    }
                    assertThat(after.margin().value() - before.margin().value()).isCloseTo(m.by, within(0.006));
                    assertThat(after.floor()).isEqualTo(before.floor());
                }));
    }

    @Test
    void theFloorMovesTheMarginAndNoLevel() {
        LevelLine deaf = line(brief(new BriefChange.Sensitivity(q("-77", Unit.DBM))));
        LevelLine before = line();
        assertThat(before.margin().value() - deaf.margin().value()).isCloseTo(3, within(1e-9));
        assertThat(deaf.stops().stream().limit(7).map(s -> s.level().value()))
                .isEqualTo(before.stops().stream()
                        .limit(7)
                        .map(s -> s.level().value())
                        .toList());
    }

    @Test
    void whatIsDecidedAboutTheMastMovesNoLevel() {
        assertThat(line(new JobChange.OfRaise(new RaiseChange.Mast(q("6", Unit.M)))))
                .isEqualTo(line());
    }

    @Test
    void twiceTheDistanceTakesSixDecibelsOfFreeSpace() {
        Job twice = brief(new BriefChange.Distance(q("5.2", Unit.KM))).applyTo(JOB);
        Assessment far = ASSESSOR.assess(twice);
        assertThat(far.path().freeSpace().value()
                        - ASSESSOR.assess(JOB).path().freeSpace().value())
                .isCloseTo(6.02, within(0.01));
    }

    @Test
    void aWrongJointStopsTheLineAtItsPart() {
        JobChange wrong = new JobChange.OfRun(true, new FeedChange.Replace(0, Drawer.part("a-sman-nj")));
        LevelLine l = line(wrong);
        assertThat(l.brokenAt().map(i -> l.stops().get(i).id())).contains("near-part-0");
        assertThat(l.stops().get(1).tag()).isEqualTo("pin meets pin");
        // The sum goes on, so that it can be said what it would be.
        assertThat(l.margin().value()).isCloseTo(line().margin().value(), within(0.3));
    }

    @Test
    void aLimitOnRadiatedPowerStandsWhereThePowerLeaves() {
        LevelLine l = line();
        assertThat(l.mostEirp()).contains(30.0);
        assertThat(l.stops().get(l.nearAntenna()).kind()).isEqualTo(LevelLine.Kind.ANTENNA);
        assertThat(l.stops().get(l.path()).kind()).isEqualTo(LevelLine.Kind.PATH);
        assertThat(l.indexOf("nothing")).isEqualTo(Optional.empty());
    }

    @Test
    void theStopsAreTheJobsPartsInOrder() {
        assertThat(line().stops().stream().map(LevelLine.Stop::id))
                .isEqualTo(List.of(
                        "near-radio",
                        "near-part-0",
                        "near-part-1",
                        "near-antenna",
                        "path",
                        "far-antenna",
                        "far-part-0",
                        "far-radio"));
    }
}
