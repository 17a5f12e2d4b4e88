package veldline.field.solve;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.IntFunction;
import org.hipparchus.complex.Complex;
import veldline.field.solve.Mesh.Arm;
import veldline.field.solve.Mesh.Gap;

/**
 * The equations of a mesh at one frequency, ready to be solved for anything that drives it. Each part by symmetry is
 * filled and factored when something first drives it, so not for use by several threads.
 */
final class Factors {
    private final Symmetry symmetry;
    private final IntFunction<Basis> bases;
    private final Function<Basis, DenseSolver.Factored> factored;
    private final Map<Integer, DenseSolver.Factored> known = new HashMap<>();

    /**
     * @param bases the part that is odd in so many planes, one bit for each
     * @param factored fills and factors the matrix of one part
     */
    Factors(Symmetry symmetry, IntFunction<Basis> bases, Function<Basis, DenseSolver.Factored> factored) {
        this.symmetry = symmetry;
        this.bases = bases;
        this.factored = factored;
    }

    /** Values at ends of segments, 2·segment + end, by their real and imaginary parts. */
    record AtEnds(double[] re, double[] im) {
        static AtEnds none(int segments) {
            return new AtEnds(new double[2 * segments], new double[2 * segments]);
        }

        static AtEnds of(Gap gap, int segments) {
            AtEnds ends = none(segments);
            for (Arm arm : gap.arms()) {
                ends.re[2 * arm.segment() + arm.end()] += arm.sign();
            }
            return ends;
        }

        Complex through(Gap gap) {
            double r = 0;
            double i = 0;
            for (Arm arm : gap.arms()) {
                r += arm.sign() * re[2 * arm.segment() + arm.end()];
                i += arm.sign() * im[2 * arm.segment() + arm.end()];
            }
            return new Complex(r, i);
        }

        /** Adds another, times a factor. */
        void add(AtEnds other, Complex times) {
            for (int e = 0; e < re.length; e++) {
                re[e] += times.getReal() * other.re[e] - times.getImaginary() * other.im[e];
                im[e] += times.getReal() * other.im[e] + times.getImaginary() * other.re[e];
            }
        }
    }

    /**
     * Currents at ends of segments, amperes.
     *
     * @param volts that each end's ramp is driven by
     */
    AtEnds solve(AtEnds volts) {
        AtEnds current = AtEnds.none(volts.re.length / 2);
        for (int odd = 0; odd < symmetry.images(); odd++) {
            if (!symmetry.drives(volts.re, odd) && !symmetry.drives(volts.im, odd)) {
                continue;
            }
            Basis basis = bases.apply(odd);
            double[] re = basis.tested(volts.re);
            double[] im = basis.tested(volts.im);
            known.computeIfAbsent(odd, o -> factored.apply(basis)).solve(re, im);
            basis.spread(re, current.re);
            basis.spread(im, current.im);
        }
        return current;
    }
}
