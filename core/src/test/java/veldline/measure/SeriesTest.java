package veldline.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SeriesTest {
    private static Series of(Double... levels) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < levels.length; i++) {
            readings.add(new Reading(10.0 * i, Optional.ofNullable(levels[i]), Optional.empty()));
        }
        return new Series(readings);
    }

    @Test
    void quantilesCountLostReadingsAsAtTheFloor() {
        Series s = of(-60.0, null, -62.0, -61.0, null);
        assertThat(s.dropouts()).isEqualTo(2);
        assertThat(s.quantile(0.5, -80)).contains(-62.0);
        assertThat(s.quantile(0, -80)).contains(-80.0);
        assertThat(s.quantile(1, -80)).contains(-60.0);
        assertThat(of(-60.0, -62.0).quantile(0.25, -80).orElseThrow()).isCloseTo(-61.5, within(1e-12));
        assertThat(of().quantile(0.5, -80)).isEmpty();
    }

    @Test
    void theIntervalIsTheUsualOneAndNotTheMean() {
        Series s = new Series(List.of(
                new Reading(0, Optional.of(-60.0), Optional.empty()),
                new Reading(10, Optional.of(-60.0), Optional.empty()),
                new Reading(20, Optional.of(-60.0), Optional.empty()),
                new Reading(500, Optional.of(-60.0), Optional.empty())));
        assertThat(s.interval()).isEqualTo(10);
        assertThat(of(-60.0).interval()).isZero();
    }

    @Test
    void theStartIsSkippedByTime() {
        assertThat(of(-1.0, -2.0, -3.0, -4.0).after(20).levels()).containsExactly(-3, -4);
        assertThat(of(-1.0, -2.0)).isEqualTo(of(-1.0, -2.0)).hasSameHashCodeAs(of(-1.0, -2.0));
        assertThat(of(-1.0, -2.0)).isNotEqualTo(of(-1.0, null));
    }

    /** A known polyline with noise on it is found again, within what it says of itself. */
    @Test
    void aPolylineIsFoundAgain() {
        Random random = new Random(11);
        double[] knots = {-70, -60, -65, -75};
        int n = 1200;
        double[] seconds = new double[n];
        double[] levels = new double[n];
        List<Profile.Place> places = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double at = 3.0 * i / n;
            int k = Math.min(2, (int) at);
            places.add(new Profile.Place(k, at - k));
            seconds[i] = 60.0 * i;
            levels[i] = knots[k] + (at - k) * (knots[k + 1] - knots[k]) + 1.5 * random.nextGaussian();
        }
        Profile p = Profile.fit(seconds, levels, places, 4);
        for (int k = 0; k < 4; k++) {
            double sure = 4 * Math.sqrt(p.covariance().getEntry(k, k));
            assertThat(p.values().getEntry(k)).isCloseTo(knots[k], within(sure));
        }
        assertThat(p.spread()).isCloseTo(1.5, within(0.15));
    }

    private static final RealVector ALL = new ArrayRealVector(1, 1);

    /** Half, a fifth and a twentieth of independent readings lost under the floor: the mean is found all the same. */
    @ParameterizedTest
    @ValueSource(doubles = {-70, -71.68, -73.29})
    void theMeanIsFoundThoughPartOfTheReadingsLayUnderTheFloor(double floor) {
        Random random = new Random(5);
        int n = 800;
        double[] seconds = new double[n];
        double[] levels = new double[n];
        double heard = 0;
        int count = 0;
        for (int i = 0; i < n; i++) {
            seconds[i] = 60.0 * i;
            double level = -70 + 2 * random.nextGaussian();
            levels[i] = level < floor ? Double.NaN : level;
            if (level >= floor) {
                heard += level;
                count++;
            }
        }
        List<Profile.Place> flat = Collections.nCopies(n, new Profile.Place(0, 0));
        Censored.Estimate e = Censored.of(seconds, levels, flat, 1, floor, 0.001, ALL, Censored.Memory.WEIGHED);
        double sure = 4 * Math.sqrt(e.variance());
        assertThat(e.mean()).isCloseTo(-70, within(sure));
        assertThat(e.spread()).isCloseTo(2, within(0.4));
        double naive = heard / count;
        assertThat(Math.abs(e.mean() + 70)).as("nearer than leaving them out").isLessThan(Math.abs(naive + 70));
    }

    @Test
    void withNothingLostItIsTheProfilesThatAreLikely() {
        Random random = new Random(9);
        double[] seconds = new double[100];
        double[] levels = new double[100];
        for (int i = 0; i < 100; i++) {
            seconds[i] = i;
            levels[i] = -60 + random.nextGaussian();
        }
        List<Profile.Place> flat = Collections.nCopies(100, new Profile.Place(0, 0));
        List<Profile.Likely> likely = Profile.likely(Profile.fit(seconds, levels, flat, 1), seconds, levels, flat);
        assertThat(likely.stream().mapToDouble(Profile.Likely::weight).sum()).isCloseTo(1, within(1e-9));
        Censored.Estimate e = Censored.of(seconds, levels, flat, 1, -110, 0.01, ALL, Censored.Memory.WEIGHED);
        assertThat(e.mean())
                .isCloseTo(
                        likely.stream()
                                .mapToDouble(l -> l.weight() * l.profile().mean(ALL))
                                .sum(),
                        within(1e-9));
        double one = Profile.fit(seconds, levels, flat, 1).variance(ALL);
        assertThat(e.variance()).as("not knowing the memory costs something").isBetween(0.9 * one, 2 * one);
    }

    /** A reading lost far over the floor was lost for another reason and changes nothing. */
    @Test
    void lossesFarOverTheFloorAreLeftOut() {
        Random random = new Random(9);
        double[] seconds = new double[100];
        double[] levels = new double[100];
        for (int i = 0; i < 100; i++) {
            seconds[i] = i;
            levels[i] = i % 10 == 3 ? Double.NaN : -60 + random.nextGaussian();
        }
        List<Profile.Place> flat = Collections.nCopies(100, new Profile.Place(0, 0));
        Censored.Estimate far = Censored.of(seconds, levels, flat, 1, -110, 0.01, ALL, Censored.Memory.WEIGHED);
        assertThat(far.mean()).isCloseTo(-60, within(0.5));
        Censored.Estimate near = Censored.of(seconds, levels, flat, 1, -61, 0.01, ALL, Censored.Memory.WEIGHED);
        assertThat(near.mean()).as("lost close over the floor: it was under it").isLessThan(far.mean());
    }

    /** Ten and nothing: the mean of levels lies half way, the mean of powers 3 dB under the greater. */
    @Test
    void meansInDecibelsAndInPowerDiffer() {
        Series s = new Series(List.of(
                new Reading(0, Optional.of(-60.0), Optional.empty()),
                new Reading(1, Optional.of(-80.0), Optional.empty()),
                new Reading(2, Optional.empty(), Optional.empty())));
        assertThat(s.mean(-100).orElseThrow()).isCloseTo(-80, within(1e-9));
        assertThat(s.meanPower(-100).orElseThrow()).isCloseTo(10 * Math.log10((1e-6 + 1e-8 + 1e-10) / 3), within(1e-9));
        assertThat(s.meanPower(-100).orElseThrow()).isGreaterThan(s.mean(-100).orElseThrow());
        assertThat(new Series(List.of()).mean(-100)).isEmpty();
        assertThat(new Series(List.of()).meanPower(-100)).isEmpty();
    }
}
