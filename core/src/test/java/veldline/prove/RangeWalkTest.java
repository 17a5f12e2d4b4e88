package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class RangeWalkTest {
    private static final double FLOOR = -90;
    private static final int SEEDS = 200;

    /** A walk through a place with shadows that reach so many metres; under the floor nothing is heard. */
    private static List<WalkReading> walk(double exponent, double spread, double reach, double end, long seed) {
        RandomGenerator r = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<WalkReading> all = new ArrayList<>();
        double shadow = spread * r.nextGaussian();
        double step = 15;
        for (double d = 40; d <= end; d += step) {
            double keep = Math.exp(-step / reach);
            shadow = keep * shadow + Math.sqrt(1 - keep * keep) * spread * r.nextGaussian();
            double level = -30 - 10 * exponent * Math.log10(d / 10) + shadow;
            all.add(new WalkReading(
                    Quantity.shown(d, Unit.M, 1),
                    level < FLOOR ? Optional.empty() : Optional.of(Quantity.shown(Math.round(level), Unit.DBM, 0))));
        }
        return all;
    }

    private static double truth(double exponent, double wanted) {
        return 10 * Math.pow(10, (-30 - wanted) / (10 * exponent));
    }

    /** Shadows long and short, open ground and houses, walks that end before the reach and that go past it. */
    @ParameterizedTest
    @CsvSource({"2.7, 4, 20, 2500", "3, 5, 60, 1500", "3.4, 6, 40, 1200", "2.7, 4, 40, 1200", "4, 6, 25, 600"})
    void theBandHoldsTheTruth90To98TimesIn100(double exponent, double spread, double reach, double end) {
        int held = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            RangeWalk w = RangeWalk.of(walk(exponent, spread, reach, end, seed), FLOOR, FLOOR, 0.95)
                    .orElseThrow();
            double truth = truth(exponent, FLOOR);
            if (w.low() <= truth && w.high().orElse(Double.MAX_VALUE) >= truth) {
                held++;
            }
        }
        assertThat(100.0 * held / SEEDS).isBetween(90.0, 98.0);
    }

    /** A law without noise is found as it is, and reaches as far as it says. */
    @Test
    void aLawWithoutNoiseIsFound() {
        List<WalkReading> walk = new ArrayList<>();
        for (double d : new double[] {10, 15, 22, 33, 50, 75, 110, 165, 250, 370, 560}) {
            walk.add(new WalkReading(
                    Quantity.shown(d, Unit.M, 1),
                    Optional.of(Quantity.shown(-30 - 25 * Math.log10(d / 10), Unit.DBM, 6))));
        }
        RangeWalk w = RangeWalk.of(walk, FLOOR, FLOOR + 10, 0.95).orElseThrow();
        assertThat(w.exponent().value()).isCloseTo(2.5, within(1e-4));
        assertThat(w.range().value()).isCloseTo(10 * Math.pow(10, 50 / 25.0), within(0.2));
        assertThat(w.low()).isCloseTo(w.range().value(), within(5.0));
        assertThat(w.law().level(100)).isCloseTo(-55, within(1e-3));
    }

    /** Twice the readings of one place make the band narrower, and more sureness wider. */
    @Test
    void moreReadingsAndLessSurenessMakeTheBandNarrower() {
        RangeWalk few = RangeWalk.of(walk(3, 4, 20, 600, 5), FLOOR, FLOOR, 0.95).orElseThrow();
        RangeWalk more =
                RangeWalk.of(walk(3, 4, 20, 2400, 5), FLOOR, FLOOR, 0.95).orElseThrow();
        RangeWalk sure =
                RangeWalk.of(walk(3, 4, 20, 2400, 5), FLOOR, FLOOR, 0.99).orElseThrow();
        assertThat(width(more)).isLessThan(width(few));
        assertThat(width(sure)).isGreaterThan(width(more));
    }

    private static double width(RangeWalk w) {
        return Math.log(w.high().orElseThrow() / w.low());
    }

    /** Dropping what was not heard would flatter; it counts as under the floor. */
    @Test
    void whatWasNotHeardCounts() {
        List<WalkReading> all = walk(3.5, 6, 20, 1200, 3);
        List<WalkReading> heard =
                all.stream().filter(r -> r.level().isPresent()).toList();
        assertThat(heard.size()).isLessThan(all.size() - 5);
        assertThat(RangeWalk.of(all, FLOOR, FLOOR, 0.95).orElseThrow().range().value())
                .isLessThan(RangeWalk.of(heard, FLOOR, FLOOR, 0.95)
                        .orElseThrow()
                        .range()
                        .value());
    }

    @Test
    void whatIsNoLawIsNone() {
        List<WalkReading> walk = walk(3, 4, 20, 600, 1);
        assertThat(RangeWalk.of(walk.subList(0, 9), FLOOR, FLOOR, 0.95))
                .as("too few")
                .isEmpty();
        assertThat(RangeWalk.of(walk.subList(25, 38), FLOOR, FLOOR, 0.95))
                .as("no span")
                .isEmpty();
        List<WalkReading> rising = WalkReading.read(
                        "10 -90, 20 -88, 30 -84, 40 -82, 50 -80, 60 -79, 70 -77, 80 -76, 90 -75," + " 100 -74, 120 -73")
                .orElseThrow();
        assertThat(RangeWalk.of(rising, FLOOR - 10, FLOOR, 0.95)).as("rises").isEmpty();
    }

    @Test
    void aWalkIsReadAsItIsWritten() {
        List<WalkReading> walk = WalkReading.read("100 -61, 250.5 −70.5; 900 -").orElseThrow();
        assertThat(walk.get(1).level().orElseThrow().value()).isEqualTo(-70.5);
        assertThat(walk.get(2).level()).isEmpty();
        assertThat(WalkReading.read(WalkReading.of(walk))).contains(walk);
        for (String odd : List.of("100", "0 -60", "far -60", "100 -60 -70", "100 --")) {
            assertThat(WalkReading.read(odd)).as(odd).isEmpty();
        }
        assertThat(WalkReading.read("")).contains(List.of());
    }
}
