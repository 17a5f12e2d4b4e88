package veldline.field.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.field.solve.Mesh.Arm;
import veldline.field.solve.Mesh.Gap;
import veldline.field.solve.Mesh.Segment;
import veldline.field.wire.Load;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * The planes a mesh is its own mirror image in, square to the axes. Currents then fall into parts that are even or odd in
 * each plane and know nothing of each other, each solved on a half, a quarter or an eighth of the segments, the rest being
 * their images (as with the electric and magnetic walls of Harrington, Time-Harmonic Electromagnetic Fields, §3-3). A
 * centre-fed element excites one part only.
 *
 * <p>Images are numbered by the planes they are mirrored in, one bit for each plane; number 0 is the segments themselves.
 */
final class Symmetry {
    /** Of the least radius: mirrored points that meet to within so much are the same. */
    private static final double SAME = 1e-6;

    private static final double SAME_LOAD = 1e-9;

    private static final double NOTHING = 1e-10;

    private final Mesh mesh;
    private final int planes;
    /** For each image and each segment the segment that lies there. */
    private final int[][] partner;
    /** Whether that one runs the other way. */
    private final boolean[][] turned;
    /** The segments solved for, of every set of images the first. */
    private final int[] part;

    private Symmetry(Mesh mesh, int planes, int[][] partner, boolean[][] turned) {
        this.mesh = mesh;
        this.planes = planes;
        this.partner = partner;
        this.turned = turned;
        this.part = IntStream.range(0, mesh.segments().size())
                .filter(s -> Arrays.stream(partner).allMatch(p -> p[s] >= s))
                .toArray();
    }

    /** No plane at all. */
    static Symmetry none(Mesh mesh) {
        int count = mesh.segments().size();
        return new Symmetry(
                mesh, 0, new int[][] {IntStream.range(0, count).toArray()}, new boolean[][] {new boolean[count]});
    }

    /** @param loads gaps of the model's loads, which have to be alike where they are images */
    static Symmetry of(Mesh mesh, WireModel model, List<Gap> loads) {
        Symmetry found = none(mesh);
        Vec centre = centre(mesh);
        int axes = model.ground().reflects() ? 2 : 3;
        for (int axis = 0; axis < axes; axis++) {
            Optional<Symmetry> more = found.with(axis, centre, model);
            if (more.isPresent() && more.get().keeps(loads, model.loads())) {
                found = more.get();
            }
        }
        return found;
    }

