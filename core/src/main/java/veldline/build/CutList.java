package veldline.build;

import java.util.ArrayList;
import java.util.List;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.OwnWires;
import veldline.antenna.YagiShape;
import veldline.build.Cut.Bend;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;

/** What to cut for an antenna: like pieces together, in the order they stand. */
public final class CutList {
    /** Less is not a bend, degrees. */
    private static final double STRAIGHT = 0.5;

    private CutList() {}

    /** @param frequency hertz; what is added for a boom depends on it */
    public static List<Cut> of(Made made, double frequency) {
        List<Cut> all = new ArrayList<>();
        if (made instanceof YagiShape y) {
            List<YagiShape.Cut> rows = y.cutList(frequency);
            List<Wire> wires = y.model().wires();
            for (int i = 0; i < rows.size(); i++) {
                double more = rows.get(i).cut() - y.elements().get(i).length().value();
                boolean folded = wires.get(i).closed();
                Cut plain = piece(rows.get(i).name(), wires.get(i), y.diameter().value());
                // A folded element is as much longer all the way around as twice the boom's share.
                join(all, stretched(plain, folded ? 2 * more : more));
            }
        } else if (made instanceof Design d) {
            List<Wire> wires = d.model().wires();
            for (int i = 0; i < wires.size(); i++) {
                if (!d.of().isSheet(d, i)) {
                    Wire w = wires.get(i);
                    boolean usual = Math.abs(2 * w.radius() - d.round()) < 1e-9;
                    join(all, piece(d.of().part(d, i), w, usual ? d.diameter().value() : 2 * w.radius()));
                }
            }
        } else if (made instanceof OwnWires o) {
            for (int i = 0; i < o.wires().size(); i++) {
                join(
                        all,
                        piece(
                                "wire " + (i + 1),
                                o.model().wires().get(i),
                                o.wires().get(i).diameter().value()));
            }
        }
        return List.copyOf(all);
    }

    private static void join(List<Cut> all, Cut next) {
        for (int i = 0; i < all.size(); i++) {
            Cut c = all.get(i);
            if (c.like(next) && c.name().equals(next.name())) {
                all.set(i, new Cut(c.name(), c.count() + 1, c.length(), c.size(), c.bends(), c.closed()));
                return;
            }
        }
        all.add(next);
    }

    private static Cut stretched(Cut c, double more) {
        return new Cut(c.name(), c.count(), c.length() + more, c.size(), c.bends(), c.closed());
    }

    private static Cut piece(String name, Wire w, double size) {
        List<Bend> bends = new ArrayList<>();
        double at = 0;
        for (int e = 0; e + 1 < w.edges(); e++) {
            at += w.edgeLength(e);
            Vec in = w.edgeEnd(e).minus(w.edgeStart(e)).unit();
            Vec out = w.edgeEnd(e + 1).minus(w.edgeStart(e + 1)).unit();
            double turn = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, in.dot(out)))));
            if (turn > STRAIGHT) {
                bends.add(new Bend(at, turn));
            }
        }
        return new Cut(name, 1, w.length(), size, bends, w.closed());
    }
}
