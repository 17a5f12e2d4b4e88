package veldline.field.pattern;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.field.solve.FieldSolution;

/**
 * How far results may be off because wires are cut into a finite number of pieces, each plus or minus: what changes on a
 * mesh {@link #FINER} times as fine, times {@link #SAFETY}, and a little more for what neither mesh sees.
 *
 * <p>Errors of the results fall at least as fast as the square of the length of a piece, so the change is at least
 * {@code 1 − 1/1.5²}, 0.56, of the error of the coarser mesh; 2.5 in place of 1/0.56 keeps 98 in 100 results of 29
 * converged reference models inside, and overstates by four in the middle. What a wire model itself leaves out, such as
 * the shape of a rod's end, is not in it.
 *
 * @param impedance of each source, ohms, for R and X alike
 * @param gainDb of the gain at boresight
 * @param gainThetaDb of its theta component; empty where there is as good as none
 * @param efficiency a plain share
 * @param frontToBackDb straight back
 * @param halfPowerE degrees
 * @param axialRatioDb at boresight
 */
public record MeshDoubt(
        List<Double> impedance,
        double gainDb,
        Optional<Double> gainThetaDb,
        Optional<Double> gainPhiDb,
        double maxGainDb,
        double maxDirectivityDb,
        double efficiency,
        Optional<Double> frontToBackDb,
        Optional<Double> backGainDb,
        Optional<Double> halfPowerE,
        Optional<Double> halfPowerH,
        Optional<Double> axialRatioDb) {
    /** How much finer the second mesh is. */
    public static final double FINER = 1.5;

    static final double SAFETY = 2.5;
    /** Of the impedance, for what neither mesh sees. */
    private static final double OHMS = 6e-4;

    private static final double GAIN = 1e-3;
    private static final double EFFICIENCY = 6e-5;
    private static final double DEEP = 1e-2;
    private static final double DEGREES = 1e-2;
    private static final double RATIO = 3e-3;
    /** A component this far down is none. */
    private static final double NO_COMPONENT = -100;

    /** @param finer the same model and frequency on the finer mesh */
    public static MeshDoubt of(FieldSolution solution, PatternSummary summary, FieldSolution finer) {
        PatternSummary f = PatternSummary.of(finer);
        PatternSummary s = summary;
        return new MeshDoubt(
                IntStream.range(0, solution.impedances().size())
                        .mapToObj(i -> ohms(solution, finer, i))
                        .toList(),
                doubt(s.gainDbi(), f.gainDbi(), GAIN),
                component(s.gainThetaDbi(), f.gainThetaDbi()),
                component(s.gainPhiDbi(), f.gainPhiDbi()),
                doubt(s.maxGainDbi(), f.maxGainDbi(), GAIN),
                doubt(s.maxDirectivityDbi(), f.maxDirectivityDbi(), GAIN),
                doubt(s.efficiency(), f.efficiency(), EFFICIENCY),
                both(s.frontToBackDb(), f.frontToBackDb(), DEEP),
                both(s.backGainDbi(), f.backGainDbi(), DEEP),
                both(s.halfPowerE(), f.halfPowerE(), DEGREES),
                both(s.halfPowerH(), f.halfPowerH(), DEGREES),
                both(s.polarization().axialRatioDb(), f.polarization().axialRatioDb(), RATIO));
    }

    private static double ohms(FieldSolution coarse, FieldSolution finer, int source) {
        var z = coarse.impedances().get(source);
        return SAFETY * z.subtract(finer.impedances().get(source)).norm() + OHMS * z.norm();
    }

    private static double doubt(double coarse, double finer, double least) {
        return SAFETY * Math.abs(coarse - finer) + least;
    }

    private static Optional<Double> component(double coarse, double finer) {
        return coarse > NO_COMPONENT && finer > NO_COMPONENT
                ? Optional.of(doubt(coarse, finer, GAIN))
                : Optional.empty();
    }

    private static Optional<Double> both(Optional<Double> coarse, Optional<Double> finer, double least) {
        return coarse.flatMap(c -> finer.map(f -> doubt(c, f, least)));
    }
}
