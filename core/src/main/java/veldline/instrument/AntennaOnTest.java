package veldline.instrument;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.hipparchus.complex.Complex;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.YagiDimension;
import veldline.antenna.YagiShape;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
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
        List<TrimMeasure> measures = TrimMeasure.of(drawn);
        double wave = C / frequency;
        int trimmed = drawn instanceof YagiShape ? 1 : 0;
        List<Double> off = new ArrayList<>();
        for (int m = 0; m < measures.size(); m++) {
            double cut = 0;
            for (TrimLog.Cut c : cuts) {
                cut += c.measure().equals(measures.get(m).name()) ? c.by().value() : 0;
            }
            off.add(BY_HAND * r.nextGaussian() + (m == trimmed ? LEFT_LONG * wave : 0) + cut);
        }
        this.built = built(drawn, off);
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

    private static Made built(Made drawn, List<Double> off) {
        Made made = drawn;
        if (drawn instanceof YagiShape yagi) {
            List<YagiDimension> dimensions = YagiDimension.of(yagi);
            YagiShape next = yagi;
            for (int d = 0; d < off.size(); d++) {
                next = dimensions.get(d).set(next, dimensions.get(d).value(yagi) + off.get(d));
            }
            made = next;
        } else if (drawn instanceof Design design) {
            Design next = design;
            int at = 0;
            for (TrimMeasure m : TrimMeasure.of(design)) {
                int index = indexOf(design, m);
                next = next.withSize(index, Quantity.shown(design.size(index) + off.get(at++), Unit.MM, DIGITS));
            }
            made = next;
        }
        return made;
    }

    private static final int DIGITS = 6;

    private static int indexOf(Design design, TrimMeasure m) {
        return design.of().measures().stream().map(x -> x.name()).toList().indexOf(m.name());
    }

    /** As it came out: what a rule would say. */
    public Made built() {
        return built;
    }

    /** Reflection as read on 50 Ω at each frequency, hertz. */
    Complex[] read(double[] frequencies) {
        Complex room = turned(ROOM * sweeps.nextDouble(), sweeps);
        double length = 2 + 2 * sweeps.nextDouble();
        FieldSolver solver = new FieldSolver(
                built.model(),
                MeshRule.standard(frequencies[frequencies.length - 1]).finer(1.5),
                () -> true);
        return Arrays.stream(frequencies)
                .mapToObj(f -> {
                    Complex seen = between.seen(solver.at(f).impedances().get(0), f);
                    double turn = -4 * Math.PI * length * f / C;
                    return Mismatch.reflection(seen, LINE)
                            .add(left)
                            .add(room.multiply(new Complex(Math.cos(turn), Math.sin(turn))))
                            .add(new Complex(NOISE * sweeps.nextGaussian(), NOISE * sweeps.nextGaussian()));
                })
                .toArray(Complex[]::new);
    }
}
