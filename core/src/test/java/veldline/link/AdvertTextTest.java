package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import veldline.antenna.Polarized;
import veldline.feed.Connector;
import veldline.feed.Drawer;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Adverts in many words, made up, and what is read from them. */
class AdvertTextTest {
    private static final Offer BLANK =
            Offer.blank(Quantity.of("2437", Unit.MHZ), Polarized.UPRIGHT, Drawer.connector("N outside socket 50"));

    private static Offer read(String text) {
        return AdvertText.read(text, BLANK).offer();
    }

    @Test
    void aWholeAdvertIsReadOutOfItsWords() {
        AdvertText t = AdvertText.read("""
                Sector panel, 14 dBi, for 2.40–2.50 GHz. Horizontal beamwidth: 90°, vertical 8 deg. Vertically polarized.
                Size 1050 x 180 x 60 mm, weighs 2.4 kg, SMA female. Stands 60 m/s of wind. Box of 2.
                """, BLANK);
        Offer o = t.offer();
        assertThat(o.gain().value()).isEqualTo(14);
        assertThat(o.low().value()).isEqualTo(2.4e9);
        assertThat(o.high().value()).isEqualTo(2.5e9);
        assertThat(o.level().orElseThrow().value()).isEqualTo(90);
        assertThat(o.upright().orElseThrow().value()).isEqualTo(8);
        assertThat(o.length().value()).isCloseTo(1.05, within(1e-9));
        assertThat(o.across().orElseThrow().value()).isCloseTo(0.18, within(1e-9));
        assertThat(o.weight().value()).isCloseTo(2.4, within(1e-9));
        assertThat(o.polarization()).isEqualTo(Polarized.UPRIGHT);
        assertThat(o.connector().family()).isEqualTo(Connector.Series.SMA);
        assertThat(o.connector().contact()).isEqualTo(Connector.Contact.SOCKET);
        assertThat(t.found()).hasSize(8);
    }

    /** A dipole's decibels are 2.15 more; a bare decibel is taken for dBi only where nothing better stands there. */
    @ParameterizedTest
    @CsvSource({
        "gain 12 dBd, 14.15",
        "up to 30 dB front to back; 9.5dBi, 9.5",
        "'gain: 11,5 dB', 11.5",
        "12 dB i gain, 12",
        "no figures at all, 10"
    })
    void gainsAreReadByTheirReference(String text, double dbi) {
        assertThat(read(text).gain().value()).isCloseTo(dbi, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "length 32 cm, 0.32",
        "'about 15\" tall', 0.381",
        "boom 1.2 m and elements to 160 mm, 1.2",
        "'14 cm x 320 mm x 20 mm', 0.32",
        "'stands 60 m/s of wind, 40 cm long', 0.4"
    })
    void theLongestMeasureIsTaken(String text, double metres) {
        assertThat(read(text).length().value()).isCloseTo(metres, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "RP-SMA female, SMA, OUTSIDE, PIN",
        "SMA male, SMA, INSIDE, PIN",
        "N-type female, N, OUTSIDE, SOCKET",
        "RP-TNC plug, TNC, INSIDE, SOCKET"
    })
    void reverseKindsHaveTheOtherContact(
            String text, Connector.Series family, Connector.Thread thread, Connector.Contact contact) {
        assertThat(read(text).connector()).isEqualTo(new Connector(family, thread, contact, 50));
    }

    /** Each measure by its own unit; one without has that of the next. */
    @ParameterizedTest
    @CsvSource({"'14 cm x 320 mm x 20 mm', 0.14", "30 x 20 x 5 cm, 0.2", "'12\" x 6\"', 0.1524"})
    void theSecondMeasureIsReadByItsOwnUnit(String text, double metres) {
        assertThat(read(text).across().orElseThrow().value()).isCloseTo(metres, within(6e-4));
    }

    @ParameterizedTest
    @CsvSource({"weighs 350 g, 0.35", "2.4 kg, 2.4", "3 lb, 1.36", "'for 5G and 802.11g, 2.4 GHz', 0"})
    void whatIsNoWeightIsNotReadAsOne(String text, double kilograms) {
        assertThat(read(text).weight().value()).isCloseTo(kilograms, within(1e-9));
    }

    @Test
    void whatIsNotToldStaysAsItWas() {
        AdvertText t = AdvertText.read("A fine antenna. Buy now!", BLANK);
        assertThat(t.offer().withWords("")).isEqualTo(BLANK);
        assertThat(t.found()).isEmpty();
        assertThat(read("right-hand circular").polarization()).isEqualTo(Polarized.RIGHT_HAND);
        assertThat(read("5800 MHz to 5150 MHz").low().value()).isEqualTo(5.8e9);
        assertThat(read("2500-2400 MHz").low().value()).isEqualTo(2.4e9);
    }

    /** Whatever is pasted, it reads or leaves it. */
    @Test
    void nothingThatIsPastedMakesItFail() {
        Random random = new Random(4);
        String letters = "0123456789.,-–x×° dBimGHzcmkgNSMA\"″/:()\n";
        for (int run = 0; run < 2000; run++) {
            StringBuilder text = new StringBuilder();
            for (int i = random.nextInt(120); i > 0; i--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            Offer o = read(text.toString());
            assertThat(o.gain().value()).isFinite();
            assertThat(o.length().value()).isFinite();
        }
        assertThat(read("9".repeat(400) + " dBi").gain()).isNotNull();
    }
}
