package veldline.line;

import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * Attenuation of a matched cable: skin effect grows with the root of frequency, the dielectric with frequency.
 *
 * @param k1 dB per 100 m and root of a megahertz
 * @param k2 dB per 100 m and megahertz
 */
public record CableLoss(double k1, double k2) {
    public static final Formula FORMULA = new Formula(
            "Cable loss",
            "Heat in the metal grows with the root of frequency, heat in the insulation with frequency.",
            "L",
            "(a·sqrt(f) + b·f)·l ÷ 100",
            "Two-term fit to makers' attenuation tables; Pozar §2.7",
            "±5 % for new, dry cable; age, water and bends add to it");

    /** Loss in dB of so many metres at a frequency in hertz. */
    public double lossDb(double metres, double frequency) {
        double megahertz = frequency / 1e6;
        return (k1 * Math.sqrt(megahertz) + k2 * megahertz) * metres / 100;
    }

    public Worked worked(double metres, double frequency) {
        double loss = lossDb(metres, frequency);
        return Worked.of(FORMULA)
                .computed("a", "skin-effect constant of this cable", k1, "", 4)
                .computed("b", "dielectric constant of this cable", k2, "", 5)
                .typed("f", "frequency", frequency / 1e6, "MHz", 3)
                .typed("l", "length", metres, "m", 3)
                .gives(loss, "dB", 2, 0.05 * loss);
    }
}
