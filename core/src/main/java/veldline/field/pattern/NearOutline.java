package veldline.field.pattern;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Vec;

/**
 * How strong the field is about an antenna, near by and far: the greater of what the electric and the magnetic field would carry
 * as a plane wave, for each watt taken at the feed, at the strongest of fourteen places about its outline. Close to an antenna
 * either of them alone may be large, and reference levels are held against each (ICNIRP 2020, table 5, notes).
 *
 * @param distances from the box that holds all of its wires, metres, rising
 * @param perWatt watts a square metre there
 */
public record NearOutline(List<Double> distances, List<Double> perWatt) {
    private static final double ETA = 376.730313668;
    private static final double NEAREST = 0.02;
    private static final double FARTHEST = 20;
    private static final int STEPS = 40;
    private static final int EVERY = 8;

    public NearOutline {
        distances = List.copyOf(distances);
        perWatt = List.copyOf(perWatt);
    }

    /** @throws IllegalArgumentException over real ground */
    public static NearOutline of(FieldSolution s) {
        List<Vec> points =
                s.model().wires().stream().flatMap(w -> w.points().stream()).toList();
        Vec low = new Vec(least(points, Vec::x, 1), least(points, Vec::y, 1), least(points, Vec::z, 1));
        Vec high = new Vec(-least(points, Vec::x, -1), -least(points, Vec::y, -1), -least(points, Vec::z, -1));
        NearField near = new NearField(s);
        List<Double> distances = IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> NEAREST * Math.pow(FARTHEST / NEAREST, (double) i / STEPS))
                .toList();
        // Which way is the strongest changes slowly with the distance: all are looked at a few times, the winners
        // everywhere.
        Set<Vec> strongest = new LinkedHashSet<>();
        for (int i = 0; i <= STEPS; i += EVERY) {
            double d = distances.get(i);
            strongest.add(WAYS.parallelStream()
                    .map(way -> Map.entry(way, density(near.at(place(low, high, way, d)))))
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey());
        }
        List<Double> perWatt = distances.parallelStream()
                .map(d -> strongest.stream()
                                .mapToDouble(way -> density(near.at(place(low, high, way, d))))
                                .max()
                                .orElseThrow()
                        / s.inputPower())
                .toList();
        return new NearOutline(distances, perWatt);
    }

    /** The six faces of a box and its eight corners. */
    private static final List<Vec> WAYS = IntStream.range(0, 27)
            .mapToObj(i -> new Vec(i % 3 - 1, i / 3 % 3 - 1, i / 9 - 1))
            .filter(v -> v.length() == 1 || v.length() > 1.7)
            .toList();

    private static double least(List<Vec> points, ToDoubleFunction<Vec> of, int sign) {
        return points.stream()
                .mapToDouble(p -> sign * of.applyAsDouble(p))
                .min()
                .orElseThrow();
    }

    /** So far out from a face or a corner of the box. */
    private static Vec place(Vec low, Vec high, Vec way, double d) {
        double out = d / way.length();
        return new Vec(
                on(low.x(), high.x(), way.x()) + out * way.x(),
                on(low.y(), high.y(), way.y()) + out * way.y(),
                on(low.z(), high.z(), way.z()) + out * way.z());
    }

    private static double on(double low, double high, double way) {
        return (low + high) / 2 + way * (high - low) / 2;
    }

    private static double density(NearField.At at) {
        return Math.max(square(at.e()) / (2 * ETA), ETA * square(at.h()) / 2);
    }

    private static double square(Complex[] v) {
        double sum = 0;
        for (Complex c : v) {
            sum += c.norm() * c.norm();
        }
        return sum;
    }

    /**
     * How far out a level is still reached, metres; zero where it is not reached at all, the last place looked at where it is
     * reached even there.
     *
     * @param watts taken at the feed
     * @param level watts a square metre
     */
    public double reaches(double watts, double level) {
        int last = -1;
        for (int i = 0; i < distances.size(); i++) {
            last = watts * perWatt.get(i) >= level ? i : last;
        }
        if (last < 0 || last == distances.size() - 1) {
            return last < 0 ? 0 : distances.get(last);
        }
        double a = Math.log(watts * perWatt.get(last) / level);
        double b = Math.log(watts * perWatt.get(last + 1) / level);
        double share = a / (a - b);
        return distances.get(last) * Math.pow(distances.get(last + 1) / distances.get(last), share);
    }
}
