package veldline.field.wire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Finds what stands in the way of solving a model: each fault names its wires and says what would mend it. Wires join
 * only where vertices meet; joints within a thousandth of the thinner radius count as met.
 */
public final class ModelCheck {
    /** Wires thicker than this part of a wavelength in radius are refused: currents around the wire are left out. */
    public static final double MOST_RADIUS_WAVES = 0.02;

    /** Over a real ground wires must stand clear of it by so many radii. */
    private static final double CLEAR_OF_EARTH = 10;

    private static final double C = 299_792_458.0;

    /**
     * One fault.
     *
     * @param what the wire, the value and the limit
     * @param remedy what to do
     */
    public record Fault(String what, String remedy) {
        @Override
        public String toString() {
            return what + "; " + remedy;
        }
    }

    private ModelCheck() {}

    /** @param frequency the highest that will be solved, hertz */
    public static List<Fault> faults(WireModel model, double frequency) {
        List<Fault> faults = new ArrayList<>();
        if (model.wires().isEmpty()) {
            faults.add(new Fault("The model has no wires", "give at least one"));
        }
        if (!(frequency > 0) || frequency > 1e12) {
            faults.add(new Fault("The frequency is " + frequency + " Hz", "give one above 0 and up to 1e12 Hz"));
            return faults;
        }
        for (int w = 0; w < model.wires().size(); w++) {
            oneWire(model, w, C / frequency, faults);
        }
        if (faults.isEmpty()) {
            pairs(model, faults);
            ports(model, faults);
        }
        return faults;
    }

    private static void oneWire(WireModel model, int w, double wavelength, List<Fault> faults) {
        Wire wire = model.wires().get(w);
        String name = "Wire " + w;
        int least = wire.closed() ? 3 : 2;
        if (wire.points().size() < least) {
            faults.add(new Fault(name + " has " + wire.points().size() + " points", "a wire needs at least " + least));
            return;
        }
        if (wire.points().stream().anyMatch(p -> !Double.isFinite(p.x() + p.y() + p.z()))) {
            faults.add(new Fault(name + " has a coordinate that is not a number", "give metres"));
            return;
        }
        if (!(wire.radius() > 0)) {
            faults.add(new Fault(name + " has a radius of " + wire.radius() + " m", "give a radius above zero"));
            return;
        }
        if (wire.radius() > MOST_RADIUS_WAVES * wavelength) {
            faults.add(new Fault(
                    String.format(
                            Locale.ROOT,
                            "%s has a radius of %.4f wavelengths; thin-wire sums stop at %.2f",
                            name,
                            wire.radius() / wavelength,
                            MOST_RADIUS_WAVES),
                    String.format(
                            Locale.ROOT,
                            "use a radius up to %.6g m or a lower frequency",
                            MOST_RADIUS_WAVES * wavelength)));
        }
        for (int e = 0; e < wire.edges(); e++) {
            if (wire.edgeLength(e) < 2 * wire.radius()) {
                faults.add(new Fault(
                        String.format(
                                Locale.ROOT,
                                "%s, edge %d is %.6g m long, less than its own diameter %.6g m",
                                name,
                                e,
                                wire.edgeLength(e),
                                2 * wire.radius()),
                        "lengthen the edge or use a thinner wire"));
            }
            if (model.ground().reflects()
                    && (wire.edgeStart(e).z() < -1e-9 || wire.edgeEnd(e).z() < -1e-9)) {
                faults.add(new Fault(name + " reaches below the ground at z = 0", "raise it to z = 0 or above"));
            }
            double lowest = Math.min(wire.edgeStart(e).z(), wire.edgeEnd(e).z());
            if (model.ground().kind() == Ground.Kind.REAL && lowest < CLEAR_OF_EARTH * wire.radius()) {
                faults.add(new Fault(
                        String.format(
                                Locale.ROOT,
                                "%s comes within %.4g m of the ground, and sums over real ground end at %.4g m",
                                name,
                                Math.max(0, lowest),
                                CLEAR_OF_EARTH * wire.radius()),
                        "raise it, or take a perfect ground where it is bonded to a good earth"));
            }
        }
        model.conductivityOf(w)
                .filter(s -> !(s > 0))
                .ifPresent(s -> faults.add(new Fault(
                        name + " has a conductivity of " + s + " S/m",
                        "give one above zero, or null for a perfect conductor")));
    }

