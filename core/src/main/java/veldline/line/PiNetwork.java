package veldline.line;

import java.util.function.DoubleFunction;
import org.hipparchus.complex.Complex;

/**
 * Two capacitors across with a coil in a row: both sides are brought down to one lower resistance in the middle (Bowick, RF Circuit Design,
 * 2nd ed., ch. 4). Its quality can be chosen, which an L network's cannot.
 *
 * @param middle the lower resistance, ohms
 * @param qSource quality of the source's side
 * @param qLoad likewise of the load's
 * @param acrossSource reactance, ohms, under zero
 * @param inRow reactance, ohms, over zero
 * @param acrossLoad reactance that is to stand across the load, ohms; over zero where the load's own asks for a coil
 */
public record PiNetwork(
        double middle, double qSource, double qLoad, double acrossSource, double inRow, double acrossLoad) {
    /**
     * @param quality of the side with the higher resistance; some texts count both sides together
     * @throws IllegalArgumentException where that is too low for a middle under both, saying from where on it will do
     */
    public static PiNetwork of(double source, Complex load, double quality) {
        if (!(source > 0 && load.getReal() > 0)) {
            throw new IllegalArgumentException("Resistances of " + source + " and " + load.getReal()
                    + " Ω cannot be matched; both must be above zero");
        }
        Complex admittance = load.reciprocal();
        double across = 1 / admittance.getReal();
        double least = least(source, across);
        if (!(quality > least)) {
            throw new IllegalArgumentException("A quality of " + quality + " is too low between " + source + " and "
                    + across + " Ω; ask for more than " + least);
        }
        double middle = Math.max(source, across) / (quality * quality + 1);
        double qs = Math.sqrt(source / middle - 1);
        double ql = Math.sqrt(across / middle - 1);
        // What the load stores itself is taken off what is set across it.
        double susceptance = ql / across - admittance.getImaginary();
        return new PiNetwork(middle, qs, ql, -source / qs, middle * (qs + ql), -1 / susceptance);
    }

    /** Qualities begin here between two resistances. */
    public static double least(double a, double b) {
        return Math.sqrt(Math.max(a, b) / Math.min(a, b) - 1);
    }

    /** @param part a coil or capacitor of a reactance: {@link Reactor#nearest} or {@link Reactor#exact} */
    public Ladder made(DoubleFunction<Reactor> part) {
        return Ladder.of(
                new Piece.Across(part.apply(acrossLoad)),
                new Piece.InRow(part.apply(inRow)),
                new Piece.Across(part.apply(acrossSource)));
    }
}
