package veldline.field.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.field.wire.Wire;

/**
 * How much longer a flat end makes a rod: capacitances of long cylinders, open and closed, by rings of charge on their
 * surface at one potential.
 */
class RodEndTest {
    private static final int SIDE = 60;
    private static final int CAP = 24;

    /** A band of surface between two circles, and what it is mirrored in: the middle of the rod. */
    private record Band(double r0, double z0, double r1, double z1) {
        double r(double t) {
            return r0 + t * (r1 - r0);
        }

        double z(double t) {
            return z0 + t * (z1 - z0);
        }

        double length() {
            return Math.hypot(r1 - r0, z1 - z0);
        }
    }

    /** Potential of a ring of unit charge, 4πε₀ left out, by the arithmetic-geometric mean. */
    private static double ring(double r, double z, double radius) {
        double far = Math.sqrt((r + radius) * (r + radius) + z * z);
        double x = far;
        double y = Math.sqrt((r - radius) * (r - radius) + z * z);
        while (x - y > 1e-14 * x) {
            double mean = 0.5 * (x + y);
            y = Math.sqrt(x * y);
            x = mean;
        }
        return 1 / x;
    }

    private static double over(Band b, double r, double z, double from, double to) {
        double sum = 0;
        for (int i = 0; i < Quadrature.SIX.x().length; i++) {
            double t = from + (to - from) * Quadrature.SIX.x()[i];
            sum += Quadrature.SIX.w()[i]
                    * (to - from)
                    * b.length()
                    * 2
                    * Math.PI
                    * b.r(t)
                    * (ring(r, z - b.z(t), b.r(t)) + ring(r, z + b.z(t), b.r(t)));
        }
        return sum;
    }

    /** Potential at the middle of one band of unit surface charge on another, drawn together where they are the same. */
    private static double potential(Band at, Band from, boolean same) {
        double r = at.r(0.5);
        double z = at.z(0.5);
        double sum = 0;
        int parts = 12;
        for (int k = 0; k < parts; k++) {
            double a = (double) k / parts;
            double b = (double) (k + 1) / parts;
            if (same) {
                double near = 0.5 * a * a * a;
                double far = 0.5 * b * b * b;
                sum += over(from, r, z, 0.5 + near, 0.5 + far) + over(from, r, z, 0.5 - far, 0.5 - near);
            } else {
                sum += over(from, r, z, a, b);
            }
        }
        return sum;
    }

    /** Charge of a cylinder of radius one at potential one, 4πε₀ left out. */
    private static double capacitance(double half, boolean closed) {
        List<Band> bands = new ArrayList<>();
        double before = 0;
        for (int i = 1; i <= SIDE; i++) {
            double z = half * (1 - Math.pow(1 - (double) i / SIDE, 3));
            bands.add(new Band(1, before, 1, z));
            before = z;
        }
        before = 1;
        for (int i = 1; closed && i <= CAP; i++) {
            // Charge crowds at the rim: fine there, coarse in the middle.
            double rim = 1 - Math.pow((double) i / CAP, 3);
            bands.add(new Band(before, half, rim, half));
            before = rim;
        }
        int n = bands.size();
        double[][] matrix = new double[n][n];
        double[] one = new double[n];
        for (int i = 0; i < n; i++) {
            one[i] = 1;
            for (int j = 0; j < n; j++) {
                matrix[i][j] = potential(bands.get(i), bands.get(j), i == j);
            }
        }
        RealVector density = new LUDecomposition(new Array2DRowRealMatrix(matrix, false))
                .getSolver()
                .solve(new ArrayRealVector(one));
        double charge = 0;
        for (int i = 0; i < n; i++) {
            Band b = bands.get(i);
            charge += 2 * density.getEntry(i) * Math.PI * (b.r0 + b.r1) * b.length();
        }
        return charge;
    }

    @ParameterizedTest
    @ValueSource(doubles = {10, 40, 150})
    void aFlatEndIsATenthOfARadius(double half) {
        double open = capacitance(half, false);
        double closed = capacitance(half, true);
        double perRadius = capacitance(half + 1, false) - open;
        assertThat((closed - open) / perRadius).isCloseTo(Wire.CAP_RADII, within(0.002));
    }
}
