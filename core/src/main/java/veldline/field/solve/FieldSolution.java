package veldline.field.solve;

import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;

/**
 * The currents on a model at one frequency, peak phasors, time factor exp(+jωt).
 *
 * @param frequency hertz
 * @param unknowns number of current functions solved for
 * @param impedances seen by each source, ohms
 * @param impedanceMatrix between the sources' places, ohms: the voltage across the first for a current into the second
 * @param inputPower delivered by all sources, watts
 * @param lostPower turned to heat in conductors, insulation, loads and networks, watts
 * @param pieces current on each straight piece
 */
public record FieldSolution(
        WireModel model,
        double frequency,
        int unknowns,
        List<Complex> impedances,
        List<List<Complex>> impedanceMatrix,
        double inputPower,
        double lostPower,
        List<Piece> pieces) {

    /**
     * A straight piece with a current that runs linearly along it.
     *
     * @param wire the wire it belongs to
     * @param atStart current at its start in the direction from start to end, amperes
     */
    public record Piece(int wire, Vec start, Vec end, Complex atStart, Complex atEnd) {
        public double length() {
            return end.minus(start).length();
        }
    }

    /** The share of the input power that is radiated. */
    public double efficiency() {
        return (inputPower - lostPower) / inputPower;
    }
}