    private static Vec centre(Mesh mesh) {
        double[] low = {1e300, 1e300, 1e300};
        double[] high = {-1e300, -1e300, -1e300};
        for (Segment s : mesh.segments()) {
            for (Vec v : List.of(s.start(), s.end())) {
                double[] xyz = {v.x(), v.y(), v.z()};
                for (int i = 0; i < 3; i++) {
                    low[i] = Math.min(low[i], xyz[i]);
                    high[i] = Math.max(high[i], xyz[i]);
                }
            }
        }
        return new Vec((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
    }

    private static Vec mirrored(Vec v, int axis, Vec centre) {
        return new Vec(
                axis == 0 ? 2 * centre.x() - v.x() : v.x(),
                axis == 1 ? 2 * centre.y() - v.y() : v.y(),
                axis == 2 ? 2 * centre.z() - v.z() : v.z());
    }

    private Optional<Symmetry> with(int axis, Vec centre, WireModel model) {
        int count = mesh.segments().size();
        int[] mate = new int[count];
        boolean[] other = new boolean[count];
        for (int s = 0; s < count; s++) {
            Segment of = mesh.segments().get(s);
            Segment there = new Segment(
                    of.wire(), mirrored(of.start(), axis, centre), mirrored(of.end(), axis, centre), of.radius());
            int found = find(there, s == 0 ? 0 : mate[s - 1], model);
            // A segment that is its own image lies in the plane or across it.
            if (found < 0 || found == s) {
                return Optional.empty();
            }
            mate[s] = found;
            other[s] = turned(there, mesh.segments().get(found));
        }
        int images = partner.length;
        int[][] next = Arrays.copyOf(partner, 2 * images);
        boolean[][] turns = Arrays.copyOf(turned, 2 * images);
        for (int g = 0; g < images; g++) {
            next[images + g] = new int[count];
            turns[images + g] = new boolean[count];
            for (int s = 0; s < count; s++) {
                next[images + g][s] = mate[partner[g][s]];
                turns[images + g][s] = turned[g][s] ^ other[partner[g][s]];
                if (next[images + g][s] == s) {
                    return Optional.empty();
                }
            }
        }
        return Optional.of(new Symmetry(mesh, planes + 1, next, turns));
    }

    /** The segment that lies in a place; the neighbours of the last one found are asked first. */
    private int find(Segment there, int near, WireModel model) {
        for (int s = Math.max(0, near - 1);
                s < Math.min(near + 2, mesh.segments().size());
                s++) {
            if (same(there, mesh.segments().get(s), model)) {
                return s;
            }
        }
        for (int s = 0; s < mesh.segments().size(); s++) {
            if (same(there, mesh.segments().get(s), model)) {
                return s;
            }
        }
        return -1;
    }

    private static boolean same(Segment a, Segment b, WireModel model) {
        double near = SAME * a.radius();
        if (a.radius() != b.radius()) {
            return false;
        }
        boolean straight = a.start().minus(b.start()).length() < near
                && a.end().minus(b.end()).length() < near;
        if (!straight
                && !(a.start().minus(b.end()).length() < near
                        && a.end().minus(b.start()).length() < near)) {
            return false;
        }
        Wire one = model.wires().get(a.wire());
        Wire other = model.wires().get(b.wire());
        return one.coating().equals(other.coating())
                && one.fineness() == other.fineness()
                && model.conductivityOf(a.wire()).equals(model.conductivityOf(b.wire()));
    }

    private static boolean turned(Segment a, Segment b) {
        return a.start().minus(b.start()).length() > a.start().minus(b.end()).length();
    }

    /** Whether each load has its like at every image. */
    private boolean keeps(List<Gap> gaps, List<Load> loads) {
        for (int g = 1; g < partner.length; g++) {
            for (int l = 0; l < loads.size(); l++) {
                double[] there = new double[2 * mesh.segments().size()];
                for (Arm arm : gaps.get(l).arms()) {
                    Arm image = image(arm, g);
                    there[2 * image.segment() + image.end()] += image.sign();
                }
                Load one = loads.get(l);
                boolean found = IntStream.range(0, loads.size())
                        .anyMatch(o -> loads.get(o).at(one.port()).equals(one)
                                && (like(there, gaps.get(o), 1) || like(there, gaps.get(o), -1)));
                if (!found) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean like(double[] there, Gap gap, double sign) {
        double[] rest = there.clone();
        gap.arms().forEach(a -> rest[2 * a.segment() + a.end()] -= sign * a.sign());
        return Arrays.stream(rest).allMatch(r -> Math.abs(r) < SAME_LOAD);
    }

    int planes() {
        return planes;
    }

    int[] part() {
        return part;
    }

    /** How many places each place has, itself among them. */
    int images() {
        return partner.length;
    }

    /** The segment at an image of another. */
    int partner(int image, int segment) {
        return partner[image][segment];
    }

    /** Whether the segment there runs against the image. */
    boolean turned(int image, int segment) {
        return turned[image][segment];
    }

    /** One half of a function carried to an image. */
    Arm image(Arm arm, int image) {
        return turned[image][arm.segment()]
                ? new Arm(partner[image][arm.segment()], 1 - arm.end(), -arm.sign())
                : new Arm(partner[image][arm.segment()], arm.end(), arm.sign());
    }

    /** The sign an image takes in the part with these planes odd. */
    static double sign(int image, int odd) {
        return Integer.bitCount(image & odd) % 2 == 0 ? 1 : -1;
    }

    /**
     * Whether what is given at ends of segments (2·segment + end) drives the part with these planes odd at all.
     */
    boolean drives(double[] atEnds, int odd) {
        double most = 0;
        double left = 0;
        for (int s : part) {
            for (int end = 0; end < 2; end++) {
                double sum = 0;
                for (int g = 0; g < partner.length; g++) {
                    boolean turn = turned[g][s];
                    double there = atEnds[2 * partner[g][s] + (turn ? 1 - end : end)] * (turn ? -1 : 1);
                    most = Math.max(most, Math.abs(there));
                    sum += sign(g, odd) * there;
                }
                left = Math.max(left, Math.abs(sum));
            }
        }
        return left > NOTHING * most;
    }

    /** What the segments solved for act upon, but for the ground. */
    List<Facing> facings() {
        int[] line = lines(mesh.segments());
        List<Facing> facings = new ArrayList<>();
        for (int g = 0; g < partner.length; g++) {
            Segment[] there = new Segment[part.length];
            int[] lineThere = new int[part.length];
            for (int a = 0; a < part.length; a++) {
                Segment s = mesh.segments().get(partner[g][part[a]]);
                there[a] = turned[g][part[a]] ? new Segment(s.wire(), s.end(), s.start(), s.radius()) : s;
                lineThere[a] = line[partner[g][part[a]]];
            }
            facings.add(new Facing(there, lineThere, g, false));
        }
        return facings;
    }

    /** Segments on one straight line share a number. */
    static int[] lines(List<Segment> of) {
        int[] line = new int[of.size()];
        for (int s = 0; s < line.length; s++) {
            line[s] = s > 0
                            && of.get(s).wire() == of.get(s - 1).wire()
                            && StaticMoments.onOneLine(of.get(s), of.get(s - 1))
                    ? line[s - 1]
                    : s;
        }
        return line;
    }
}
