package veldline.field.wire;

/**
 * An ideal source at a port.
 *
 * @param kind what is held
 * @param re real part, volts or amperes, peak
 * @param im imaginary part
 */
public record Source(Port port, Kind kind, double re, double im) {
    /** Whether voltage or current is held. */
    public enum Kind {
        VOLTAGE,
        CURRENT
    }

    public static Source volt(Port port) {
        return new Source(port, Kind.VOLTAGE, 1, 0);
    }
}
