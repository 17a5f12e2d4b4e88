package veldline.build;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** What an ohmmeter shows across the feed: some antennas are a short there and right, others are only right when open. */
public final class DcPath {
    /** Nearer corners are one joint, metres. */
    private static final double JOINT = 1e-5;

    private final Map<List<Long>, Integer> nodes = new HashMap<>();
    private final List<Integer> parent = new ArrayList<>();

    private DcPath() {}

    /** Whether metal joins both sides of the first feed. */
    public static boolean shorted(WireModel m) {
        Port feed = m.sources().get(0).port();
        DcPath all = new DcPath();
        int[] across = new int[2];
        for (int w = 0; w < m.wires().size(); w++) {
            Wire wire = m.wires().get(w);
            double along = 0;
            double port = w == feed.wire() ? feed.distanceAlong(wire) : -1;
            for (int e = 0; e < wire.edges(); e++) {
                int a = all.node(wire.edgeStart(e));
                int b = all.node(wire.edgeEnd(e));
                double to = along + wire.edgeLength(e);
                boolean last = e == wire.edges() - 1;
                // A port lies just after its place, so one at a corner is in the edge that follows.
                if (port >= along - JOINT && (port < to - JOINT || last && port <= to + JOINT)) {
                    across[0] = a;
                    across[1] = b;
                    port = -1;
                } else {
                    all.join(a, b);
                }
                along = to;
            }
        }
        return all.root(across[0]) == all.root(across[1]);
    }

    private int node(Vec v) {
        List<Long> key = List.of(Math.round(v.x() / JOINT), Math.round(v.y() / JOINT), Math.round(v.z() / JOINT));
        return nodes.computeIfAbsent(key, k -> {
            parent.add(parent.size());
            return parent.size() - 1;
        });
    }

    private int root(int n) {
        int r = n;
        while (parent.get(r) != r) {
            r = parent.get(r);
        }
        return r;
    }

    private void join(int a, int b) {
        parent.set(root(a), root(b));
    }
}
