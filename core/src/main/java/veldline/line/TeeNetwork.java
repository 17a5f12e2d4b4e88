package veldline.line;

import java.util.function.DoubleFunction;
import org.hipparchus.complex.Complex;

/**
 * Two parts in a row with one across between them: both sides are brought up to one higher resistance in the middle (Bowick, RF Circuit
 * Design, 2nd ed., ch. 4).
 *
 * @param middle the higher resistance, ohms
 * @param atSource reactance in a row on the source's side, ohms
 * @param across reactance between, ohms
 * @param atLoad reactance in a row on the load's side, ohms
 */
public record TeeNetwork(double middle, double atSource, double across, double atLoad) {
    /**
     * @param quality of the side with the lower resistance
     * @param coils whether coils stand in a row and a capacitor across; else the other way about, which holds back what is lower
     * @throws IllegalArgumentException where that quality is too low, saying from where on it will do
     */
    public static TeeNetwork of(double source, Complex load, double quality, boolean coils) {
        double r = load.getReal();
        if (!(source > 0 && r > 0)) {
            throw new IllegalArgumentException(
                    "Resistances of " + source + " and " + r + " Ω cannot be matched; both must be above zero");
        }
        double least = PiNetwork.least(source, r);
        if (!(quality > least)) {
            throw new IllegalArgumentException("A quality of " + quality + " is too low between " + source + " and " + r
                    + " Ω; ask for more than " + least);
        }
        double middle = Math.min(source, r) * (quality * quality + 1);
        double qs = Math.sqrt(middle / source - 1);
        double ql = Math.sqrt(middle / r - 1);
        int sign = coils ? 1 : -1;
        return new TeeNetwork(
                middle, sign * source * qs, -sign * middle / (qs + ql), sign * r * ql - load.getImaginary());
    }

    /** @param part a coil or capacitor of a reactance: {@link Reactor#nearest} or {@link Reactor#exact} */
    public Ladder made(DoubleFunction<Reactor> part) {
        return Ladder.of(
                new Piece.InRow(part.apply(atLoad)),
                new Piece.Across(part.apply(across)),
                new Piece.InRow(part.apply(atSource)));
    }
}
