package veldline.line;

/**
 * A driven element cut short, so that it is a resistance with a capacitor in a row, and a joined piece of two-wire line across it as the
 * coil: an L network whose capacitor is the element itself.
 *
 * @param elementX reactance the element is to have, ohms, under zero
 * @param across reactance of the hairpin, ohms
 * @param lineZ impedance of its two wires
 * @param metres from the element to the bar that joins them
 */
public record Hairpin(double elementX, double across, double lineZ, double metres) {
    private static final double C = 299_792_458.0;

    /**
     * @param resistance of the element at its middle, ohms; taken not to change while it is cut
     * @param z0 of the line
     * @param wire thickness, metres
     * @param spacing of its wires from centre to centre, metres
     * @throws IllegalArgumentException where the element's resistance is not under that of the line
     */
    public static Hairpin of(double resistance, double z0, double wire, double spacing, double frequency) {
        if (!(resistance > 0 && resistance < z0)) {
            throw new IllegalArgumentException(
                    "An element of " + resistance + " Ω on a line of " + z0
                            + " Ω has no hairpin; it steps up, from less than the line. Take a quarter-wave section or fold the element");
        }
        double across = z0 * Math.sqrt(resistance / (z0 - resistance));
        double line = TwoWire.impedance(spacing, wire, wire);
        double wave = C / frequency;
        return new Hairpin(
                -Math.sqrt(resistance * (z0 - resistance)),
                across,
                line,
                wave / (2 * Math.PI) * Math.atan(across / line));
    }

    public double henries(double frequency) {
        return across / (2 * Math.PI * frequency);
    }
}
