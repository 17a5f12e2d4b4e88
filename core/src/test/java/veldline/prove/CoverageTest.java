package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.instrument.World;
import veldline.job.Job;
import veldline.measure.Series;

/** The interval of a comparison against a world whose truth is known. */
class CoverageTest {
    /** Five hundred, and more floors, behind {@code ./check --long}. */
    private static final int RUNS = Integer.getInteger("veldline.coverage", 200);

    private static final double FLOOR = -110;
    /** More runs than this of each take long and tell no more. */
    private static final int LONG = 500;
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

    /**
     * Readings that hang together for longer and longer, down to twenty independent ones a side, in steps of one decibel, of two percent (1.4 dB) and of two decibels, with
     * and without an improvement: the interval holds the truth as often as it says, and what is no better is not called so.
     */
    @ParameterizedTest
    @CsvSource({
        "60, 1, 3",
        "300, 1, 3",
        "900, 1, 3",
        "300, 1.4, 3",
        "900, 1.4, 3",
        "300, 1, 0",
        "900, 1, 0",
        "900, 1.4, 0"
    })
    void howeverLongReadingsHangTogether(double memory, double step, double gain) {
        int runs = Math.min(RUNS, LONG);
        int held = 0;
        int better = 0;
        for (int run = 0; run < runs; run++) {
            World.Hidden h = World.Hidden.drawn(run);
            World.Hidden hidden =
                    new World.Hidden(h.gainError(), h.extraLoss(), h.heightError(), h.fadeDb(), memory, h.dropout());
            Comparison c = Comparison.of(
                    recorded(new World(JOB, 10, 8, hidden, 2L * run), step),
                    recorded(new World(JOB, 10 + gain, 8, hidden, 2L * run + 1), step),
                    ProvePlan.LineUp.TIDE,
                    FLOOR,
                    step,
                    0.95);
            held += c.low() <= gain && gain <= c.high() ? 1 : 0;
            better += c.low() > 0 && c.difference().value() >= Verdict.LEAST ? 1 : 0;
        }
        // Two standard deviations of so many runs about the 93 to 97 that are wanted.
        double chance = 200 * Math.sqrt(0.05 * 0.95 / runs);
        assertThat(100.0 * held / runs).isBetween(93 - chance, 97 + chance);
        if (gain == 0) {
            assertThat(100.0 * better / runs).as("false “better”").isLessThan(5);
        } else {
            assertThat(100.0 * better / runs).as("3 dB are seen").isGreaterThan(95);
        }
    }

    private static Series recorded(World world, double step) {
        return new Series(
                IntStream.range(0, 373).mapToObj(i -> world.next(120, step)).toList());
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
