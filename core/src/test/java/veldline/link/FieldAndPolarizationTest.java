package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.Polarized;
import veldline.path.FreeSpace;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A field and a sender say the same; what two antennas lose to each other does not depend on which of them sends. */
class FieldAndPolarizationTest {
    @ParameterizedTest
    @CsvSource({"490e6, 1000", "2437e6, 2600", "150.1e6, 35000"})
    void theLevelFromAFieldIsThatOfItsSender(double frequency, double distance) {
        double eirp = 27;
        double volts = FieldStrength.field(FieldStrength.density(eirp, distance));
        Quantity field = Quantity.shown(20 * Math.log10(volts * 1e6), Unit.DBUV_M, 4);
        assertThat(FieldStrength.isotropic(field, frequency).value())
                .isCloseTo(eirp - FreeSpace.lossDb(distance, frequency), within(0.03));
    }

    static Stream<Arguments> pairs() {
        return Arrays.stream(Polarized.values())
                .flatMap(a -> Arrays.stream(Polarized.values()).map(b -> Arguments.of(a, b)));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void whoSendsDoesNotMatterAndNothingIsWon(Polarized a, Polarized b) {
        double loss = PolarizationMatch.loss(a, b).value();
        assertThat(loss)
                .isCloseTo(PolarizationMatch.loss(b, a).value(), within(1e-12))
                .isGreaterThan(-1e-9);
        if (a == b) {
            assertThat(loss).isLessThan(0.1);
        } else if (a.circular() != b.circular()) {
            assertThat(loss).as("the three decibels to a straight end").isCloseTo(3.01, within(0.01));
        } else if (a.slant() != b.slant()) {
            // Half, and what axial ratios of 20 have in common besides: 2·20²÷(20² + 1)².
            assertThat(loss).isCloseTo(-10 * Math.log10(0.5 + 2 * 400.0 / (401 * 401)), within(1e-9));
        } else {
            assertThat(loss).as("crossed, as built").isBetween(15.0, 25.0);
        }
    }

    @Test
    void anIdealPairKeepsTheLawOfMalus() {
        for (double tilt = 0; tilt < 1.5; tilt += 0.1) {
            assertThat(PolarizationMatch.share(1e6, 1e6, tilt, true))
                    .isCloseTo(Math.cos(tilt) * Math.cos(tilt), within(1e-5));
        }
        assertThat(PolarizationMatch.share(1, 1, 0.3, true)).isCloseTo(1, within(1e-12));
        assertThat(PolarizationMatch.share(1, 1, 0.3, false)).isCloseTo(0, within(1e-12));
    }
}
