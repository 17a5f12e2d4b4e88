package veldline.line;

import org.hipparchus.complex.Complex;

/**
 * A length of line with loss and a load that does not match it (Pozar, Microwave Engineering, 4th ed., §2.7).
 *
 * @param z0 its impedance, ohms, real
 * @param matchedLossDb of the whole length into a matched load
 * @param wavelengths its electrical length
 */
public record LossyLine(double z0, double matchedLossDb, double wavelengths) {
    /** What is seen at its other end. */
    public Complex seen(Complex load) {
        double nepers = matchedLossDb * Math.log(10) / 20;
        Complex turn = new Complex(-2 * nepers, -4 * Math.PI * wavelengths).exp();
        Complex back = Mismatch.reflection(load, z0).multiply(turn);
        return Complex.ONE.add(back).divide(Complex.ONE.subtract(back)).multiply(z0);
    }

    /** The load, from what is seen at the other end: the plane of a measurement moved to where the antenna is. */
    public Complex load(Complex seen) {
        double nepers = matchedLossDb * Math.log(10) / 20;
        Complex turn = new Complex(2 * nepers, 4 * Math.PI * wavelengths).exp();
        Complex there = Mismatch.reflection(seen, z0).multiply(turn);
        return Complex.ONE.add(there).divide(Complex.ONE.subtract(there)).multiply(z0);
    }

    /** What is lost between the line's input and the load, dB; more than matched, since part goes to and fro. */
    public double totalLossDb(double rhoAtLoad) {
        double a = Math.pow(10, matchedLossDb / 10);
        double rho2 = rhoAtLoad * rhoAtLoad;
        return 10 * Math.log10((a * a - rho2) / (a * (1 - rho2)));
    }

    /** Size of the reflection at the load from that at the input; over 1 where there can be no such load. */
    public double rhoAtLoad(double rhoAtInput) {
        return rhoAtInput * Math.pow(10, matchedLossDb / 10);
    }
}
