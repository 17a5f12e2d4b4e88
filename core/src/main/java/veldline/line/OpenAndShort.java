package veldline.line;

import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * What a cable is, from what is seen into it with its far end open and then shorted: {@code Z₀ = √(Zo·Zs)} and {@code tanh γl = √(Zs ÷ Zo)}
 * (Pozar, Microwave Engineering, 4th ed., §2.7 and problem 2.28).
 *
 * @param z0 its impedance, ohms
 * @param lossDb of its length, matched
 * @param turn its phase in radians, within half a turn: whole half turns more look the same
 */
public record OpenAndShort(Complex z0, double lossDb, double turn) {
    private static final double C = 299_792_458.0;
    private static final double DB = 20 / Math.log(10);

    static final Formula LOSS = new Formula(
            "Loss from an open and a short",
            "x and y are the two parts of the root of shorted over open.",
            "L",
            "5·log10(((1 + x)^2 + y^2) ÷ ((1 − x)^2 + y^2))",
            "tanh γl = √(Zs ÷ Zo): Pozar, Microwave Engineering, 4th ed., §2.7",
            "5 %, where neither is near zero");

    /** @throws IllegalArgumentException where one of the two is nothing, or both are alike: then there is no cable between */
    public static OpenAndShort of(Complex open, Complex shorted) {
        if (!tells(open, shorted)) {
            throw new IllegalArgumentException(
                    "Open " + open + " Ω and shorted " + shorted
                            + " Ω are no two ends of one cable; measure both at the same frequency, away from where either is zero");
        }
        Complex z0 = open.multiply(shorted).sqrt();
        Complex t = shorted.divide(open).sqrt();
        // Of the two roots the one that loses power.
        Complex through = atanh(t);
        Complex gamma = through.getReal() < 0 ? through.negate() : through;
        double turn = gamma.getImaginary();
        return new OpenAndShort(
                z0.getReal() < 0 ? z0.negate() : z0, DB * gamma.getReal(), turn < 0 ? turn + Math.PI : turn);
    }

    /** Whether the two can be the ends of one cable: neither is nothing, and they are not alike. */
    static boolean tells(Complex open, Complex shorted) {
        return open.norm() > 0 && shorted.norm() > 0 && open.subtract(shorted).norm() >= 1e-9 * open.norm();
    }

    /** The loss of its length, explained. */
    public static Worked workedLoss(Complex open, Complex shorted) {
        Complex t = shorted.divide(open).sqrt();
        return Worked.of(LOSS)
                .computed("x", "real part", t.getReal(), "", 6)
                .computed("y", "imaginary part", t.getImaginary(), "", 6)
                .gives(of(open, shorted).lossDb, "dB", 2);
    }

    private static Complex atanh(Complex t) {
        return t.add(1).divide(t.negate().add(1)).log().multiply(0.5);
    }

    /**
     * How fast the wave runs, of its speed in free space.
     *
     * @param length metres
     * @param frequency hertz
     * @param about what it is thought to be, which tells the half turns apart
     */
    public double velocity(double length, double frequency, double about) {
        double free = 2 * Math.PI * frequency * length / C;
        long halves = Math.round((free / about - turn) / Math.PI);
        return free / (turn + Math.PI * Math.max(0, halves));
    }
}
