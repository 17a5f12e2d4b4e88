package veldline.line;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.hipparchus.complex.Complex;

/**
 * Two reactances that turn a load into the line's impedance, one across and one in a row (Pozar §5.1).
 *
 * @param shuntAtLoad whether the part across stands on the load's side
 * @param series reactance in a row, ohms
 * @param shunt reactance across, ohms
 */
public record LNetwork(boolean shuntAtLoad, double series, double shunt) {
    /** Every exact solution, two or four of them. */
    public static List<LNetwork> solutions(Complex load, double z0) {
        double r = load.getReal();
        double x = load.getImaginary();
        if (!(r > 0)) {
            throw new IllegalArgumentException("A load of " + r + " Ω cannot be matched; it must be above zero");
        }
        List<LNetwork> found = new ArrayList<>();
        double square = r * r + x * x;
        if (square >= r * z0 - 1e-12) {
            double root = Math.sqrt(r / z0) * Math.sqrt(Math.max(0, square - z0 * r));
            for (int sign : new int[] {1, -1}) {
                double susceptance = (x + sign * root) / square;
                // Pozar's X = 1/B + x·z0/r − z0/(B·r), freed of the difference that cancels where no shunt is needed.
                double series = sign * root * z0 / r;
                found.add(new LNetwork(true, series, -1 / susceptance));
            }
        }
        if (r <= z0) {
            double root = Math.sqrt(r * (z0 - r));
            for (int sign : new int[] {1, -1}) {
                double susceptance = sign * Math.sqrt((z0 - r) / r) / z0;
                found.add(new LNetwork(false, sign * root - x, -1 / susceptance));
            }
        }
        return found;
    }

    /** @param part a coil or capacitor of a reactance: {@link Reactor#nearest} or {@link Reactor#exact} */
    public Ladder made(DoubleFunction<Reactor> part) {
        Piece row = new Piece.InRow(part.apply(series));
        Piece across = new Piece.Across(part.apply(shunt));
        return shuntAtLoad ? Ladder.of(across, row) : Ladder.of(row, across);
    }
}
