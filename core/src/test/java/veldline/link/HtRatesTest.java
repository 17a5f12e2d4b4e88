package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class HtRatesTest {
    @Property
    void moreLevelNeverCarriesLess(@ForAll @DoubleRange(min = -100, max = -30) double level) {
        double here = HtRates.at(level).map(r -> r.rate(false)).orElse(0.0);
        double more = HtRates.at(level + 1).map(r -> r.rate(false)).orElse(0.0);
        assertThat(more).isGreaterThanOrEqualTo(here);
    }

    @ParameterizedTest
    @EnumSource(HtRates.class)
    void eachIsReachedAtItsOwnLeastAndNotATenthUnder(HtRates rate) {
        assertThat(HtRates.at(rate.least())).contains(rate);
        assertThat(HtRates.at(rate.least() - 0.1)).isNotEqualTo(Optional.of(rate));
        assertThat(rate.rate(true) / rate.rate(false)).isCloseTo(10.0 / 9, within(1e-12));
    }

    @Test
    void theSlowestIsSixAndAHalfAndTheFastestSixtyFiveMegabits() {
        assertThat(HtRates.MCS0.rate(false)).isCloseTo(6.5e6, within(1.0));
        assertThat(HtRates.MCS7.rate(false)).isCloseTo(65e6, within(1.0));
        assertThat(HtRates.at(-83)).isEmpty();
    }
}
