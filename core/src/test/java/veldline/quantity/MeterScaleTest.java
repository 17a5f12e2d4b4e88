package veldline.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeterScaleTest {
    private static final MeterScale PERCENT = MeterScale.Percent.usual();
    private static final MeterScale SHORT_WAVE = MeterScale.SUnits.at(7e6);

    /** IARU Region 1 R.1: S9 is −73 dBm under 30 MHz and −93 dBm over it, a unit is 6 dB. */
    @ParameterizedTest
    @CsvSource({"S9, -73, -93", "S1, -121, -141", "s7, -85, -105", "S9+20, -53, -73", "S 9 + 10 dB, -63, -83"})
    void sUnitsAreThoseOfTheRecommendation(String text, double low, double high) {
        assertThat(SHORT_WAVE.read(text).orElseThrow().value()).isEqualTo(low);
        assertThat(MeterScale.SUnits.at(145e6).read(text).orElseThrow().value()).isEqualTo(high);
    }

    @ParameterizedTest
    @ValueSource(strings = {"S8+10", "S12", "9", "60", "60 %", "-73 dBm", ""})
    void whatIsNoSUnitIsNotReadAsOne(String text) {
        assertThat(SHORT_WAVE.read(text)).isEmpty();
    }

    @Property
    void percentLiesOnAStraightLineAndComesBack(@ForAll @IntRange(min = 0, max = 100) int percent) {
        double dbm = PERCENT.read(percent + "%").orElseThrow().value();
        assertThat(dbm).isCloseTo(-100 + 0.6 * percent, within(0.051));
        assertThat(PERCENT.shown(dbm)).isEqualTo(percent + " %");
    }

    /** The trap: twice the percent read as twice the power. */
    @Test
    void twiceThePercentIsNotTwiceThePower() {
        double thirty = PERCENT.read("30 %").orElseThrow().value();
        double sixty = PERCENT.read("60 %").orElseThrow().value();
        assertThat(sixty - thirty).isCloseTo(18, within(0.01));
    }

    @Test
    void outsideItsEndsAMeterStandsStill() {
        assertThat(PERCENT.shown(-120)).isEqualTo("0 %");
        assertThat(PERCENT.shown(0)).isEqualTo("100 %");
        assertThat(SHORT_WAVE.shown(-53)).isEqualTo("S9+20");
        assertThat(SHORT_WAVE.shown(-200)).isEqualTo("S0");
        assertThat(PERCENT.read("120 %")).isEmpty();
        assertThatThrownBy(() -> new MeterScale.Percent(Quantity.of("-40", Unit.DBM), Quantity.of("-90", Unit.DBM)))
                .hasMessageContaining("higher level");
    }

    @ParameterizedTest
    @ValueSource(strings = {"60 %", "S7", "S9+20"})
    void aBoxForALevelAsksForTheScaleAndReadsByIt(String text) {
        QuantityReader without = new QuantityReader(Unit.DBM);
        assertThat(without.read(text, Optional.empty()))
                .isInstanceOfSatisfying(
                        QuantityReader.Reading.Refused.class,
                        r -> assertThat(r.why()).contains("no level by itself"));
        MeterScale scale = text.contains("%") ? PERCENT : SHORT_WAVE;
        assertThat(new QuantityReader(Unit.DBM, Optional.of(scale)).read(text, Optional.empty()))
                .isEqualTo(new QuantityReader.Reading.Taken(scale.read(text).orElseThrow()));
        MeterScale other = text.contains("%") ? SHORT_WAVE : PERCENT;
        assertThat(new QuantityReader(Unit.DBM, Optional.of(other)).read(text, Optional.empty()))
                .isInstanceOf(QuantityReader.Reading.Refused.class);
        assertThat(new QuantityReader(Unit.M).read(text, Optional.empty()))
                .as("lengths know nothing of it")
                .isInstanceOf(QuantityReader.Reading.Refused.class);
    }
}
