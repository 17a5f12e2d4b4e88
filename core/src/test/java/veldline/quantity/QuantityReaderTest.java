package veldline.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.quantity.QuantityReader.Reading;

class QuantityReaderTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "371.5 | 0.3715",
                "371,5 | 0.3715",
                "14 5/8 in | 0.371475",
                "14-5/8\" | 0.371475",
                "37 cm | 0.37",
                "1.2m | 1.2",
                "5/8 in | 0.015875",
                "3 ft | 0.9144",
                "1,234,567 mm | 1234.567",
                ".5 m | 0.5"
            })
    void lengthsAreReadInAnyUnit(String text, double metres) {
        Reading r = new QuantityReader(Unit.MM).read(text, Optional.empty());
        assertThat(r).isInstanceOf(Reading.Taken.class);
        assertThat(((Reading.Taken) r).quantity().value()).isCloseTo(metres, within(1e-12));
    }

    @Test
    void whatCouldBeTwoThingsIsAskedAbout() {
        Optional<Quantity> last = Optional.of(Quantity.of("2437", Unit.MHZ));
        Reading r = new QuantityReader(Unit.MHZ).read("24,37", last);
        assertThat(r)
                .isInstanceOfSatisfying(
                        Reading.Doubtful.class, d -> assertThat(d.question()).isEqualTo("2437 or 24.37?"));
        assertThat(new QuantityReader(Unit.MM).read("1,234", Optional.empty())).isInstanceOf(Reading.Doubtful.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "abc | not a number",
                "12 dB | does not belong here",
                "3 furlongs | No unit is called",
                "1.2.3 | not a number",
                "5/0 | not a number",
                "12,3.4,5 | more than one way"
            })
    void nonsenseIsRefusedWithAnExample(String text, String told) {
        Reading r = new QuantityReader(Unit.MM).read(text, Optional.empty());
        assertThat(r)
                .isInstanceOfSatisfying(
                        Reading.Refused.class,
                        x -> assertThat(x.why()).contains(told).contains("such as"));
    }

    @Test
    void wattsAndDbmAreNotMixedUp() {
        assertThat(Quantity.of("2", Unit.WATT).value()).isCloseTo(33.01, within(0.01));
        assertThat(Quantity.of("20", Unit.WATT).value()).isCloseTo(43.01, within(0.01));
        assertThat(Quantity.of("50", Unit.MILLIWATT).value()).isCloseTo(16.99, within(0.01));
        assertThat(Quantity.of("9.85", Unit.DBD).value()).isCloseTo(12, within(1e-9));
    }

    @Test
    void noPowerHasNoLevel() {
        assertThat(new QuantityReader(Unit.DBM).read("0 W", Optional.empty())).isInstanceOf(Reading.Refused.class);
    }

    @Test
    void nudgingKeepsTheDigitsShown() {
        assertThat(Quantity.of("1.60", Unit.MM).nudged(1).number()).isEqualTo("1.61");
        assertThat(Quantity.of("14 5/8", Unit.IN).nudged(1).number()).isEqualTo("14 21/32");
        assertThat(Quantity.of("-80", Unit.DBM).nudged(-10)).hasToString("−90 dBm");
    }

    @Property
    void nudgingUpAndDownComesBack(
            @ForAll @DoubleRange(min = -999, max = 999) double value, @ForAll @IntRange(max = 5) int decimals) {
        Quantity q = Quantity.shown(value, Unit.MM, decimals);
        // Shown rounds in millimetres of metres given; what is typed is what is compared.
        assertThat(q.nudged(7).nudged(-7).inUnit()).isCloseTo(q.inUnit(), within(1e-9));
    }

    @Property
    void aTapeIsNeverOffByMoreThanHalfAStep(@ForAll @DoubleRange(min = 0, max = 50) double metres) {
        assertThat(InchFraction.ofMetres(metres, 32).metres()).isCloseTo(metres, within(0.0254 / 64 + 1e-12));
    }

    @Property(tries = 500)
    void noTextMakesItFail(@ForAll String text) {
        assertThat(new QuantityReader(Unit.MHZ).read(text, Optional.empty())).isNotNull();
    }
}
