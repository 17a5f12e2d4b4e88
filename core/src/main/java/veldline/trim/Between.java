package veldline.trim;

import org.hipparchus.complex.Complex;
import veldline.line.MatchWay;
import veldline.line.Mismatch;

/**
 * What lies between the antenna and where it is measured: the parts that match it, and a cable that takes some of what goes out and of
 * what comes back, so that a bad antenna looks better through it.
 */
public sealed interface Between {
    /** What is seen of an impedance, ohms, at a frequency, hertz. */
    Complex seen(Complex antenna, double frequency);

    /** Nothing. */
    record Straight() implements Between {
        @Override
        public Complex seen(Complex antenna, double frequency) {
            return antenna;
        }
    }

    /**
     * Parts that were chosen for the antenna as drawn.
     *
     * @param drawn impedance the parts were chosen for, ohms
     */
    record Parts(MatchWay.Plan plan, Complex drawn) implements Between {
        /** What else was done to the antenna for these parts, a driven element cut short, is done to it whatever it came out as. */
        @Override
        public Complex seen(Complex antenna, double frequency) {
            return plan.ladder()
                    .look(antenna.add(plan.load().subtract(drawn)), frequency)
                    .seen();
        }
    }

    /**
     * A cable of the line's own impedance behind those.
     *
     * @param lossDb one way, zero or more
     * @param z0 ohms
     */
    record Cable(Between before, double lossDb, double z0) implements Between {
        /** Its length turns the phase, which an SWR has none of; what is measured with its phase is measured at its far end. */
        @Override
        public Complex seen(Complex antenna, double frequency) {
            Complex rho =
                    Mismatch.reflection(before.seen(antenna, frequency), z0).multiply(Math.pow(10, -lossDb / 10));
            return rho.add(1).divide(rho.negate().add(1)).multiply(z0);
        }
    }
}
