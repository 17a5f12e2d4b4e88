package veldline.format;

import org.hipparchus.complex.Complex;

/** How a complex number stands in a Touchstone file: magnitude and degrees, decibels and degrees, or real and imaginary part. */
public enum TouchstoneForm {
    MA {
        @Override
        Complex read(double a, double b) {
            return polar(a, b);
        }

        @Override
        String written(Complex c) {
            return c.norm() + " " + Math.toDegrees(c.getArgument());
        }
    },
    DB {
        @Override
        Complex read(double a, double b) {
            return polar(Math.pow(10, a / 20), b);
        }

        @Override
        String written(Complex c) {
            return 20 * Math.log10(Math.max(LEAST, c.norm())) + " " + Math.toDegrees(c.getArgument());
        }
    },
    RI {
        @Override
        Complex read(double a, double b) {
            return new Complex(a, b);
        }

        @Override
        String written(Complex c) {
            return c.getReal() + " " + c.getImaginary();
        }
    };

    /** Nothing has no decibels; −600 of them read back as next to nothing. */
    private static final double LEAST = 1e-30;

    abstract Complex read(double a, double b);

    abstract String written(Complex c);

    private static Complex polar(double size, double degrees) {
        double turn = Math.toRadians(degrees);
        return new Complex(size * Math.cos(turn), size * Math.sin(turn));
    }
}
