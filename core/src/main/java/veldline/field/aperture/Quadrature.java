package veldline.field.aperture;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.complex.Complex;

/** Integrals of smooth functions by Gauss and Legendre, in as many pieces as they turn. */
final class Quadrature {
    private static final int ORDER = 24;
    private static final GaussIntegrator RULE = new GaussIntegratorFactory().legendre(ORDER, 0, 1);

    private Quadrature() {}

    /** @param pieces equal parts of the stretch; two for each turn of what is integrated are plenty */
    static double of(DoubleUnaryOperator f, double from, double to, int pieces) {
        double step = (to - from) / pieces;
        double sum = 0;
        for (int p = 0; p < pieces; p++) {
            double start = from + p * step;
            sum += step * RULE.integrate(t -> f.applyAsDouble(start + t * step));
        }
        return sum;
    }

    /** Places from −1 to 1 and their weights, which add up to 2. */
    static double[][] nodes(int pieces) {
        double[][] nodes = new double[2][pieces * ORDER];
        for (int p = 0; p < pieces; p++) {
            for (int i = 0; i < ORDER; i++) {
                nodes[0][p * ORDER + i] = 2 * (p + RULE.getPoint(i)) / pieces - 1;
                nodes[1][p * ORDER + i] = 2 * RULE.getWeight(i) / pieces;
            }
        }
        return nodes;
    }

    /** Of an amplitude times exp(−j phase). */
    static Complex turning(
            DoubleUnaryOperator amplitude, DoubleUnaryOperator phase, double from, double to, int pieces) {
        return new Complex(
                of(x -> amplitude.applyAsDouble(x) * Math.cos(phase.applyAsDouble(x)), from, to, pieces),
                -of(x -> amplitude.applyAsDouble(x) * Math.sin(phase.applyAsDouble(x)), from, to, pieces));
    }
}
