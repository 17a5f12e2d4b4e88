package veldline.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CancellationException;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import veldline.path.FreeSpace;
import veldline.path.LogDistance;
import veldline.path.Material;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class LevelMapTest {
    private static final double F = 2.44e9;
    private static final Pattern PANEL = Pattern.claimed(9, 90);
    private static final Pattern BALL = Pattern.of((a, e) -> 0);
    private static final LevelMap.Watcher ON = (done, of) -> true;

    static Site plan(double side, Site.Obstacle... obstacles) {
        return new Site(
                side,
                side,
                List.of(),
                List.of(obstacles),
                List.of(),
                List.of(),
                0,
                0,
                Quantity.of("1.5", Unit.M),
                Quantity.of("0", Unit.DB),
                true);
    }

    private static Site.Obstacle wall(double x, double height, Optional<Material> of) {
        return new Site.Obstacle("wall", List.of(new Point(x, -1000), new Point(x, 2000)), false, height, of, 0.2);
    }

    private static LevelMap map(Site s, Emitter... e) {
        return LevelMap.of(s, List.of(e), F, Optional.empty(), 60, 60, ON);
    }

    @Property
    void theTableReadsAsThePatternItWasMadeOf(
            @ForAll @DoubleRange(min = -179, max = 179) double a, @ForAll @DoubleRange(min = -60, max = 60) double e) {
        Pattern p = Pattern.of((az, el) -> 6 * Math.cos(Math.toRadians(az)) + 3 * Math.cos(Math.toRadians(2 * el)));
        assertThat(p.dbi(a, e))
                .isCloseTo(6 * Math.cos(Math.toRadians(a)) + 3 * Math.cos(Math.toRadians(2 * e)), within(0.02));
    }

    @Test
    void aClaimedBeamIsHalfAtHalfItsWidthAndTwentyDecibelsDownBehind() {
        assertThat(PANEL.dbi(0, 0)).isCloseTo(9, within(0.01));
        assertThat(PANEL.dbi(45, 0)).isCloseTo(6, within(0.05));
        assertThat(PANEL.dbi(180, 0)).isCloseTo(-11, within(0.01));
        assertThat(Pattern.claimed(5, 360).dbi(123, 0)).isCloseTo(5, within(0.01));
    }

    @Test
    void inTheOpenTheLevelIsFreeSpaceNearAndTheGroundsFourthPowerFar() {
        Site s = plan(4000);
        Emitter e = new Emitter(0, 0, 1.5, 0, 0, 20, BALL);
        LevelMap m = map(s, e);
        double near = Math.hypot(m.x(0), m.y(0));
        assertThat(m.level(0, 0)).isCloseTo(20 - FreeSpace.lossDb(near, F), within(0.01));
        double far = Math.hypot(m.x(59), m.y(59));
        assertThat(m.level(59, 59))
                .isCloseTo(20 - 40 * Math.log10(far) + 20 * Math.log10(1.5 * 1.5), within(0.01))
                .isLessThan(20 - FreeSpace.lossDb(far, F));
        LevelMap woods = LevelMap.of(s, List.of(e), F, Optional.of(new LogDistance(3.5, 8)), 60, 60, ON);
        assertThat(woods.level(59, 59)).isCloseTo(20 - new LogDistance(3.5, 8).lossDb(far, F), within(0.01));
    }

    @Test
    void aWallTakesWhatItsMaterialDoesAndALowOneIsPassedOver() {
        Emitter e = new Emitter(10, 50, 6, 90, 0, 20, BALL);
        LevelMap open = map(plan(100), e);
        LevelMap high = map(plan(100, wall(50, 30, Optional.of(Material.BRICK))), e);
        LevelMap low = map(plan(100, wall(50, 0.2, Optional.of(Material.BRICK))), e);
        double brick = Material.BRICK.lossDb(F, 0.2);
        assertThat(open.level(50, 30) - high.level(50, 30)).isCloseTo(brick, within(0.01));
        assertThat(high.level(20, 30)).as("before the wall").isEqualTo(open.level(20, 30));
        assertThat(low.level(50, 30)).isCloseTo(open.level(50, 30), within(0.01));
        LevelMap dune = map(plan(100, wall(50, 12, Optional.empty())), e);
        assertThat(open.level(59, 30) - dune.level(59, 30))
                .as("only over the top")
                .isGreaterThan(20);
    }

    @RepeatedTest(10)
    void moreAntennasNeverTakeAndMoreWallsNeverGive(RepetitionInfo run) {
        Random r = new Random(run.getCurrentRepetition());
        List<Site.Obstacle> walls = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Point a = new Point(200 * r.nextDouble(), 200 * r.nextDouble());
            walls.add(new Site.Obstacle(
                    "w" + i,
                    List.of(a, new Point(a.x() + 40 * r.nextGaussian(), a.y() + 40 * r.nextGaussian())),
                    false,
                    2 + 6 * r.nextDouble(),
                    Optional.of(Material.CONCRETE),
                    0));
        }
        Emitter one = new Emitter(20, 20, 5, 45, 3, 20, PANEL);
        Emitter two = new Emitter(180, 150, 5, 250, 3, 20, PANEL);
        Site full = plan(200, walls.toArray(Site.Obstacle[]::new));
        LevelMap alone = map(full, one);
        LevelMap both = map(full, one, two);
        LevelMap fewer = map(plan(200, walls.get(0), walls.get(1)), one);
        for (int row = 0; row < 60; row++) {
            for (int c = 0; c < 60; c++) {
                assertThat(both.level(c, row)).isGreaterThanOrEqualTo(alone.level(c, row));
                assertThat(fewer.level(c, row)).isGreaterThanOrEqualTo(alone.level(c, row) - 1e-3);
            }
        }
        // A plan turned over gives a map turned over.
        Site mirrored = plan(
                200,
                walls.stream()
                        .map(w -> new Site.Obstacle(
                                w.name(),
                                w.line().stream()
                                        .map(p -> new Point(200 - p.x(), p.y()))
                                        .toList(),
                                false,
                                w.height(),
                                w.material(),
                                0))
                        .toArray(Site.Obstacle[]::new));
        LevelMap turned = map(mirrored, new Emitter(180, 20, 5, -45, 3, 20, PANEL));
        assertThat(turned.level(59 - 37, 22)).isCloseTo(alone.level(37, 22), within(0.01));
    }

    @Test
    void tiltLiftsWhatLiesUnderTheBeam() {
        Site s = plan(200);
        Pattern narrow = Pattern.of((a, e) -> 15 - Math.min(30, 12 * Math.pow(e / 8, 2)));
        LevelMap level = map(s, new Emitter(100, 0, 12, 0, 0, 20, narrow));
        LevelMap down = map(s, new Emitter(100, 0, 12, 0, 15, 20, narrow));
        assertThat(down.level(30, 11)).isGreaterThan(level.level(30, 11) + 5);
        assertThat(down.level(30, 59)).isLessThan(level.level(30, 59));
    }

    @Test
    void theFiguresCountWhatIsOnTheMap() {
        Site s = plan(200)
                .withZones(List.of(new Site.Zone(
                        "terrace",
                        true,
                        List.of(new Point(0, 0), new Point(100, 0), new Point(100, 200), new Point(0, 200)))))
                .withSpots(List.of(new Site.Spot("bench", new Point(60, 60), Quantity.of("1.5", Unit.M))));
        List<Emitter> two =
                List.of(new Emitter(100, 0, 5, -40, 0, 20, PANEL), new Emitter(100, 200, 5, 220, 0, 20, PANEL));
        Coverage c = Coverage.of(s, two, F, Optional.empty(), 80, -90, -70, ON);
        assertThat(c.map().rows()).isEqualTo(80);
        assertThat(c.served().value()).isBetween(0.0, 100.0);
        assertThat(c.holds().value()).isGreaterThanOrEqualTo(c.served().value());
        assertThat(c.wasted().value()).isGreaterThan(0);
        assertThat(c.seam()).isPresent();
        double at = c.spots().get(0).level().value();
        assertThat(at).isCloseTo(c.map().level(23, 23), within(1.0));
        assertThat(c.worst().orElseThrow().value()).isLessThan(at);
        Coverage one = Coverage.of(s, two.subList(0, 1), F, Optional.empty(), 80, -90, -70, ON);
        assertThat(one.seam()).isEmpty();
        assertThat(one.worst().orElseThrow().value())
                .isLessThanOrEqualTo(c.worst().orElseThrow().value());
        Coverage none = Coverage.of(s, List.of(), F, Optional.empty(), 80, -90, -70, ON);
        assertThat(none.served().value()).isZero();
    }

    @Test
    void itStopsWhenItIsToldTo() {
        assertThatThrownBy(() -> LevelMap.of(
                        plan(100),
                        List.of(new Emitter(0, 0, 3, 0, 0, 20, BALL)),
                        F,
                        Optional.empty(),
                        400,
                        400,
                        (done, of) -> done < 5))
                .isInstanceOf(CancellationException.class);
        assertThatThrownBy(() -> map2(5000)).hasMessageContaining("4000");
    }

    private static LevelMap map2(int columns) {
        return LevelMap.of(plan(100), List.of(), F, Optional.empty(), columns, 10, ON);
    }

    /** Every way of setting two antennas up, tried; the search may not fall short by more than 0.3 dB. */
    @RepeatedTest(4)
    void theSearchFindsWhatTryingAllFinds(RepetitionInfo run) {
        Random r = new Random(40 + run.getCurrentRepetition());
        List<Site.Obstacle> walls = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Point a = new Point(100 * r.nextDouble(), 100 * r.nextDouble());
            walls.add(new Site.Obstacle(
                    "w" + i,
                    List.of(a, new Point(a.x() + 25 * r.nextGaussian(), a.y() + 25 * r.nextGaussian())),
                    false,
                    4,
                    Optional.of(Material.CONCRETE),
                    0));
        }
        Site s = plan(100, walls.toArray(Site.Obstacle[]::new)).withFeeder(Quantity.of("0.3", Unit.DB));
        List<Double> azimuths = new ArrayList<>();
        for (double a = 0; a < 360; a += 30) {
            azimuths.add(a);
        }
        SectorSearch search = new SectorSearch(
                s,
                new Emitter(0, 0, 3, 0, 0, 17, PANEL),
                F,
                Optional.empty(),
                List.of(new Point(5, 10), new Point(90, 70)),
                new SectorSearch.Choices(azimuths, List.of(0.0, 8.0), List.of(3.0, 6.0), 20));
        for (int n = 1; n <= 2; n++) {
            SectorSearch.Found found = search.of(n, ON);
            assertThat(found.sets()).hasSize(n);
            assertThat(found.worst())
                    .isGreaterThanOrEqualTo(search.exhaustive(n).worst() - 0.3);
        }
    }

    @Test
    void aPlanThatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Point(2e6, 0)).hasMessageContaining("1000 km");
        assertThatThrownBy(() -> plan(0)).hasMessageContaining("side");
        assertThatThrownBy(() -> new Site.Zone("z", true, List.of(new Point(0, 0))))
                .hasMessageContaining("3 or more");
        assertThatThrownBy(() -> new SectorSearch(
                        plan(10),
                        new Emitter(0, 0, 3, 0, 0, 17, PANEL),
                        F,
                        Optional.empty(),
                        List.of(),
                        SectorSearch.Choices.usual(List.of(3.0), 10)))
                .hasMessageContaining("mast");
    }
}
