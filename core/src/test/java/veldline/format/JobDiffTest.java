package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.link.NeedsChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** What differs between two states of a job. */
class JobDiffTest {
    private static final Job JOB = TernholmSands.nestCamera();

    private static java.util.List<JobDiff.Difference> between(Job before, Job after) {
        return JobDiff.between(JobDiff.flat(before), JobDiff.flat(after));
    }

    @Test
    void nothingDiffersFromItself() {
        assertThat(between(JOB, JOB)).isEmpty();
    }

    @Test
    void oneEditIsOneDifferenceAsItWasTyped() {
        Job other = new JobChange.OfBrief(new BriefChange.Distance(Quantity.of("1.5", Unit.MI))).applyTo(JOB);
        assertThat(between(JOB, other)).containsExactly(new JobDiff.Difference("brief, distance", "2.6 km", "1.5 mi"));
        assertThat(between(other, JOB)).containsExactly(new JobDiff.Difference("brief, distance", "1.5 mi", "2.6 km"));
    }

    @Test
    void wordsAreWordsAndWhatIsGoneIsEmpty() {
        Job wish = new JobChange.OfBrief(new BriefChange.MarginWanted(Quantity.of("9", Unit.DB))).applyTo(JOB);
        assertThat(between(JOB, wish).get(0).what()).isEqualTo("brief, margin wanted");
        Job without = new JobChange.OfNeeds(new NeedsChange.Have(Tool.ANALYSER, false)).applyTo(JOB);
        assertThat(between(JOB, without)).anyMatch(d -> d.after().isEmpty());
    }
}
