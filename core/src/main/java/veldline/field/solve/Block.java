package veldline.field.solve;

import org.hipparchus.complex.Complex;

/** What two segments do to each other: four complex numbers, ohms, for the ramps 00, 01, 10 and 11. */
final class Block {
    final double[] re = new double[4];
    final double[] im = new double[4];
    private final double[] length;

    Block(double[] length) {
        this.length = length;
    }

    /** From the moments of segment p with q, the last that a row was filled with. */
    void of(int p, int q, PairRow moments, Weights w) {
        int m = q - p;
        double inverse = 1 / (length[p] * length[q]);
        double[][] r = moments.re;
        double[][] i = moments.im;
        double sumRe = (r[0][m] + r[1][m] + r[2][m] + r[3][m]) * inverse;
        double sumIm = (i[0][m] + i[1][m] + i[2][m] + i[3][m]) * inverse;
        double chargeRe = w.scalar * sumRe - w.scalarIm * sumIm;
        double chargeIm = w.scalar * sumIm + w.scalarIm * sumRe;
        for (int e = 0; e < 4; e++) {
            // j·vector·A − j·scalar·S·(slopes' sign)
            double slope = e == 0 || e == 3 ? 1 : -1;
            double alongRe = w.vector * r[e][m] - w.vectorIm * i[e][m];
            double alongIm = w.vector * i[e][m] + w.vectorIm * r[e][m];
            re[e] = slope * chargeIm - alongIm;
            im[e] = alongRe - slope * chargeRe;
        }
    }

    /** A segment's own metal. */
    void ofMetal(int p, Complex ohmsPerMetre) {
        for (int e = 0; e < 4; e++) {
            double mass = length[p] * (e == 0 || e == 3 ? 1 / 3.0 : 1 / 6.0);
            re[e] = ohmsPerMetre.getReal() * mass;
            im[e] = ohmsPerMetre.getImaginary() * mass;
        }
    }

    /** @param fall of the charges' potential, times j·ohm metres squared */
    void ofCoat(Interactions.Coat coat, Complex fall) {
        double inverse = 1 / (length[coat.p()] * length[coat.q()]);
        for (int e = 0; e < 4; e++) {
            double slope = (e == 0 || e == 3 ? 1 : -1) * inverse;
            re[e] = -slope * fall.getImaginary();
            im[e] = slope * fall.getReal();
        }
    }
}
