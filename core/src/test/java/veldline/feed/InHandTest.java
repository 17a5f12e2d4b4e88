package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A connector that is measured and looked at, never asked for its name. */
class InHandTest {
    /** With a rule that is half a millimetre off, what it is is always among what it may be, and soon the only one. */
    @ParameterizedTest
    @EnumSource(value = Connector.Series.class, names = "BUILT_IN", mode = EnumSource.Mode.EXCLUDE)
    void whatItIsIsAmongThem(Connector.Series series) {
        SeriesFacts facts = SeriesFacts.of(series).orElseThrow();
        for (double off : new double[] {-0.5, 0, 0.5}) {
            InHand hand = new InHand(facts.across() + off, Optional.of(InHand.Coupling.of(series)));
            assertThat(hand.candidates()).as(facts.across() + off + " mm").contains(facts);
            assertThat(hand.candidates()).hasSizeLessThanOrEqualTo(3);
            assertThat(new InHand(facts.across() + off, Optional.empty()).candidates())
                    .containsAll(hand.candidates());
        }
        assertThat(new InHand(facts.across() + 3, Optional.of(InHand.Coupling.of(series))).candidates())
                .doesNotContain(facts);
        assertThat(facts.tell()).isNotBlank();
    }

    /** Those that are of one size are told apart by how they hold, or by words: no two have the same. */
    @ParameterizedTest
    @CsvSource({
        "9.5, BAYONET, BNC",
        "9.5, PUSH, TELEVISION",
        "29, THREAD, SEVEN_SIXTEEN",
        "11.4, THREAD, TNC",
        "2.4, PUSH, MMCX"
    })
    void couplingTellsApartWhatIsOfOneSize(double across, InHand.Coupling coupling, Connector.Series first) {
        assertThat(new InHand(across, Optional.of(coupling)).candidates().get(0).series())
                .isEqualTo(first);
    }

    @Test
    void ofOneSizeAndKindTheWordsDiffer() {
        assertThat(SeriesFacts.all().stream().map(SeriesFacts::tell).distinct()).hasSameSizeAs(SeriesFacts.all());
        assertThat(new InHand(15.8, Optional.of(InHand.Coupling.THREAD)).candidates())
                .extracting(SeriesFacts::series)
                .containsExactlyInAnyOrder(Connector.Series.N, Connector.Series.UHF);
        assertThat(new InHand(26, Optional.empty()).candidates()).isEmpty();
    }
}
