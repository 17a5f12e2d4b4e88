package veldline.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.raise.LineClearance;

class GroundTest {
    @RepeatedTest(30)
    void thereAndBackAreTheSameLine(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double lat1 = 140 * random.nextDouble() - 70;
        double lon1 = 360 * random.nextDouble() - 180;
        double lat2 = lat1 + random.nextDouble() - 0.5;
        double lon2 = lon1 + random.nextDouble() - 0.5;
        Geodesic there = Geodesic.between(lat1, lon1, lat2, lon2);
        Geodesic back = Geodesic.between(lat2, lon2, lat1, lon1);
        assertThat(there.distance()).isCloseTo(back.distance(), within(1e-6));
        assertThat(Math.floorMod(Math.round((there.bearing() - back.back()) * 1e6), 360_000_000L))
                .isZero();
        assertThat(there.bearing()).isBetween(0.0, 360.0);
    }

    /** A degree of latitude at the equator and at 60°, and of longitude at the equator, on WGS-84. */
    @ParameterizedTest
    @CsvSource({"-0.5, 0, 0.5, 0, 110574.4, 0", "0, 0, 0, 1, 111319.5, 90", "59.5, 10, 60.5, 10, 111412.3, 0"})
    void distancesAreThoseOfTheEllipsoid(double a, double b, double c, double d, double metres, double bearing) {
        Geodesic g = Geodesic.between(a, b, c, d);
        assertThat(g.distance()).isCloseTo(metres, within(1.0));
        assertThat(g.bearing()).isCloseTo(bearing, within(1e-6));
    }

    @Test
    void tiltAddsToTheFallOfTheEarth() {
        double d = 20_000;
        double up = Tilt.degrees(10, 60, d);
        double down = Tilt.degrees(60, 10, d);
        // Both look somewhat lower than the straight line, since the earth falls away between them.
        assertThat(up + down).isNegative();
        assertThat(up).isGreaterThan(0);
        assertThat(up + down).isCloseTo(-Math.toDegrees(d / 6_371_000), within(0.05));
        assertThat(Tilt.degrees(10, 10, 1)).isCloseTo(0, within(1e-3));
        assertThat(Tilt.straight(10, 60, d))
                .as("bent rays see a rounder earth's edge sooner")
                .isLessThan(Tilt.degrees(10, 60, d));
        assertThat(Tilt.straight(10, 10, 50_000)).isCloseTo(4 * Tilt.degrees(10, 10, 50_000) / 3, within(1e-3));
    }

    @RepeatedTest(10)
    void theHeightFoundIsWithinADecibelOfTheBestOfItsSteps(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double h1 = 6 + 12 * random.nextDouble();
        Passage over = TwoRayTest.overTheFlats(h1);
        TideCurve now = over.tide();
        var found = HeightSearch.forNearEnd(over, 6, 0);
        for (double h = 6; h < h1 + 10; h += 0.5) {
            double height = h;
            double worst = now.withFirst(h).worst().bounceDb();
            double lobe = FreeSpace.wavelength(2.437e9) * 2600 / 24;
            if (Math.abs(h - h1) <= lobe - 0.5) {
                found.ifPresent(f -> assertThat(f.worstDb()).as("at " + height).isGreaterThanOrEqualTo(worst - 1));
            }
        }
        found.ifPresent(
                f -> assertThat(f.worstDb()).isGreaterThanOrEqualTo(now.worst().bounceDb() + 1));
    }

    @Test
    void worstAndBestBoundTheWholeTide() {
        TideCurve c = new TideCurve(new TwoRay(2.437e9, 2600, Surface.SEA_WATER, false), 14, 12, 3.4);
        for (double tide = 0; tide <= 3.4; tide += 0.01) {
            assertThat(c.at(tide).bounceDb())
                    .isBetween(c.worst().bounceDb() - 0.6, c.best().bounceDb() + 0.1);
        }
        assertThat(c.middle().bounceDb())
                .isBetween(c.worst().bounceDb(), c.best().bounceDb());
    }

    @Test
    void aRoughSeaBouncesLessThanItsNameAlone() {
        TwoRay sea = new TwoRay(2.437e9, 2600, Surface.SEA_WATER, false);
        // Two paths can at most double the field: 6 dB up, never more.
        for (double h = 1; h < 30; h += 0.05) {
            assertThat(sea.bounceDb(h, 12)).isLessThanOrEqualTo(6.03);
        }
        assertThat(sea.bounceDb(9, 12))
                .as("either end may be called the first")
                .isCloseTo(sea.bounceDb(12, 9), within(1e-9));
    }

    @Test
    void theFresnelZoneIsWidestHalfWayAndTheSameFromBothEnds() {
        double wave = FreeSpace.wavelength(2.437e9);
        double half = Fresnel.radius(1, 1300, 1300, wave);
        assertThat(half).isCloseTo(Fresnel.halfWay(2600, 2.437e9).value(), within(1e-9));
        assertThat(Fresnel.radius(1, 500, 2100, wave)).isLessThan(half).isEqualTo(Fresnel.radius(1, 2100, 500, wave));
        assertThat(Fresnel.radius(4, 1300, 1300, wave)).isCloseTo(2 * half, within(1e-9));
    }

    @Test
    void aMastKeepsHalfAsFarAgainAsItReaches() {
        assertThat(LineClearance.least(4.5, 0.3).value()).isCloseTo(7.2, within(1e-9));
        assertThat(LineClearance.least(9, 0.3).value())
                .isGreaterThan(LineClearance.least(4.5, 0.3).value());
    }
}
