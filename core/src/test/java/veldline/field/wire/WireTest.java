package veldline.field.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Places along a wire. */
class WireTest {
    private static final Wire BENT =
            new Wire(List.of(new Vec(0, 0, 0), new Vec(3, 0, 0), new Vec(3, 4, 0)), 0.01, false, Optional.empty());
    private static final Wire LOOP = new Wire(
            List.of(new Vec(0, 0, 0), new Vec(1, 0, 0), new Vec(1, 1, 0), new Vec(0, 1, 0)),
            0.01,
            true,
            Optional.empty());

    @ParameterizedTest
    @CsvSource({"0, 0, 0", "1.5, 1.5, 0", "3, 3, 0", "5, 3, 2", "7, 3, 4", "9, 3, 4", "-1, 0, 0"})
    void aPlaceIsSoFarAlongAndHeldWithinItsEnds(double along, double x, double y) {
        assertThat(BENT.along(along).minus(new Vec(x, y, 0)).length()).isLessThan(1e-12);
    }

    @Test
    void aClosedOneGoesOnOverItsLastEdge() {
        assertThat(LOOP.length()).isEqualTo(4);
        assertThat(LOOP.along(3.25).minus(new Vec(0, 0.75, 0)).length()).isLessThan(1e-12);
        assertThat(LOOP.along(4).minus(new Vec(0, 0, 0)).length()).isLessThan(1e-12);
    }

    @Test
    void aPortLiesWhereItsPlaceIs() {
        Port middle = Port.middleOf(0);
        assertThat(BENT.along(middle.distanceAlong(BENT))
                        .minus(new Vec(3, 0.5, 0))
                        .length())
                .isLessThan(1e-12);
        Port corner = new Port(0, new Port.Place.Vertex(1));
        assertThat(BENT.along(corner.distanceAlong(BENT))
                        .minus(new Vec(3, 0, 0))
                        .length())
                .isLessThan(1e-12);
    }

    /** Steps along it sum to its length, whatever they are. */
    @Test
    void equalStepsAreEquallyFarOnStraightEdges() {
        double sum = 0;
        for (int i = 0; i < 700; i++) {
            sum += BENT.along((i + 1) / 100.0).minus(BENT.along(i / 100.0)).length();
        }
        assertThat(sum).isCloseTo(BENT.length(), within(1e-9));
    }
}
