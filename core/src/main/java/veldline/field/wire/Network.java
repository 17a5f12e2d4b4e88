package veldline.field.wire;

import org.hipparchus.complex.Complex;

/** Something between two places on wires that carries current and radiates nothing. */
public sealed interface Network {
    Port from();

    Port to();

    /** Currents into its two ends for the voltages across them. */
    Admittance admittance(double omega);

    /** Siemens; the first index is the end the current goes into. */
    record Admittance(Complex y11, Complex y12, Complex y21, Complex y22) {}

    /**
     * A line without loss.
     *
     * @param ohms characteristic impedance
     * @param metres as measured along it
     * @param velocityFactor of waves on it, 0 to 1
     * @param crossed whether its conductors change sides between the ends
     */
    record Line(Port from, Port to, double ohms, double metres, double velocityFactor, boolean crossed)
            implements Network {
        private static final double C = 299_792_458.0;
        /** A whole number of half waves has no admittances; so far off it, it has, and is the same in every result. */
        private static final double NUDGE = 1e-7;

        @Override
        public Admittance admittance(double omega) {
            double angle = omega * metres / (C * velocityFactor);
            if (Math.abs(Math.sin(angle)) < NUDGE) {
                angle += NUDGE;
            }
            Complex own = new Complex(0, -1 / (ohms * Math.tan(angle)));
            Complex across = new Complex(0, (crossed ? -1 : 1) / (ohms * Math.sin(angle)));
            return new Admittance(own, across, across, own);
        }
    }

    /** Any two-port, by its admittances at the frequency it was measured or worked out for. */
    record TwoPort(Port from, Port to, Admittance at) implements Network {
        @Override
        public Admittance admittance(double omega) {
            return at;
        }
    }
}
