package veldline.trim;

import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.line.Mismatch;

/**
 * How far impedances lie from what was measured, in the doubt of each reading.
 *
 * @param z0 the line SWR is counted on, ohms
 * @param model what the engine's reflection coefficient is good to
 */
record Fit(Between between, double z0, double model) {
    /** A reflection moves by so much where an SWR near 1.5 moves by one. */
    private static final double OF_REFLECTION = 0.32;
    /** Beyond this all SWR is alike on a meter. */
    private static final double FULL_SCALE = 20;

    /**
     * What was measured, against curves of which only some places are the sweep's.
     *
     * @param swept places of the sweep among the frequencies
     * @param sizes SWR of each
     * @param reflections of each, with their phase; empty where one is missing
     */
    record Data(Fit fit, double[] frequencies, int[] swept, double[] sizes, List<Complex> reflections, double noise) {
        /** Numbers that were read. */
        int count() {
            return reflections.isEmpty() ? swept.length : 2 * swept.length;
        }

        /**
         * What each reading is off by, in its doubt.
         *
         * @param z impedance at the frequency of an index
         */
        double[] off(IntFunction<Complex> z) {
            double[] off = new double[count()];
            for (int i = 0; i < swept.length; i++) {
                Complex rho = fit.reflection(z.apply(swept[i]), frequencies[swept[i]]);
                if (reflections.isEmpty()) {
                    off[i] = (size(rho) - sizes[i]) / doubt(sizes[i]);
                } else {
                    Complex d = rho.subtract(reflections.get(i)).divide(fit.doubtOfReflection(noise));
                    off[2 * i] = d.getReal();
                    off[2 * i + 1] = d.getImaginary();
                }
            }
            return off;
        }

        /** Sum of their squares. */
        double miss(IntFunction<Complex> z) {
            double sum = 0;
            for (double o : off(z)) {
                sum += o * o;
            }
            return sum;
        }

        /** Of the meter and of the engine: an SWR moves by (s + 1)²/2 for each unit of reflection. */
        private double doubt(double swr) {
            return Math.hypot(noise, fit.model * (swr + 1) * (swr + 1) / 2);
        }
    }

    Data data(List<SweepPoint> sweep, double[] frequencies, int[] swept, double noise) {
        boolean phase = sweep.stream().allMatch(p -> p.ohms().isPresent());
        return new Data(
                this,
                frequencies,
                swept,
                sweep.stream()
                        .mapToDouble(p -> Math.min(FULL_SCALE, p.swr().value()))
                        .toArray(),
                phase
                        ? sweep.stream()
                                .map(p -> Mismatch.reflection(
                                        p.ohms().orElseThrow().value(), z0))
                                .toList()
                        : List.of(),
                noise);
    }

    /** Of the meter and of the engine, for a noise of SWR. */
    double doubtOfReflection(double noise) {
        return Math.hypot(OF_REFLECTION * noise, model);
    }

    Complex reflection(Complex antenna, double frequency) {
        return Mismatch.reflection(between.seen(antenna, frequency), z0);
    }

    private static double size(Complex reflection) {
        return Math.min(FULL_SCALE, Mismatch.swrOf(Math.min(0.999, reflection.norm())));
    }

    List<Double> swr(double[] frequencies, IntFunction<Complex> z) {
        return IntStream.range(0, frequencies.length)
                .mapToObj(f -> size(reflection(z.apply(f), frequencies[f])))
                .toList();
    }
}
