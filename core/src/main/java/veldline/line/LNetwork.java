package veldline.line;

import java.util.ArrayList;
import java.util.List;
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

    /** What the line sees with these parts around a load, each with its own resistance in a row. */
    public static Complex seen(Complex load, boolean shuntAtLoad, Complex series, Complex shunt) {
        if (shuntAtLoad) {
            return parallel(load, shunt).add(series);
        }
        return parallel(load.add(series), shunt);
    }

    /** The share of the power that goes in which reaches the load, with parts that have resistance. */
    public double throughput(Complex load, Complex seriesPart, Complex shuntPart) {
        Complex atShunt = shuntAtLoad ? load : load.add(seriesPart);
        double branch = atShunt.reciprocal().getReal();
        double shared = branch / (branch + shuntPart.reciprocal().getReal());
        if (shuntAtLoad) {
            double behind = parallel(load, shuntPart).getReal();
            return shared * behind / (behind + seriesPart.getReal());
        }
        return shared * load.getReal() / (load.getReal() + seriesPart.getReal());
    }

    static Complex parallel(Complex a, Complex b) {
        return a.multiply(b).divide(a.add(b));
    }
}
