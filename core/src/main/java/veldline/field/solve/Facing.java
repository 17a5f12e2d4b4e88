package veldline.field.solve;

import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Vec;

/**
 * What segments that are solved for act upon: they themselves, or their images in planes of symmetry and in the ground.
 *
 * @param segments as many as are solved for and in their order
 * @param line a number for each segment; those on one straight line with a segment solved for have its number. Empty for
 *     images in the ground, which are never taken for the same wire
 * @param image which image in planes of symmetry, one bit for each plane
 * @param inGround whether it is the image in the ground of that
 */
record Facing(Segment[] segments, int[] line, int image, boolean inGround) {
    private static final int[] NO_LINES = {};

    Facing mirroredInGround() {
        Segment[] below = new Segment[segments.length];
        for (int s = 0; s < below.length; s++) {
            Segment g = segments[s];
            below[s] = new Segment(g.wire(), g.start().mirrored(), g.end().mirrored(), g.radius());
        }
        return new Facing(below, NO_LINES, image, true);
    }

    /** @param own the line of one of those solved for */
    boolean onOneLine(int own, int other) {
        return line.length > 0 && line[other] == own;
    }

    Vec[] directions() {
        Vec[] directions = new Vec[segments.length];
        for (int s = 0; s < directions.length; s++) {
            directions[s] = segments[s].direction();
        }
        return directions;
    }
}
