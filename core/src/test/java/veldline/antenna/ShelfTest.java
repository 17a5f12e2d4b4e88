package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.stock.Metal;

/** What is on the shelf could be: no claim is beyond what its size and its beam allow by more than claims usually run high. */
class ShelfTest {
    static Stream<Shelf.Item> items() {
        return Shelf.all().stream();
    }

    @ParameterizedTest
    @MethodSource("items")
    void aClaimIsWithinWhatItsSizeCanGive(Shelf.Item i) {
        double middle = (i.low() + i.high()) / 2;
        double most = SizeCeiling.worked(i.antenna().length().value(), middle).value();
        assertThat(i.antenna().gain().value()).as(i.id()).isLessThanOrEqualTo(Math.max(most, 2.2) + 0.1);
        i.antenna().width().ifPresent(w -> {
            double round = 10 * Math.log10(41_253 / (w.value() * 8));
            assertThat(i.antenna().gain().value())
                    .as("a beam of " + w + " and eight degrees upright")
                    .isLessThanOrEqualTo(round);
        });
        assertThat(i.low()).isLessThan(i.high());
        assertThat(i.kilograms()).isPositive();
        assertThat(i.wind()).isPositive();
        assertThat(i.money()).isNotNegative();
    }

    @Test
    void everyOneHasItsOwnNumberAndAJoint() {
        assertThat(Shelf.all()).hasSizeGreaterThanOrEqualTo(18);
        assertThat(Shelf.all().stream().map(Shelf.Item::id)).doesNotHaveDuplicates();
        assertThat(Shelf.all()).allMatch(i -> i.antenna().connector().ohms() > 0);
    }

    @ParameterizedTest
    @CsvSource({"2437e6, 6", "868.3e6, 3", "150.1e6, 2", "5780e6, 4", "3.66e6, 0"})
    void onlyWhatServesTheFrequencyIsOffered(double frequency, int least) {
        List<Shelf.Item> all = Shelf.serving(frequency);
        assertThat(all).hasSizeGreaterThanOrEqualTo(least);
        assertThat(all).allMatch(i -> i.low() <= frequency && frequency <= i.high());
    }

    @ParameterizedTest
    @MethodSource("items")
    void asACandidateItIsItsClaimAndNeedsNoTool(Shelf.Item i) {
        Family.Wish wish = new Family.Wish(i.low(), 1, 0.002, Metal.BRASS, true);
        OnShelf family = new OnShelf(i);
        Family.Shaped shaped = family.offers(wish).get(0);
        assertThat(family.offers(wish)).hasSize(1);
        assertThat(shaped.fitted().orElseThrow().value())
                .isCloseTo(i.antenna().gain().value(), within(1e-9));
        assertThat(shaped.model()).isEqualTo(Optional.empty());
        assertThat(family.tools()).isEmpty();
        assertThat(shaped.circular()).isEqualTo(i.antenna().polarization().circular());
        assertThat(shaped.silhouette().bars()).isNotEmpty();
    }
}
