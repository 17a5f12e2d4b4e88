package veldline.field.aperture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.complex.Complex;

/**
 * A slot that widens to the edge of its sheet, by the field across it: a wave that runs along it and, from each piece, what such a piece
 * sends beside the edge of a half plane (Sommerfeld's half plane by reciprocity; Janaswamy and Schaubert, IEEE Trans. AP-35 (1987)).
 *
 * @param length from the throat to the edge, metres
 * @param width of the slot so far from the throat, metres
 * @param wave metres
 */
public record TaperedSlot(double length, DoubleUnaryOperator width, double wave) {
    /** Beside the sheet its own edges end what a half plane would go on to send, radians. */
    private static final double SIDE = Math.toRadians(60);

    private static final int PER_WAVE = 2;

    public TaperedSlot {
        if (!(length > 0 && wave > 0)) {
            throw new IllegalArgumentException(
                    "A slot of " + length + " m at a wave of " + wave + " m sends nothing; give both over 0");
        }
    }

    private double k() {
        return 2 * Math.PI / wave;
    }

    /** What is summed over the slot: a piece by its distance from the edge and its weight. */
    private interface Piece {
        void add(double fromEdge, double weight, double[] sum);
    }

    /** By the root of the distance: at the edge itself a piece sends without end, but so little of it does. */
    private Complex along(Piece piece) {
        double most = Math.sqrt(length);
        double[][] nodes = Quadrature.nodes(2 + (int) (PER_WAVE * length / wave));
        double[] sum = new double[2];
        for (int i = 0; i < nodes[0].length; i++) {
            double root = most * (nodes[0][i] + 1) / 2;
            piece.add(root * root, most * nodes[1][i] * root, sum);
        }
        return new Complex(sum[0], sum[1]);
    }

    /** Square to the sheet, so far off its axis; the lead that all pieces have in common is left out. */
    public Complex inH(double theta) {
        double t = Math.abs(theta);
        double k = k();
        double late = k * (1 - Math.cos(t));
        double lean = Math.cos(t / 2);
        return along((rho, weight, sum) -> {
            Complex inside = Fresnel.upTo(Math.sqrt(2 * k * rho) * Math.sin(t / 2));
            double half = 2 * k * Math.sin(t);
            double c = Math.cos(late * rho);
            double s = Math.sin(late * rho);
            // j times what lies inside, with its lead; the edge's own part has none.
            sum[0] += weight
                    * (lean * Math.sqrt(2 * k / rho) - half * (inside.getReal() * s + inside.getImaginary() * c));
            sum[1] += weight * half * (inside.getReal() * c - inside.getImaginary() * s);
        });
    }

    /** In the sheet's own plane, so far off its axis. */
    public Complex inE(double theta) {
        double t = Math.min(Math.PI, Math.abs(theta));
        double k = k();
        double late = k * (1 - Math.cos(t));
        double edge = 1 / Math.sqrt(Math.cos(Math.min(t, SIDE)));
        return along((rho, weight, sum) -> {
            double lit = weight
                    * edge
                    * Math.sqrt(2 * k / rho)
                    * Bessel.j0(k * width.applyAsDouble(length - rho) / 2 * Math.sin(t));
            sum[0] += lit * Math.cos(late * rho);
            sum[1] += lit * Math.sin(late * rho);
        });
    }

    /** Both planes over straight ahead, as a feed has them. */
    public FeedPattern pattern(int places) {
        double ahead = inH(0).norm();
        List<Double> e = new ArrayList<>();
        List<Double> h = new ArrayList<>();
        double all = 0;
        for (int i = 0; i <= places; i++) {
            double t = Math.PI * i / places;
            // Behind the throat there is no slot that could send; what runs on round the sheet falls as its lean does.
            double lean = Math.pow((1 + Math.cos(t)) / 2, 0.5);
            double one = lean * inE(t).norm() / ahead;
            double other = lean * inH(t).norm() / ahead;
            e.add(one);
            h.add(other);
            all += (one * one + other * other) * Math.sin(t) * Math.PI / places;
        }
        return new FeedPattern.Told(e, h, 4 / all);
    }

    /** ∫ exp(−j·t²) from 0 on, told once in small steps. */
    private static final class Fresnel {
        private static final double STEP = 2e-3;
        private static final double MOST = 24;
        private static final double[] REAL = new double[(int) (MOST / STEP) + 2];
        private static final double[] IMAGINARY = new double[REAL.length];

        static {
            for (int i = 1; i < REAL.length; i++) {
                double a = (i - 1) * STEP;
                double m = a + STEP / 2;
                double b = a + STEP;
                REAL[i] = REAL[i - 1] + STEP / 6 * (Math.cos(a * a) + 4 * Math.cos(m * m) + Math.cos(b * b));
                IMAGINARY[i] = IMAGINARY[i - 1] - STEP / 6 * (Math.sin(a * a) + 4 * Math.sin(m * m) + Math.sin(b * b));
            }
        }

        static Complex upTo(double b) {
            if (b >= MOST) {
                return new Complex(Math.sqrt(Math.PI / 8), -Math.sqrt(Math.PI / 8));
            }
            int i = (int) (b / STEP);
            double share = b / STEP - i;
            return new Complex(
                    REAL[i] + share * (REAL[i + 1] - REAL[i]),
                    IMAGINARY[i] + share * (IMAGINARY[i + 1] - IMAGINARY[i]));
        }
    }
}
