package veldline.build;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import veldline.field.wire.Vec;

/**
 * A body to be printed, as triangles seen from outside counter-clockwise, metres. Closed shells may overlap: what slices it joins them.
 *
 * @param name of the part
 * @param facets its surface
 */
public record Solid(String name, List<Facet> facets) {
    /** One triangle. */
    public record Facet(Vec a, Vec b, Vec c) {
        public Vec normal() {
            Vec n = b.minus(a).cross(c.minus(a));
            return n.length() > 0 ? n.unit() : new Vec(0, 0, 0);
        }

        private Facet by(java.util.function.UnaryOperator<Vec> move) {
            return new Facet(move.apply(a), move.apply(b), move.apply(c));
        }
    }

    /** Sides of a round hole: within 0.2 % of round. */
    private static final int SIDES = 48;

    public Solid {
        facets = List.copyOf(facets);
    }

    /** A tube along x from 0. */
    public static Solid tube(String name, double inside, double outside, double length) {
        return ring(name, inside / 2, a -> outside / 2, length);
    }

    /** A block along x from 0, square to it {@code wide} by {@code high}, with a hole along x in its middle. */
    public static Solid block(String name, double hole, double wide, double high, double length) {
        return ring(
                name,
                hole / 2,
                a -> Math.min(
                        wide / 2 / Math.max(1e-9, Math.abs(Math.cos(a))),
                        high / 2 / Math.max(1e-9, Math.abs(Math.sin(a)))),
                length);
    }

    /** Between a round hole and an outside that is given by its distance at each angle. */
    private static Solid ring(String name, double hole, DoubleUnaryOperator outside, double length) {
        List<Facet> all = new ArrayList<>();
        for (int i = 0; i < SIDES; i++) {
            double a = 2 * Math.PI * i / SIDES;
            double b = 2 * Math.PI * (i + 1) / SIDES;
            Vec in0 = at(0, hole, a);
            Vec in1 = at(0, hole, b);
            Vec out0 = at(0, outside.applyAsDouble(a), a);
            Vec out1 = at(0, outside.applyAsDouble(b), b);
            Vec end = new Vec(length, 0, 0);
            quad(all, in0, in1, out1, out0);
            quad(all, in0.plus(end), out0.plus(end), out1.plus(end), in1.plus(end));
            quad(all, out0, out1, out1.plus(end), out0.plus(end));
            quad(all, in1, in0, in0.plus(end), in1.plus(end));
        }
        return new Solid(name, all);
    }

    private static void quad(List<Facet> all, Vec a, Vec b, Vec c, Vec d) {
        all.add(new Facet(a, b, c));
        all.add(new Facet(a, c, d));
    }

    private static Vec at(double x, double r, double angle) {
        return new Vec(x, r * Math.cos(angle), r * Math.sin(angle));
    }

    public Solid moved(Vec by) {
        return new Solid(name, facets.stream().map(f -> f.by(v -> v.plus(by))).toList());
    }

    /** With x turned to y, y to z and z to x: what lay along the boom lies across it. */
    public Solid across() {
        return new Solid(
                name,
                facets.stream()
                        .map(f -> f.by(v -> new Vec(v.z(), v.x(), v.y())))
                        .toList());
    }

    /** Turned about x, radians. */
    public Solid turned(double angle) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        return new Solid(
                name,
                facets.stream()
                        .map(f -> f.by(v -> new Vec(v.x(), c * v.y() - s * v.z(), s * v.y() + c * v.z())))
                        .toList());
    }

    /** Both as one part. */
    public Solid with(Solid other) {
        List<Facet> all = new ArrayList<>(facets);
        all.addAll(other.facets);
        return new Solid(name, all);
    }

    /** Cubic metres, shells that overlap counted twice. */
    public double volume() {
        return facets.stream().mapToDouble(f -> f.a.dot(f.b.cross(f.c)) / 6).sum();
    }
}
