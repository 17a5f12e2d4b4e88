package veldline.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import veldline.antenna.YagiChange;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** An edit of the eleven-element Yagi in the core, each with a length that was never seen before. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 4)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class YagiEditBenchmark {
    private final Job job = TernholmSands.nestCamera();
    private final Assessor assessor = new Assessor();
    private int edit;

    private Job edited() {
        double millimetres = 48 + 0.001 * (edit++ % 4000);
        return new JobChange.OfYagi(new YagiChange.ElementLength(3, Quantity.shown(millimetres / 1000, Unit.MM, 3)))
                .applyTo(job);
    }

    /** Pattern and line, without the SWR over the band. */
    @Benchmark
    public Assessment patternAndLine() {
        return assessor.assess(edited(), Assessor.Depth.QUICK, () -> true);
    }

    /** Everything, the 41-point SWR and the folded dipole in place included. */
    @Benchmark
    public Assessment everything() {
        return assessor.assess(edited());
    }

    /** One field solution at the default mesh. */
    @Benchmark
    public FieldSolution oneSolution() {
        return FieldSolver.solve(edited().yagi().orElseThrow().model(), 2437e6);
    }
}
