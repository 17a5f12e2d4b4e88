package veldline.antenna;

import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * One thing that can be set of a design.
 *
 * @param name as it is asked for
 * @param unit it is set in
 * @param least in wavelengths for a length, in its unit for anything else
 * @param most likewise
 */
public record Measure(String name, Unit unit, double least, double most) {
    public static Measure length(String name, double leastWaves, double mostWaves) {
        return new Measure(name, Unit.MM, leastWaves, mostWaves);
    }

    public static Measure angle(String name, double least, double most) {
        return new Measure(name, Unit.DEG, least, most);
    }

    public static Measure count(String name, int least, int most) {
        return new Measure(name, Unit.ONE, least, most);
    }

    public boolean isLength() {
        return unit == Unit.MM;
    }

    /** Least value in the unit held inside, at a wavelength in metres. */
    public double least(double wavelength) {
        return isLength() ? least * wavelength : least;
    }

    public double most(double wavelength) {
        return isLength() ? most * wavelength : most;
    }

    /** A value as it is shown and typed: lengths to a tenth of a millimetre, small ones to a twentieth; angles and counts whole. */
    public Quantity of(double value) {
        return Quantity.shown(
                isLength() && value < SMALL ? Math.round(value * 20_000) / 20_000.0 : value,
                unit,
                isLength() ? value < SMALL ? 2 : 1 : 0);
    }

    /** Under this a twentieth of a millimetre can be measured and counts, metres. */
    private static final double SMALL = 0.1;
}
