package veldline.antenna;

/**
 * The self-reactance of a straight element near half a wave, and the length that has a wanted one. Directors of equal
 * reactance act alike whatever their thickness, so tables for one diameter carry over to another.
 *
 * <p>A dipole as an open line: {@code X ≈ 42.5·(2l/λ) − Z·cot(πl/λ)} with the average impedance of a thin cylinder, {@code
 * Z = 120(ln(l/a) − 1)}, l its full length and a its radius (Schelkunoff;
 * Balanis, Antenna Theory, 3rd ed., §9.5).
 */
final class Reactance {
    private Reactance() {}

    /** Ohms at the middle of an element. */
    static double ohms(double length, double radius, double wavelength) {
        double average = 120 * (Math.log(length / radius) - 1);
        double angle = Math.PI * length / wavelength;
        return 42.5 * 2 * length / wavelength - average / Math.tan(angle);
    }

    /** The length near half a wave with the given reactance, by bisection. */
    static double lengthFor(double ohms, double radius, double wavelength) {
        double low = 0.25 * wavelength;
        double high = 0.7 * wavelength;
        while (high - low > 1e-9 * wavelength) {
            double middle = 0.5 * (low + high);
            if (ohms(middle, radius, wavelength) < ohms) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return 0.5 * (low + high);
    }
}
