package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.field.wire.Coating;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * The wires of a design as its family lays them: flat, the beam along x, elements along y, z up. Where the field is to stand the
 * whole is turned a quarter about the beam.
 */
final class Wiring {
    private final Design design;
    private final boolean turned;
    private final List<Wire> wires = new ArrayList<>();
    private final List<Source> sources = new ArrayList<>();
    private final List<Network> lines = new ArrayList<>();
    private final List<Load> loads = new ArrayList<>();

    Wiring(Design design) {
        this(design, design.upright());
    }

    private Wiring(Design design, boolean turned) {
        this.design = design;
        this.turned = turned;
    }

    /** For what stands, or lies, in one way only. */
    static Wiring fixed(Design design) {
        return new Wiring(design, false);
    }

    /** An open wire of the design's conductor; gives its index. */
    int wire(Vec... points) {
        return wire(List.of(points), design.round(), false);
    }

    /** A closed wire of the design's conductor; gives its index. */
    int loop(Vec... corners) {
        return wire(List.of(corners), design.round(), true);
    }

    int wire(List<Vec> points, double diameter, boolean closed) {
        return wire(points, diameter, closed, 1);
    }

    /** @param fineness of its cuts, see {@link Wire#fineness} */
    int wire(List<Vec> points, double diameter, boolean closed, double fineness) {
        Optional<Coating> around = design.covering()
                .map(c -> new Coating(
                        c.thickness().value(),
                        c.insulation().permittivity(),
                        c.insulation().lossTangent()));
        return add(points, diameter, closed, around, fineness);
    }

    /** Part of a net that stands for sheet metal: bare, and cut coarsely. */
    int sheet(List<Vec> points, double diameter, boolean closed, double fineness) {
        return add(points, diameter, closed, Optional.empty(), fineness);
    }

    private int add(List<Vec> points, double diameter, boolean closed, Optional<Coating> around, double fineness) {
        wires.add(new Wire(
                points.stream().map(this::turned).toList(),
                diameter / 2,
                closed,
                Optional.of(design.metal().conductivity()),
                Wire.Ends.OPEN,
                around,
                fineness));
        return wires.size() - 1;
    }

    private Vec turned(Vec v) {
        return turned ? new Vec(v.x(), -v.z(), v.y()) : v;
    }

    Wiring feed(int wire, Port.Place place) {
        sources.add(Source.volt(new Port(wire, place)));
        return this;
    }

    Wiring feedMiddle(int wire) {
        sources.add(Source.volt(Port.middleOf(wire)));
        return this;
    }

    /** A current of this size and phase lead held in the middle of a wire. */
    Wiring drive(int wire, double amperes, double leadDegrees) {
        double lead = Math.toRadians(leadDegrees);
        sources.add(new Source(
                Port.middleOf(wire), Source.Kind.CURRENT, amperes * Math.cos(lead), amperes * Math.sin(lead)));
        return this;
    }

    Wiring line(Network line) {
        lines.add(line);
        return this;
    }

    Wiring load(Load load) {
        loads.add(load);
        return this;
    }

    WireModel model(String name) {
        return model(name, Ground.FREE);
    }

    WireModel model(String name, Ground ground) {
        return new WireModel(name, wires, sources, loads, lines, ground, Optional.empty(), Optional.of(Direction.X));
    }
}
