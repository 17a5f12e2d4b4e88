package veldline.field.wire;

import java.util.List;
import java.util.Optional;

/**
 * A round wire along a polyline. Its ends are open tubes.
 *
 * @param points the vertices in metres, two or more
 * @param radius in metres
 * @param closed whether the last vertex is joined to the first
 * @param conductivity in siemens per metre; the model's when empty
 */
public record Wire(List<Vec> points, double radius, boolean closed, Optional<Double> conductivity) {
    public Wire {
        points = List.copyOf(points);
    }

    public static Wire straight(Vec from, Vec to, double radius) {
        return new Wire(List.of(from, to), radius, false, Optional.empty());
    }

    /** Number of straight edges. */
    public int edges() {
        return closed ? points.size() : points.size() - 1;
    }

    public Vec edgeStart(int edge) {
        return points.get(edge);
    }

    public Vec edgeEnd(int edge) {
        return points.get((edge + 1) % points.size());
    }

    public double edgeLength(int edge) {
        return edgeEnd(edge).minus(edgeStart(edge)).length();
    }

    /** Length along the polyline, the closing edge included. */
    public double length() {
        double sum = 0;
        for (int e = 0; e < edges(); e++) {
            sum += edgeLength(e);
        }
        return sum;
    }
}
