package veldline.antenna;

import org.hipparchus.complex.Complex;

/**
 * Thin half waves side by side with sinusoidal currents, by the induced-EMF method (Balanis, Antenna Theory, 3rd ed., §8.5, eqs.
 * 8-70 and 8-71): what is taught beside what is solved.
 */
public final class MutualImpedance {
    private static final double ETA = 376.730_313_668;
    private static final double EULER = 0.577_215_664_901_532_9;

    private MutualImpedance() {}

    /** Of one alone, ohms: 73.1 + j42.5. */
    public static Complex self() {
        double full = 2 * Math.PI;
        // The limit of the general form as the distance goes to nothing.
        double r = ETA / (4 * Math.PI) * (EULER + Math.log(full) - cosineIntegral(full));
        return new Complex(r, ETA / (4 * Math.PI) * sineIntegral(full));
    }

    /** @param apart in waves, over 0 */
    public static Complex of(double apart) {
        double k = 2 * Math.PI;
        double length = 0.5;
        double root = Math.hypot(apart, length);
        double u0 = k * apart;
        double u1 = k * (root + length);
        double u2 = k * (root - length);
        double front = ETA / (4 * Math.PI);
        return new Complex(
                front * (2 * cosineIntegral(u0) - cosineIntegral(u1) - cosineIntegral(u2)),
                -front * (2 * sineIntegral(u0) - sineIntegral(u1) - sineIntegral(u2)));
    }

    /** Directivity over isotropic, not in dB, of two with equal currents, the second leading by {@code lead} radians. */
    public static double pairDirectivity(double apart, double lead) {
        double most = 0;
        for (int i = 0; i <= 3600; i++) {
            double angle = Math.PI * i / 3600;
            most = Math.max(most, Math.pow(2 * Math.cos((2 * Math.PI * apart * Math.cos(angle) + lead) / 2), 2));
        }
        double r = self().getReal();
        return HALF_WAVE * most * r / (2 * (r + of(apart).getReal() * Math.cos(lead)));
    }

    /** Directivity of one: 1.641. */
    public static final double HALF_WAVE = ETA / (Math.PI * 73.079_0);

    /** {@code Si(x)}: its series to 16, beyond that the asymptotic form. */
    static double sineIntegral(double x) {
        if (x > 16) {
            return Math.PI / 2 - f(x) * Math.cos(x) - g(x) * Math.sin(x);
        }
        double sum = 0;
        double term = x;
        for (int n = 0; n < 60; n++) {
            sum += term / (2 * n + 1);
            term *= -x * x / ((2.0 * n + 2) * (2.0 * n + 3));
        }
        return sum;
    }

    /** {@code Ci(x)}, likewise. */
    static double cosineIntegral(double x) {
        if (x > 16) {
            return f(x) * Math.sin(x) - g(x) * Math.cos(x);
        }
        double sum = EULER + Math.log(x);
        double term = 1;
        for (int n = 1; n < 60; n++) {
            term *= -x * x / ((2.0 * n - 1) * (2.0 * n));
            sum += term / (2 * n);
        }
        return sum;
    }

    /** Abramowitz and Stegun, 5.2.34, to the eighth power. */
    private static double f(double x) {
        double y = 1 / (x * x);
        return (1 - 2 * y * (1 - 12 * y * (1 - 30 * y * (1 - 56 * y)))) / x;
    }

    /** 5.2.35. */
    private static double g(double x) {
        double y = 1 / (x * x);
        return y * (1 - 6 * y * (1 - 20 * y * (1 - 42 * y * (1 - 72 * y))));
    }
}
