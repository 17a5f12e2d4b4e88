package veldline.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SectorRingTest {
    @Property
    void theSumIsTheSameInEverySectorAndNeverUnderTheStrongest(
            @ForAll @IntRange(min = 1, max = 12) int n,
            @ForAll @DoubleRange(min = 20, max = 180) double width,
            @ForAll @DoubleRange(min = 0, max = 360) double at) {
        SectorRing ring = new SectorRing(n, width);
        assertThat(ring.sumDb(at)).isCloseTo(ring.sumDb(at + 360.0 / n), within(1e-9));
        assertThat(ring.sumDb(at)).isCloseTo(ring.sumDb(-at), within(1e-9));
        assertThat(ring.sumDb(at)).isGreaterThanOrEqualTo(-ring.seamDb() - 1e-9);
    }

    @Property
    void theRippleHoldsEveryPlaceOnTheRing(
            @ForAll @IntRange(min = 2, max = 8) int n, @ForAll @DoubleRange(min = 30, max = 150) double width) {
        SectorRing ring = new SectorRing(n, width);
        double most = Double.NEGATIVE_INFINITY;
        double least = Double.POSITIVE_INFINITY;
        for (double a = 0; a <= 360; a += 0.5) {
            most = Math.max(most, ring.sumDb(a));
            least = Math.min(least, ring.sumDb(a));
        }
        assertThat(ring.rippleDb()).isCloseTo(most - least, within(0.01));
    }

    @Test
    void moreSectorsMakeAnEvenerRingAndNonsenseIsRefused() {
        assertThat(new SectorRing(6, 65).seamDb()).isLessThan(new SectorRing(3, 65).seamDb());
        assertThat(new SectorRing(2, 90).seamDb()).isCloseTo(12, within(1e-9));
        assertThatThrownBy(() -> new SectorRing(0, 90)).hasMessageContaining("0 sectors");
        assertThatThrownBy(() -> new SectorRing(3, 400)).hasMessageContaining("400");
    }
}
