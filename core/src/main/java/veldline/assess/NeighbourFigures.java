package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.Direction;
import veldline.field.wire.Load;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.line.Mismatch;
import veldline.path.FreeSpace;
import veldline.raise.Neighbour;

/**
 * What something near does to an antenna, both solved together.
 *
 * @param gain ahead with it less without, dB
 * @param back ahead less back, with it
 * @param swr with it
 * @param squint bearing of the strongest direction in front, off the beam, to the left, degrees
 * @param with gain at each whole degree of the level plane, to the left from ahead on
 * @param alone the same without it
 */
public record NeighbourFigures(
        Worked gain, Worked back, Worked swr, double squint, List<Double> with, List<Double> alone) {
    private static final String GOOD_TO =
            "As the mast and the distance are measured; a tenth of a wave nearer changes all of it";
    static final Formula GAIN = new Formula(
            "Gain, by what stands near",
            "Gain straight ahead with it, less that of the antenna alone.",
            "D",
            "a − b",
            AntennaStage.METHOD,
            GOOD_TO);
    static final Formula BACK = new Formula(
            "Ahead less back, by what stands near",
            "Gain straight ahead less straight back, with it.",
            "F",
            "a − b",
            AntennaStage.METHOD,
            GOOD_TO);

    /** No more than this aside is still the beam, degrees. */
    private static final int FRONT = 70;
    /** As far as thin-wire sums go: radius over the wavelength, with a little room. */
    private static final double THIN = 0.015;
    /** Rods that stand for a sheet lie so close, in wavelengths; cut as coarsely as sheets are. */
    private static final double SPACING = 0.1;

    private static final double COARSE = 0.6;
    private static final int CORNERS = 12;

    public NeighbourFigures {
        with = List.copyOf(with);
        alone = List.copyOf(alone);
    }

    /** All it follows from. */
    record Input(WireModel model, double frequency, double z0, boolean upright, Neighbour near) {
        Alone alone() {
            return new Alone(model, frequency);
        }

        /** @param alone gain of the antenna by itself at each whole degree of the level plane */
        NeighbourFigures figures(List<Double> alone, BooleanSupplier keepGoing) {
            FieldSolution both = solved(
                    NeighbourFigures.with(model, near, z0, upright, FreeSpace.wavelength(frequency)),
                    frequency,
                    keepGoing);
            RadiatedField b = new RadiatedField(both);
            double ahead = b.gainDbi(Direction.X);
            List<Double> round = round(b);
            Complex z = both.impedances().get(0);
            return new NeighbourFigures(
                    Worked.of(GAIN)
                            .computed("a", "with it", ahead, "dBi", 2)
                            .computed("b", "alone", alone.get(0), "dBi", 2)
                            .gives(ahead - alone.get(0), "dB", 1),
                    Worked.of(BACK)
                            .computed("a", "ahead", ahead, "dBi", 2)
                            .computed("b", "back", b.gainDbi(Direction.X.opposite()), "dBi", 2)
                            .gives(ahead - b.gainDbi(Direction.X.opposite()), "dB", 1),
                    Mismatch.workedSwr(z, z0, "the antenna with it near"),
                    squint(round),
                    round,
                    alone);
        }
    }

    /** The antenna by itself, solved once however often something is moved about it. */
    record Alone(WireModel model, double frequency) {
        List<Double> round(BooleanSupplier keepGoing) {
            return NeighbourFigures.round(new RadiatedField(solved(model, frequency, keepGoing)));
        }
    }

    private static FieldSolution solved(WireModel m, double frequency, BooleanSupplier keepGoing) {
        return new FieldSolver(m, MeshRule.standard(frequency), keepGoing).at(frequency);
    }

    private static List<Double> round(RadiatedField field) {
        return IntStream.range(0, 360)
                .mapToObj(deg -> field.gainDbi(new Direction(90, deg)))
                .toList();
    }

    private static double squint(List<Double> round) {
        return IntStream.rangeClosed(-FRONT, FRONT)
                .reduce((p, q) -> round.get(Math.floorMod(q, 360)) > round.get(Math.floorMod(p, 360)) ? q : p)
                .orElseThrow();
    }

    /** The antenna with what stands near it; what is like it is fed into a resistor, as one that only hears. */
    static WireModel with(WireModel model, Neighbour near, double z0, boolean upright, double wavelength) {
        Vec middle = model.middle();
        Vec by = new Vec(near.ahead().value(), near.aside().value(), near.over().value());
        List<Wire> wires = new ArrayList<>(model.wires());
        List<Load> loads = new ArrayList<>(model.loads());
        if (near.kind() == Neighbour.Kind.MAST) {
            wires.addAll(mast(near, middle.plus(by), upright, wavelength));
        } else {
            if (!model.networks().isEmpty()) {
                throw new SolveFailure(
                        "An antenna with lines between its feeds cannot stand beside itself here; look at a mast in its place");
            }
            int own = wires.size();
            for (Wire w : model.wires()) {
                wires.add(new Wire(
                        w.points().stream().map(p -> p.plus(by)).toList(),
                        w.radius(),
                        w.closed(),
                        w.conductivity(),
                        w.ends(),
                        w.coating(),
                        w.fineness()));
            }
            for (Load l : model.loads()) {
                loads.add(l.at(new Port(l.port().wire() + own, l.port().place())));
            }
            for (Source s : model.sources()) {
                loads.add(new Load.Lumped(
                        new Port(s.port().wire() + own, s.port().place()),
                        false,
                        Optional.of(z0),
                        Optional.empty(),
                        Optional.empty()));
            }
        }
        return new WireModel(
                model.name() + " with " + near.kind().words() + " near",
                wires,
                model.sources(),
                loads,
                model.networks(),
                model.ground(),
                model.conductivity(),
                model.boresight());
    }

    /** A thin mast is a wire; a thick one rods along the field, as sheet metal is: bars of a cage, or rings. */
    private static List<Wire> mast(Neighbour near, Vec at, boolean upright, double wavelength) {
        double radius = near.across().value() / 2;
        Vec half = new Vec(0, 0, near.length().value() / 2);
        if (radius <= THIN * wavelength) {
            return List.of(Wire.straight(at.minus(half), at.plus(half), radius));
        }
        double step = SPACING * wavelength;
        List<Wire> rods = new ArrayList<>();
        if (upright) {
            int bars = (int) Math.max(8, Math.ceil(2 * Math.PI * radius / step));
            for (int i = 0; i < bars; i++) {
                Vec out = around(radius, 2 * Math.PI * i / bars);
                rods.add(rod(List.of(at.plus(out).minus(half), at.plus(out).plus(half)), false, radius / bars));
            }
            return rods;
        }
        int rings = (int) Math.max(2, Math.ceil(near.length().value() / step));
        for (int k = 0; k <= rings; k++) {
            Vec up = new Vec(0, 0, near.length().value() * (k / (double) rings - 0.5));
            List<Vec> corners = IntStream.range(0, CORNERS)
                    .mapToObj(i -> at.plus(up).plus(around(radius, 2 * Math.PI * i / CORNERS)))
                    .toList();
            rods.add(rod(corners, true, near.length().value() / rings / (2 * Math.PI)));
        }
        return rods;
    }

    private static Vec around(double radius, double turn) {
        return new Vec(radius * Math.cos(turn), radius * Math.sin(turn), 0);
    }

    private static Wire rod(List<Vec> points, boolean closed, double radius) {
        return new Wire(points, radius, closed, Optional.empty(), Wire.Ends.OPEN, Optional.empty(), COARSE);
    }
}
