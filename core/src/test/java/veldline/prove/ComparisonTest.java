package veldline.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import veldline.demo.BoughtPanels;
import veldline.instrument.World;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.measure.Profile;
import veldline.measure.Reading;
import veldline.measure.Series;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class ComparisonTest {
    private static final int READINGS = 373;
    private static final double FLOOR = -110;

    /** The demo's job with a radio of this floor: one hears everything, another loses much of the whip. */
    static Job floored(double floor) {
        return new JobChange.OfBrief(new BriefChange.Sensitivity(Quantity.shown(floor, Unit.DBM, 0)))
                .applyTo(BoughtPanels.lodge());
    }

    static Series record(World world) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < READINGS; i++) {
            readings.add(world.next(120, 1));
        }
        return new Series(readings);
    }

    @Test
    void readingsThatMoveTogetherCountForLess() {
        java.util.Random random = new java.util.Random(3);
        double[] alone = new double[2000];
        double[] together = new double[2000];
        double state = 0;
        for (int i = 0; i < alone.length; i++) {
            alone[i] = random.nextGaussian();
            state = 0.8 * state + 0.6 * random.nextGaussian();
            together[i] = state;
        }
        double[] seconds = new double[2000];
        java.util.Arrays.setAll(seconds, i -> 10.0 * i);
        List<Profile.Place> flat = java.util.Collections.nCopies(2000, new Profile.Place(0, 0));
        RealVector all = new ArrayRealVector(1, 1);
        Profile apart = Profile.fit(seconds, alone, flat, 1);
        Profile bound = Profile.fit(seconds, together, flat, 1);
        assertThat(apart.variance(all)).isCloseTo(1 / 2000.0, within(0.0001));
        // (1 − 0.8) ÷ (1 + 0.8) of them are independent; ten seconds times 1 ÷ ln(1 ÷ 0.8) of memory.
        assertThat(bound.variance(all)).isCloseTo(9 / 2000.0, within(0.0015));
        assertThat(bound.memory()).isCloseTo(44.8, within(8.0));
    }

    @Test
    void whatTheTideDoesToBothCancelsWhenLinedUp() {
        Series flat = series(0, 0);
        Series swung = series(5, 0);
        Comparison byTide = Comparison.of(swung, series(5, 3), ProvePlan.LineUp.TIDE, FLOOR, 1, 0.95);
        assertThat(byTide.difference().value()).isCloseTo(3, within(0.01));
        assertThat(byTide.half().value()).isLessThan(0.5);
        assertThat(Comparison.of(flat, series(0, 3), ProvePlan.LineUp.ORDER, FLOOR, 1, 0.95)
                        .difference()
                        .value())
                .isCloseTo(3, within(0.01));
    }

    /** Levels that follow the tide by so many decibels a metre. */
    private static Series series(double perMetre, double lift) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < 240; i++) {
            double tide = 1.5 * (1 - Math.cos(2 * Math.PI * i / 240.0));
            double wobble = i % 3 - 1;
            readings.add(new Reading(i * 120, Optional.of(-70 + lift + perMetre * tide + wobble), Optional.of(tide)));
        }
        return new Series(readings);
    }

    @Test
    void whereBeforeWasDeafTheLeastThatWasWonIsTold() {
        Series before = new Series(series(0, 0).readings().stream()
                .map(r -> new Reading(
                        r.seconds(), r.tide().orElseThrow() < 1 ? Optional.empty() : r.levelDbm(), r.tide()))
                .toList());
        Comparison c = Comparison.of(before, series(0, 6), ProvePlan.LineUp.TIDE, -75, 1, 0.95);
        Comparison.Gap gap = c.gap().orElseThrow();
        assertThat(gap.from()).isCloseTo(0, within(0.01));
        assertThat(gap.to()).isBetween(0.8, 1.0);
        assertThat(gap.atLeast()).isCloseTo(-70 + 6 + 75, within(0.2));
        assertThat(c.difference().value()).isCloseTo(6, within(0.3));
    }

    @Test
    void theSameReadingsGiveTheSameAnswer() {
        Job deaf = floored(-78);
        Series before = record(new World(deaf, 2.1, 8, World.Hidden.drawn(4), 8));
        Series after = record(new World(deaf, 14.9, 8, World.Hidden.drawn(4), 9));
        assertThat(before.dropouts()).isGreaterThan(50);
        assertThat(Comparison.of(before, after, ProvePlan.LineUp.TIDE, -78, 1, 0.95))
                .isEqualTo(Comparison.of(before, after, ProvePlan.LineUp.TIDE, -78, 1, 0.95));
    }

    /** Most of the whip is under the floor: what is said is then either wide or nothing. */
    @Test
    void whereMostWasLostItClaimsLittle() {
        Job deaf = floored(-76);
        for (int run = 0; run < 20; run++) {
            World.Hidden hidden = World.Hidden.drawn(run);
            Series before = record(new World(deaf, 2.1, 8, hidden, 2L * run));
            Series after = record(new World(deaf, 14.9, 8, hidden, 2L * run + 1));
            assertThat(before.dropouts()).isGreaterThan(READINGS / 2);
            try {
                Comparison c = Comparison.of(before, after, ProvePlan.LineUp.TIDE, -76, 1, 0.95);
                assertThat(c.half().value()).as("run " + run).isGreaterThan(0.8);
            } catch (IllegalArgumentException e) {
                assertThat(e).hasMessageMatching(".*(Too few readings were heard|share no height).*");
            }
        }
    }

    @Test
    void tooFewReadingsAreSaidSo() {
        Series few = new Series(series(0, 0).readings().subList(0, 5));
        assertThatThrownBy(() -> Comparison.of(few, series(0, 0), ProvePlan.LineUp.ORDER, FLOOR, 1, 0.95))
                .hasMessageContaining("5 before")
                .hasMessageContaining("Record for longer");
    }

    @Test
    void oneBeforeAndAfterIsProvisionalTwoRoundsShow() {
        assertThat(Verdict.of(2, 3, 4, 1)).isEqualTo(Verdict.PROVISIONAL);
        assertThat(Verdict.of(2, 3, 4, 2)).isEqualTo(Verdict.SHOWN);
        assertThat(Verdict.of(0.5, 1.2, 2, 2)).isEqualTo(Verdict.NOT_SHOWN);
        assertThat(Verdict.of(-1, 3, 7, 2)).isEqualTo(Verdict.NOT_SHOWN);
        assertThat(Verdict.of(-4, -3, -2, 2)).isEqualTo(Verdict.WORSE);
        assertThat(Verdict.rounds(named("A", "B"), "A", "B")).isZero();
        assertThat(Verdict.rounds(named("A", "B", "A"), "A", "B")).isEqualTo(1);
        assertThat(Verdict.rounds(named("A", "A", "B", "C", "A", "B", "A"), "A", "B"))
                .isEqualTo(2);
    }

    private static List<Recording> named(String... setUps) {
        List<Recording> list = new ArrayList<>();
        for (String s : setUps) {
            list.add(new Recording(
                    s, s, Instant.EPOCH, new Recording.Quoted(-70, 1, Instant.EPOCH, "0"), new Series(List.of())));
        }
        return list;
    }
}
