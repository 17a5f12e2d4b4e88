package veldline.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What stands in the way: against the laws it must obey, whatever the ground. */
class EdgesTest {
    private static final double F = 2.437e9;
    private static final double WAVE = FreeSpace.wavelength(F);
    private static final double FLAT = 1e12;

    private static Profile profile(double... pairs) {
        List<Double> along = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        for (int i = 0; i < pairs.length; i += 2) {
            along.add(pairs[i]);
            heights.add(pairs[i + 1]);
        }
        return new Profile("typed", along, heights);
    }

    private static Profile random(long seed, double length, double high) {
        Random r = new Random(seed);
        int n = 40;
        return new Profile(
                "drawn",
                IntStream.rangeClosed(0, n).mapToObj(i -> length * i / n).toList(),
                DoubleStream.generate(() -> high * r.nextDouble())
                        .limit(n + 1)
                        .boxed()
                        .toList());
    }

    private static Sightline over(Profile p, double near, double far, double earth) {
        return new Sightline(
                p.along().stream().mapToDouble(d -> d).toArray(),
                p.heights().stream().mapToDouble(d -> d).toArray(),
                near,
                far,
                WAVE,
                earth);
    }

    @Property
    void theExactEdgeAndItsApproximationAgree(@ForAll @DoubleRange(min = -0.7, max = 8) double v) {
        assertThat(KnifeEdge.lossDb(v)).isCloseTo(KnifeEdge.exactDb(v), within(0.13));
    }

    @Test
    void halfTheWaveIsLeftAtTheLineItselfAndAllOfItFarUnderneath() {
        assertThat(KnifeEdge.exactDb(0)).isCloseTo(20 * Math.log10(2), within(1e-9));
        assertThat(KnifeEdge.exactDb(-30)).isCloseTo(0, within(0.1));
        // Deep in the shadow the field falls as 1 over v: 6 dB for each doubling.
        assertThat(KnifeEdge.exactDb(40) - KnifeEdge.exactDb(20)).isCloseTo(6.02, within(0.01));
    }

    @Test
    void aRoundTopTakesMoreThanAnEdgeAndGrowsIntoItAsItGetsSharper() {
        double edge = RoundedHill.lossDb(10, 3000, 5000, 0, WAVE);
        double before = edge;
        for (double radius : new double[] {0.01, 1, 10, 100, 1000}) {
            double loss = RoundedHill.lossDb(10, 3000, 5000, radius, WAVE);
            assertThat(loss).as("radius " + radius).isGreaterThan(before - 1e-9);
            before = loss;
        }
        assertThat(RoundedHill.lossDb(10, 3000, 5000, 0.01, WAVE)).isCloseTo(edge, within(0.3));
        assertThat(RoundedHill.radius(5, 100)).isEqualTo(1000);
        assertThatThrownBy(() -> RoundedHill.lossDb(1, 1, 1, -1, WAVE)).hasMessageContaining("-1");
    }

    @ParameterizedTest
    @EnumSource(Edges.class)
    void oneEdgeAloneIsTheEdge(Edges school) {
        Sightline s = over(profile(0, 0, 3000, 30, 8000, 0), 10, 10, FLAT);
        double alone = KnifeEdge.lossDb(KnifeEdge.v(20, 3000, 5000, WAVE));
        double loss = school.loss(s, F, Surface.AVERAGE_GROUND, true).value();
        // The one-edge school adds what it leaves out of real ground, up to 10 dB and a little; the round one the
        // roundness
        // that straight slopes seem to have within a zone.
        assertThat(loss)
                .isBetween(
                        alone - 0.01, alone + (school == Edges.AS_ONE ? 10.2 : school == Edges.ROUND_HILL ? 6 : 0.01));
    }

    @RepeatedTest(30)
    void bothWaysAreOneAndMoreGroundNeverTakesLess(RepetitionInfo run) {
        Profile p = random(run.getCurrentRepetition(), 9000, 25);
        double earth = 4.0 / 3 * Fresnel.EARTH_RADIUS;
        Sightline there = over(p, 20, 28, earth);
        Sightline back = over(p.turned(), 28, 20, earth);
        Profile higher =
                new Profile("", p.along(), p.heights().stream().map(h -> h + 3).toList());
        for (Edges school : Edges.values()) {
            double loss = school.loss(there, F, Surface.AVERAGE_GROUND, true).value();
            assertThat(loss).isGreaterThanOrEqualTo(0);
            assertThat(school.loss(back, F, Surface.AVERAGE_GROUND, true).value())
                    .as(school.words())
                    .isCloseTo(loss, within(1e-6));
        }
        assertThat(Bullington.of(over(higher, 20, 28, earth)).lossDb())
                .isGreaterThanOrEqualTo(Bullington.of(there).lossDb() - 1e-9);
        assertThat(there.clear()).isEqualTo(!Bullington.of(there).blocked());
    }

