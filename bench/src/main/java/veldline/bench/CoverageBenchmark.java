package veldline.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import veldline.coverage.Emitter;
import veldline.coverage.LevelMap;
import veldline.coverage.Pattern;
import veldline.coverage.Point;
import veldline.coverage.SectorSearch;
import veldline.coverage.Site;
import veldline.path.Material;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A site of 300 m with thirty walls: the levels from three antennas, and the search for four. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class CoverageBenchmark {
    private static final double SIDE = 300;
    private static final double FREQUENCY = 2.44e9;

    private Site site;
    private List<Emitter> antennas;
    private SectorSearch search;

    @Setup
    public void prepare() {
        Random r = new Random(3);
        List<Site.Obstacle> walls = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            Point a = new Point(SIDE * r.nextDouble(), SIDE * r.nextDouble());
            double turn = Math.PI * r.nextDouble();
            Point b = new Point(a.x() + 30 * Math.cos(turn), a.y() + 30 * Math.sin(turn));
            walls.add(new Site.Obstacle(
                    "wall " + i, List.of(a, b), false, 3 + 4 * r.nextDouble(), Optional.of(Material.BRICK), 0.2));
        }
        site = Site.blank().withWidth(SIDE).withDepth(SIDE).withObstacles(walls).withSlopeEast(0.01);
        Pattern panel = Pattern.claimed(9, 90);
        antennas = List.of(
                new Emitter(30, 40, 4, 45, 3, 20, panel),
                new Emitter(250, 150, 6, 270, 3, 20, panel),
                new Emitter(150, 280, 5, 180, 3, 20, panel));
        search = new SectorSearch(
                site.withFeeder(Quantity.of("0.2", Unit.DB)),
                antennas.get(0),
                FREQUENCY,
                Optional.empty(),
                List.of(new Point(30, 40), new Point(250, 150), new Point(150, 280), new Point(150, 150)),
                SectorSearch.Choices.usual(List.of(3.0, 5.0, 8.0), 100));
    }

    /** A thousand by a thousand cells. */
    @Benchmark
    public LevelMap millionCells() {
        return LevelMap.of(site, antennas, FREQUENCY, Optional.empty(), 1000, 1000, (done, of) -> true);
    }

    /** Four antennas over a hundred by a hundred cells: four masts, three heights, 36 bearings, four tilts. */
    @Benchmark
    public SectorSearch.Found fourAntennas() {
        return search.of(4, (done, of) -> true);
    }
}
