package veldline.field.aperture;

import java.util.Optional;

/**
 * A rectangular tube as a guide (Pozar, Microwave Engineering, 4th ed., §3.3).
 *
 * @param width inside, the wider side as a rule, metres
 * @param height inside, metres
 */
public record RectangularGuide(double width, double height) {
    private static final double C = 299_792_458.0;
    private static final double ETA = 4e-7 * Math.PI * C;

    public RectangularGuide {
        if (!(width > 0 && height > 0)) {
            throw new IllegalArgumentException(
                    "A tube of " + width + " by " + height + " m inside cannot be; give both over zero");
        }
    }

    /** Hertz, of TE or TM with so many half waves across and up. */
    public double cutoff(int m, int n) {
        return C / 2 * Math.hypot(m / width, n / height);
    }

    /** Metres along the guide for TE10; empty under its cut-off. */
    public Optional<Double> wavelength(double frequency) {
        double share = cutoff(1, 0) / frequency;
        return share < 1 ? Optional.of(C / frequency / Math.sqrt(1 - share * share)) : Optional.empty();
    }

    /** Of TE10, ohms; empty under its cut-off. */
    public Optional<Double> impedance(double frequency) {
        return wavelength(frequency).map(w -> ETA * w * frequency / C);
    }

    /** Decibels for a metre of TE10; empty where it passes. */
    public Optional<Double> attenuation(double frequency) {
        double share = cutoff(1, 0) / frequency;
        return share > 1
                ? Optional.of(20 / Math.log(10) * 2 * Math.PI * frequency / C * Math.sqrt(share * share - 1))
                : Optional.empty();
    }
}
