package veldline.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Yagi;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Antennas that benchmarks solve. */
public final class Models {
    public static final double FREQUENCY = 2437e6;
    private static final double WAVE = 299_792_458.0 / FREQUENCY;
    private static final double ROD = 0.8e-3;

    private Models() {}

    public static WireModel named(String name) {
        return switch (name) {
            case "dipole" -> yagi(List.of(rod(0, 0, 0, 0.47)), List.of(0));
            case "yagi-11" ->
                Yagi.forCount(FREQUENCY, 11, Quantity.of("1.6", Unit.MM), Metal.ALUMINIUM, false)
                        .model();
            case "yagi-15" -> longYagi(15, 0, 0);
            case "yagi-30" -> longYagi(30, 0, 0);
            case "quad-3" -> quad();
            case "helix-12-disc" -> helix();
            case "yagi-15x4" -> stacked();
            default -> throw new IllegalArgumentException("No model is called " + name);
        };
    }

    /** With the ends of the last wire so much farther out. */
    static WireModel edited(WireModel model, double by) {
        List<Wire> wires = new ArrayList<>(model.wires());
        Wire last = wires.remove(wires.size() - 1);
        Vec from = last.points().get(0);
        Vec to = last.points().get(last.points().size() - 1);
        Vec along = to.minus(from).unit().times(by);
        List<Vec> points = new ArrayList<>(last.points());
        points.set(0, from.minus(along));
        points.set(points.size() - 1, to.plus(along));
        wires.add(new Wire(points, last.radius(), last.closed(), last.conductivity()));
        return new WireModel(
                model.name(),
                wires,
                model.sources(),
                model.loads(),
                model.ground(),
                model.conductivity(),
                model.boresight());
    }

    private static Wire rod(double x, double y, double z, double waves) {
        double half = waves * WAVE / 2;
        return Wire.straight(new Vec(x, y - half, z), new Vec(x, y + half, z), ROD);
    }

    private static WireModel yagi(List<Wire> wires, List<Integer> fed) {
        return new WireModel(
                "bench",
                wires,
                fed.stream().map(w -> Source.volt(Port.middleOf(w))).toList(),
                List.of(),
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
    }

    private static List<Wire> elements(int count, double y, double z) {
        List<Wire> wires = new ArrayList<>(List.of(rod(-0.2 * WAVE, y, z, 0.49), rod(0, y, z, 0.46)));
        for (int i = 2; i < count; i++) {
            wires.add(rod((0.1 + 0.3 * (i - 2)) * WAVE, y, z, 0.42 - 0.0008 * i));
        }
        return wires;
    }

    private static WireModel longYagi(int count, double y, double z) {
        return yagi(elements(count, y, z), List.of(1));
    }

    private static WireModel stacked() {
        List<Wire> wires = new ArrayList<>();
        List<Integer> fed = new ArrayList<>();
        for (double y : new double[] {-1.1, 1.1}) {
            for (double z : new double[] {-1.1, 1.1}) {
                fed.add(wires.size() + 1);
                wires.addAll(elements(15, y * WAVE, z * WAVE));
            }
        }
        return yagi(wires, fed);
    }

    private static WireModel quad() {
        List<Wire> wires = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            double s = (0.265 - 0.008 * i) * WAVE / 2;
            double x = 0.2 * WAVE * i;
            wires.add(new Wire(
                    List.of(new Vec(x, -s, -s), new Vec(x, s, -s), new Vec(x, s, s), new Vec(x, -s, s)),
                    ROD / 2,
                    true,
                    Optional.empty()));
        }
        return new WireModel(
                "quad",
                wires,
                List.of(Source.volt(new Port(1, new Port.Place.Fraction(0.125)))),
                List.of(),
                Ground.FREE,
                Optional.empty(),
                Optional.of(Direction.X));
    }

    private static WireModel helix() {
        int perTurn = 16;
        double radius = WAVE / (2 * Math.PI);
        List<Vec> points = new ArrayList<>(List.of(Vec.ZERO, new Vec(0, 0, 0.03 * WAVE)));
        for (int i = 0; i <= 12 * perTurn; i++) {
            double a = 2 * Math.PI * i / perTurn;
            points.add(new Vec(radius * Math.cos(a), radius * Math.sin(a), 0.03 * WAVE + 0.225 * WAVE * i / perTurn));
        }
        List<Wire> wires = new ArrayList<>(List.of(new Wire(points, ROD / 2, false, Optional.empty())));
        List<Vec> rim = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double a = 2 * Math.PI * (i + 0.5) / 12;
            Vec end = new Vec(0.4 * WAVE * Math.cos(a), 0.4 * WAVE * Math.sin(a), 0);
            rim.add(end);
            wires.add(Wire.straight(Vec.ZERO, end, ROD / 2));
        }
        wires.add(new Wire(rim, ROD / 2, true, Optional.empty()));
        return new WireModel(
                "helix",
                wires,
                List.of(Source.volt(new Port(0, new Port.Place.Vertex(0)))),
                List.of(),
                Ground.FREE,
                Optional.empty(),
                Optional.of(new Direction(0, 0)));
    }
}
