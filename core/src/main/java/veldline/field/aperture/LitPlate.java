package veldline.field.aperture;

import java.util.Arrays;
import org.hipparchus.complex.Complex;

/**
 * A half-wave dipole before a plate, by the currents that its own near field would wake on an endless one, as far as the plate reaches
 * (physical optics; Balanis, Antenna Theory, 3rd ed., §4.6 and §8.5 for the near field of a half wave). What runs back from the plate's
 * edges, and what the plate does to the dipole's current, is not in it.
 *
 * @param along the plate's measure along the dipole, metres
 * @param across likewise across it
 * @param before the plate stands the dipole, metres
 * @param wave metres
 */
public record LitPlate(double along, double across, double before, double wave) {
    public LitPlate {
        if (!(along > 0 && across > 0 && before > 0 && wave > 0)) {
            throw new IllegalArgumentException("A plate of " + along + " by " + across + " m with a dipole " + before
                    + " m before it at a wave of " + wave + " m cannot be; give all four over 0");
        }
    }

    private double k() {
        return 2 * Math.PI / wave;
    }

    /** Current along the dipole at a place of the plate, ampere a metre, for one ampere in the dipole's middle. */
    private Complex current(double y, double z) {
        double k = k();
        double rho = Math.hypot(before, z);
        double up = Math.hypot(rho, y - wave / 4);
        double down = Math.hypot(rho, y + wave / 4);
        Complex field = new Complex(0, -k * up)
                .exp()
                .add(new Complex(0, -k * down).exp())
                .multiply(new Complex(0, 1 / (4 * Math.PI * rho)));
        // Twice the field along the plate; the part of it that turns about the dipole and lies in the plate.
        return field.multiply(-2 * before / rho);
    }

    /**
     * What goes everywhere. Straight ahead is from the plate over the dipole; the E plane is that of the dipole and the axis.
     */
    public FarField field() {
        double k = k();
        double[][] ys = Quadrature.nodes(1 + (int) (along / wave));
        double[][] zs = Quadrature.nodes(1 + (int) (across / wave));
        int rows = ys[0].length;
        int columns = zs[0].length;
        double[] real = new double[rows * columns];
        double[] imaginary = new double[rows * columns];
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns; j++) {
                Complex lit = current(along / 2 * ys[0][i], across / 2 * zs[0][j])
                        .multiply(along / 2 * ys[1][i] * across / 2 * zs[1][j]);
                real[i * columns + j] = lit.getReal();
                imaginary[i * columns + j] = lit.getImaginary();
            }
        }
        FarField whole = (theta, phi) -> {
            double ahead = Math.cos(theta);
            double y = Math.sin(theta) * Math.cos(phi);
            double z = Math.sin(theta) * Math.sin(phi);
            double sine = Math.max(1e-9, 1 - y * y);
            // The lead over the plate is that along it times that across it: each is taken once.
            Complex[] overZ = leads(zs[0], k * across / 2 * z);
            Complex[] overY = leads(ys[0], k * along / 2 * y);
            double re = 0;
            double im = 0;
            for (int i = 0; i < rows; i++) {
                double a = 0;
                double b = 0;
                for (int j = 0; j < columns; j++) {
                    double c = overZ[j].getReal();
                    double s = overZ[j].getImaginary();
                    a += real[i * columns + j] * c - imaginary[i * columns + j] * s;
                    b += real[i * columns + j] * s + imaginary[i * columns + j] * c;
                }
                re += a * overY[i].getReal() - b * overY[i].getImaginary();
                im += a * overY[i].getImaginary() + b * overY[i].getReal();
            }
            double own = 2 * Math.cos(Math.PI / 2 * y) / (k * sine);
            double power = Math.pow(re + own * Math.cos(k * before * ahead), 2)
                    + Math.pow(im + own * Math.sin(k * before * ahead), 2);
            return power * sine;
        };
        double ahead = whole.power(0, 0);
        return (theta, phi) -> whole.power(theta, phi) / ahead;
    }

    private static Complex[] leads(double[] places, double most) {
        return Arrays.stream(places)
                .mapToObj(p -> new Complex(Math.cos(most * p), Math.sin(most * p)))
                .toArray(Complex[]::new);
    }
}
