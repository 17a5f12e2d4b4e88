package veldline.field.wire;

import java.util.List;
import java.util.Optional;

/**
 * Everything a field solution depends on but the frequency. Equal models have equal solutions, so a model is also the
 * key under which solutions are remembered.
 *
 * @param name for messages; not part of the physics
 * @param conductivity of every wire that has none of its own, siemens per metre; empty is a perfect conductor
 * @param networks lines and two-ports between places on the wires
 * @param boresight the direction results are quoted in; empty means that of greatest gain
 */
public record WireModel(
        String name,
        List<Wire> wires,
        List<Source> sources,
        List<Load> loads,
        List<Network> networks,
        Ground ground,
        Optional<Double> conductivity,
        Optional<Direction> boresight) {

    public WireModel {
        wires = List.copyOf(wires);
        sources = List.copyOf(sources);
        loads = List.copyOf(loads);
        networks = List.copyOf(networks);
    }

    /** Without networks. */
    public WireModel(
            String name,
            List<Wire> wires,
            List<Source> sources,
            List<Load> loads,
            Ground ground,
            Optional<Double> conductivity,
            Optional<Direction> boresight) {
        this(name, wires, sources, loads, List.of(), ground, conductivity, boresight);
    }

    /** Wires in free space, perfect conductors, one 1 V source. */
    public static WireModel inFreeSpace(String name, List<Wire> wires, Port fed, Direction boresight) {
        return new WireModel(
                name,
                wires,
                List.of(Source.volt(fed)),
                List.of(),
                Ground.FREE,
                Optional.empty(),
                Optional.of(boresight));
    }

    /** The conductivity in force on a wire; empty is perfect. */
    public Optional<Double> conductivityOf(int wire) {
        return wires.get(wire).conductivity().or(() -> conductivity);
    }

    /** Half the diagonal of the box around the wires, metres. */
    public double extent() {
        Vec[] box = box();
        return box[1].minus(box[0]).length() / 2;
    }

    /** The middle of that box. */
    public Vec middle() {
        Vec[] box = box();
        return box[0].towards(box[1], 0.5);
    }

    /** Its corner of least coordinates and that of greatest. */
    private Vec[] box() {
        double[] low = {1e300, 1e300, 1e300};
        double[] high = {-1e300, -1e300, -1e300};
        for (Wire w : wires) {
            for (Vec p : w.points()) {
                double[] xyz = {p.x(), p.y(), p.z()};
                for (int i = 0; i < 3; i++) {
                    low[i] = Math.min(low[i], xyz[i]);
                    high[i] = Math.max(high[i], xyz[i]);
                }
            }
        }
        return new Vec[] {new Vec(low[0], low[1], low[2]), new Vec(high[0], high[1], high[2])};
    }
}
