package veldline.bench;

import java.util.List;
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
import veldline.field.pattern.RadiatedField;
import veldline.field.pattern.Sphere;
import veldline.field.pattern.Sweep;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.WireModel;

/** What the engine takes for antennas from a dipole to four stacked Yagis, mesh and geometry included. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class EngineBenchmark {
    @Param({"dipole", "yagi-11", "yagi-15", "yagi-30", "quad-3", "helix-12-disc", "yagi-15x4"})
    private String antenna;

    private WireModel model;
    private RadiatedField field;
    private List<WireModel> edited;
    private int turn;

    @Setup
    public void prepare() {
        model = Models.named(antenna);
        FieldSolution solved = FieldSolver.solve(model, Models.FREQUENCY);
        field = new RadiatedField(solved);
        edited = List.of(Models.edited(model, 1e-3), Models.edited(model, -1e-3));
        System.out.println(antenna + ": " + solved.unknowns() + " unknowns");
    }

    @Benchmark
    public FieldSolution oneFrequency() {
        return FieldSolver.solve(model, Models.FREQUENCY);
    }

    /** The last element a millimetre longer and shorter by turns, solved anew. */
    @Benchmark
    public FieldSolution oneElementEdited() {
        return FieldSolver.solve(edited.get(turn++ % 2), Models.FREQUENCY);
    }

    /** 201 points of impedance, gain and front-to-back over four in a hundred of the frequency. */
    @Benchmark
    public Sweep sweep201() {
        double high = 1.02 * Models.FREQUENCY;
        return Sweep.of(model, MeshRule.standard(high), 0.98 * Models.FREQUENCY, high, 201, 50, () -> true);
    }

    /** Every two degrees all round. */
    @Benchmark
    public double[][] sphere() {
        return Sphere.grid(field, 2);
    }
}
