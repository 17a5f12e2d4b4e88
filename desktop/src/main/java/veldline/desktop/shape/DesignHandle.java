package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.Design;
import veldline.antenna.Measure;
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

    static List<String> zones(Design d) {
        return of(d).stream().map(DesignHandle::zone).toList();
    }

    /** One for every measure that moves something; numbers of things are typed. */
    public static List<DesignHandle> of(Design d) {
        List<DesignHandle> handles = new ArrayList<>();
        List<Vec> now = corners(d);
        List<Measure> measures = d.of().measures();
        for (int i = 0; i < measures.size(); i++) {
            Measure m = measures.get(i);
            double step = Math.max(SHARE * d.size(i), m.isLength() ? 1e-4 : 0.1);
            List<Vec> then = m.unit() == veldline.quantity.Unit.ONE
                    ? List.of()
                    : corners(d.withSize(i, Quantity.shown(d.size(i) + step, m.unit(), 9)));
            if (then.size() == now.size()) {
                int most = mostMoved(now, then, handles);
                Vec by = then.get(most).minus(now.get(most)).times(1 / step);
                if (by.length() > 1e-9) {
                    handles.add(new DesignHandle(i, m.name(), now.get(most), by));
                }
            }
        }
        return handles;
    }

    /** The corner that moves most; of those that move as far, one that nothing takes hold of yet. */
    private static int mostMoved(List<Vec> now, List<Vec> then, List<DesignHandle> taken) {
        double[] moved = IntStream.range(0, now.size())
                .mapToDouble(i -> then.get(i).minus(now.get(i)).length())
                .toArray();
        double farthest = Arrays.stream(moved).max().orElse(0);
        return IntStream.range(0, moved.length)
                .filter(i -> moved[i] >= (1 - EVEN) * farthest)
                .boxed()
                .min(Comparator.comparing(i ->
                        taken.stream().anyMatch(h -> h.at.minus(now.get(i)).length() < 1e-9)))
                .orElse(0);
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
