package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Design;
import veldline.antenna.Measure;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.field.wire.Vec;
import veldline.quantity.Quantity;

/**
 * Where a measure of a design is taken hold of: the corner that moves most when it changes, and where two measures move the same
 * one most, another that moves as far.
 *
 * @param measure which one
 * @param at the corner
 * @param by how it moves for one more of the measure: a metre, a degree
 */
public record DesignHandle(int measure, String name, Vec at, Vec by) {
    /** A measure is changed by this share of itself, or by this much where it is nothing. */
    private static final double SHARE = 1e-3;

    /** Corners that move alike to a thousandth are alike. */
    private static final double EVEN = 1e-3;

    String zone() {
        return "measure:" + measure;
    }

    /** The measure whose handle is chosen on the picture; the first while none is. */
    static int chosen(Showing s, Design d) {
        String picked = s.picked().getOrDefault(Step.SHAPE, "");
        int i = picked.startsWith("measure:") ? Integer.parseInt(picked.substring("measure:".length())) : 0;
        return i < d.sizes().size() ? i : 0;
    }

    static List<String> zones(Design d) {
        return of(d).stream().map(DesignHandle::zone).toList();
    }

    /** One for every measure that moves something; numbers of things are typed. */
    public static List<DesignHandle> of(Design d) {
        List<Vec> now = corners(d);
        List<DesignHandle> handles = new ArrayList<>();
        // What can be taken hold of in few places chooses before what can be in many.
        IntStream.range(0, d.of().measures().size())
                .mapToObj(i -> Move.of(d, i, now))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparingInt(m -> m.farthest.size()))
                .forEach(m -> handles.add(m.handle(d, now, handles)));
        handles.sort(Comparator.comparingInt(DesignHandle::measure));
        return handles;
    }

    /**
     * How a measure moves the corners.
     *
     * @param by each of them, for one more of the measure
     * @param farthest those that move most, by index
     */
    private record Move(int measure, List<Vec> by, List<Integer> farthest) {
        static Optional<Move> of(Design d, int index, List<Vec> now) {
            Measure m = d.of().measures().get(index);
            if (m.isCount()) {
                return Optional.empty();
            }
            double step = Math.max(SHARE * d.size(index), m.isLength() ? 1e-4 : 0.1);
            List<Vec> then = corners(d.withSize(index, Quantity.shown(d.size(index) + step, m.unit(), 9)));
            if (then.size() != now.size()) {
                return Optional.empty();
            }
            List<Vec> by = IntStream.range(0, now.size())
                    .mapToObj(i -> then.get(i).minus(now.get(i)).times(1 / step))
                    .toList();
            double most = by.stream().mapToDouble(Vec::length).max().orElse(0);
            return most > 1e-9
                    ? Optional.of(new Move(
                            index,
                            by,
                            IntStream.range(0, by.size())
                                    .filter(i -> by.get(i).length() >= (1 - EVEN) * most)
                                    .boxed()
                                    .toList()))
                    : Optional.empty();
        }

        /** At one of the farthest that nothing takes hold of yet, or the next best that is free. */
        DesignHandle handle(Design d, List<Vec> now, List<DesignHandle> taken) {
            int at = IntStream.range(0, by.size())
                    .filter(i -> by.get(i).length() > 1e-9)
                    .filter(i ->
                            taken.stream().noneMatch(h -> h.at.minus(now.get(i)).length() < 1e-9))
                    .boxed()
                    .max(Comparator.<Integer>comparingDouble(
                                    i -> Math.round(by.get(i).length() / EVEN))
                            .thenComparing(Comparator.reverseOrder()))
                    .orElse(farthest.get(0));
            return new DesignHandle(measure, d.of().measures().get(measure).name(), now.get(at), by.get(at));
        }
    }

    private static List<Vec> corners(Design d) {
        return d.model().wires().stream().flatMap(w -> w.points().stream()).toList();
    }

    /**
     * What the measure comes to when its handle is pulled so far in the picture, within its limits.
     *
     * @param across metres pulled
     * @param up likewise
     * @param byAcross how far a unit of the measure moves the handle in the picture
     * @param byUp likewise
     * @return empty where it does not move in this view
     */
    Optional<Quantity> to(double across, double up, double byAcross, double byUp, Design d, double wavelength) {
        double square = byAcross * byAcross + byUp * byUp;
        if (square < 1e-12) {
            return Optional.empty();
        }
        Measure m = d.of().measures().get(measure);
        double value = d.size(measure) + (across * byAcross + up * byUp) / square;
        return Optional.of(m.of(Math.max(m.least(wavelength), Math.min(m.most(wavelength), value))));
    }
}
