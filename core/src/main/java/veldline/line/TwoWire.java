package veldline.line;

import org.hipparchus.util.FastMath;

/** Two round wires side by side as a line (Balanis, Advanced Engineering Electromagnetics; exact for wires alone in the open). */
public final class TwoWire {
    private static final double ETA = 4e-7 * Math.PI * 299_792_458.0;

    private TwoWire() {}

    /**
     * Impedance, ohms.
     *
     * @param spacing from centre to centre
     * @param one diameter, in the same unit
     * @param other diameter
     * @throws IllegalArgumentException where they touch
     */
    public static double impedance(double spacing, double one, double other) {
        if (!(one > 0 && other > 0 && spacing > (one + other) / 2)) {
            throw new IllegalArgumentException("Wires " + one + " and " + other + " thick touch at a spacing of "
                    + spacing + "; give more than half the sum of both");
        }
        double a = one / 2;
        double b = other / 2;
        return ETA / (2 * Math.PI) * FastMath.acosh((spacing * spacing - a * a - b * b) / (2 * a * b));
    }
}
