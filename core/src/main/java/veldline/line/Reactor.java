package veldline.line;

import org.hipparchus.complex.Complex;
import veldline.quantity.NumberText;

/**
 * A coil or capacitor from the shelf: a value of the E24 series and a finite quality factor.
 *
 * @param coil whether it is a coil
 * @param value henries or farads
 * @param q quality factor at the frequency in use
 */
public record Reactor(boolean coil, double value, double q) {
    private static final double[] E24 = {
        1.0, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2.0, 2.2, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8, 7.5,
        8.2, 9.1
    };
    /** Usual for small air or ceramic coils. */
    public static final double COIL_Q = 60;
    /** Usual for good ceramic capacitors. */
    public static final double CAPACITOR_Q = 300;

    /** The nearest standard part (IEC 60063, E24) to a reactance in ohms at a frequency. */
    public static Reactor nearest(double reactance, double frequency) {
        double omega = 2 * Math.PI * frequency;
        boolean coil = reactance > 0;
        double ideal = coil ? reactance / omega : -1 / (omega * reactance);
        double decade = Math.pow(10, Math.floor(Math.log10(ideal)));
        double best = 0;
        for (double scale : new double[] {decade / 10, decade, decade * 10}) {
            for (double step : E24) {
                double value = scale * step;
                if (Math.abs(Math.log(value / ideal)) < Math.abs(Math.log(Math.max(best, 1e-30) / ideal))) {
                    best = value;
                }
            }
        }
        return new Reactor(coil, best, coil ? COIL_Q : CAPACITOR_Q);
    }

    /** One of exactly that reactance and quality. */
    public static Reactor of(double reactance, double frequency, double q) {
        double omega = 2 * Math.PI * frequency;
        return reactance > 0
                ? new Reactor(true, reactance / omega, q)
                : new Reactor(false, -1 / (omega * reactance), q);
    }

    /** One of exactly that reactance, without loss. */
    public static Reactor exact(double reactance, double frequency) {
        return of(reactance, frequency, Double.POSITIVE_INFINITY);
    }

    Reactor scaled(double times) {
        return new Reactor(coil, value * times, q);
    }

    public Complex impedance(double frequency) {
        double omega = 2 * Math.PI * frequency;
        double x = coil ? omega * value : -1 / (omega * value);
        return new Complex(Math.abs(x) / q, x);
    }

    /** As marked on the shelf: {@code 3.9 nH}, {@code 1.2 pF}. */
    public String label() {
        double nano = value * 1e9;
        double pico = value * 1e12;
        if (coil) {
            return nano < 1000
                    ? NumberText.shown(nano, nano < 10 ? 1 : 0) + " nH"
                    : NumberText.shown(nano / 1000, 1) + " µH";
        }
        return pico < 1000 ? NumberText.shown(pico, pico < 10 ? 1 : 0) + " pF" : NumberText.shown(nano, 1) + " nF";
    }
}
