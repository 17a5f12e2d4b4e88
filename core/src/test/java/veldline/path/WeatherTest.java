package veldline.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class WeatherTest {
    /** The line-by-line sum of ITU-R P.676 in the reference air, which its fit follows to 10 to 15 %. */
    @ParameterizedTest
    @CsvSource({"12, 0.00870, 0.00954", "20, 0.0119, 0.0970"})
    void gasesFollowTheLineByLineSum(double ghz, double oxygen, double water) {
        assertThat(Gases.USUAL.oxygenDb(ghz * 1e9)).isCloseTo(oxygen, within(0.15 * oxygen));
        assertThat(Gases.USUAL.waterDb(ghz * 1e9)).isCloseTo(water, within(0.15 * water));
    }

    @Test
    void waterPeaksAtItsLineAndOxygenTowardsSixty() {
        double peak = Gases.USUAL.waterDb(22.235e9);
        for (double ghz : new double[] {5, 15, 20, 25, 35}) {
            assertThat(Gases.USUAL.waterDb(ghz * 1e9)).isLessThan(peak);
        }
        assertThat(Gases.USUAL.oxygenDb(53e9)).isGreaterThan(15 * Gases.USUAL.oxygenDb(40e9));
        assertThat(new Gases(1013, 15, 0).waterDb(10e9)).isZero();
        assertThatThrownBy(() -> Gases.USUAL.waterDb(60e9)).hasMessageContaining("54");
        assertThat(Gases.USUAL.worked(10e9, 2000).value())
                .isCloseTo(2 * Gases.USUAL.worked(10e9, 1000).value(), within(1e-12));
    }

    @Property
    void moreRainTakesMoreAndATiltLiesBetween(
            @ForAll @DoubleRange(min = 1, max = 100) double ghz, @ForAll @DoubleRange(min = 1, max = 150) double rate) {
        Rain.Law h = Rain.law(ghz * 1e9, false);
        Rain.Law v = Rain.law(ghz * 1e9, true);
        assertThat(h.specificDb(rate * 1.1)).isGreaterThan(h.specificDb(rate));
        assertThat(Rain.law(ghz * 1e9, 0, 0).specificDb(rate)).isCloseTo(h.specificDb(rate), within(1e-9));
        assertThat(Rain.law(ghz * 1e9, 0, Math.PI / 2).specificDb(rate)).isCloseTo(v.specificDb(rate), within(1e-9));
        double turning = Rain.law(ghz * 1e9, 0, Math.PI / 4).k();
        assertThat(turning).isBetween(Math.min(h.k(), v.k()), Math.max(h.k(), v.k()));
    }

    /** P.530: the law in the share of time is made to give the loss of 0.01 % at 0.01 %. */
    @ParameterizedTest
    @CsvSource({"5.8e9", "8e9", "15e9", "24e9", "38e9"})
    void atAHundredthOfAPercentTheLawGivesItsOwnAnchor(double f) {
        Rain.Law law = Rain.law(f, true);
        double anchor = law.specificDb(30) * 5 * Rain.reach(f, 5000, 30, law.alpha());
        assertThat(Rain.fade(f, 5000, 30, 0.01, law).value()).isCloseTo(anchor, within(0.02 * anchor));
        assertThat(Rain.fade(f, 5000, 30, 0.001, law).value()).isGreaterThan(anchor);
        assertThat(Rain.fade(f, 5000, 30, 0.1, law).value()).isLessThan(anchor);
        assertThatThrownBy(() -> Rain.fade(f, 5000, 30, 5, law)).hasMessageContaining("5.0 %");
    }

    @Test
    void rainNeverFallsOnAllOfALongWayAtOnce() {
        double alpha = Rain.law(18e9, true).alpha();
        double before = Double.POSITIVE_INFINITY;
        for (double d = 1000; d < 60_000; d *= 1.3) {
            double reach = Rain.reach(18e9, d, 40, alpha);
            assertThat(reach).isLessThanOrEqualTo(before).isLessThanOrEqualTo(2.5);
            before = reach;
        }
        assertThat(before).isLessThan(0.5);
    }

    @Property
    void deeperFadesAreRarer(@ForAll @DoubleRange(min = 0, max = 45) double fade) {
        Multipath m = new Multipath(6e9, 40_000, 60, 90, -300);
        assertThat(m.percent(fade)).isBetween(0.0, 100.0);
        assertThat(m.percent(fade + 1)).isLessThan(m.percent(fade));
    }

    @Test
    void deepFadesFallTenfoldForTenDecibelsAndSlopingWaysFadeLess() {
        Multipath m = new Multipath(6e9, 40_000, 60, 90, -300);
        assertThat(m.percent(40) / m.percent(50)).isCloseTo(10, within(1e-9));
        assertThat(new Multipath(6e9, 40_000, 60, 900, -300).occurrence()).isLessThan(m.occurrence());
        assertThat(new Multipath(6e9, 80_000, 60, 90, -300).occurrence())
                .as("distance to the power 3.1, less what the gentler slope adds")
                .isGreaterThan(m.occurrence() * Math.pow(2, 3.1));
        double from = 25 + 1.2 * Math.log10(m.occurrence());
        assertThat(m.percent(from - 1e-6)).as("no step").isCloseTo(m.percent(from), within(0.02 * m.percent(from)));
        assertThat(m.worked(35).value()).isEqualTo(m.percent(35));
        assertThat(m.worked(8).value()).isEqualTo(m.percent(8));
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void aThinSheetOfAnythingButMetalLetsAlmostAllThroughAndNothingMakesPower(Material m) {
        for (double f : new double[] {0.2e9, 0.868e9, 2.44e9, 5.8e9, 24e9}) {
            for (double thick : new double[] {0.001, 0.01, 0.1, 0.5}) {
                assertThat(m.lossDb(f, thick)).as(m + " " + f + " " + thick).isBetween(0.0, 40.0);
            }
        }
        if (m != Material.METAL) {
            assertThat(m.lossDb(0.9e9, 1e-5)).isCloseTo(0, within(0.01));
            assertThat(m.lossDb(5.8e9, 0.4)).as("thick takes more").isGreaterThan(m.lossDb(5.8e9, 0.05) - 3);
        }
        assertThat(m.worked(2.4e9, m.usualThickness()).value()).isEqualTo(m.lossDb(2.4e9, m.usualThickness()));
        assertThatThrownBy(() -> m.lossDb(2.4e9, 0)).hasMessageContaining("type its loss");
    }

    @Test
    void aPaneOfHalfAWaveLetsMostThrough() {
        double half = FreeSpace.wavelength(10e9) / Math.sqrt(6.31) / 2;
        assertThat(Material.GLASS.lossDb(10e9, half)).isLessThan(Material.GLASS.lossDb(10e9, half / 2) - 2);
        assertThat(Material.METAL.lossDb(2.4e9, 0.001)).isEqualTo(40);
    }

    @ParameterizedTest
    @EnumSource(Leaves.class)
    void treesTakeMoreTheDeeperAndTheHigherTheFrequency(Leaves school) {
        double before = -1;
        for (double d = 0; d <= 400; d += 5) {
            double loss = school.lossDb(2.4e9, d);
            assertThat(loss).isGreaterThan(before * 0.99);
            before = loss;
        }
        assertThat(school.lossDb(5.8e9, 20)).isGreaterThan(school.lossDb(0.9e9, 20));
        assertThat(school.worked(2.4e9, 30).value()).isEqualTo(school.lossDb(2.4e9, 30));
        assertThatThrownBy(() -> school.lossDb(2.4e9, 500)).hasMessageContaining("obstacle");
    }

    @Test
    void aPlaceByExponentTakesSixDecibelsADoublingInTheOpenAndTwelveInTheWoods() {
        assertThat(new LogDistance(2, 4).lossDb(100, 2.4e9)).isCloseTo(FreeSpace.lossDb(100, 2.4e9), within(1e-9));
        LogDistance woods = new LogDistance(4, 8);
        assertThat(woods.lossDb(200, 2.4e9) - woods.lossDb(100, 2.4e9)).isCloseTo(12.04, within(0.01));
        assertThatThrownBy(() -> new LogDistance(7, 8)).hasMessageContaining("7");
    }

    @Test
    void wavesSoftenTheBounceAndTheRoundEarthSpreadsIt() {
        TwoRay calm = new TwoRay(5.8e9, 5000, Surface.SEA_WATER, false, 8.5e6, 0);
        TwoRay rough = new TwoRay(5.8e9, 5000, Surface.SEA_WATER, false, 8.5e6, 1.5);
        TwoRay flat = new TwoRay(5.8e9, 5000, Surface.SEA_WATER, false);
        double most = 0;
        double mostRough = 0;
        for (double h = 5; h < 25; h += 0.05) {
            most = Math.max(most, Math.abs(calm.bounceDb(h, 20)));
            mostRough = Math.max(mostRough, Math.abs(rough.bounceDb(h, 20)));
            assertThat(calm.bounceDb(h, 20)).isCloseTo(calm.bounceDb(20, h), within(1e-9));
            assertThat(calm.bounceDb(h, 20)).isLessThanOrEqualTo(6.03);
        }
        assertThat(mostRough).isLessThan(most / 2);
        assertThat(rough.mirrored(20, 20)).isLessThan(1).isLessThan(calm.mirrored(20, 20));
        assertThat(new TwoRay(5.8e9, 5000, Surface.SEA_WATER, false, 1e13, 0).bounceDb(12, 20))
                .as("a vast earth is flat")
                .isCloseTo(flat.bounceDb(12, 20), within(0.01));
    }

    @Test
    void aFloodMirrorsAsWaterAndSnowHardlyAtAll() {
        TwoRay meadow = new TwoRay(2.4e9, 800, Surface.DRY_GROUND, true);
        TideCurve flood = new TideCurve(meadow, 6, 6, 2, Rise.FLOOD, java.util.Optional.empty());
        assertThat(flood.at(1).bounceDb())
                .isCloseTo(new TwoRay(2.4e9, 800, Surface.FRESH_WATER, true).bounceDb(5, 5), within(1e-9));
        assertThat(flood.at(0).bounceDb()).isCloseTo(meadow.bounceDb(6, 6), within(1e-9));
        TideCurve snow = new TideCurve(meadow, 6, 6, 2, Rise.SNOW, java.util.Optional.empty());
        assertThat(snow.at(1).bounceDb())
                .isCloseTo(new TwoRay(2.4e9, 800, Surface.SNOW, true).bounceDb(5, 5), within(1e-9));
    }
}
