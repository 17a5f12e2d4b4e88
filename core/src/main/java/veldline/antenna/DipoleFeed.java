package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.field.aperture.FeedPattern;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.Direction;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * A half-wave dipole before a plate, as a dish is lit by one: solved by itself, the plate as rods along the field.
 *
 * @param tip to tip, metres
 * @param before the plate, metres
 * @param along the plate's measure along the field
 * @param across likewise across it
 * @param frequency hertz
 * @param conductivity of rod and plate, S/m
 */
record DipoleFeed(double tip, double before, double along, double across, double frequency, double conductivity) {
    private static final double C = 299_792_458.0;
    /** The dipole's rod, in waves; it shifts the match and not the light. */
    private static final double THICK = 0.012;

    private static final double RODS = 0.1;
    /** Places from ahead to straight behind. */
    private static final int PLACES = 180;
    /** Up to here a dish is lit, and its phase counts. */
    private static final int LIT = 70;

    /**
     * What it does.
     *
     * @param centre where its wave seems to come from, metres before the plate
     */
    record Solved(FeedPattern pattern, Complex impedance, double centre) {}

    private double wave() {
        return C / frequency;
    }

    /** Its wires, the plate at {@code x} and the dipole before it along the axis, or with a way of −1 looking back; the dipole comes first. */
    List<Wire> wires(double x, int way) {
        double at = x + way * before;
        Wire dipole = new Wire(
                List.of(new Vec(at, -tip / 2, 0), new Vec(at, tip / 2, 0)),
                THICK * wave() / 2,
                false,
                Optional.of(conductivity));
        return Stream.concat(
                        Stream.of(dipole),
                        Plate.rods(x, along, across, 1 / (RODS * wave())).stream()
                                .map(r -> new Wire(
                                        r.points(),
                                        r.thick() / 2,
                                        false,
                                        Optional.of(conductivity),
                                        Wire.Ends.OPEN,
                                        Optional.empty(),
                                        Plate.RODS)))
                .toList();
    }

    /** @throws IllegalArgumentException where it cannot be solved, with what stands in the way */
    Solved solved() {
        WireModel model = WireModel.inFreeSpace("feed", wires(0, 1), Port.middleOf(0), Direction.X);
        List<ModelCheck.Fault> faults = ModelCheck.faults(model, frequency);
        if (!faults.isEmpty()) {
            throw refused(faults.get(0).toString());
        }
        try {
            return told(FieldSolver.solve(model, frequency));
        } catch (SolveFailure e) {
            throw refused(e.getMessage());
        }
    }

    private static IllegalArgumentException refused(String why) {
        return new IllegalArgumentException("A dipole so close to such a plate cannot be solved (" + why
                + "); give a tenth of a wave between them and more");
    }

    private Solved told(FieldSolution solution) {
        RadiatedField field = new RadiatedField(solution);
        double ahead = field.intensity(Direction.X);
        double k = 2 * Math.PI / wave();
        Complex start = field.towards(Direction.X).phi();
        List<Double> inE = new ArrayList<>();
        List<Double> inH = new ArrayList<>();
        double turned = 0;
        double squares = 0;
        for (int i = 0; i <= PLACES; i++) {
            double a = Math.PI * i / PLACES;
            Direction e = Direction.of(new Vec(Math.cos(a), Math.sin(a), 0));
            Direction h = Direction.of(new Vec(Math.cos(a), 0, Math.sin(a)));
            double inPlaneE = field.intensity(e) / ahead;
            double inPlaneH = field.intensity(h) / ahead;
            inE.add(Math.sqrt(inPlaneE));
            inH.add(Math.sqrt(inPlaneH));
            if (i > 0 && i <= LIT * PLACES / 180) {
                double later = k * (Math.cos(a) - 1);
                // The field along y, seen from the direction: the azimuth's part in both planes.
                turned += later
                        * (inPlaneE * lag(field.towards(e).phi(), start)
                                + inPlaneH * lag(field.towards(h).phi(), start));
                squares += later * later * (inPlaneE + inPlaneH);
            }
        }
        return new Solved(
                new FeedPattern.Told(inE, inH, field.gain(Direction.X) / field.efficiency()),
                solution.impedances().get(0),
                turned / squares);
    }

    private static double lag(Complex field, Complex ahead) {
        return field.divide(ahead).getArgument();
    }
}
