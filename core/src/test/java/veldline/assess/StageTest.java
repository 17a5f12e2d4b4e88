package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import veldline.antenna.YagiChange;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class StageTest {
    private static final Instant THEN = Instant.parse("2026-10-05T14:02:00Z");

    @Test
    void whileSomethingIsUnderWayTheOldResultStandsInMarked() {
        Stage<String> running = new Stage.Running<>();
        Stage<String> stood = running.orStale(new Stage.Fresh<>("old"), THEN);
        assertThat(stood).isEqualTo(new Stage.Stale<>("old", THEN));
        assertThat(stood.value()).contains("old");
        assertThat(stood.settled()).isFalse();
        assertThat(stood.staleSince()).contains(THEN);
    }

    @Test
    void whatIsOldKeepsItsOwnTime() {
        Stage<String> stale = new Stage.Stale<>("older", THEN.minusSeconds(60));
        assertThat(new Stage.Running<String>().orStale(stale, THEN)).isEqualTo(stale);
    }

    @Test
    void whatIsKnownOrFailedIsNotReplaced() {
        Stage<String> old = new Stage.Fresh<>("old");
        Stage<String> fresh = new Stage.Fresh<>("new");
        Stage<String> failed = new Stage.Failed<>("why");
        assertThat(fresh.orStale(old, THEN)).isSameAs(fresh);
        assertThat(failed.orStale(old, THEN)).isSameAs(failed);
        assertThat(failed.value()).isEmpty();
        assertThat(failed.settled()).isTrue();
        assertThat(new Stage.Running<String>().orStale(failed, THEN))
                .as("nothing old to show")
                .isSameAs(failed);
    }

    @Test
    void aQuickAssessmentShowsTheOldSweepAndTheNewPattern() {
        Job job = TernholmSands.nestCamera();
        Assessor assessor = new Assessor();
        Assessment before = assessor.assess(job);
        Job edited = new JobChange.OfYagi(new YagiChange.ElementLength(4, Quantity.of("49", Unit.MM))).applyTo(job);
        Assessment quick = assessor.assess(edited, Assessor.Depth.QUICK, () -> true);
        assertThat(quick.whole()).isFalse();
        assertThat(quick.sweep().value()).isEmpty();
        Assessment shown = quick.over(before, THEN);
        assertThat(shown.whole()).isFalse();
        assertThat(shown.job()).isEqualTo(edited);
        assertThat(shown.sweep().value()).isEqualTo(before.sweep().value());
        assertThat(shown.match().staleSince()).contains(THEN);
        assertThat(shown.antenna()).isInstanceOf(Stage.Fresh.class).isNotEqualTo(before.antenna());
        Assessment whole = assessor.assess(edited);
        assertThat(whole.over(before, THEN)).isEqualTo(whole);
    }
}
