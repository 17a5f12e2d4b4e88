package veldline.antenna;

import java.util.List;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * One thing that can be set of a design.
 *
 * @param name as it is asked for
 * @param unit it is set in
 * @param least in wavelengths for a length, in its unit for anything else
 * @param most likewise
 * @param words one for each value from the least, where it is a choice among a few; empty otherwise
 */
public record Measure(String name, Unit unit, double least, double most, List<String> words) {
    /** Under this a twentieth of a millimetre can be measured and counts, metres. */
    private static final double SMALL = 0.1;
    /** From here on millimetres are for reading off a tape, not for tenths, metres. */
    private static final double LONG = 10;

    public Measure {
        words = List.copyOf(words);
    }

    public static Measure length(String name, double leastWaves, double mostWaves) {
        return new Measure(name, Unit.MM, leastWaves, mostWaves, List.of());
    }

    public static Measure angle(String name, double least, double most) {
        return new Measure(name, Unit.DEG, least, most, List.of());
    }

    public static Measure count(String name, int least, int most) {
        return new Measure(name, Unit.ONE, least, most, List.of());
    }

    public static Measure number(String name, Unit unit, double least, double most) {
        return new Measure(name, unit, least, most, List.of());
    }

    /** One of a few; its value is the place of its word, from 0. */
    public static Measure choice(String name, String... words) {
        return new Measure(name, Unit.ONE, 0, words.length - 1, List.of(words));
    }

    public boolean isLength() {
        return unit == Unit.MM;
    }

    public boolean isChoice() {
        return !words.isEmpty();
    }

    /** Whether only whole numbers will do. */
    public boolean isCount() {
        return unit == Unit.ONE;
    }

    /** Least value in the unit held inside, at a wavelength in metres. */
    public double least(double wavelength) {
        return isLength() ? least * wavelength : unit.toInside(least);
    }

    public double most(double wavelength) {
        return isLength() ? most * wavelength : unit.toInside(most);
    }

    /**
     * A value as it is shown and typed: lengths to a tenth of a millimetre, small ones to a twentieth, long ones in metres to a millimetre;
     * anything else whole.
     */
    public Quantity of(double value) {
        if (isLength() && value >= LONG) {
            return Quantity.shown(value, Unit.M, 3);
        }
        return Quantity.shown(
                isLength() && value < SMALL ? Math.round(value * 20_000) / 20_000.0 : value,
                unit,
                isLength() ? value < SMALL ? 2 : 1 : 0);
    }
}
