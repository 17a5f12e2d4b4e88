package veldline.field.solve;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/** Gauss–Legendre points and weights on 0 to 1. */
record Quadrature(double[] x, double[] w) {
    static final Quadrature TWO = of(2);
    static final Quadrature SIX = of(6);
    static final Quadrature TWELVE = of(12);

    private static Quadrature of(int n) {
        GaussIntegrator rule = new GaussIntegratorFactory().legendre(n, 0.0, 1.0);
        double[] x = new double[n];
        double[] w = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = rule.getPoint(i);
            w[i] = rule.getWeight(i);
        }
        return new Quadrature(x, w);
    }
}
