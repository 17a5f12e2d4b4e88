package veldline.build;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.OwnWires;
import veldline.antenna.YagiShape;
import veldline.build.Cut.Bend;
import veldline.field.wire.Load;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * What to cut for an antenna: like pieces together, in the order they stand. Where it is fed, or a line, a trap or a coil sits, a wire
 * is parted: an open one into pieces, a loop into one that begins and ends there.
 */
public final class CutList {
    /** Less is not a bend, degrees. */
    private static final double STRAIGHT = 0.5;

    private CutList() {}

    /** @param frequency hertz; what is added for a boom depends on it */
    public static List<Cut> of(Made made, double frequency) {
        WireModel model = made.model();
        List<Cut> all = new ArrayList<>();
        if (made instanceof YagiShape y) {
            List<YagiShape.Cut> rows = y.cutList(frequency);
            for (int i = 0; i < rows.size(); i++) {
                double more = rows.get(i).cut() - y.elements().get(i).length().value();
                Wire w = model.wires().get(i);
                String name = rows.get(i).name();
                // A straight driven element is measured whole and parted last; a folded one is as much longer all the
                // way around as
                // twice the boom's share.
                if (w.closed()) {
                    pieces(name, w, ports(model, i))
                            .forEach(c -> join(all, stretched(c.as(y.diameter().value()), 2 * more)));
                } else {
                    join(
                            all,
                            stretched(
                                    piece(name, w.points(), false)
                                            .as(y.diameter().value()),
                                    more));
                }
            }
        } else if (made instanceof Design d) {
            for (int i = 0; i < model.wires().size(); i++) {
                if (!d.of().isSheet(d, i)) {
                    Wire w = model.wires().get(i);
                    boolean usual = Math.abs(2 * w.radius() - d.round()) < 1e-9;
                    double size = usual ? d.diameter().value() : 2 * w.radius();
                    double curve = d.of().curve(d, i);
                    boolean hangs = d.of().hangs();
                    for (Cut c : pieces(d.of().part(d, i), w, ports(model, i))) {
                        Cut sized = c.as(size).along(curve);
                        join(all, hangs ? sized.unbent() : sized);
                    }
                }
            }
        } else if (made instanceof OwnWires o) {
            for (int i = 0; i < o.wires().size(); i++) {
                double size = o.wires().get(i).diameter().value();
                pieces("wire " + (i + 1), model.wires().get(i), ports(model, i)).forEach(c -> join(all, c.as(size)));
            }
        }
        return List.copyOf(all);
    }

    /** Where a wire is parted, metres along it, growing: not at its ends, where nothing is left to part. */
    private static List<Double> ports(WireModel m, int wire) {
        Wire w = m.wires().get(wire);
        return Stream.of(
                        m.sources().stream().map(Source::port),
                        m.loads().stream().map(Load::port),
                        m.networks().stream().flatMap(n -> Stream.of(n.from(), n.to())))
                .flatMap(p -> p)
                .filter(p -> p.wire() == wire)
                .map(p -> p.distanceAlong(w))
                .filter(at -> w.closed() || at > w.radius() && at < w.length() - w.radius())
                .distinct()
                .sorted()
                .toList();
    }

    private static List<Cut> pieces(String name, Wire w, List<Double> ports) {
        if (ports.isEmpty()) {
            return List.of(piece(name, w.points(), w.closed()));
        }
        List<Double> at = new ArrayList<>();
        if (!w.closed()) {
            at.add(0.0);
        }
        at.addAll(ports);
        at.add(w.closed() ? ports.get(0) + w.length() : w.length());
        boolean halves = at.size() == 3 && Math.abs(at.get(1) - w.length() / 2) < w.radius();
        String called = name + (at.size() == 2 ? ", from the feed" : halves ? ", half" : ", part");
        List<Cut> all = new ArrayList<>();
        for (int i = 1; i < at.size(); i++) {
            all.add(piece(called, section(w, at.get(i - 1), at.get(i)), false));
        }
        return all;
    }

    /** The part of a wire between two distances along it; beyond its end a closed one begins again. */
    private static List<Vec> section(Wire w, double from, double to) {
        List<Vec> points = new ArrayList<>();
        double walked = 0;
        for (int e = 0; walked < to - 1e-9; e++) {
            Vec start = w.edgeStart(e % w.edges());
            Vec end = w.edgeEnd(e % w.edges());
            double edge = w.edgeLength(e % w.edges());
            if (walked + edge > from + 1e-9) {
                if (points.isEmpty()) {
                    points.add(start.towards(end, Math.max(0, (from - walked) / edge)));
                }
                points.add(start.towards(end, Math.min(1, (to - walked) / edge)));
            }
            walked += edge;
        }
        return points;
    }

    private static void join(List<Cut> all, Cut next) {
        for (int i = 0; i < all.size(); i++) {
            Cut c = all.get(i);
            if (c.like(next)) {
                all.set(i, new Cut(c.name(), c.count() + 1, c.length(), c.size(), c.bends(), c.closed()));
                return;
            }
        }
        all.add(next);
    }

    private static Cut stretched(Cut c, double more) {
        // What is added lies in the middle of it, or is shared all the way around.
        List<Bend> bends = c.bends().stream()
                .map(b -> new Bend(b.at() + more * (c.closed() ? b.at() / c.length() : 0.5), b.degrees()))
                .toList();
        return new Cut(c.name(), c.count(), c.length() + more, c.size(), bends, c.closed());
    }

    private static Cut piece(String name, List<Vec> points, boolean closed) {
        List<Bend> bends = new ArrayList<>();
        double at = 0;
        int edges = closed ? points.size() : points.size() - 1;
        for (int e = 0; e < edges; e++) {
            Vec edge = points.get((e + 1) % points.size()).minus(points.get(e));
            at += edge.length();
            if (e + 1 < edges) {
                Vec next = points.get((e + 2) % points.size()).minus(points.get(e + 1));
                double turn = Math.toDegrees(Math.acos(
                        Math.max(-1, Math.min(1, edge.unit().dot(next.unit())))));
                if (turn > STRAIGHT) {
                    bends.add(new Bend(at, turn));
                }
            }
        }
        return new Cut(name, 1, at, 0, bends, closed);
    }
}
