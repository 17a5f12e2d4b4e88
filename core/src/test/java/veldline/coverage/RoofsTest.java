package veldline.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import veldline.path.Material;

/** Floors and roofs on a plan. */
class RoofsTest {
    private static final double F = 2.44e9;
    private static final double ROOF = Material.WOOD.lossDb(F, Material.WOOD.usualThickness());
    private static final double WALL = Material.CONCRETE.lossDb(F, Material.CONCRETE.usualThickness());

    private static Site.Obstacle house(double height, Optional<Site.Storeys> storeys) {
        return new Site.Obstacle(
                "house",
                List.of(new Point(50, 40), new Point(70, 40), new Point(70, 60), new Point(50, 60)),
                true,
                height,
                Optional.of(Material.CONCRETE),
                0,
                storeys);
    }

    private static Optional<Site.Storeys> floors(int count) {
        return Optional.of(new Site.Storeys(count, Material.WOOD));
    }

    /** What stands between two places, dB. */
    private static double loss(Site.Obstacle house, double x1, double y1, double z1, double x2, double y2, double z2) {
        Site s = LevelMapTest.plan(120, house);
        return new Shadows(s, F).from(x1, y1, z1).lossDb(x2 - x1, y2 - y1, z2);
    }

    @Test
    void fromOverheadTheWayInIsTheRoofAndEachFloorUnderIt() {
        assertThat(loss(house(9, floors(3)), 60, 50, 30, 60, 50, 7)).isCloseTo(ROOF, within(1e-9));
        assertThat(loss(house(9, floors(3)), 60, 50, 30, 60, 50, 4)).isCloseTo(2 * ROOF, within(1e-9));
        assertThat(loss(house(9, floors(3)), 60, 50, 30, 60, 50, 1)).isCloseTo(3 * ROOF, within(1e-9));
        assertThat(loss(house(9, Optional.empty()), 60, 50, 30, 60, 50, 1))
                .as("under the open sky")
                .isZero();
    }

    @Test
    void fromTheSideTheWayInIsTheWallAndNotOverIt() {
        double level = loss(house(4, floors(1)), 10, 50, 2, 60, 50, 2);
        assertThat(level).isCloseTo(WALL, within(1e-9));
        double steep = loss(house(4, floors(1)), 45, 50, 20, 60, 50, 1);
        assertThat(steep).as("over the eaves, through the roof").isCloseTo(ROOF, within(1e-9));
        double between = loss(house(8, floors(2)), 10, 50, 2, 60, 50, 6);
        assertThat(between).as("the floor is met outside, the wall is not").isCloseTo(WALL, within(1e-9));
    }

    @Test
    void beyondTheHouseItStandsInTheWayAsBefore() {
        double roofed = loss(house(4, floors(1)), 10, 50, 2, 110, 50, 2);
        double open = loss(house(4, Optional.empty()), 10, 50, 2, 110, 50, 2);
        assertThat(roofed).isCloseTo(open, within(1e-9)).isPositive();
    }

    /** A wave loses as much one way as the other. */
    @Property(tries = 200)
    void bothWaysAreAlike(
            @ForAll @DoubleRange(min = 1, max = 119) double x,
            @ForAll @DoubleRange(min = 1, max = 119) double y,
            @ForAll @DoubleRange(min = 0.5, max = 12) double z) {
        Site.Obstacle h = house(6, floors(2));
        // A ray through the very corner may be said to meet either wall, or both.
        double way = Math.hypot(61 - x, 51 - y);
        Assume.that(h.line().stream()
                .allMatch(c -> Math.abs((c.x() - x) * (51 - y) - (c.y() - y) * (61 - x)) > 1e-6 * way));
        assertThat(loss(h, x, y, z, 61, 51, 1.2)).isCloseTo(loss(h, 61, 51, 1.2, x, y, z), within(1e-6));
    }

    @Property(tries = 100)
    void oneMoreFloorNeverLetsMoreThrough(
            @ForAll @DoubleRange(min = 1, max = 119) double x, @ForAll @DoubleRange(min = 0.5, max = 30) double z) {
        assertThat(loss(house(6, floors(4)), x, 55, z, 62, 50, 1))
                .isGreaterThanOrEqualTo(loss(house(6, floors(2)), x, 55, z, 62, 50, 1) - 1e-9);
    }

    @Test
    void underAHundredMegahertzWallsAreNotCountedAndAHouseHasALimit() {
        Site s = LevelMapTest.plan(120, house(4, floors(1)));
        assertThat(new Shadows(s, 50e6).from(10, 50, 2).lossDb(50, 0, 2)).isZero();
        assertThatThrownBy(() -> new Site.Storeys(0, Material.WOOD)).hasMessageContaining("1 to 200");
    }
}
