package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.SetUp;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.feed.Drawer;
import veldline.feed.FeedChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class StoodTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Stood NOW = SetUp.stood(JOB);

    @Test
    void whatWasChangedIsNamedAndNothingElse() {
        assertThat(SetUp.stood(JOB).changed(NOW)).isEmpty();
        Job lower = new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of("8.0", Unit.M))).applyTo(JOB);
        Job still = new JobChange.OfBrief(new BriefChange.Height(
                        true, Quantity.shown(JOB.brief().near().height().value(), Unit.M, 3)))
                .applyTo(JOB);
        assertThat(SetUp.stood(still).changed(NOW))
                .as("the same height in other digits")
                .isEmpty();
        assertThat(SetUp.stood(lower).changed(NOW).isEmpty())
                .isEqualTo(JOB.brief().near().height().value() == 8);
        Job other = new JobChange.OfRun(true, new FeedChange.Insert(1, Drawer.part("a-nj-nj"))).applyTo(lower);
        assertThat(SetUp.stood(other).changed(NOW)).contains("the run").doesNotContain("the antenna", "the radio");
    }

    /** The radio was changed with the antenna: whatever the difference is, it is not the antenna's. */
    @Test
    void twoChangesAtOnceShowNothingOfEither() {
        Assessment shelter = new Assessor().assess(TernholmSands.all().get(3));
        Finding first = shelter.of(Step.PROVE).get(0);
        assertThat(first.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(first.tag()).isEqualTo("changed together");
        assertThat(first.reason()).contains("The radio and the power and the antenna were changed together");
        Finding nest = new Assessor().assess(JOB).of(Step.PROVE).get(0);
        assertThat(nest.tag()).isNotEqualTo("changed together");
    }
}
