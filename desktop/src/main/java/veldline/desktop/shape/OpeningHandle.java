package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Measure;
import veldline.antenna.Sketch;
import veldline.picture.Mark.At;
import veldline.quantity.Quantity;

/**
 * Where a measure is taken hold of in the side view: the point that moves most when it changes and that nothing else holds yet.
 *
 * @param at the point, metres
 * @param by how it moves for one more of the measure
 */
record OpeningHandle(int measure, At at, At by) {
    private static final double SHARE = 1e-3;
    private static final double STEP = 1e-4;
    private static final double STILL = 1e-9;
    /** Points that move alike to a thousandth are alike. */
    private static final double EVEN = 1e-3;
    /** Handles lie so far apart, of the whole. */
    private static final double APART = 0.03;

    String zone() {
        return "opening:" + measure;
    }

    static List<OpeningHandle> of(ApertureDesign d) {
        List<At> now = points(d.of().sketch(d));
        double reach =
                now.stream().mapToDouble(p -> Math.hypot(p.x(), p.y())).max().orElse(1);
        List<OpeningHandle> handles = new ArrayList<>();
        // What can be taken hold of in few places chooses before what can be in many.
        IntStream.range(0, d.sizes().size())
                .filter(i -> d.of().measures().get(i).isLength() && d.of().uses(d, i))
                .mapToObj(i -> Move.of(d, i, now))
                .filter(m -> m.most > STILL)
                .sorted(Comparator.comparingInt(m -> m.farthest().length))
                .forEach(m -> m.handle(now, reach, handles).ifPresent(handles::add));
        handles.sort(Comparator.comparingInt(OpeningHandle::measure));
        return handles;
    }

    /** How one more of a measure moves each point. */
    private record Move(int measure, List<At> by, double most) {
        static Move of(ApertureDesign d, int i, List<At> now) {
            Measure m = d.of().measures().get(i);
            double step = Math.max(SHARE * d.size(i), STEP);
            List<At> then = points(d.of().sketch(d.withSize(i, Quantity.shown(d.size(i) + step, m.unit(), 9))));
            if (then.size() != now.size()) {
                return new Move(i, List.of(), 0);
            }
            List<At> by = IntStream.range(0, now.size())
                    .mapToObj(k -> new At(
                            (then.get(k).x() - now.get(k).x()) / step,
                            (then.get(k).y() - now.get(k).y()) / step))
                    .toList();
            return new Move(i, by, by.stream().mapToDouble(Move::length).max().orElse(0));
        }

        private static double length(At v) {
            return Math.hypot(v.x(), v.y());
        }

        int[] farthest() {
            return IntStream.range(0, by.size())
                    .filter(k -> length(by.get(k)) > (1 - EVEN) * most)
                    .toArray();
        }

        /** At the first of those that move most and nothing holds yet, or the next best that is free. */
        Optional<OpeningHandle> handle(List<At> now, double reach, List<OpeningHandle> taken) {
            return IntStream.range(0, by.size())
                    .filter(k -> length(by.get(k)) > STILL)
                    .filter(k -> taken.stream()
                            .noneMatch(h -> Math.hypot(
                                            h.at.x() - now.get(k).x(),
                                            h.at.y() - now.get(k).y())
                                    < APART * reach))
                    .boxed()
                    .max(Comparator.<Integer>comparingDouble(k -> Math.round(length(by.get(k)) / EVEN))
                            .thenComparing(Comparator.reverseOrder()))
                    .map(k -> new OpeningHandle(measure, now.get(k), by.get(k)));
        }
    }

    private static List<At> points(Sketch s) {
        return s.side().stream().flatMap(l -> l.points().stream()).toList();
    }

    /** What the measure comes to where the point is pulled to, within its limits. */
    Quantity to(double x, double y, ApertureDesign d, double wavelength) {
        Measure m = d.of().measures().get(measure);
        double square = by.x() * by.x() + by.y() * by.y();
        double value = d.size(measure) + ((x - at.x()) * by.x() + (y - at.y()) * by.y()) / square;
        return m.of(Math.max(m.least(wavelength), Math.min(m.most(wavelength), value)));
    }

    /** The handles that there are, as they are walked. */
    static List<String> zones(ApertureDesign d) {
        return of(d).stream().map(OpeningHandle::zone).toList();
    }
}
