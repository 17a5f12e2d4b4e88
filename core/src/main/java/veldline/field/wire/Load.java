package veldline.field.wire;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/** An impedance in series with a wire. */
public sealed interface Load {
    Port port();

    /** Impedance at an angular frequency, time factor exp(+jωt). */
    Complex impedance(double omega);

    /** The same at another place. */
    Load at(Port other);

    /**
     * R, L and C lumped at a port; what is empty is left out of the circuit.
     *
     * @param parallel whether the three stand side by side instead of in a row
     * @param ohms resistance
     * @param henries inductance
     * @param farads capacitance
     */
    record Lumped(Port port, boolean parallel, Optional<Double> ohms, Optional<Double> henries, Optional<Double> farads)
            implements Load {
        @Override
        public Load at(Port other) {
            return new Lumped(other, parallel, ohms, henries, farads);
        }

        @Override
        public Complex impedance(double omega) {
            Optional<Complex> r = ohms.map(Complex::new);
            Optional<Complex> l = henries.map(h -> new Complex(0, omega * h));
            Optional<Complex> c = farads.map(f -> new Complex(0, -1 / (omega * f)));
            if (!parallel) {
                return r.orElse(Complex.ZERO).add(l.orElse(Complex.ZERO)).add(c.orElse(Complex.ZERO));
            }
            Complex admittance = Complex.ZERO;
            for (Optional<Complex> z : List.of(r, l, c)) {
                admittance = z.map(Complex::reciprocal).map(admittance::add).orElse(admittance);
            }
            return admittance.reciprocal();
        }
    }

    /**
     * An impedance as it was measured, straight lines between the points.
     *
     * @param points by growing frequency; a single one holds at every frequency
     */
    record Measured(Port port, List<At> points) implements Load {
        /** @param frequency hertz */
        public record At(double frequency, Complex impedance) {}

        public Measured {
            points = List.copyOf(points);
        }

        @Override
        public Load at(Port other) {
            return new Measured(other, points);
        }

        /** Whether it was measured at a frequency, or on both sides of it. */
        public boolean covers(double frequency) {
            return points.size() == 1
                    || frequency >= points.get(0).frequency && frequency <= points.get(points.size() - 1).frequency;
        }

        @Override
        public Complex impedance(double omega) {
            double f = omega / (2 * Math.PI);
            At before = points.get(0);
            for (At after : points) {
                if (after.frequency >= f && after.frequency > before.frequency) {
                    double share = (f - before.frequency) / (after.frequency - before.frequency);
                    return before.impedance.multiply(1 - share).add(after.impedance.multiply(share));
                }
                before = after;
            }
            return before.impedance;
        }
    }
}
