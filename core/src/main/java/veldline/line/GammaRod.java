package veldline.line;

import java.util.Optional;
import java.util.stream.DoubleStream;
import org.hipparchus.complex.Complex;
import org.hipparchus.util.FastMath;

/**
 * A rod beside one half of an element, joined to it at its end, with a capacitor in a row (Balanis, Antenna Theory, 3rd ed., §9.7.4, the
 * element counted as half of what it has at its middle). Other texts count it whole or as a quarter, with other capacitors; a rod and
 * capacitor that slide are what makes up for that.
 *
 * @param share of the current in the rod over that in the element
 * @param stepUp of impedance by it
 * @param lineZ impedance of rod and element as a line, ohms
 */
public record GammaRod(double share, double stepUp, double lineZ) {
    private static final double C = 299_792_458.0;

    /**
     * What it comes to.
     *
     * @param metres of rod to the strap
     * @param across reactance of rod and element as a joined line, ohms
     * @param inRow reactance of the capacitor, ohms, under zero; a coil over zero
     */
    public record Made(double metres, double across, double inRow) {
        public double farads(double frequency) {
            return -1 / (2 * Math.PI * frequency * inRow);
        }
    }

    /**
     * @param element its diameter, metres
     * @param rod its diameter, metres
     * @param spacing from centre to centre, metres
     */
    public static GammaRod of(double element, double rod, double spacing) {
        double u = element / rod;
        double v = 2 * spacing / rod;
        double line = TwoWire.impedance(spacing, element, rod);
        double share =
                FastMath.acosh((v * v - u * u + 1) / (2 * v)) / FastMath.acosh((v * v + u * u - 1) / (2 * u * v));
        return new GammaRod(share, (1 + share) * (1 + share), line);
    }

    /** The shortest rod that brings an element to a line; empty where none does. */
    public Optional<Made> made(Complex element, double z0, double frequency) {
        Complex raised = element.multiply(stepUp / 2);
        double r = raised.getReal();
        double x = raised.getImaginary();
        // Re(Z·jX ÷ (Z + jX)) = Z0 is a square in X.
        double a = r - z0;
        double b = -2 * z0 * x;
        double c = -z0 * (r * r + x * x);
        double under = b * b - 4 * a * c;
        if (under < 0) {
            return Optional.empty();
        }
        DoubleStream roots = Math.abs(a) < 1e-12 * z0
                ? DoubleStream.of(-c / b)
                : DoubleStream.of((-b + Math.sqrt(under)) / (2 * a), (-b - Math.sqrt(under)) / (2 * a));
        return roots.filter(Double::isFinite)
                .mapToObj(across -> {
                    double turn = Math.atan(across / lineZ);
                    double metres = (turn < 0 ? turn + Math.PI : turn) * C / (2 * Math.PI * frequency);
                    Complex joined = new Complex(0, across);
                    Complex seen = raised.multiply(joined).divide(raised.add(joined));
                    return new Made(metres, across, -seen.getImaginary());
                })
                .min(java.util.Comparator.comparingDouble(Made::metres));
    }
}
