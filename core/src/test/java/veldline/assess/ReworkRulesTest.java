package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.prove.Rework;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The best of what was tried is named, and whether that is how it stands. */
class ReworkRulesTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    private static Rework tried(String change, String before, String after, boolean kept) {
        return new Rework(Instant.EPOCH, change, level(before), level(after), kept);
    }

    private static Optional<Quantity> level(String dbm) {
        return dbm.isEmpty() ? Optional.empty() : Optional.of(Quantity.of(dbm, Unit.DBM));
    }

    private static List<Finding> said(Rework... all) {
        Job job = new JobChange.Reworked(List.of(all), "tried").applyTo(JOB);
        return ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true).of(Step.LOG);
    }

    @Test
    void theBestSoFarIsNamed() {
        List<Finding> f = said(tried("turned", "-70", "-66", true), tried("raised", "-66", "-66.5", true));
        assertThat(f.get(0).level()).isEqualTo(Finding.Level.FITS);
        assertThat(f.get(0).sentence()).isEqualTo("−66 dBm, the best so far, with “turned”, number 1 of 2.");
        assertThat(f.get(0).worked().orElseThrow().value()).isEqualTo(4);
    }

    @Test
    void whatWasBetterAndUndoneIsWatched() {
        List<Finding> f = said(tried("turned", "-70", "-66", false), tried("raised", "-70", "-69", true));
        assertThat(f.get(0).level()).isEqualTo(Finding.Level.WATCH);
        assertThat(f.get(0).reason()).contains("It was undone");
    }

    @Test
    void whatTookFromTheBestIsWatched() {
        List<Finding> f = said(tried("turned", "-70", "-64", true), tried("longer cable", "-64", "-67", true));
        assertThat(f.get(0).reason()).contains("3.0 dB less");
    }

    @Test
    void nothingReadSaysNothing() {
        assertThat(said()).isEmpty();
        assertThat(said(tried("turned", "", "", true))).isEmpty();
        assertThat(said(tried("turned", "", "-60", true)).get(0).worked()).isEmpty();
    }

    @Test
    void theSampleEndsAtItsBest() {
        List<Rework> all = new ArrayList<>(JOB.rework());
        assertThat(all).hasSize(5);
        assertThat(all.get(0).brought().orElseThrow()).as("Yagi for whip").isPositive();
        assertThat(all.get(2).brought().orElseThrow()).as("lowered").isPositive();
        assertThat(all.get(4).kept()).isTrue();
    }
}
