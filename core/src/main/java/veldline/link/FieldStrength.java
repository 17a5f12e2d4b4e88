package veldline.link;

/** Field, power density and what an antenna takes from it (ITU-R P.525-4; ITU-R SM.2093). */
public final class FieldStrength {
    /** Impedance of free space, ohms. */
    public static final double ETA = 376.730313668;

    private FieldStrength() {}

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