    private static void pairs(WireModel model, List<Fault> faults) {
        record Edge(int wire, int index, Vec from, Vec to, double radius) {}
        List<Edge> edges = new ArrayList<>();
        for (int w = 0; w < model.wires().size(); w++) {
            Wire wire = model.wires().get(w);
            for (int e = 0; e < wire.edges(); e++) {
                edges.add(new Edge(w, e, wire.edgeStart(e), wire.edgeEnd(e), wire.radius()));
            }
        }
        for (int i = 0; i < edges.size(); i++) {
            for (int j = i + 1; j < edges.size(); j++) {
                Edge a = edges.get(i);
                Edge b = edges.get(j);
                double joint = 1e-3 * Math.min(a.radius, b.radius);
                if (joined(a.from, a.to, b.from, b.to, joint)) {
                    continue;
                }
                Nearest near = Nearest.between(a.from, a.to, b.from, b.to);
                if (near.distance() >= a.radius + b.radius) {
                    continue;
                }
                String names = "Wires " + a.wire + " and " + b.wire;
                if (near.distance() < joint) {
                    boolean vertexOfA = vertex(near.s());
                    boolean vertexOfB = vertex(near.t());
                    String lacking = vertexOfA && !vertexOfB
                            ? "wire " + b.wire
                            : vertexOfB && !vertexOfA ? "wire " + a.wire : "both";
                    faults.add(new Fault(
                            names + " cross where they have no common vertex, so they do not join",
                            "add a vertex at " + near.at() + " to " + lacking + ", or move one aside"));
                } else if (onlyEnds(a.from, a.to, b.from, b.to, a.radius + b.radius)) {
                    faults.add(new Fault(
                            String.format(
                                    Locale.ROOT,
                                    "Ends or corners of wires %d and %d nearly touch: they are %.3g m apart at %s, and join"
                                            + " only within %.3g m",
                                    a.wire,
                                    b.wire,
                                    near.distance(),
                                    near.at(),
                                    joint),
                            "give both the same place, or leave more than their two radii, "
                                    + String.format(Locale.ROOT, "%.3g m", a.radius + b.radius)));
                } else {
                    faults.add(new Fault(
                            String.format(
                                    Locale.ROOT,
                                    "%s come within %.6g m, less than their two radii %.6g m",
                                    names,
                                    near.distance(),
                                    a.radius + b.radius),
                            "join them at a common vertex or move them apart"));
                }
            }
        }
    }

    /** Whether two edges that come too close do so near ends of both alone, as if they were meant to join. */
    private static boolean onlyEnds(Vec a0, Vec a1, Vec b0, Vec b1, double least) {
        Nearest ends = Nearest.between(a0, a1, b0, b1);
        Nearest rest =
                Nearest.between(a0.towards(a1, 0.1), a0.towards(a1, 0.9), b0.towards(b1, 0.1), b0.towards(b1, 0.9));
        return vertex(ends.s()) && vertex(ends.t()) && rest.distance() >= least;
    }

    private static boolean vertex(double share) {
        return share < 1e-9 || share > 1 - 1e-9;
    }

    private static boolean joined(Vec a0, Vec a1, Vec b0, Vec b1, double within) {
        return a0.minus(b0).length() < within
                || a0.minus(b1).length() < within
                || a1.minus(b0).length() < within
                || a1.minus(b1).length() < within;
    }

    private static void ports(WireModel model, List<Fault> faults) {
        if (model.sources().isEmpty()) {
            faults.add(new Fault("The model has no source", "give at least one in “sources”"));
        }
        for (int i = 0; i < model.sources().size(); i++) {
            port(model, "Source " + i, model.sources().get(i).port(), faults);
        }
        for (int i = 0; i < model.networks().size(); i++) {
            port(model, "The near end of network " + i, model.networks().get(i).from(), faults);
            port(model, "The far end of network " + i, model.networks().get(i).to(), faults);
        }
        twoSources(model, faults);
        for (int i = 0; i < model.loads().size(); i++) {
            port(model, "Load " + i, model.loads().get(i).port(), faults);
        }
    }

    private static void twoSources(WireModel model, List<Fault> faults) {
        for (int i = 0; i < model.sources().size() && faults.isEmpty(); i++) {
            Port a = model.sources().get(i).port();
            for (int j = i + 1; j < model.sources().size(); j++) {
                Port b = model.sources().get(j).port();
                Wire wire = model.wires().get(a.wire());
                if (a.wire() == b.wire() && Math.abs(a.distanceAlong(wire) - b.distanceAlong(wire)) < wire.radius()) {
                    faults.add(new Fault(
                            "Sources " + i + " and " + j + " are at one place on wire " + a.wire(),
                            "leave one of them out"));
                }
            }
        }
    }

    private static void port(WireModel model, String name, Port port, List<Fault> faults) {
        if (port.wire() < 0 || port.wire() >= model.wires().size()) {
            faults.add(new Fault(
                    name + " is on wire " + port.wire() + "; wires go from 0 to "
                            + (model.wires().size() - 1),
                    "name one of those"));
            return;
        }
        Wire wire = model.wires().get(port.wire());
        if (port.place() instanceof Port.Place.Vertex v
                && (v.index() < 0 || v.index() >= wire.points().size())) {
            faults.add(new Fault(
                    name + " is at vertex " + v.index() + "; wire " + port.wire() + " has 0 to "
                            + (wire.points().size() - 1),
                    "name one of those"));
            return;
        }
        double at = port.distanceAlong(wire);
        if (!(at >= 0 && at <= wire.length() * (1 + 1e-9))) {
            faults.add(new Fault(
                    name + " lies " + at + " m along wire " + port.wire() + ", which is " + wire.length() + " m long",
                    "give a place on the wire"));
            return;
        }
        boolean end = !wire.closed() && (at < wire.radius() || at > wire.length() - wire.radius());
        Vec point = at < wire.radius()
                ? wire.points().get(0)
                : wire.points().get(wire.points().size() - 1);
        if (end && !meetsSomething(model, port.wire(), point)) {
            faults.add(new Fault(
                    name + " is on the open end of wire " + port.wire() + ", where no current flows",
                    "move it along the wire or join the end to another"));
        }
    }

    private static boolean meetsSomething(WireModel model, int own, Vec point) {
        if (model.ground().reflects() && Math.abs(point.z()) < 1e-9) {
            return true;
        }
        double within = 1e-3 * model.wires().get(own).radius();
        for (int w = 0; w < model.wires().size(); w++) {
            for (Vec v : model.wires().get(w).points()) {
                if (w != own && v.minus(point).length() < within) {
                    return true;
                }
            }
        }
        return false;
    }
}
