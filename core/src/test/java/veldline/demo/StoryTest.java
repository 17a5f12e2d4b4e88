package veldline.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.prove.ProveChange;
import veldline.prove.Verdict;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The sample tells its story when it is computed, not because it was written so. */
class StoryTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    private static Job compared(int before, int after) {
        return new JobChange.OfProve(new ProveChange.Compare(before, after)).applyTo(JOB);
    }

    @Test
    void asItStandsTheLinkIsWholeSafeAndWithinItsPermit() {
        Assessment a = ASSESSOR.assess(JOB);
        assertThat(a.line().brokenAt()).isEmpty();
        assertThat(a.line().margin().value())
                .isGreaterThan(JOB.brief().marginWanted().value());
        assertThat(a.eirp().orElseThrow().value()).isLessThan(30);
        for (Step step : List.of(Step.BRIEF, Step.SHAPE, Step.FEED_RUN, Step.RAISE)) {
            assertThat(a.of(step)).as(step.title()).noneMatch(f -> f.level() == Finding.Level.STOP);
        }
    }

    @Test
    void atFourteenMetresLowWaterPutsItIntoANullAndTheSearchSaysLower() {
        Job high = new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of("14", Unit.M))).applyTo(JOB);
        Assessment a = ASSESSOR.assess(high);
        assertThat(a.path().worstAt().tide()).as("near low water").isLessThan(0.6);
        assertThat(a.path().worstAt().bounceDb()).isLessThan(-10);
        assertThat(a.path().better().orElseThrow().height()).isCloseTo(8, within(1.0));
        assertThat(ASSESSOR.assess(JOB).path().worstAt().bounceDb())
                .as("at 8 m it is gone")
                .isGreaterThan(0);
    }

    @Test
    void theRecordShowsTheLoweringWithTwoRoundsAndTellsTheNullApart() {
        Assessment a = ASSESSOR.assess(JOB);
        var p = a.prove().value().orElseThrow();
        assertThat(p.verdict()).isEqualTo(Verdict.SHOWN);
        assertThat(p.rounds()).isGreaterThanOrEqualTo(2);
        assertThat(p.comparison().low()).isPositive();
        var gap = p.comparison().gap().orElseThrow();
        assertThat(gap.to()).as("before was deaf near low water only").isLessThan(1);
        assertThat(gap.atLeast()).isGreaterThan(10);
    }

    @Test
    void theYagiForTheWhipIsAChangeOfItsOwnWithItsOwnReadings() {
        var p = ASSESSOR.assess(compared(0, 1)).prove().value().orElseThrow();
        assertThat(p.before().setUp()).containsIgnoringCase("whip");
        assertThat(p.after().setUp()).containsIgnoringCase("Yagi");
        assertThat(p.verdict()).isEqualTo(Verdict.SHOWN);
        // Gain for gain: what was worked out lies within what was measured.
        assertThat(p.comparison().low()).isLessThan(p.predicted().value());
        assertThat(p.comparison().high()).isGreaterThan(p.predicted().value());
    }

    @Test
    void theSampleIsTheSameEachTime() {
        assertThat(TernholmSands.nestCamera()).isEqualTo(JOB);
    }
}
