package veldline.raise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import veldline.antenna.Antenna;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.NotChosen;
import veldline.antenna.Shelf;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class MountTest {
    private static final YagiShape YAGI = Yagi.forCount(433e6, 5, Quantity.of("6", Unit.MM), Metal.ALUMINIUM, false);

    /** By hand: 30 m/s are 562.5 Pa; 0.2 m² with 1.3 take 146.25 N, a metre of 42 mm tube with 1.2 takes 28.35 N. */
    @Test
    void forceMomentAndStressAreThoseOfAHeldBeam() {
        MountLoad l = MountLoad.of(Mount.USUAL, new WindArea(0.2, 1.3), 30);
        assertThat(l.antenna().value()).isCloseTo(146.25, within(1e-9));
        assertThat(l.tube().value()).isCloseTo(28.35, within(1e-9));
        assertThat(l.moment().value()).isCloseTo(146.25 + 28.35 / 2, within(1e-9));
        double i = Math.PI * (Math.pow(0.042, 4) - Math.pow(0.037, 4)) / 64;
        assertThat(l.stress().value()).isCloseTo(l.moment().value() * 0.021 / i / 1e6, within(1e-6));
        assertThat(l.sway().value()).isCloseTo(Math.toDegrees((146.25 / 2 + 28.35 / 6) / (210e9 * i)), within(1e-9));
        assertThat(l.holds()).isTrue();
        assertThat(MountLoad.of(Mount.USUAL.withFree(Quantity.of("6", Unit.M)), new WindArea(0.5, 1.3), 45)
                        .holds())
                .isFalse();
    }

    @Property(tries = 60)
    void twiceTheWindIsFourTimesTheForceAndASmallerTubeLeansFarther(
            @ForAll @DoubleRange(min = 2, max = 40) double wind,
            @ForAll @DoubleRange(min = 0.01, max = 1) double area) {
        MountLoad one = MountLoad.of(Mount.USUAL, new WindArea(area, 1.2), wind);
        MountLoad two = MountLoad.of(Mount.USUAL, new WindArea(area, 1.2), 2 * wind);
        assertThat(two.moment().value())
                .isCloseTo(4 * one.moment().value(), within(1e-9 * two.moment().value()));
        MountLoad thin =
                MountLoad.of(Mount.USUAL.withDiameter(Quantity.of("30", Unit.MM)), new WindArea(area, 1.2), wind);
        assertThat(thin.sway().value()).isGreaterThan(one.sway().value());
    }

    @Test
    void aYagiShowsItsElementsOrItsBoomAndIceMakesThemThick() {
        double elements = YAGI.elements().stream()
                .mapToDouble(e -> e.length().value() * 0.006)
                .sum();
        double boom = YAGI.boomLength() * 0.02;
        double bare = WindArea.of(YAGI, 0).orElseThrow().square();
        assertThat(bare)
                .as("from the worst side, never more than all of it")
                .isBetween(Math.max(elements, boom) * 0.98, elements + boom);
        assertThat(WindArea.of(YAGI, 0.01).orElseThrow().square()).isGreaterThan(2 * bare);
    }

    @Test
    void aNetThatStandsForSheetIsAsLargeAsTheSheet() {
        Family.Wish wish = new Family.Wish(2437e6, 0.4, 0.8e-3, Metal.COPPER, false);
        Antenna biquad = Families.wires("biquad").design(wish);
        WindArea area = WindArea.of(biquad, 0).orElseThrow();
        assertThat(area.drag()).isEqualTo(1.3);
        assertThat(area.square()).as("a plate of about a wave by one").isBetween(0.008, 0.04);
        Antenna dish = Families.apertures("dish").design(new Family.Wish(2437e6, 0.6, 1e-3, Metal.ALUMINIUM, false));
        assertThat(WindArea.of(dish, 0).orElseThrow().square()).isGreaterThan(area.square());
        Shelf.Item item = Shelf.all().get(0);
        assertThat(WindArea.of(item.antenna(), 0).orElseThrow().square()).isEqualTo(item.wind());
        assertThat(WindArea.of(new NotChosen(), 0)).isEmpty();
    }

    @Test
    void aCompassShowsTheBearingLessTheDeclination() {
        LocalDate day = LocalDate.of(2026, 11, 2);
        for (double[] row :
                List.of(new double[] {74.16, 3.2, 70.96}, new double[] {2, 5, 357}, new double[] {359, -4, 3})) {
            Declination d = new Declination(Quantity.of(Double.toString(row[1]), Unit.DEG), day);
            assertThat(d.compass(row[0]).value()).isCloseTo(row[2], within(1e-9));
        }
    }

    @Test
    void aTubeThatCannotBeIsRefused() {
        assertThatThrownBy(() -> Mount.USUAL.withWall(Quantity.of("30", Unit.MM)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("up to half the diameter");
    }
}
