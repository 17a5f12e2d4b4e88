package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.instrument.Fault;
import veldline.instrument.RateLink;
import veldline.instrument.SimulatedRateTester;
import veldline.instrument.SocketRateTester;
import veldline.instrument.Trouble;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.prove.Cause;
import veldline.prove.ProveChange;
import veldline.prove.RateTest;
import veldline.prove.Symptom;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What holds a link back is named by what was asked for, what the level would carry, what was carried and what the wire gives. */
class RateFiguresTest {
    private static final Job JOB = TernholmSands.nestCamera();

    private static Assessment with(double air, double wired, double delay) {
        RateTest t = new RateTest(
                Quantity.shown(air, Unit.MBIT_S, 2),
                Quantity.shown(wired, Unit.MBIT_S, 2),
                Quantity.shown(delay, Unit.MILLISECOND, 1),
                Quantity.of("0", Unit.ONE));
        return new Assessor()
                .assess(new JobChange.OfProve(new ProveChange.Rated(t)).applyTo(JOB), Assessor.Depth.QUICK, () -> true);
    }

    @Test
    void whatTheLevelWouldCarryIsHalfOfTheFastestRateItKeeps() {
        Assessment a = with(0, 0, 0);
        RateFigures r = RateFigures.of(a);
        assertThat(r.bottleneck()).isEmpty();
        assertThat(r.byLevel().orElseThrow().value() * 1e6)
                .isCloseTo(0.5 * AirRules.fastest(a).orElseThrow().rate().value(), within(1.0));
        assertThat(a.of(Step.PROVE)).noneMatch(f -> f.tag().equals("rate short"));
    }

    /** Asked for 20 Mbit/s. */
    @ParameterizedTest
    @CsvSource({"25e6, 60e6, NOTHING", "9e6, 10e6, WIRE", "5e6, 90e6, AIR", "19e6, 90e6, LEVEL"})
    void theBottleneckIsNamed(double air, double wired, RateFigures.Bottleneck bottleneck) {
        Assessment a = with(air, wired, 0.01);
        assertThat(RateFigures.of(a).asked()).isEqualTo(20e6);
        assertThat(RateFigures.of(a).bottleneck()).contains(bottleneck);
        Finding f = a.of(Step.PROVE).stream()
                .filter(x -> x.reason().startsWith(bottleneck.words()))
                .findFirst()
                .orElseThrow();
        assertThat(f.level())
                .isEqualTo(bottleneck == RateFigures.Bottleneck.NOTHING ? Finding.Level.FITS : Finding.Level.WATCH);
    }

    @Test
    void aDelayOverTheOneAskedForIsTold() {
        assertThat(with(25e6, 60e6, 0.2).of(Step.PROVE))
                .anyMatch(f -> f.tag().equals("rate short") && f.reason().contains("200.0 ms there and back"));
    }

    /** A slow wire is a symptom of its own among the causes. */
    @Test
    void aSlowWireIsASymptom() {
        assertThat(with(1.9e6, 2e6, 0.01).causes().value(Symptom.WIRED).orElseThrow())
                .isCloseTo(10, within(0.05));
        assertThat(with(1.9e6, 2e6, 0.01).causes().diagnosis().ranked().get(0).cause())
                .isEqualTo(Cause.BACKHAUL);
        assertThat(with(25e6, 60e6, 0.01).causes().value(Symptom.WIRED)).contains(0.0);
    }

    private static RateTest measured(Trouble trouble, Fault fault, int queries) throws IOException {
        RateLink link = new RateLink(20e6, 25, 50e6, trouble, 3);
        try (SimulatedRateTester simulated = new SimulatedRateTester(link);
                SocketRateTester tester = SocketRateTester.onLoopback(simulated.port())) {
            assertThat(tester.name()).isEqualTo("simulated throughput tester");
            if (queries > 0) {
                tester.fault(fault, queries);
            }
            return tester.test();
        }
    }

    @ParameterizedTest
    @EnumSource(Fault.class)
    void aFaultChangesNoRate(Fault fault) throws IOException {
        assertThat(measured(Trouble.NONE, fault, 2)).isEqualTo(measured(Trouble.NONE, fault, 0));
    }

    /** What is put wrong shows where it is: noise on the air alone, a slow line in both. */
    @Test
    void troubleShowsWhereItIs() throws IOException {
        RateTest plain = measured(Trouble.NONE, Fault.SLOW, 0);
        RateTest noisy = measured(new Trouble(Cause.INTERFERENCE, 12), Fault.SLOW, 0);
        RateTest slow = measured(new Trouble(Cause.BACKHAUL, 10), Fault.SLOW, 0);
        assertThat(noisy.air().value()).isLessThan(0.7 * plain.air().value());
        assertThat(noisy.wired()).isEqualTo(plain.wired());
        assertThat(noisy.lost().value()).isGreaterThan(plain.lost().value());
        assertThat(slow.wired().value()).isCloseTo(plain.wired().value() / 10, within(0.01e6));
        assertThat(slow.air().value()).isLessThanOrEqualTo(slow.wired().value() * 1.1);
    }
}
