package veldline.bench;

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
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.stock.Metal;

/** One edit of a measure to pattern, line and findings, for the families with most unknowns; nothing remembered from before. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class FamilyBenchmark {
    @Param({
        "dipole",
        "quad",
        "J",
        "collinear",
        "lobe omni",
        "log-periodic",
        "stacked Yagis",
        "biquad",
        "corner reflector",
        "helix"
    })
    private String family;

    private Job job;
    private int edits;

    @Setup
    public void prepare() {
        Design d = Families.wires(family).design(new Family.Wish(2437e6, 0.3, 1.6e-3, Metal.COPPER, false));
        job = new JobChange.Fit(true, d).applyTo(TernholmSands.nestCamera());
    }

    /** Conductors differ by a micrometre from edit to edit, so that every one is solved. */
    @Benchmark
    public Assessment edit() {
        Design d = (Design) job.nearAntenna();
        edits++;
        Quantity next =
                Quantity.shown(1.5e-3 + (edits % 100) * 1e-6, d.diameter().unit(), 4);
        return new Assessor().assess(job.withNearAntenna(d.withDiameter(next)), Assessor.Depth.QUICK, () -> true);
    }
}
