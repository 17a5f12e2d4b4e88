package veldline.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TwoRayTest {
    private static final TwoRay SEA = new TwoRay(2437e6, 2600, Surface.SEA_WATER, false);

    @Property
    void theBounceNeverAddsMoreThanSixDecibelsAndIsTheSameBothWays(
            @ForAll @DoubleRange(min = 0.5, max = 40) double h1, @ForAll @DoubleRange(min = 0.5, max = 40) double h2) {
        assertThat(SEA.bounceDb(h1, h2)).isLessThanOrEqualTo(6.03);
        assertThat(SEA.bounceDb(h1, h2)).isCloseTo(SEA.bounceDb(h2, h1), within(1e-9));
    }

    @Test
    void nullsLieWhereTheDetourIsAWholeWave() {
        double wave = FreeSpace.wavelength(2437e6);
        // detour = 2·h1·h2 ÷ d for low antennas; a whole wave cancels, half a wave adds.
        double nullHeight = wave * 2600 / (2 * 12);
        assertThat(SEA.bounceDb(nullHeight, 12)).isLessThan(-25);
        assertThat(SEA.bounceDb(nullHeight / 2, 12)).isGreaterThan(5.9);
    }

    @Test
    void farAwayTheLevelFallsByTheFourthPower() {
        TwoRay near = new TwoRay(150e6, 40_000, Surface.SEA_WATER, false);
        TwoRay far = new TwoRay(150e6, 80_000, Surface.SEA_WATER, false);
        double total = near.bounceDb(5, 5)
                - FreeSpace.lossDb(40_000, 150e6)
                - far.bounceDb(5, 5)
                + FreeSpace.lossDb(80_000, 150e6);
        // Doubling range costs 12 dB for an exponent of 4.
        assertThat(total).isCloseTo(12, within(0.3));
    }

    @ParameterizedTest
    @EnumSource(Surface.class)
    void everySurfaceReflectsAllOfAGrazingWaveTurnedOver(Surface s) {
        for (boolean upright : new boolean[] {true, false}) {
            var g = Reflection.coefficient(2437e6, s.permittivity(), s.conductivity(), 1e-5, upright);
            assertThat(g.getReal()).isCloseTo(-1, within(0.001));
            assertThat(g.norm()).isLessThanOrEqualTo(1 + 1e-12);
        }
    }

    @Test
    void uprightWavesAreWeakenedNearBrewstersAngleAndFlatOnesAreNot() {
        double brewster = Math.atan(1 / Math.sqrt(15));
        assertThat(Reflection.coefficient(2437e6, 15, 0, brewster, true).norm()).isLessThan(1e-6);
        assertThat(Reflection.coefficient(2437e6, 15, 0, brewster, false).norm())
                .isGreaterThan(0.8);
    }

    @Test
    void aTideIsSummedUpByItsWorstBestAndMiddle() {
        TideCurve high = new TideCurve(SEA, 14, 12, 3.4);
        assertThat(high.worst().bounceDb()).isLessThan(-15);
        assertThat(high.best().bounceDb()).isGreaterThan(5.5);
        assertThat(high.middle().bounceDb())
                .isBetween(high.worst().bounceDb(), high.best().bounceDb());
        assertThat(high.points().get(0).tide()).isZero();
        assertThat(high.points().get(high.points().size() - 1).tide()).isCloseTo(3.4, within(1e-9));
        TideCurve still = new TideCurve(SEA, 14, 12, 0);
        assertThat(still.worst().bounceDb()).isEqualTo(still.best().bounceDb());
    }

    /** 2.6 km over tidal flats, the far end at 12 m. */
    static Passage overTheFlats(double near) {
        return new Passage(2437e6, 2600, near, 12, 3.4, Surface.SEA_WATER, false, Way.open(), List.of());
    }

    @Test
    void theHeightSearchLooksUpAndDownWithinOneLobe() {
        Passage high = overTheFlats(14);
        HeightSearch.Found found = HeightSearch.forNearEnd(high, 6.4, 0).orElseThrow();
        assertThat(HeightSearch.forNearEnd(high, 6.4, found.height() - 0.3)
                        .map(HeightSearch.Found::height)
                        .orElse(0.0))
                .as("a height that is not allowed is not offered")
                .isLessThan(found.height() - 0.3);
        assertThat(found.worstDb()).isGreaterThan(10 - high.worstDb());
        assertThat(Math.abs(found.height() - 14)).isLessThanOrEqualTo(FreeSpace.wavelength(2437e6) * 2600 / 24 + 0.5);
        assertThat(HeightSearch.forNearEnd(overTheFlats(found.height()), 6.4, 0))
                .as("where it is best nothing is offered")
                .isEmpty();
    }

    @Test
    void doublingRangeCostsSixDecibelsInFreeSpaceNotThree() {
        assertThat(FreeSpace.lossDb(5200, 2437e6) - FreeSpace.lossDb(2600, 2437e6))
                .isCloseTo(6.02, within(0.01));
        assertThatThrownBy(() -> FreeSpace.lossDb(0, 2437e6))
                .hasMessageContaining("above zero")
                .hasMessageContaining("Brief");
    }

    @Test
    void whatIsPrintedIsWhatIsWorkedOut() {
        assertThat(SEA.worked(8, 12).value()).isEqualTo(SEA.bounceDb(8, 12));
        assertThat(FreeSpace.worked(2600, 2437e6).shown()).isEqualTo("108.5 dB");
        assertThat(Fresnel.halfWay(2600, 2437e6).value())
                .isCloseTo(Fresnel.radius(1, 1300, 1300, FreeSpace.wavelength(2437e6)), within(1e-9));
    }

    @Test
    void placesOffTheGlobeAreRefused() {
        assertThatThrownBy(() -> Geodesic.between(91, 0, 0, 0)).hasMessageContaining("off the globe");
        Geodesic round = Geodesic.between(55.2, 4.1, 55.2, 4.1393);
        assertThat(round.back()).isCloseTo(270, within(0.1));
        assertThat(Tilt.degrees(10, 10, 20_000)).as("the earth falls away").isNegative();
    }
}