    @Test
    void twoEdgesFarApartTakeTheSumAndTheTermBetweenThem() {
        Sightline s = over(profile(0, 0, 4000, 60, 8000, 60, 12_000, 0), 5, 5, FLAT);
        double one = KnifeEdge.lossDb(KnifeEdge.v(60 - 5 - 55.0 / 2, 4000, 4000, WAVE));
        double between = 10 * Math.log10(8000.0 * 8000 / (4000 * 12_000));
        assertThat(Edges.EDGE_BY_EDGE.loss(s, F, Surface.AVERAGE_GROUND, true).value())
                .isCloseTo(2 * one + between, within(0.01));
    }

    /** A hill cut as a circle is found as that circle, and takes what the rule for it says. */
    @Test
    void aRoundHillIsTakenWithItsOwnRadius() {
        double radius = 2000;
        List<Double> along = new ArrayList<>();
        List<Double> ground = new ArrayList<>();
        for (int x = 0; x <= 8000; x += 5) {
            double off = x - 3000;
            along.add((double) x);
            ground.add(Math.max(0, 30 - off * off / (2 * radius)));
        }
        Sightline s = over(new Profile("hill", along, ground), 10, 10, FLAT);
        assertThat(s.roundness(s.tightest())).isCloseTo(radius, withinPercentage(5));
        assertThat(Edges.ROUND_HILL.loss(s, F, Surface.AVERAGE_GROUND, true).value())
                .isCloseTo(RoundedHill.lossDb(20, 3000, 5000, radius, WAVE), within(0.3));
    }

    @Test
    void theRoundEarthTakesNothingInSightAndMoreAndMoreBeyond() {
        double earth = 4.0 / 3 * Fresnel.EARTH_RADIUS;
        double horizon = SphericalEarth.horizon(30, 10, earth);
        double before = 0;
        assertThat(SphericalEarth.lossDb(F, 3000, 30, 10, earth, Surface.SEA_WATER, true))
                .isZero();
        for (double d = horizon * 0.3; d < 4 * horizon; d *= 1.05) {
            double loss = SphericalEarth.lossDb(F, d, 30, 10, earth, Surface.SEA_WATER, true);
            assertThat(loss).isGreaterThanOrEqualTo(before - 1e-6);
            assertThat(loss)
                    .as("either end may be the first")
                    .isCloseTo(SphericalEarth.lossDb(F, d, 10, 30, earth, Surface.SEA_WATER, true), within(1e-6));
            before = loss;
        }
        double at = SphericalEarth.lossDb(F, horizon * 0.9999, 30, 10, earth, Surface.SEA_WATER, true);
        double past = SphericalEarth.lossDb(F, horizon * 1.0001, 30, 10, earth, Surface.SEA_WATER, true);
        assertThat(past).as("no step at the horizon").isCloseTo(at, within(0.2));
    }

    @Test
    void onlyOneOfBounceAndEdgesEverCounts() {
        Passage open = TwoRayTest.overTheFlats(14);
        assertThat(open.ground(open.sightline())).isEqualTo(Passage.Ground.BOUNCE);
        Passage ridge = over(open, Way.open().withProfile(java.util.Optional.of(profile(0, 0, 1300, 40, 2600, 0))));
        assertThat(ridge.ground(ridge.sightline())).isEqualTo(Passage.Ground.EDGES);
        Passage woods = over(open, Way.open().withExponent(Quantity.of("3.2", Unit.ONE)));
        assertThat(woods.ground(woods.sightline())).isEqualTo(Passage.Ground.NEITHER);
        Passage far = new Passage(F, 80_000, 14, 12, 0, Surface.SEA_WATER, false, Way.open(), List.of());
        assertThat(far.ground(far.sightline())).as("beyond the horizon").isEqualTo(Passage.Ground.EDGES);
        for (Passage p : List.of(open, ridge, woods, far)) {
            double sum = PathEffects.on(p).stream()
                    .mapToDouble(PathEffects.Line::takenDb)
                    .sum();
            assertThat(sum).isGreaterThan(0);
            assertThat(PathEffects.on(p).stream().map(l -> l.worked().formula().name()))
                    .doesNotHaveDuplicates();
        }
    }

