package veldline.study;

import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.WireModel;
import veldline.line.Mismatch;

/**
 * What an antenna whose beam lies along x does at a few frequencies of a band.
 *
 * @param at one for each frequency
 * @param length along the beam, metres
 */
public record AcrossBand(List<At> at, double length) {
    private static final double LINE = 50;
    private static final double STEP = 3;
    /** More front-to-back than this is not built. */
    private static final double DEEPEST = 40;

    /**
     * At one frequency.
     *
     * @param sideLobesDb how far the highest lobe beside the beam lies under it, in the two planes through it
     */
    public record At(double gainDbi, double backDbi, Complex impedance, double sideLobesDb) {
        public double frontToBackDb() {
            return Math.min(DEEPEST, gainDbi - backDbi);
        }

        public double swr() {
            return Mismatch.swr(impedance, LINE);
        }
    }

    public AcrossBand {
        at = List.copyOf(at);
    }

    /** @param lobes whether side lobes are wanted, which take longer than all else */
    static AcrossBand of(
            WireModel model,
            double length,
            double[] frequencies,
            double mesh,
            boolean lobes,
            BooleanSupplier keepGoing) {
        double highest = Arrays.stream(frequencies).max().orElseThrow();
        FieldSolver solver = new FieldSolver(model, MeshRule.standard(highest).finer(mesh), keepGoing);
        return new AcrossBand(
                IntStream.range(0, frequencies.length)
                        .parallel()
                        .mapToObj(i -> at(solver, frequencies[i], lobes))
                        .toList(),
                length);
    }

    private static At at(FieldSolver solver, double frequency, boolean lobes) {
        var solution = solver.at(frequency);
        RadiatedField field = RadiatedField.leaving(solution);
        return new At(
                field.gainDbi(Direction.X),
                field.gainDbi(Direction.X.opposite()),
                solution.impedances().get(0),
                lobes ? Math.min(beside(field, true), beside(field, false)) : 0);
    }

    /** Down from the beam to the first hollow, then the highest of what is left. */
    private static double beside(RadiatedField field, boolean flat) {
        int count = (int) (180 / STEP);
        double[] cut = IntStream.rangeClosed(0, count)
                .mapToDouble(i -> field.gainDbi(
                        flat ? new Direction(90, i * STEP) : Direction.of(aside(Math.toRadians(i * STEP)))))
                .toArray();
        int i = 1;
        while (i < count && cut[i + 1] <= cut[i]) {
            i++;
        }
        double most = Arrays.stream(cut, i, count + 1).max().orElse(-100);
        return Math.min(DEEPEST, cut[0] - most);
    }

    private static veldline.field.wire.Vec aside(double angle) {
        return new veldline.field.wire.Vec(Math.cos(angle), 0, Math.sin(angle));
    }

    /** The worst over the band, in the measure's unit. */
    public double worst(Measure measure) {
        return switch (measure) {
            case GAIN -> at.stream().mapToDouble(At::gainDbi).min().orElseThrow();
            case FRONT_TO_BACK ->
                at.stream().mapToDouble(At::frontToBackDb).min().orElseThrow();
            case SWR -> at.stream().mapToDouble(At::swr).max().orElseThrow();
            case SIDE_LOBES -> at.stream().mapToDouble(At::sideLobesDb).min().orElseThrow();
            case LENGTH -> length * 1000;
        };
    }
}
