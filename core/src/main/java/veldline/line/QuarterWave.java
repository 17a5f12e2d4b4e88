package veldline.line;

/** A quarter wave of line between a load and the feeder (Pozar §2.5). */
public final class QuarterWave {
    private QuarterWave() {}

    /** The impedance the section should have for a real load. */
    public static double impedanceFor(double load, double z0) {
        return Math.sqrt(load * z0);
    }

    /**
     * Share of the frequency over which a section keeps the SWR under a limit (Pozar, eq. 5.33); 2 where it always does.
     *
     * @param swrLimit over 1
     */
    public static double fractionalBandwidth(double load, double z0, double swrLimit) {
        double gamma = (swrLimit - 1) / (swrLimit + 1);
        double x = gamma / Math.sqrt(1 - gamma * gamma) * 2 * Math.sqrt(z0 * load) / Math.abs(load - z0);
        return x >= 1 ? 2 : 2 - 4 / Math.PI * Math.acos(x);
    }
}
