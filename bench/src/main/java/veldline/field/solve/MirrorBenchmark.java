package veldline.field.solve;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import veldline.bench.Models;
import veldline.field.wire.WireModel;

/** What mirror planes save: the same antennas with them and without. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class MirrorBenchmark {
    @Param({"yagi-11", "quad-3", "yagi-15x4"})
    private String antenna;

    private WireModel model;

    @Setup
    public void prepare() {
        model = Models.named(antenna);
    }

    @Benchmark
    public FieldSolution with() {
        return solve(true);
    }

    @Benchmark
    public FieldSolution without() {
        return solve(false);
    }

    private FieldSolution solve(boolean mirror) {
        MeshRule rule = MeshRule.standard(Models.FREQUENCY);
        return new FieldSolver(model, rule, () -> true, true, mirror).at(Models.FREQUENCY);
    }
}
