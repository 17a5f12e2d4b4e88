package veldline.build;

import java.util.ArrayList;
import java.util.List;
import veldline.build.Solid.Facet;
import veldline.field.wire.Vec;

/**
 * A tube with a round groove wound about it, for wire to lie in half its depth. The rows of its surface run along the groove, so that it
 * is as round as its few points allow, and close on themselves a turn further on.
 */
final class GroovedFormer {
    private static final int SIDES = 96;
    /** Points across the groove, from edge to edge. */
    private static final int ACROSS = 9;

    private final double hole;
    private final double outside;
    private final double length;
    private final double pitch;
    private final boolean right;
    private final double groove;

    private GroovedFormer(double hole, double outside, double length, double pitch, boolean right, double groove) {
        this.hole = hole / 2;
        this.outside = outside / 2;
        this.length = length;
        this.pitch = pitch;
        this.right = right;
        this.groove = groove / 2;
    }

    /**
     * Along x from 0, where the groove begins on the y axis.
     *
     * @param hole diameter of the bore, metres
     * @param outside diameter between the turns of the groove
     * @param pitch from turn to turn, more than the groove is wide
     * @param right whether it is wound right-handed
     * @param groove diameter of what lies in it
     */
    static Solid of(
            String name, double hole, double outside, double length, double pitch, boolean right, double groove) {
        return new Solid(name, new GroovedFormer(hole, outside, length, pitch, right, groove).facets());
    }

    private List<Facet> facets() {
        List<Vec[]> columns = new ArrayList<>();
        for (int i = 0; i <= SIDES; i++) {
            columns.add(column(2 * Math.PI * i / SIDES));
        }
        List<Facet> all = new ArrayList<>();
        Vec end = new Vec(length, 0, 0);
        for (int i = 0; i < SIDES; i++) {
            Vec[] a = columns.get(i);
            Vec[] b = columns.get(i + 1);
            for (int j = 0; j + 1 < a.length; j++) {
                quad(all, a[j], b[j], b[j + 1], a[j + 1]);
            }
            Vec in0 = at(0, hole, 2 * Math.PI * i / SIDES);
            Vec in1 = at(0, hole, 2 * Math.PI * (i + 1) / SIDES);
            quad(all, in0, in1, b[0], a[0]);
            quad(all, in0.plus(end), a[a.length - 1], b[b.length - 1], in1.plus(end));
            quad(all, in1, in0, in0.plus(end), in1.plus(end));
        }
        return all;
    }

    /** The surface at one angle from end to end; what would lie beyond an end lies in its rim. */
    private Vec[] column(double angle) {
        double on = (right ? 1 : -1) * pitch * angle / (2 * Math.PI);
        double slant = Math.hypot(pitch, 2 * Math.PI * outside) / (2 * Math.PI * outside);
        int turns = (int) Math.ceil(length / pitch) + 2;
        Vec[] points = new Vec[(2 * turns + 1) * ACROSS];
        int n = 0;
        for (int turn = -turns; turn <= turns; turn++) {
            for (int k = 0; k < ACROSS; k++) {
                double round = Math.PI * k / (ACROSS - 1);
                double x = turn * pitch + on - groove * slant * Math.cos(round);
                boolean rim = x <= 0 || x >= length;
                double deep = rim || k == 0 || k == ACROSS - 1 ? 0 : groove * Math.sin(round);
                points[n++] = at(Math.max(0, Math.min(length, x)), outside - deep, angle);
            }
        }
        return points;
    }

    private static Vec at(double x, double r, double angle) {
        return new Vec(x, r * Math.cos(angle), r * Math.sin(angle));
    }

    /** Two triangles, less those that have no area. */
    private static void quad(List<Facet> all, Vec a, Vec b, Vec c, Vec d) {
        for (Facet f : List.of(new Facet(a, b, c), new Facet(a, c, d))) {
            if (!f.a().equals(f.b()) && !f.b().equals(f.c()) && !f.c().equals(f.a())) {
                all.add(f);
            }
        }
    }
}
