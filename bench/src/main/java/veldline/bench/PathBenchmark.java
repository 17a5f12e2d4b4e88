package veldline.bench;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
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
import veldline.path.HeightSearch;
import veldline.path.Passage;
import veldline.path.PathEffects;
import veldline.path.Profile;
import veldline.path.Surface;
import veldline.path.Way;

/** A way of 30 km over a profile of ten thousand points: everything on it once, and a search over heights. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PathBenchmark {
    private static final int POINTS = 10_000;

    private Passage way;

    @Setup
    public void prepare() {
        Random r = new Random(1);
        Profile ground = new Profile(
                "drawn",
                IntStream.range(0, POINTS)
                        .mapToObj(i -> 30_000.0 * i / (POINTS - 1))
                        .toList(),
                IntStream.range(0, POINTS)
                        .mapToObj(i -> 12 * Math.sin(i / 300.0) + r.nextDouble())
                        .toList());
        way = new Passage(
                2.4e9,
                30_000,
                15,
                60,
                3,
                Surface.AVERAGE_GROUND,
                true,
                Way.open().withProfile(Optional.of(ground)),
                List.of());
    }

    /** Distance, edges with the round earth, air, and which of them counts. */
    @Benchmark
    public List<PathEffects.Line> wholeWay() {
        return PathEffects.on(way);
    }

    /** A hundred heights, each with the whole profile and the whole range of the tide. */
    @Benchmark
    public List<HeightSearch.Found> hundredHeights() {
        return HeightSearch.curve(way, 5, 54.5, 100);
    }
}
