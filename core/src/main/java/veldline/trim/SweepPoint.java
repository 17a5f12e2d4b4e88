package veldline.trim;

import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.line.Mismatch;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * What was measured at one frequency at the end of the cable.
 *
 * @param swr 1 or more
 * @param ohms resistance and reactance, where they were measured and not the size alone
 */
public record SweepPoint(Quantity frequency, Quantity swr, Optional<Ohms> ohms) {
    /** Beyond this nobody reads a meter. */
    private static final double MOST = 999;

    public SweepPoint {
        if (!(frequency.value() > 0)) {
            throw new IllegalArgumentException("A sweep at " + frequency + " cannot be; give a frequency over zero");
        }
        if (!(swr.value() >= 1)) {
            throw new IllegalArgumentException("An SWR of " + swr + " cannot be; the least there is is 1");
        }
    }

    /** A resistance of zero or more, and a reactance. */
    public record Ohms(Quantity resistance, Quantity reactance) {
        public Complex value() {
            return new Complex(resistance.value(), reactance.value());
        }
    }

    /** Only the size of what comes back. */
    public static SweepPoint of(Quantity frequency, Quantity swr) {
        return new SweepPoint(frequency, swr, Optional.empty());
    }

    /** @param z0 the line SWR is counted on, ohms */
    public static SweepPoint of(double frequency, Complex impedance, double z0) {
        return new SweepPoint(
                Quantity.shown(frequency, Unit.MHZ, 4),
                Quantity.shown(Math.min(MOST, Mismatch.swr(impedance, z0)), Unit.ONE, 3),
                Optional.of(new Ohms(
                        Quantity.shown(Math.max(0, impedance.getReal()), Unit.OHM, 2),
                        Quantity.shown(impedance.getImaginary(), Unit.OHM, 2))));
    }
}
