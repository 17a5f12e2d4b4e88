package veldline.field.solve;

import java.util.List;
import veldline.field.wire.Vec;

/**
 * Wires cut into straight segments, and the current functions on them.
 *
 * <p>The current on a segment is {@code c0·(1−t) + c1·t}, t running from 0 at its start to 1 at its end. Function n
 * contributes its {@link Arm}s. A junction of m ends carries m−1 functions of two arms each, so that charge never piles
 * up there; an end on the ground carries one of a single arm, the image being the other.
 *
 * @param cuts of each straight piece in turn, as fractions of it
 */
record Mesh(List<Segment> segments, List<List<Arm>> functions, List<Gap> gaps, List<double[]> cuts) {

    /**
     * A straight piece of wire.
     *
     * @param wire the wire it was cut from
     */
    record Segment(int wire, Vec start, Vec end, double radius) {
        double length() {
            return end.minus(start).length();
        }

        Vec direction() {
            return end.minus(start).unit();
        }
    }

    /**
     * One half of a function: the ramp on a segment.
     *
     * @param end 0 if the ramp is one at the segment's start, 1 if at its end
     * @param sign of the current relative to the segment's direction
     */
    record Arm(int segment, int end, double sign) {}

    /**
     * A port as the mesh sees it: the weight with which the current at each segment's end counts, averaged over the gap,
     * positive along the wire's points.
     */
    record Gap(List<Arm> arms) {}
}
