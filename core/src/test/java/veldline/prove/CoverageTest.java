package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.instrument.World;
import veldline.job.Job;

/** The interval of a comparison against a world whose truth is known. */
class CoverageTest {
    /** Five hundred, and more floors, behind {@code ./check --long}. */
    private static final int RUNS = Integer.getInteger("veldline.coverage", 200);

    private static final double FLOOR = -110;
    /** A radio that hears everything. */
    private static final Job JOB = ComparisonTest.floored(FLOOR);

    /** Whip for Yagi at a height the bounce is kind to, over one tide each, read in steps of a decibel. */
    @Test
    void theIntervalHoldsTheTruth90To98TimesIn100() {
        assertThat(held(JOB, FLOOR, RUNS)).isBetween(90.0, 98.0);
    }

    /** The same with the demo's radio: a good part of the whip's readings is under the floor. */
    @ParameterizedTest
    @MethodSource("floors")
    void readingsLostUnderTheFloorDoNotFlatter(double floor) {
        assertThat(held(ComparisonTest.floored(floor), floor, 200)).isBetween(90.0, 98.0);
    }

    static DoubleStream floors() {
        return RUNS < 500 ? DoubleStream.of(-79, -77) : DoubleStream.of(-80, -79, -78, -77);
    }

    /** How often the interval held the truth, of a hundred. */
    private static double held(Job job, double floor, int runs) {
        int held = 0;
        for (int run = 0; run < runs; run++) {
            World.Hidden hidden = World.Hidden.drawn(run);
            World before = new World(job, 2.1, 8, hidden, 2L * run);
            World after = new World(job, 14.9, 8, hidden, 2L * run + 1);
            double truth = after.meanLevel(1.7) - before.meanLevel(1.7);
            Comparison c = Comparison.of(
                    ComparisonTest.record(before), ComparisonTest.record(after), ProvePlan.LineUp.TIDE, floor, 1, 0.95);
            if (c.low() <= truth && truth <= c.high()) {
                held++;
            }
        }
        return 100.0 * held / runs;
    }
}
