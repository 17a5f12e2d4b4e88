package veldline.field.wire;

import java.util.List;
import java.util.Optional;

/**
 * A round wire along a polyline.
 *
 * @param points the vertices in metres, two or more
 * @param radius in metres
 * @param closed whether the last vertex is joined to the first
 * @param conductivity in siemens per metre; the model's when empty
 * @param ends what closes those ends that join nothing
 * @param coating of insulation; empty for bare metal
 * @param fineness times the cuts of the mesh rule: 1 as the rule has it, less for nets that stand for sheet metal and for long
 *     wire along which the current runs on evenly
 */
public record Wire(
        List<Vec> points,
        double radius,
        boolean closed,
        Optional<Double> conductivity,
        Ends ends,
        Optional<Coating> coating,
        double fineness) {
    /**
     * What so much of its radius a solid rod's flat end is longer than an open tube's: the extra charge that the cap
     * carries, by the electrostatics of long cylinders; the same to a hundredth of that from 10 to 300 radii of length.
     */
    public static final double CAP_RADII = 0.0988;

    /** What closes an end. */
    public enum Ends {
        OPEN,
        CAPPED
    }

    public Wire {
        points = List.copyOf(points);
    }

    /** Cut as the rule has it. */
    public Wire(
            List<Vec> points,
            double radius,
            boolean closed,
            Optional<Double> conductivity,
            Ends ends,
            Optional<Coating> coating) {
        this(points, radius, closed, conductivity, ends, coating, 1);
    }

    /** Bare, with open ends. */
    public Wire(List<Vec> points, double radius, boolean closed, Optional<Double> conductivity) {
        this(points, radius, closed, conductivity, Ends.OPEN, Optional.empty());
    }

    /** How much farther each of its free ends acts than an open tube's would, metres. */
    public double endReach() {
        return ends == Ends.CAPPED ? CAP_RADII * radius : 0;
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

    /** The place so many metres along it, held within its ends. */
    public Vec along(double distance) {
        double left = Math.max(0, distance);
        for (int e = 0; e < edges(); e++) {
            double edge = edgeLength(e);
            if (left <= edge || e == edges() - 1) {
                return edgeStart(e).towards(edgeEnd(e), Math.min(1, left / edge));
            }
            left -= edge;
        }
        return points.get(0);
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
