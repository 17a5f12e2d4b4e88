package veldline.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class UnitTest {
    @ParameterizedTest
    @EnumSource(Unit.class)
    void thereAndBackIsTheSameNumber(Unit unit) {
        // A gauge by table has no numbers beyond it.
        double[] values = unit == Unit.SWG ? new double[] {1, 16.5, 36} : new double[] {0.001, 1, 17, 2437};
        for (double v : values) {
            assertThat(unit.fromInside(unit.toInside(v))).isCloseTo(v, within(1e-9 * v));
        }
    }

    /** ASTM B258 and BS 3737, in millimetres. */
    @ParameterizedTest
    @CsvSource({
        "AWG, 14, 1.628",
        "AWG, 36, 0.127",
        "AWG, 10, 2.588",
        "SWG, 16, 1.626",
        "SWG, 10, 3.251",
        "SWG, 40, 0.1219"
    })
    void gaugesAreDiameters(Unit gauge, double number, double millimetres) {
        assertThat(gauge.toInside(number) * 1000).isCloseTo(millimetres, within(5e-4 * millimetres));
        assertThat(Unit.named(gauge.symbol().toLowerCase(Locale.ROOT))).contains(gauge);
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void aUnitIsFoundByItsSignInAnyCapitalsThatLeaveItClear(Unit unit) {
        assertThat(Unit.named(unit.symbol())).contains(unit);
        if (!unit.symbol().isEmpty()) {
            assertThat(Unit.named(unit.symbol().toLowerCase(Locale.ROOT))
                            .orElseThrow()
                            .dimension())
                    .isEqualTo(unit.dimension());
        }
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void theOtherUnitIsOfTheSameKindAndLeadsBack(Unit unit) {
        unit.other().ifPresent(o -> {
            assertThat(o.dimension()).isEqualTo(unit.dimension());
            assertThat(o.other()).isPresent();
            assertThat(o).isNotEqualTo(unit);
        });
    }

    @ParameterizedTest
    @CsvSource({
        "371.5, MM, 14 5/8, IN",
        "1.6, MM, 1/16, IN",
        "8.0, M, 26.2, FT",
        "2.6, KM, 1.62, MI",
        "16.0, DBM, 39.8, MILLIWATT",
        "12.0, DBI, 9.9, DBD",
        "11, ONE, 11, ONE",
        "14 5/8, IN, 371.5, MM"
    })
    void aValueIsReadInItsOtherUnit(String number, Unit unit, String other, Unit otherUnit) {
        Quantity q = Quantity.of(number, unit).inOther();
        assertThat(q.unit()).isEqualTo(otherUnit);
        if (number.contains("/")) {
            assertThat(q.inUnit()).isCloseTo(Double.parseDouble(other), within(0.06));
        } else {
            assertThat(q.number()).isEqualTo(other);
        }
    }

    /** Read in the other unit it is off by no more than the last digit shown. */
    @Test
    void readingInTheOtherUnitLosesLessThanItsLastDigit() {
        for (double mm = 3; mm < 600; mm += 7.3) {
            Quantity q = Quantity.shown(mm / 1000, Unit.MM, 1);
            assertThat(q.inOther().value()).isCloseTo(q.value(), within(0.0254 / 64 + 1e-9));
        }
        for (double dbm = -30; dbm < 30; dbm += 1.7) {
            Quantity q = Quantity.shown(dbm, Unit.DBM, 1);
            assertThat(q.inOther().value()).isCloseTo(q.value(), within(0.6));
        }
    }

    @Test
    void whatEverybodySlipsOn() {
        assertThat(Unit.WATT.toInside(2)).as("33 dBm is 2 W").isCloseTo(33.01, within(0.01));
        assertThat(Unit.WATT.toInside(20)).as("43 dBm is 20 W").isCloseTo(43.01, within(0.01));
        assertThat(Unit.DBD.toInside(0)).as("a dipole").isEqualTo(2.15);
        assertThat(Unit.NMI.toInside(1)).isEqualTo(1852);
        // V²/R: a microvolt across 75 Ω is 1.333e−14 W, across 50 Ω 2e−14 W.
        assertThat(Unit.DBUV_75.toInside(0)).isCloseTo(30 + 10 * Math.log10(1e-12 / 75), within(0.001));
        assertThat(Unit.DBUV_50.toInside(0)).isCloseTo(30 + 10 * Math.log10(1e-12 / 50), within(0.001));
        assertThat(Unit.named("dBuV")).contains(Unit.DBUV_75);
        assertThat(Unit.named("parsec")).isEmpty();
    }
}
