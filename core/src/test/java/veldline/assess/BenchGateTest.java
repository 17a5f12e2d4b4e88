package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaiseChange;
import veldline.trim.SweepPoint;
import veldline.trim.TrimLog;

/** What must be right on the ground; a sweep is a gate and no proof. */
class BenchGateTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    private static BenchGate gate(Job job) {
        return BenchGate.of(ASSESSOR.assess(job, Assessor.Depth.SWEEP, () -> true));
    }

    private static BenchGate.Item item(BenchGate gate, String what) {
        return gate.items().stream()
                .filter(i -> i.what().startsWith(what))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"1.0, FITS", "1.5, FITS", "1.8, WATCH", "2.0, WATCH", "2.4, STOP"})
    void aSweepIsAGate(String swr, Finding.Level level) {
        TrimLog.Pass pass = pass(swr);
        BenchGate.Item sweep = item(gate(JOB.withTrim(JOB.trim().withPasses(List.of(pass)))), "Sweep");
        assertThat(sweep.level()).isEqualTo(level);
        assertThat(sweep.worked().orElseThrow().value()).isCloseTo(Double.parseDouble(swr), within(1e-9));
    }

    private static TrimLog.Pass pass(String swr) {
        return new TrimLog.Pass(
                Instant.EPOCH,
                List.of(
                        new SweepPoint(Quantity.of("2400", Unit.MHZ), Quantity.of("3", Unit.ONE), Optional.empty()),
                        new SweepPoint(Quantity.of("2437", Unit.MHZ), Quantity.of(swr, Unit.ONE), Optional.empty())),
                List.of(),
                Optional.empty());
    }

    /** A cable of 3 dB lets an SWR of 3 pass for 1.67: the gate counts it out. */
    @Test
    void aLossyCableDoesNotOpenTheGate() {
        Job job = JOB.withTrim(JOB.trim().withPasses(List.of(pass("1.6"))).withCableLoss(Quantity.of("3", Unit.DB)));
        BenchGate.Item sweep = item(gate(job), "Sweep");
        double rho = 0.6 / 2.6 * Math.pow(10, 0.3);
        assertThat(sweep.worked().orElseThrow().value()).isCloseTo((1 + rho) / (1 - rho), within(1e-9));
        assertThat(sweep.level()).isEqualTo(Finding.Level.STOP);
        Job impossible =
                JOB.withTrim(JOB.trim().withPasses(List.of(pass("4"))).withCableLoss(Quantity.of("3", Unit.DB)));
        assertThat(item(gate(impossible), "Sweep").says()).contains("misread");
    }

    @Test
    void aSweepOfAnotherBandIsNoGate() {
        Job job = new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of("2462", Unit.MHZ)))
                .applyTo(JOB.withTrim(JOB.trim().withPasses(List.of(pass("1.2")))));
        BenchGate.Item sweep = item(gate(job), "Sweep");
        assertThat(sweep.level()).isEqualTo(Finding.Level.UNKNOWN);
        assertThat(sweep.says()).contains("does not reach 2462 MHz");
    }

    @Test
    void whatNobodySweptIsNotGuessed() {
        BenchGate.Item sweep = item(gate(JOB), "Sweep");
        assertThat(sweep.level()).isEqualTo(Finding.Level.UNKNOWN);
        assertThat(sweep.says()).contains("a dummy load is perfect too");
    }

    @Test
    void anOhmmeterIsLookedAtAndSaysWhatIsRight() {
        assertThat(item(gate(JOB), "Ohmmeter").says()).startsWith("It shows nothing joined.");
        Job seen = new JobChange.OfRaise(new RaiseChange.Tick(BenchGate.TICK_METAL, true)).applyTo(JOB);
        assertThat(item(gate(seen), "Ohmmeter").level()).isEqualTo(Finding.Level.FITS);
    }

    /** The lodge's television failed here: its amplifier had no supply. */
    @Test
    void theTelevisionFailedHere() {
        BenchGate lodge = gate(TernholmSands.all().get(2));
        assertThat(item(lodge, "Joints").level()).isEqualTo(Finding.Level.STOP);
        assertThat(item(lodge, "Joints").says()).containsIgnoringCase("supply");
        assertThat(item(lodge, "Joints").step()).isEqualTo(Step.FEED_RUN);
        assertThat(lodge.shut()).isPositive();
    }

    @Test
    void cautionsThatWereNotTickedShutIt() {
        assertThat(item(gate(JOB), "Cautions").level()).isEqualTo(Finding.Level.FITS);
        Job unticked = new JobChange.OfRaise(new RaiseChange.Tick("height", false)).applyTo(JOB);
        BenchGate.Item cautions = item(gate(unticked), "Cautions");
        assertThat(cautions.level()).isEqualTo(Finding.Level.STOP);
        assertThat(cautions.says()).isEqualTo("Not ticked yet: work at height.");
    }
}
