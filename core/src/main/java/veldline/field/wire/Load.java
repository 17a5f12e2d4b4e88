package veldline.field.wire;

import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * R, L and C lumped at a port; what is empty is left out of the circuit.
 *
 * @param parallel whether the three stand side by side instead of in a row
 * @param ohms resistance
 * @param henries inductance
 * @param farads capacitance
 */
public record Load(
        Port port, boolean parallel, Optional<Double> ohms, Optional<Double> henries, Optional<Double> farads) {

    /** Impedance at an angular frequency, time factor exp(+jωt). */
    public Complex impedance(double omega) {
        Optional<Complex> r = ohms.map(Complex::new);
        Optional<Complex> l = henries.map(h -> new Complex(0, omega * h));
        Optional<Complex> c = farads.map(f -> new Complex(0, -1 / (omega * f)));
        if (!parallel) {
            return r.orElse(Complex.ZERO).add(l.orElse(Complex.ZERO)).add(c.orElse(Complex.ZERO));
        }
        Complex admittance = Complex.ZERO;
        for (Optional<Complex> z : java.util.List.of(r, l, c)) {
            admittance = z.map(Complex::reciprocal).map(admittance::add).orElse(admittance);
        }
        return admittance.reciprocal();
    }
}
