package veldline.stock;

import java.util.List;
import org.hipparchus.complex.Complex;

/**
 * A ring of ferrite to wind on.
 *
 * @param of what it is made of
 * @param outer diameter, metres
 * @param inner diameter, metres
 * @param height metres
 */
public record Ring(Ferrite of, double outer, double inner, double height) {
    private static final double MU0_OVER_2_PI = 2e-7;
    /** So much heat a square metre of it gives to still air at 40 K over it, watts (natural convection, 12 W/(m²·K)). */
    private static final double GIVES = 480;

    /** The usual sizes, small ones first, each of the two materials that transformers of short wave are wound on. */
    public static final List<Ring> FOR_TRANSFORMERS = List.of(
            new Ring(Ferrite.NICKEL_ZINC_800, 0.0286, 0.0138, 0.0075),
            new Ring(Ferrite.NICKEL_ZINC, 0.0286, 0.0138, 0.0075),
            new Ring(Ferrite.NICKEL_ZINC_800, 0.0356, 0.0229, 0.0127),
            new Ring(Ferrite.NICKEL_ZINC, 0.0356, 0.0229, 0.0127),
            new Ring(Ferrite.NICKEL_ZINC_800, 0.061, 0.0356, 0.0127),
            new Ring(Ferrite.NICKEL_ZINC, 0.061, 0.0356, 0.0127));

    /** What chokes are wound on. */
    public static final Ring FOR_CHOKES = new Ring(Ferrite.MANGANESE_ZINC, 0.061, 0.0356, 0.0127);

    /** The same, so many of them side by side. */
    public Ring stacked(int rings) {
        return new Ring(of, outer, inner, rings * height);
    }

    /** Henries a turn squared, for a relative permeability of 1: the inductance of a ring (any text on fields). */
    public double turn() {
        return MU0_OVER_2_PI * height * Math.log(outer / inner);
    }

    /** Impedance of a winding on it, ohms: what it stores and what heats it. */
    public Complex wound(int turns, double frequency) {
        return Complex.I
                .multiply(2 * Math.PI * frequency * turn() * turns * turns)
                .multiply(of.at(frequency));
    }

    /** Its cross section, square metres. */
    public double area() {
        return height * (outer - inner) / 2;
    }

    /** Once around it with a wire, metres. */
    public double around(double wire) {
        return 2 * height + outer - inner + 4 * wire;
    }

    /** Turns of a wire that lie side by side in its hole. */
    public int room(double wire) {
        return (int) (Math.PI * (inner - wire) / (1.1 * wire));
    }

    /** Heat that leaves it at 40 K over still air, watts. */
    public double gives() {
        return GIVES * Math.PI * ((outer * outer - inner * inner) / 2 + (outer + inner) * height);
    }
}
