package veldline.field.solve;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import veldline.field.solve.Grading.End;
import veldline.field.solve.Mesh.Arm;
import veldline.field.solve.Mesh.Gap;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** Cuts a model into a {@link Mesh} by a {@link MeshRule}. */
final class Mesher {
    private static final double C = 299_792_458.0;
    private static final double BETWEEN_OPEN_ENDS = 0.8;
    /** However short against a wave, a piece so many radii long gets its steps towards an open end. */
    private static final double ROOM_FOR_STEPS = 24;

    /** Cosine of the turn beyond which a corner draws the mesh together, 45 degrees. */
    private static final double SHARP = Math.sqrt(0.5);

    private final WireModel model;
    private final MeshRule rule;
    private final List<Segment> segments = new ArrayList<>();
    private final List<List<int[]>> nodeEnds = new ArrayList<>();
    private final List<Vec> nodes = new ArrayList<>();
    private final Map<Long, List<Integer>> nodeGrid = new LinkedHashMap<>();
    private final double tolerance;
    private final List<double[]> cuts = new ArrayList<>();
    /** Cuts to be made in place of those of the rule; empty for the rule's. */
    private final List<double[]> given;

    private Mesher(WireModel model, MeshRule rule, List<double[]> given) {
        this.model = model;
        this.rule = rule;
        this.given = given;
        this.tolerance =
                1e-3 * model.wires().stream().mapToDouble(Wire::radius).min().orElseThrow();
    }

    static Mesh mesh(WireModel model, MeshRule rule, List<Port> ports) {
        return new Mesher(model, rule, List.of()).mesh(ports);
    }

    /**
     * The mesh of a model whose dimensions differ a little from those of another: cut in the same proportions.
     *
     * @throws IllegalArgumentException if it has other pieces
     */
    static Mesh like(Mesh other, WireModel model, MeshRule rule, List<Port> ports) {
        Mesh mesh = new Mesher(model, rule, other.cuts()).mesh(ports);
        if (mesh.segments().size() != other.segments().size()
                || mesh.functions().size() != other.functions().size()) {
            throw new IllegalArgumentException(
                    "The change joins or parts wires: " + mesh.segments().size() + " segments in place of "
                            + other.segments().size() + "; change it by less");
        }
        return mesh;
    }

    private Mesh mesh(List<Port> ports) {
        for (int w = 0; w < model.wires().size(); w++) {
            cut(w, ports);
        }
        List<List<Arm>> functions = new ArrayList<>();
        for (int n = 0; n < nodes.size(); n++) {
            addFunctions(n, functions);
        }
        List<Gap> gaps = ports.stream().map(this::gap).toList();
        return new Mesh(List.copyOf(segments), List.copyOf(functions), gaps, List.copyOf(cuts));
    }

    /** Cuts one wire at its vertices and ports, and grades the pieces between. */
    private void cut(int w, List<Port> ports) {
        Wire wire = model.wires().get(w);
        boolean driven = ports.stream().anyMatch(p -> p.wire() == w);
        TreeSet<Double> portsAt = new TreeSet<>();
        ports.stream().filter(p -> p.wire() == w).forEach(p -> portsAt.add(p.distanceAlong(wire)));
        double halfWave = C / rule.meshFrequency() / 2;
        double pitch = halfWave / wire.fineness() / (driven ? rule.perHalfWaveDriven() : rule.perHalfWave());
        double walked = 0;
        for (int e = 0; e < wire.edges(); e++) {
            double length = wire.edgeLength(e);
            List<Double> stations = new ArrayList<>(List.of(0.0));
            for (double at : portsAt) {
                double here = at - walked;
                if (here > 1e-3 * wire.radius() && here < length - 1e-3 * wire.radius()) {
                    stations.add(here);
                }
            }
            stations.add(length);
            for (int i = 0; i + 1 < stations.size(); i++) {
                double piece = stations.get(i + 1) - stations.get(i);
                End start = i > 0 ? End.PORT : endAt(w, e, portsAt, walked);
                End end = i + 2 < stations.size() ? End.PORT : endAt(w, e + 1, portsAt, walked + length);
                double reach = wire.endReach() / length;
                Vec from = wire.edgeStart(e)
                        .towards(wire.edgeEnd(e), stations.get(i) / length - (start == End.OPEN ? reach : 0));
                Vec to = wire.edgeStart(e)
                        .towards(wire.edgeEnd(e), stations.get(i + 1) / length + (end == End.OPEN ? reach : 0));
                double[] at = given.isEmpty() ? byRule(piece, pitch, wire.radius(), start, end) : nextGiven();
                cuts.add(at);
                for (int k = 0; k + 1 < at.length; k++) {
                    addSegment(new Segment(w, from.towards(to, at[k]), from.towards(to, at[k + 1]), wire.radius()));
                }
            }
            walked += length;
        }
    }

    private static double[] byRule(double piece, double pitch, double radius, End start, End end) {
        // Both ends open: the steps added there take the place of some between.
        boolean bothOpen = start == End.OPEN && end == End.OPEN;
        double share = bothOpen ? BETWEEN_OPEN_ENDS : 1;
        boolean roomy = (start == End.OPEN || end == End.OPEN) && piece > ROOM_FOR_STEPS * radius;
        int least = roomy ? Grading.FEWEST : bothOpen ? 2 : 1;
        int count = Math.max(least, (int) Math.ceil(share * piece / pitch - 1e-9));
        if (start == end && count >= Grading.FEWEST) {
            // A cut in the middle, where a plane of symmetry may lie.
            count += count % 2;
        }
        return Grading.cuts(count, piece / radius, start, end);
    }

