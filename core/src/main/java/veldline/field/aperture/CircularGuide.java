package veldline.field.aperture;

import java.util.Locale;
import java.util.Optional;

/**
 * A round tube as a guide (Pozar, Microwave Engineering, 4th ed., §3.4).
 *
 * @param diameter inside, metres
 */
public record CircularGuide(double diameter) {
    private static final double C = 299_792_458.0;
    private static final double ETA = 4e-7 * Math.PI * C;

    /** The lowest modes, by growing cut-off. */
    public enum Mode {
        /** The one a probe excites and that is wanted. */
        TE11(1.841_183_781_340_66),
        TM01(2.404_825_557_695_77),
        TE21(3.054_236_928_227_14),
        TE01(3.831_705_970_207_51);

        private final double root;

        Mode(double root) {
            this.root = root;
        }

        /** Zero of J or of its slope, that the wall asks for. */
        public double root() {
            return root;
        }
    }

    public CircularGuide {
        if (!(diameter > 0)) {
            throw new IllegalArgumentException("A tube of " + diameter + " m inside cannot be; give more than zero");
        }
    }

    /** Hertz. */
    public double cutoff(Mode mode) {
        return mode.root * C / (Math.PI * diameter);
    }

    public boolean carries(Mode mode, double frequency) {
        return frequency > cutoff(mode);
    }

    /** Whether TE11 passes and nothing else does. */
    public boolean single(double frequency) {
        return carries(Mode.TE11, frequency) && !carries(Mode.TM01, frequency);
    }

    /** Metres along the guide; empty under the cut-off. */
    public Optional<Double> wavelength(Mode mode, double frequency) {
        double share = cutoff(mode) / frequency;
        return share < 1 ? Optional.of(C / frequency / Math.sqrt(1 - share * share)) : Optional.empty();
    }

    /**
     * Metres along the guide for TE11.
     *
     * @throws IllegalArgumentException for a tube that passes nothing, with what would do
     */
    public double guided(double frequency) {
        return wavelength(Mode.TE11, frequency)
                .orElseThrow(() -> new IllegalArgumentException(String.format(
                        Locale.ROOT,
                        "A tube of %.1f mm passes nothing at %.0f MHz; it begins at %.1f mm",
                        1000 * diameter,
                        frequency / 1e6,
                        1000 * narrowest(frequency, 1))));
    }

    /** Across over along field of a TE mode, ohms; empty under the cut-off. */
    public Optional<Double> impedance(Mode mode, double frequency) {
        return wavelength(mode, frequency).map(w -> ETA * w * frequency / C);
    }

    /** The narrowest tube that carries TE11 with its cut-off so much under the frequency, metres. */
    public static double narrowest(double frequency, double share) {
        return Mode.TE11.root * C / (Math.PI * frequency * share);
    }

    /** The widest tube that does not carry TM01, metres. */
    public static double widest(double frequency) {
        return Mode.TM01.root * C / (Math.PI * frequency);
    }
}
