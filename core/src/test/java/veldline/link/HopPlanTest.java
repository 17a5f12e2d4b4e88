package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import veldline.antenna.Polarized;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class HopPlanTest {
    private static final double CHANNEL = 20e6;

    private static HopPlan.Leg leg(String name, double bearing, double mhz, Polarized p, double mbit) {
        return new HopPlan.Leg(name, bearing, 2000, mhz * 1e6, p, mbit * 1e6, true);
    }

    /** Another link that carries nothing of it and does not wait. */
    private static HopPlan.Leg neighbour(String name, double bearing, double mhz, Polarized p) {
        return new HopPlan.Leg(name, bearing, 2000, mhz * 1e6, p, 24e6, false);
    }

    private static HopPlan plan(HopPlan.Leg... legs) {
        return new HopPlan(18, 12, Optional.of(40.0), CHANNEL, 1, List.of(legs));
    }

    @Test
    void hopsOnOneChannelTakeTurnsAndOnTheirOwnTheSlowestDecides() {
        HopPlan.Leg a = leg("a", 0, 2412, Polarized.FLAT, 24);
        HopPlan.Leg b = leg("b", 180, 2412, Polarized.FLAT, 12);
        assertThat(plan(a, b).through().value()).isCloseTo(8, within(1e-9));
        HopPlan.Leg apart = leg("b", 180, 2452, Polarized.FLAT, 12);
        assertThat(plan(a, apart).through().value()).isCloseTo(12, within(1e-9));
        HopPlan.Leg third = leg("c", 90, 2412, Polarized.FLAT, 24);
        assertThat(plan(a, apart, third).through().value()).isCloseTo(12, within(1e-9));
        HopPlan.Leg beside = new HopPlan.Leg("d", 90, 2000, 2412e6, Polarized.FLAT, 6e6, false);
        assertThat(plan(a, apart, beside).through().value())
                .as("a neighbour that carries nothing of it takes no turn")
                .isCloseTo(12, within(1e-9));
        assertThat(plan(a, leg("b", 0, 2452, Polarized.FLAT, 0)).through().value())
                .isZero();
    }

    @Test
    void atTheFarEndANeighbourIsDownByItsBeamAndItsPlane() {
        HopPlan.Leg a = leg("a", 0, 2412, Polarized.FLAT, 24);
        // Antennas so far apart that only the far ends count: 12·(30 ÷ 40)² dB beside the beam.
        HopPlan beside = new HopPlan(
                18, 12, Optional.of(40.0), CHANNEL, 1e6, List.of(a, neighbour("b", 30, 2412, Polarized.FLAT)));
        double same = PolarizationMatch.loss(Polarized.FLAT, Polarized.FLAT).value();
        assertThat(beside.over(0).value()).isCloseTo(6.75 + same, within(1e-6));
        HopPlan crossed = beside.withLegs(List.of(a, neighbour("b", 30, 2412, Polarized.UPRIGHT)));
        double cross = PolarizationMatch.loss(Polarized.FLAT, Polarized.UPRIGHT).value();
        assertThat(crossed.over(0).value()).isCloseTo(6.75 + cross, within(1e-6));
        assertThat(cross).as("as such antennas are built").isBetween(15.0, 25.0);
        HopPlan elsewhere = beside.withLegs(List.of(a, neighbour("b", 30, 2452, Polarized.FLAT)));
        assertThat(elsewhere.over(0).value()).isGreaterThan(40);
    }

    @Test
    void antennasSideBySideAreDeafenedByEachOtherOnOneChannel() {
        HopPlan.Leg a = leg("a", 0, 2412, Polarized.FLAT, 24);
        HopPlan near = plan(a, neighbour("b", 180, 2412, Polarized.FLAT));
        HopPlan far = new HopPlan(18, 12, Optional.of(40.0), CHANNEL, 10, near.legs());
        assertThat(near.over(0).value()).isLessThan(0);
        assertThat(far.over(0).value())
                .as("ten times as far is 20 dB")
                .isCloseTo(near.over(0).value() + 20, within(0.01));
    }

    @Property(tries = 60)
    void theOrderOfTheLegsIsNothingToTheirFigures(
            @ForAll @DoubleRange(min = 0, max = 360) double b, @ForAll @DoubleRange(min = 0, max = 360) double c) {
        HopPlan.Leg x = leg("x", 10, 2412, Polarized.FLAT, 24);
        HopPlan.Leg y = neighbour("y", b, 2422, Polarized.FLAT);
        HopPlan.Leg z = neighbour("z", c, 2432, Polarized.UPRIGHT);
        assertThat(plan(x, y, z).over(0).value())
                .isCloseTo(plan(z, y, x).over(2).value(), within(1e-9));
        assertThat(plan(x, y, z).worst()).isLessThanOrEqualTo(plan(x, y).worst() + 1e-9);
    }

    /** Against trying everything. */
    @Property(tries = 12)
    void whatIsGivenOutIsTheBestThereIs(
            @ForAll @IntRange(min = 2, max = 4) int legs, @ForAll @DoubleRange(min = 0, max = 90) double between) {
        List<HopPlan.Leg> all = IntStream.range(0, legs)
                .mapToObj(i -> neighbour("l" + i, i * between, 2412, Polarized.FLAT))
                .toList();
        HopPlan plan = plan(all.toArray(HopPlan.Leg[]::new));
        List<Double> channels = List.of(2412e6, 2437e6);
        HopPlan.Assigned found = plan.assign(channels);
        assertThat(plan.withLegs(found.legs()).worst()).isCloseTo(found.worst(), within(1e-9));
        assertThat(found.legs().get(0).polarized()).isEqualTo(Polarized.FLAT);
        double best = everything(plan, channels, new ArrayList<>(all), 0);
        assertThat(found.worst()).isGreaterThanOrEqualTo(Math.min(best, 40) - 0.06 * legs);
    }

    private static double everything(HopPlan plan, List<Double> channels, List<HopPlan.Leg> so, int i) {
        if (i == so.size()) {
            return plan.withLegs(so).worst();
        }
        double best = Double.NEGATIVE_INFINITY;
        HopPlan.Leg was = so.get(i);
        for (double f : channels) {
            for (Polarized p : i == 0 ? List.of(Polarized.FLAT) : List.of(Polarized.FLAT, Polarized.UPRIGHT)) {
                so.set(i, was.on(f, p));
                best = Math.max(best, everything(plan, channels, so, i + 1));
            }
        }
        so.set(i, was);
        return best;
    }

    @Test
    void aPlanWithoutALinkIsRefused() {
        assertThatThrownBy(() -> plan()).hasMessageContaining("needs a link");
    }

    private static Job with(Hop... hops) {
        return new JobChange.OfBrief(new BriefChange.Hops(Arrays.asList(hops), "hops"))
                .applyTo(TernholmSands.nestCamera());
    }

    private static Hop hop(String name, String bearing, String mhz) {
        return new Hop(
                name,
                false,
                true,
                Quantity.of(bearing, Unit.DEG),
                Quantity.of("1.2", Unit.KM),
                Quantity.of(mhz, Unit.MHZ),
                Polarized.FLAT,
                Quantity.of("24", Unit.MBIT_S));
    }

    @Test
    void hopsThatTakeTurnsCostEachOtherTimeAndNotTheirHearing() {
        HopPlan.Leg a = leg("a", 0, 2412, Polarized.FLAT, 24);
        HopPlan turns = plan(a, leg("b", 180, 2412, Polarized.FLAT, 24));
        assertThat(turns.worst()).isGreaterThan(60);
        assertThat(turns.through().value()).isCloseTo(12, within(1e-9));
        HopPlan beside = plan(a, leg("b", 180, 2422, Polarized.FLAT, 24));
        assertThat(beside.worst())
                .as("on a channel that only overlaps nobody waits")
                .isLessThan(0);
        HopPlan.Assigned found = beside.assign(List.of(2412e6, 2437e6, 2462e6));
        assertThat(beside.withLegs(found.legs()).through().value()).isCloseTo(24, within(1e-9));
        assertThat(found.worst()).isGreaterThan(HopPlan.CLEAR);
    }

    @Test
    void aHopOnTheLinksOwnChannelTakesTurnsUntilItHasOneOfItsOwn() {
        Assessor assessor = new Assessor();
        Job shared = with(hop("harbour", "200", "2437"));
        Assessment a = assessor.assess(shared, Assessor.Depth.QUICK, () -> true);
        Finding slow = tagged(a, "hops too slow").orElseThrow();
        assertThat(tagged(a, "own neighbours")).isEmpty();
        Job parted = JobChange.lift(slow.remedies().get(0).change(), true).applyTo(shared);
        Assessment after = assessor.assess(parted, Assessor.Depth.QUICK, () -> true);
        assertThat(tagged(after, "own neighbours")).isEmpty();
        assertThat(tagged(after, "hops too slow")).isEmpty();
        assertThat(tagged(after, "hops take turns")).isEmpty();
        assertThat(a.hops(true)).as("nothing stands at the hide").isEmpty();
    }

    @Test
    void aNeighbourOnTheLinksOwnChannelIsToldAndParted() {
        Assessor assessor = new Assessor();
        Job shared = with(hop("harbour", "200", "2437").withCarries(false));
        Finding neighbours = tagged(assessor.assess(shared, Assessor.Depth.QUICK, () -> true), "own neighbours")
                .orElseThrow();
        Job parted = JobChange.lift(neighbours.remedies().get(0).change(), true).applyTo(shared);
        assertThat(tagged(assessor.assess(parted, Assessor.Depth.QUICK, () -> true), "own neighbours"))
                .isEmpty();
    }

    private static Optional<Finding> tagged(Assessment a, String tag) {
        return a.of(Step.BRIEF).stream().filter(f -> f.tag().equals(tag)).findFirst();
    }
}
