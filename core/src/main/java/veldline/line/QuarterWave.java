package veldline.line;

import org.hipparchus.complex.Complex;

/** A quarter wave of line between a load and the feeder (Pozar §2.5). */
public final class QuarterWave {
    private QuarterWave() {}

    /** The impedance the section should have for a real load. */
    public static double impedanceFor(double load, double z0) {
        return Math.sqrt(load * z0);
    }

    /**
     * What is seen through a line of real impedance z, a quarter wave long at {@code design}, without loss, at another
     * frequency.
     */
    public static Complex seen(Complex load, double z, double design, double frequency) {
        double angle = Math.PI / 2 * frequency / design;
        Complex j = Complex.I.multiply(Math.tan(angle));
        if (Math.abs(Math.cos(angle)) < 1e-9) {
            return new Complex(z * z).divide(load);
        }
        return load.add(j.multiply(z)).divide(j.multiply(load).add(z)).multiply(z);
    }
}
