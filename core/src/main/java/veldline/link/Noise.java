package veldline.link;

import java.util.List;

/** Thermal noise and what a chain of stages makes of it (ITU-R P.372-16 §2; Friis, Proc. IRE 32 (1944)). */
public final class Noise {
    /** Reference temperature of noise figures, kelvin. */
    public static final double T0 = 290;

    private static final double BOLTZMANN = 1.380649e-23;

    private Noise() {}

    /** Noise power of a temperature in a bandwidth, dBm. */
    public static double dbm(double kelvin, double bandwidth) {
        return 30 + 10 * Math.log10(BOLTZMANN * kelvin * bandwidth);
    }

    /**
     * A stage of a receiving chain.
     *
     * @param gainDb what it adds; below zero for a loss
     * @param kelvin its noise temperature at its input
     */
    public record Stage(double gainDb, double kelvin) {
        public static Stage amplifier(double gainDb, double noiseFigureDb) {
            return new Stage(gainDb, T0 * (Math.pow(10, noiseFigureDb / 10) - 1));
        }

        /** A passive loss at a temperature makes noise by what it takes. */
        public static Stage loss(double lossDb, double atKelvin) {
            return new Stage(-lossDb, atKelvin * (Math.pow(10, lossDb / 10) - 1));
        }
    }

    /** Noise temperature of the whole chain at its first input. */
    public static double cascade(List<Stage> stages) {
        double kelvin = 0;
        double gain = 1;
        for (Stage s : stages) {
            kelvin += s.kelvin / gain;
            gain *= Math.pow(10, s.gainDb / 10);
        }
        return kelvin;
    }

    /** The noise figure that stands for a noise temperature, dB. */
    public static double figure(double kelvin) {
        return 10 * Math.log10(1 + kelvin / T0);
    }
}
