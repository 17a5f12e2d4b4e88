package veldline.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class GridTest {
    private static final int SIDE = 21;
    private static final double STEP = 0.01;

    /** Heights that rise evenly to the south and the east. */
    private static Grid plane() {
        float[] h = new float[SIDE * SIDE];
        for (int r = 0; r < SIDE; r++) {
            for (int c = 0; c < SIDE; c++) {
                h[r * SIDE + c] = 10 * r + 2 * c;
            }
        }
        return new Grid(55.2, 4, STEP, SIDE, SIDE, h);
    }

    @Property
    void betweenItsPointsAPlaneStaysAPlane(
            @ForAll @DoubleRange(min = 55.0, max = 55.2) double lat,
            @ForAll @DoubleRange(min = 4, max = 4.2) double lon) {
        double expected = 10 * (55.2 - lat) / STEP + 2 * (lon - 4) / STEP;
        assertThat(plane().at(lat, lon).orElseThrow()).isCloseTo(expected, within(1e-3));
    }

    @Test
    void outsideThereIsNothingAndOnTheEdgeThereIs() {
        Grid g = plane();
        assertThat(g.at(55.2, 4)).isPresent();
        assertThat(g.at(55.0, 4.2)).isPresent();
        assertThat(g.at(55.21, 4.1)).isEmpty();
        assertThat(g.at(55.1, 3.99)).isEmpty();
        assertThat(g.at(Double.NaN, 4.1)).isEmpty();
        assertThat(g.covers()).contains("55.0000").contains("4.2000");
        assertThat(g.spacing()).isBetween(600.0, 700.0);
    }

    @Test
    void aHoleIsFilledFromItsNeighboursAndAWideOneIsNot() {
        float[] h = new float[9];
        java.util.Arrays.fill(h, 4);
        h[4] = Float.NaN;
        Grid g = new Grid(1, 1, 1, 3, 3, h);
        assertThat(g.at(0.4, 1.6)).hasValue(4);
        assertThat(g.at(0, 2)).as("on the hole itself").isEmpty();
        java.util.Arrays.fill(h, Float.NaN);
        assertThat(new Grid(1, 1, 1, 3, 3, h).at(0.4, 1.6)).isEmpty();
    }

    @Test
    void bothEndsAtOnePlaceHaveNoProfileAndOneOutsideIsNamed() {
        assertThatThrownBy(() -> plane().between(55.1, 4.1, 55.1, 4.1, "x")).hasMessageContaining("own place");
        assertThatThrownBy(() -> plane().between(55.1, 4.1, 56, 4.1, "x")).hasMessageContaining("The far end");
        assertThatThrownBy(() -> plane().between(54, 4.1, 55.1, 4.1, "x")).hasMessageContaining("The near end");
        assertThatThrownBy(() -> new Grid(1, 1, 1, 3, 3, new float[8])).hasMessageContaining("8 heights");
    }

    /** There and back is the same ground, turned. */
    @Test
    void aProfileAndItsWayBackAreTurned() {
        Profile there = plane().between(55.15, 4.02, 55.03, 4.17, "x");
        Profile back = plane().between(55.03, 4.17, 55.15, 4.02, "x").turned();
        assertThat(there.size()).isEqualTo(back.size());
        for (int i = 0; i < there.size(); i++) {
            assertThat(there.along().get(i)).isCloseTo(back.along().get(i), within(0.02));
            assertThat(there.heights().get(i)).isCloseTo(back.heights().get(i), within(0.02));
        }
    }

    @Test
    void aGridWithoutEndIsCutInNoMoreThanSoManyPoints() {
        Elevations flat = new Elevations() {
            @Override
            public OptionalDouble at(double latitude, double longitude) {
                return OptionalDouble.of(7);
            }

            @Override
            public double spacing() {
                return 0.5;
            }

            @Override
            public String covers() {
                return "everything";
            }
        };
        Profile p = flat.between(50, 0, 51, 3, "flat");
        assertThat(p.size()).isEqualTo(Elevations.MOST);
        assertThat(p.heights()).containsOnly(7.0);
    }
}
