package veldline.antenna;

import java.util.List;
import java.util.Optional;
import veldline.antenna.Family.Silhouette.Bar;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A kind of antenna made of wires, by its measures. To add one, write a class and list it in {@link Families}: it then stands in
 * Choose, in Shape with a box and a handle for each measure, in files and in the report.
 */
public interface WireFamily extends Family {
    /** Its name in files; never changed once given, whatever it comes to be called. */
    default String key() {
        return name();
    }

    List<Measure> measures();

    /** Measures to begin with, before it is cut to resonance. */
    List<Quantity> begin(Wish wish);

    /** Its wires, the beam or the far end along x, its middle near the origin. */
    WireModel model(Design d);

    /** “Dipole”, “Three-loop quad”. */
    String title(Design d);

    /** What stands beside its title: its greatest measure. */
    default String build(Design d) {
        return NumberText.shown(d.longest() * 1000, 0) + " mm across";
    }

    /** Along the beam, metres. */
    default double depth(Design d) {
        List<Vec> points = points(d);
        return points.stream().mapToDouble(Vec::x).max().orElse(0)
                - points.stream().mapToDouble(Vec::x).min().orElse(0);
    }

    private static List<Vec> points(Design d) {
        return d.model().wires().stream().flatMap(w -> w.points().stream()).toList();
    }

    /** One to begin with, cut to resonance by the engine. */
    default Design design(Wish wish) {
        return Resonance.tuned(
                new Design(
                        key(), begin(wish), Quantity.shown(wish.diameter(), Unit.MM, 1), wish.metal(), wish.upright()),
                wish.frequency());
    }

    @Override
    default Shaped shape(Wish wish) {
        return shaped(design(wish));
    }

    /** A design as Choose looks at it. */
    default Shaped shaped(Design d) {
        double middle = (points(d).stream().mapToDouble(Vec::x).max().orElse(0)
                        + points(d).stream().mapToDouble(Vec::x).min().orElse(0))
                / 2;
        return new Shaped(
                this,
                d.title(),
                build(d),
                depth(d),
                Optional.of(d.model()),
                Optional.empty(),
                false,
                new Silhouette(d.model().wires().stream()
                        .flatMap(w -> bars(w, d.upright(), middle - depth(d) / 2).stream())
                        .toList()),
                Optional.of(d));
    }

    /** As it is seen from where its field stands. */
    private static List<Bar> bars(Wire w, boolean upright, double from) {
        List<Vec> p = w.points();
        return java.util.stream.IntStream.range(0, w.edges())
                .mapToObj(e -> new Bar(
                        p.get(e).x() - from,
                        up(p.get(e), upright),
                        p.get((e + 1) % p.size()).x() - from,
                        up(p.get((e + 1) % p.size()), upright)))
                .toList();
    }

    private static double up(Vec v, boolean upright) {
        return upright ? -v.z() : -v.y();
    }
}
