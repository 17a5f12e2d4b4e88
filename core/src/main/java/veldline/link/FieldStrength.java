package veldline.link;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.Quantity;

/** Field, power density and what an antenna takes from it (ITU-R P.525-4; ITU-R SM.2093). */
public final class FieldStrength {
    /** Impedance of free space, ohms. */
    public static final double ETA = 376.730313668;

    public static final Formula ISOTROPIC = new Formula(
            "Level from the field",
            "What an antenna that hears alike from everywhere takes from a field of e at f MHz.",
            "P",
            "e − 20·log10(f) − 77.2",
            "ITU-R P.525-4, eq. 11 and 12",
            "As good as the field strength, ±3 dB where it comes from a map");

    private FieldStrength() {}

    /** Power an isotropic antenna takes from a field, dBm. */
    public static Worked isotropic(Quantity field, double frequency) {
        double level = field.value() - 20 * Math.log10(frequency / 1e6) - 77.2;
        return Worked.of(ISOTROPIC)
                .typed("e", "field strength", field.value(), "dBµV/m", 1)
                .typed("f", "frequency", frequency / 1e6, "MHz", 4)
                .gives(level, "dBm", 1, 3);
    }

    /** Power density far from an antenna, W/m². */
    public static double density(double eirpDbm, double distance) {
        return Math.pow(10, (eirpDbm - 30) / 10) / (4 * Math.PI * distance * distance);
    }

    /** Field of a plane wave, V/m. */
    public static double field(double density) {
        return Math.sqrt(density * ETA);
    }

    /** Field over terminal voltage of a matched antenna, dB(1/m). */
    public static double antennaFactorDb(double wavelength, double gainDbi, double resistance) {
        return 10 * Math.log10(4 * Math.PI * ETA / (resistance * wavelength * wavelength * Math.pow(10, gainDbi / 10)));
    }
}
