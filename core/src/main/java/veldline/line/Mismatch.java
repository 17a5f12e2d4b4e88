package veldline.line;

import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** What a load that is not the line's own impedance does (Pozar, Microwave Engineering, 4th ed., §2.3). */
public final class Mismatch {
    static final Formula RETURN_LOSS = new Formula(
            "Return loss",
            "How much weaker what comes back is than what goes out.",
            "L",
            "−20·log10(r)",
            "IEEE Std 146; Pozar, Microwave Engineering, §2.3",
            "As good as the impedance; over 30 dB connectors decide");

    public static final Formula SWR = new Formula(
            "SWR",
            "From the share of the wave that the load sends back; r and x are the load, z the line.",
            "S",
            "(1 + sqrt(((r − z)^2 + x^2) ÷ ((r + z)^2 + x^2))) ÷ (1 − sqrt(((r − z)^2 + x^2) ÷ ((r + z)^2 + x^2)))",
            "Pozar, Microwave Engineering, 4th ed., §2.3",
            "As good as the impedance it starts from");

    private Mismatch() {}

    /** Voltage reflection coefficient of a load on a line of real impedance z0. */
    public static Complex reflection(Complex load, double z0) {
        return load.subtract(z0).divide(load.add(z0));
    }

    /** Standing-wave ratio, 1 or more; infinite for a load that takes nothing. */
    public static double swr(Complex load, double z0) {
        return swrOf(reflection(load, z0).norm());
    }

    /** From the size of a reflection coefficient, 0 to 1. */
    public static double swrOf(double rho) {
        return rho >= 1 ? Double.POSITIVE_INFINITY : (1 + rho) / (1 - rho);
    }

    /** Power lost between a source and a load because they are not matched, in dB, zero or more. */
    public static double lossDb(Complex load, double z0) {
        double rho = reflection(load, z0).norm();
        return -10 * Math.log10(1 - rho * rho);
    }

    /** Return loss in dB, positive; infinite for a perfect match. */
    public static double returnLossDb(double swr) {
        return 20 * Math.log10((swr + 1) / (swr - 1));
    }

    /** Return loss of a load on a line, decibels. */
    public static Worked workedReturnLoss(Complex load, double z0) {
        double rho = reflection(load, z0).norm();
        return Worked.of(RETURN_LOSS)
                .computed("r", "reflection coefficient", rho, "", 6)
                .gives(-20 * Math.log10(Math.max(rho, 1e-6)), "dB", 1);
    }

    public static Worked workedSwr(Complex load, double z0, String what) {
        return Worked.of(SWR)
                .computed("r", "resistance of " + what, load.getReal(), "Ω", 3)
                .computed("x", "reactance of " + what, load.getImaginary(), "Ω", 3)
                .typed("z", "impedance of the line", z0, "Ω", 1)
                .gives(swr(load, z0), "", 2);
    }
}
