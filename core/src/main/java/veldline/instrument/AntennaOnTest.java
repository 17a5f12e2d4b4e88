package veldline.instrument;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.hipparchus.complex.Complex;
import veldline.antenna.Made;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.line.Mismatch;
import veldline.trim.Between;
import veldline.trim.TrimLog;
import veldline.trim.TrimMeasure;

/**
 * An antenna as it really came out, on an analyser, which nobody at the bench can see: every measure a little off, the one that is
 * trimmed left long, less what was cut since; a calibration that is not perfect, noise, and a room that moves between two sweeps. Same
 * seed, same antenna.
 */
public final class AntennaOnTest {
    private static final double LINE = 50;
    private static final double C = 299_792_458.0;
    /** Rule, saw and drill, metres. */
    private static final double BY_HAND = 0.3e-3;
    /** Left to be trimmed, of a wave. */
    private static final double LEFT_LONG = 0.012;
    /** What a calibration leaves, and what moves in the room, as reflections. */
    private static final double CALIBRATION = 0.004;

    private static final double ROOM = 0.006;
    private static final double NOISE = 0.002;
    /** Than the mesh that is usual here: nature is not solved on it either. */
    private static final double FINER = 1.5;

    private final Made built;
    private final Between between;
    private final Complex left;
    private final RandomGenerator sweeps;

    /**
     * @param drawn as it was meant
     * @param between what matches it
     * @param cuts what was done to it since
     * @param sweep number of this sweep: each has a noise of its own
     */
    public AntennaOnTest(Made drawn, double frequency, Between between, List<TrimLog.Cut> cuts, long seed, long sweep) {
        RandomGenerator r = generator(seed);
        Optional<TrimMeasure> trimmed = TrimMeasure.trimmed(drawn);
        double wave = C / frequency;
        Made made = drawn;
        int count = TrimMeasure.of(drawn).size();
        for (int m = 0; m < count; m++) {
            String name = TrimMeasure.of(drawn).get(m).name();
            double off = BY_HAND * r.nextGaussian()
                    + (trimmed.filter(t -> t.name().equals(name)).isPresent() ? LEFT_LONG * wave : 0)
                    + cuts.stream()
                            .filter(c -> c.measure().equals(name))
                            .mapToDouble(c -> c.by().value())
                            .sum();
            made = TrimMeasure.of(made).get(m).made().apply(off);
        }
        this.built = made;
        this.between = between;
        this.left = turned(CALIBRATION, r);
        this.sweeps = generator(seed + 104_729L * (sweep + 1));
    }

    private static RandomGenerator generator(long seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    private static Complex turned(double size, RandomGenerator r) {
        double angle = 2 * Math.PI * r.nextDouble();
        return new Complex(size * Math.cos(angle), size * Math.sin(angle));
    }

    /** As it came out: what a rule would say. */
    public Made built() {
        return built;
    }

    /** A sweep that begins: the room stays as it is for the length of it. */
    Sweep sweep(double highest) {
        return new Sweep(highest);
    }

    /** Reflections as they are read, one frequency after the other. */
    final class Sweep {
        private final Complex room = turned(ROOM * sweeps.nextDouble(), sweeps);
        private final double length = 2 + 2 * sweeps.nextDouble();
        private final FieldSolver solver;

        private Sweep(double highest) {
            this.solver =
                    new FieldSolver(built.model(), MeshRule.standard(highest).finer(FINER), () -> true);
        }

        /** On 50 Ω, at a frequency in hertz. */
        Complex read(double f) {
            Complex seen = between.seen(solver.at(f).impedances().get(0), f);
            double turn = -4 * Math.PI * length * f / C;
            return Mismatch.reflection(seen, LINE)
                    .add(left)
                    .add(room.multiply(new Complex(Math.cos(turn), Math.sin(turn))))
                    .add(new Complex(NOISE * sweeps.nextGaussian(), NOISE * sweeps.nextGaussian()));
        }
    }
}
