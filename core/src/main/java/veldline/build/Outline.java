package veldline.build;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;

/**
 * A bent piece laid flat, to lay the work on: the middle of its conductor at true size. What bends in more than one plane has none.
 *
 * @param path metres
 * @param closed whether it comes back
 * @param size of the conductor, metres; 0 for sheet, whose edge the path is
 */
public record Outline(String name, List<At> path, boolean closed, double size) {
    /** Out of a plane by more than this it is no flat piece, metres. */
    private static final double FLAT = 1e-4;

    public Outline {
        path = List.copyOf(path);
    }

    /** A point, metres. */
    public record At(double x, double y) {}

    public double left() {
        return path.stream().mapToDouble(At::x).min().orElse(0);
    }

    public double low() {
        return path.stream().mapToDouble(At::y).min().orElse(0);
    }

    public double width() {
        return path.stream().mapToDouble(At::x).max().orElse(0) - left();
    }

    public double height() {
        return path.stream().mapToDouble(At::y).max().orElse(0) - low();
    }

    /** Turned a quarter, to suit a page. */
    public Outline turned() {
        return new Outline(name, path.stream().map(p -> new At(p.y, -p.x)).toList(), closed, size);
    }

    /** Those of an antenna's bent pieces that lie in a plane, each once. */
    public static List<Outline> of(Made made) {
        List<Outline> all = new ArrayList<>();
        List<Wire> wires = made.model().wires();
        for (int i = 0; i < wires.size(); i++) {
            Wire w = wires.get(i);
            boolean sheet = made instanceof Design d && (d.of().hangs() || d.of().isSheet(d, i));
            if (!sheet && w.points().size() > 2) {
                String name = made instanceof Design d ? d.of().part(d, i) : "wire " + (i + 1);
                flat(name, w).stream()
                        .filter(o -> all.stream().noneMatch(o::same))
                        .forEach(all::add);
            }
        }
        return List.copyOf(all);
    }

    /** The sheets of an antenna with an opening; of no thickness of their own. */
    public static List<Outline> of(ApertureDesign d) {
        return d.of().flat(d).stream()
                .map(f -> new Outline(
                        f.count() > 1 ? f.name() + ", " + f.count() + " times" : f.name(),
                        f.outline().stream().map(p -> new At(p.x(), p.y())).toList(),
                        true,
                        0))
                .toList();
    }

    private boolean same(Outline other) {
        return name.equals(other.name)
                && Math.abs(width() - other.width()) < FLAT
                && Math.abs(height() - other.height()) < FLAT;
    }

    private static List<Outline> flat(String name, Wire w) {
        Vec origin = w.points().get(0);
        Vec along = w.points().get(1).minus(origin).unit();
        Vec up = w.points().stream()
                .map(p -> p.minus(origin))
                .map(v -> v.minus(along.times(v.dot(along))))
                .max(java.util.Comparator.comparingDouble(Vec::length))
                .orElseThrow();
        if (up.length() < FLAT) {
            return List.of();
        }
        Vec across = up.unit();
        Vec normal = along.cross(across);
        boolean flat =
                w.points().stream().allMatch(p -> Math.abs(p.minus(origin).dot(normal)) < FLAT);
        List<At> path = w.points().stream()
                .map(p -> p.minus(origin))
                .map(v -> new At(v.dot(along), v.dot(across)))
                .toList();
        return flat ? List.of(new Outline(name, path, w.closed(), 2 * w.radius())) : List.of();
    }

    /** From corner to corner, the closing one too. */
    public List<At[]> edges() {
        List<At> round =
                closed ? Stream.concat(path.stream(), Stream.of(path.get(0))).toList() : path;
        List<At[]> edges = new ArrayList<>();
        for (int i = 1; i < round.size(); i++) {
            edges.add(new At[] {round.get(i - 1), round.get(i)});
        }
        return edges;
    }
}
