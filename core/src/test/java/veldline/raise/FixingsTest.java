package veldline.raise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Metals that touch, and what is put near an antenna to begin with. */
class FixingsTest {
    /** Whichever is named first, they lie as far apart and the same one goes. */
    @ParameterizedTest
    @EnumSource(Fixings.Skin.class)
    void aContactIsTheSameFromEitherSide(Fixings.Skin one) {
        for (Fixings.Skin other : Fixings.Skin.values()) {
            Fixings.Contact a = new Fixings.Contact("joint", one, other);
            Fixings.Contact b = new Fixings.Contact("joint", other, one);
            assertThat(a.apart()).isEqualTo(b.apart()).isNotNegative();
            if (one.conducts() && other.conducts() && one != other) {
                assertThat(a.goes()).isEqualTo(b.goes());
                assertThat(a.goes().index()).isGreaterThanOrEqualTo(Math.min(one.index(), other.index()));
            }
        }
        assertThat(new Fixings.Contact("joint", one, one).apart()).isZero();
    }

    @Test
    void zincGoesBeforeSteelAndPlasticTakesNoPart() {
        assertThat(new Fixings.Contact("clamp", Fixings.Skin.STAINLESS, Fixings.Skin.GALVANISED).goes())
                .isEqualTo(Fixings.Skin.GALVANISED);
        assertThat(new Fixings.Contact("clamp", Fixings.Skin.PLASTIC, Fixings.Skin.COPPER).apart())
                .isZero();
        assertThat(Fixings.USUAL.contacts()).hasSize(3);
        assertThat(Fixings.Air.SALT.limit()).isLessThan(Fixings.Air.OPEN.limit());
        assertThat(Fixings.Air.OPEN.limit()).isLessThan(Fixings.Air.DRY.limit());
    }

    /** From short wave to microwaves a mast begins behind the antenna, no nearer than a hand and no longer than a person. */
    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.123, 2, 40})
    void aMastBeginsBehind(double wavelength) {
        Neighbour mast = Neighbour.mast(wavelength);
        assertThat(mast.ahead().value()).isLessThanOrEqualTo(-0.1);
        assertThat(mast.length().value()).isBetween(0.3, 1.5);
        assertThat(mast.kind()).isEqualTo(Neighbour.Kind.MAST);
    }

    @Test
    void aWorkDayLeadsToTwoLooksLater() {
        WorkDay day = new WorkDay(
                java.util.Optional.of(java.time.Instant.parse("2027-03-08T09:00:00Z")),
                Quantity.of("2", Unit.ONE),
                Quantity.of("5", Unit.M_S));
        assertThat(Reminder.of(day.begins())).hasSize(2).isSortedAccordingTo((a, b) -> a.on().compareTo(b.on()));
        assertThat(Reminder.of(WorkDay.NONE.begins())).isEmpty();
        assertThat((double) java.time.Duration.between(
                                day.begins().orElseThrow(),
                                Reminder.of(day.begins()).get(0).on())
                        .toDays())
                .isCloseTo(28, within(0.1));
    }
}