    private double[] nextGiven() {
        if (cuts.size() == given.size()) {
            throw new IllegalArgumentException("The change makes more than " + given.size()
                    + " straight pieces; change dimensions only, not what there is");
        }
        return given.get(cuts.size());
    }

    /** What a wire comes to at one of its vertices. */
    private End endAt(int w, int vertex, TreeSet<Double> portsAt, double along) {
        Wire wire = model.wires().get(w);
        int edges = wire.edges();
        double total = wire.length();
        boolean port = portsAt.stream()
                .anyMatch(p -> Math.abs(p - along) < 2e-3 * wire.radius()
                        || wire.closed() && Math.abs(Math.abs(p - along) - total) < 2e-3 * wire.radius());
        if (port) {
            return End.PORT;
        }
        Vec at = wire.points().get(vertex % wire.points().size());
        boolean meets = meets(w, at);
        boolean last = !wire.closed() && (vertex == 0 || vertex == edges);
        if (last || meets) {
            return meets ? End.JOINT : End.OPEN;
        }
        Vec into = direction(wire, (vertex + edges - 1) % edges);
        Vec out = direction(wire, vertex % edges);
        return into.dot(out) < SHARP ? End.JOINT : End.ON;
    }

    private static Vec direction(Wire wire, int edge) {
        return wire.edgeEnd(edge).minus(wire.edgeStart(edge)).unit();
    }

    /** Whether another wire or the ground joins a wire at one of its vertices. */
    private boolean meets(int w, Vec at) {
        if (model.ground().reflects() && Math.abs(at.z()) < tolerance) {
            return true;
        }
        for (int o = 0; o < model.wires().size(); o++) {
            for (Vec v : model.wires().get(o).points()) {
                if (o != w && v.minus(at).length() < tolerance) {
                    return true;
                }
            }
        }
        return false;
    }

    private void addSegment(Segment s) {
        int index = segments.size();
        segments.add(s);
        nodeEnds.get(nodeAt(s.start())).add(new int[] {index, 0});
        nodeEnds.get(nodeAt(s.end())).add(new int[] {index, 1});
    }

    private int nodeAt(Vec p) {
        double cell = 8 * tolerance;
        for (long ix = cell(p.x() - tolerance, cell); ix <= cell(p.x() + tolerance, cell); ix++) {
            for (long iy = cell(p.y() - tolerance, cell); iy <= cell(p.y() + tolerance, cell); iy++) {
                for (long iz = cell(p.z() - tolerance, cell); iz <= cell(p.z() + tolerance, cell); iz++) {
                    for (int n : nodeGrid.getOrDefault(key(ix, iy, iz), List.of())) {
                        if (nodes.get(n).minus(p).length() < tolerance) {
                            return n;
                        }
                    }
                }
            }
        }
        nodes.add(p);
        nodeEnds.add(new ArrayList<>());
        long home = key(cell(p.x(), cell), cell(p.y(), cell), cell(p.z(), cell));
        nodeGrid.computeIfAbsent(home, k -> new ArrayList<>()).add(nodes.size() - 1);
        return nodes.size() - 1;
    }

    private static long cell(double at, double cell) {
        return Math.round(at / cell);
    }

    private static long key(long x, long y, long z) {
        return (x * 73_856_093L) ^ (y * 19_349_663L) ^ (z * 83_492_791L);
    }

    private void addFunctions(int node, List<List<Arm>> functions) {
        List<int[]> ends = nodeEnds.get(node);
        boolean grounded = model.ground().reflects() && Math.abs(nodes.get(node).z()) < tolerance;
        if (grounded) {
            ends.forEach(end -> functions.add(List.of(new Arm(end[0], end[1], 1))));
            return;
        }
        for (int i = 1; i < ends.size(); i++) {
            int[] into = ends.get(0);
            int[] out = ends.get(i);
            functions.add(List.of(
                    new Arm(into[0], into[1], into[1] == 1 ? 1 : -1), new Arm(out[0], out[1], out[1] == 0 ? 1 : -1)));
        }
    }

    /**
     * A gap of two radii, centred on the port. Where the port is at the wire's end, half of that lies beyond it, on the
     * image or on the wires it joins, and the half that is on the wire takes the whole voltage.
     */
    private Gap gap(Port port) {
        Wire wire = model.wires().get(port.wire());
        double total = wire.length();
        double centre = port.distanceAlong(wire);
        double from = wire.closed() ? centre - wire.radius() : Math.max(0, centre - wire.radius());
        double to = wire.closed() ? centre + wire.radius() : Math.min(total, centre + wire.radius());
        double width = to - from;
        double[][] weight = new double[segments.size()][2];
        double walked = 0;
        for (int s = 0; s < segments.size(); s++) {
            if (segments.get(s).wire() != port.wire()) {
                continue;
            }
            double length = segments.get(s).length();
            for (double turn : new double[] {-total, 0, total}) {
                double a = Math.max(0, from + turn - walked) / length;
                double b = Math.min(length, to + turn - walked) / length;
                if (b > a && (turn == 0 || wire.closed())) {
                    weight[s][1] += (b * b - a * a) / 2 * length / width;
                    weight[s][0] += ((b - a) - (b * b - a * a) / 2) * length / width;
                }
            }
            walked += length;
        }
        List<Arm> arms = new ArrayList<>();
        for (int s = 0; s < weight.length; s++) {
            for (int end = 0; end < 2; end++) {
                if (weight[s][end] != 0) {
                    arms.add(new Arm(s, end, weight[s][end]));
                }
            }
        }
        return new Gap(List.copyOf(arms));
    }
}