    private static Passage over(Passage p, Way way) {
        return new Passage(
                p.frequency(), p.distance(), p.near(), p.far(), p.range(), p.surface(), p.upright(), way, List.of());
    }

    @Test
    void roughGroundUnderAClearLineIsNoMirror() {
        Profile rough = new Profile(
                "dunes",
                IntStream.rangeClosed(0, 260).mapToObj(i -> 10.0 * i).toList(),
                IntStream.rangeClosed(0, 260)
                        .mapToObj(i -> i == 0 || i == 260 ? 0.0 : 2 + 2 * Math.sin(i * 1.7))
                        .toList());
        Passage p = over(TwoRayTest.overTheFlats(40), Way.open().withProfile(java.util.Optional.of(rough)));
        assertThat(p.sightline().clear()).isTrue();
        assertThat(p.ground(p.sightline())).isEqualTo(Passage.Ground.EDGES);
        Passage smooth = over(p, Way.open().withProfile(java.util.Optional.of(profile(0, 0, 2600, 0))));
        assertThat(smooth.ground(smooth.sightline())).isEqualTo(Passage.Ground.BOUNCE);
    }

    @Test
    void aRidgeAsksForMoreHeightAndNoMoreThanItNeeds() {
        Passage ridge = over(
                TwoRayTest.overTheFlats(8),
                Way.open().withProfile(java.util.Optional.of(profile(0, 0, 700, 13, 2600, 0))));
        HeightSearch.Found found = HeightSearch.forNearEnd(ridge, 1, 0).orElseThrow();
        assertThat(found.height()).isGreaterThan(13);
        assertThat(found.worstDb()).isGreaterThan(-ridge.worstDb() + 6);
        assertThat(HeightSearch.forNearEnd(ridge, 1, 9)
                        .map(HeightSearch.Found::height)
                        .orElse(0.0))
                .isLessThanOrEqualTo(9);
    }

    @Test
    void aCurvedEarthLiftsTheGroundInTheMiddleByTheBulge() {
        Sightline s = new Sightline(profile(0, 0, 5000, 0, 10_000, 0), 20, 20, Double.NEGATIVE_INFINITY, WAVE, 4.0 / 3);
        assertThat(s.standing(1)).isCloseTo(Fresnel.earthBulge(5000, 5000, 4.0 / 3), within(1e-9));
        assertThat(s.clearance(1)).isCloseTo((20 - s.standing(1)) / Fresnel.radius(1, 5000, 5000, WAVE), within(1e-9));
        assertThat(s.workedClearance(1).value()).isEqualTo(s.clearance(1));
    }

    @Test
    void aProfileThatIsNoneIsRefusedByName() {
        assertThatThrownBy(() -> profile(0, 0)).hasMessageContaining("1 places");
        assertThatThrownBy(() -> profile(5, 0, 10, 0)).hasMessageContaining("near end");
        assertThatThrownBy(() -> profile(0, 0, 10, 0, 10, 1)).hasMessageContaining("rise");
        assertThatThrownBy(() -> profile(0, 0, 10, 99_999)).hasMessageContaining("9000");
        assertThatThrownBy(() -> profile(0, 0, 10, Double.NaN)).hasMessageContaining("9000");
    }

    @Test
    void aPointIsAddedOrMovedAndNothingElse() {
        Profile p = profile(0, 0, 1000, 5, 2000, 1);
        assertThat(p.withPoint(500, 9).at(500)).isEqualTo(9);
        assertThat(p.withPoint(500, 9).size()).isEqualTo(4);
        assertThat(p.withPoint(1005, 9)).isEqualTo(profile(0, 0, 1000, 9, 2000, 1));
        assertThat(p.at(1500)).isEqualTo(3);
        assertThat(p.stretched(4000).at(2000)).isEqualTo(5);
        assertThat(p.turned().turned()).isEqualTo(p);
    }
}
