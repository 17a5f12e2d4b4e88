package veldline.desktop.shape;

import java.util.ArrayList;
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

    String zone() {
        return "opening:" + measure;
    }

    static List<OpeningHandle> of(ApertureDesign d) {
        List<At> now = points(d.of().sketch(d));
        List<OpeningHandle> handles = new ArrayList<>();
        for (int i = 0; i < d.sizes().size(); i++) {
            Measure m = d.of().measures().get(i);
            if (m.isLength()) {
                one(d, i, m, now, handles).ifPresent(handles::add);
            }
        }
        return handles;
    }

    private static Optional<OpeningHandle> one(
            ApertureDesign d, int i, Measure m, List<At> now, List<OpeningHandle> taken) {
        double step = Math.max(SHARE * d.size(i), STEP);
        List<At> then = points(d.of().sketch(d.withSize(i, Quantity.shown(d.size(i) + step, m.unit(), 9))));
        if (then.size() != now.size()) {
            return Optional.empty();
        }
        double reach =
                now.stream().mapToDouble(p -> Math.hypot(p.x(), p.y())).max().orElse(1);
        int best = -1;
        double most = STILL;
        for (int k = 0; k < now.size(); k++) {
            At at = now.get(k);
            double moved = Math.hypot(then.get(k).x() - at.x(), then.get(k).y() - at.y());
            boolean free =
                    taken.stream().noneMatch(h -> Math.hypot(h.at.x() - at.x(), h.at.y() - at.y()) < 0.03 * reach);
            if (free && moved > most * (1 + 1e-6)) {
                best = k;
                most = moved;
            }
        }
        return best < 0
                ? Optional.empty()
                : Optional.of(new OpeningHandle(
                        i,
                        now.get(best),
                        new At(
                                (then.get(best).x() - now.get(best).x()) / step,
                                (then.get(best).y() - now.get(best).y()) / step)));
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

    /** The measure of a zone; empty for any other zone. */
    static Optional<Integer> measure(String zone) {
        return zone.startsWith("opening:")
                ? IntStream.of(Integer.parseInt(zone.substring("opening:".length())))
                        .boxed()
                        .findFirst()
                : Optional.empty();
    }
}
