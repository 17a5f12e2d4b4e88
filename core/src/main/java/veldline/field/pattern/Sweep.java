package veldline.field.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.RationalCurve;
import veldline.field.wire.Direction;
import veldline.field.wire.Source;
import veldline.field.wire.WireModel;

/**
 * Impedance of the first port, gain at boresight and front-to-back over a band, from as few solved frequencies as serve:
 * solved at nine Chebyshev points, joined by rational curves and held against two more where the curves are least sure;
 * where a hundredth in SWR or two hundredths of a decibel are not reached, those two join and two more are solved. What
 * is joined are impedances and fields, which run smoothly; gains follow from them.
 *
 * @param points evenly spaced over the band
 * @param solved how many frequencies were solved
 * @param doubtSwr the greatest error found where it was checked, in SWR
 * @param doubtDb likewise in gain, and in front-to-back as far as 20 dB, decibels
 */
public record Sweep(List<Point> points, int solved, double doubtSwr, double doubtDb) {
    private static final double ENOUGH_SWR = 0.01;
    private static final double ENOUGH_DB = 0.02;
    private static final int FIRST = 9;
    private static final int MOST = 33;
    /** Places a next frequency is chosen from. */
    private static final int CANDIDATES = 400;

    /** Curves of fields, before those of impedances. */
    private static final int FIELDS = 4;

    private static final double C = 299_792_458.0;
    private static final double ETA = 4e-7 * Math.PI * C;

    /**
     * One frequency.
     *
     * @param frequency hertz
     * @param gainDbi at boresight, conductor loss included
     * @param backDbi straight back; as low as the sums go over ground
     */
    public record Point(double frequency, Complex impedance, double gainDbi, double backDbi) {
        public double frontToBackDb() {
            return gainDbi - backDbi;
        }

        /** @param z0 of the line it is counted on, ohms */
        public double swr(double z0) {
            double rho = impedance.subtract(z0).divide(impedance.add(z0)).norm();
            return (1 + rho) / Math.max(1e-6, 1 - rho);
        }
    }

    /** A part of the band, hertz. */
    public record Band(double low, double high) {
        public double width() {
            return high - low;
        }
    }

    public Sweep {
        points = List.copyOf(points);
    }

    /**
     * @param z0 the line SWR is counted on, ohms
     * @param count of points wanted, 2 or more
     */
    public static Sweep of(
            WireModel model, MeshRule rule, double low, double high, int count, double z0, BooleanSupplier keepGoing) {
        FieldSolver solver = new FieldSolver(model, rule, keepGoing);
        Direction ahead = model.boresight().orElse(Direction.X);
        List<Double> first = chebyshev(low, high);
        List<Double> asked = new ArrayList<>(first);
        asked.addAll(next(first, low, high));
        // The first checks go in one batch with the nodes, so that no processor waits in between.
        Map<Double, Complex[]> solved = solve(solver, ahead, asked);
        SortedMap<Double, Complex[]> known = new TreeMap<>();
        first.forEach(f -> known.put(f, solved.get(f)));
        Map<Double, Complex[]> checks = new HashMap<>(solved);
        first.forEach(checks::remove);
        while (true) {
            RationalCurve curve = through(known);
            double swr = 0;
            double db = 0;
            for (Map.Entry<Double, Complex[]> check : checks.entrySet()) {
                Point joined = point(model, check.getKey(), curve.at(check.getKey()));
                Point alone = point(model, check.getKey(), check.getValue());
                swr = Math.max(swr, swrError(joined, alone, z0));
                db = Math.max(db, dbError(joined, alone));
            }
            // What was used to check is used for the curve too, which is then better than was found.
            known.putAll(checks);
            if (swr <= ENOUGH_SWR && db <= ENOUGH_DB || known.size() >= MOST) {
                return new Sweep(points(model, known, low, high, count), known.size(), swr, db);
            }
            checks = solve(solver, ahead, next(List.copyOf(known.keySet()), low, high));
        }
    }

    private static RationalCurve through(SortedMap<Double, Complex[]> known) {
        return RationalCurve.through(List.copyOf(known.keySet()), List.copyOf(known.values()));
    }

    private static List<Point> points(
            WireModel model, SortedMap<Double, Complex[]> known, double low, double high, int count) {
        RationalCurve curve = through(known);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double f = low + (high - low) * i / (count - 1);
            points.add(point(model, f, curve.at(f)));
        }
        return points;
    }

    /** What is far off the line is not read to hundredths. */
    private static double swrError(Point joined, Point solved, double z0) {
        return Math.abs(joined.swr(z0) - solved.swr(z0)) / Math.max(1, solved.swr(z0) / 3);
    }

    /** Deep nulls behind are not read to hundredths. */
    private static double dbError(Point joined, Point solved) {
        double back = solved.frontToBackDb() > 20 ? 0 : Math.abs(joined.frontToBackDb() - solved.frontToBackDb());
        return Math.max(Math.abs(joined.gainDbi - solved.gainDbi), back);
    }

    /** Solves on as many processors as there are; the solver only reads what it keeps. */
    private static Map<Double, Complex[]> solve(FieldSolver solver, Direction ahead, List<Double> frequencies) {
        return frequencies.parallelStream().collect(Collectors.toMap(f -> f, f -> curves(solver.at(f), ahead)));
    }

    /** Both components ahead and behind, then the impedance of every source: all of them smooth curves. */
    private static Complex[] curves(FieldSolution s, Direction ahead) {
        RadiatedField field = new RadiatedField(s);
        RadiatedField.Components front = field.towards(ahead);
        RadiatedField.Components back = field.towards(ahead.opposite());
        return Stream.concat(Stream.of(front.theta(), front.phi(), back.theta(), back.phi()), s.impedances().stream())
                .toArray(Complex[]::new);
    }

    private static Point point(WireModel model, double frequency, Complex[] v) {
        double power = 0;
        for (int i = 0; i < model.sources().size(); i++) {
            power += power(model.sources().get(i), v[FIELDS + i]);
        }
        double k = 2 * Math.PI * frequency / C;
        double perSquare = 4 * Math.PI * ETA * k * k / (32 * Math.PI * Math.PI) / power;
        return new Point(frequency, v[FIELDS], dbi(perSquare, v[0], v[1]), dbi(perSquare, v[2], v[3]));
    }

    private static double power(Source source, Complex impedance) {
        double square = source.re() * source.re() + source.im() * source.im();
        return 0.5
                * square
                * (source.kind() == Source.Kind.CURRENT
                        ? impedance.getReal()
                        : impedance.reciprocal().getReal());
    }

    private static double dbi(double perSquare, Complex theta, Complex phi) {
        double square = theta.norm() * theta.norm() + phi.norm() * phi.norm();
        return 10 * Math.log10(Math.max(1e-30, perSquare * square));
    }

    /** Chebyshev points of the second kind. */
    private static List<Double> chebyshev(double low, double high) {
        return IntStream.range(0, FIRST)
                .mapToObj(i -> 0.5 * (low + high) - 0.5 * (high - low) * Math.cos(Math.PI * i / (FIRST - 1)))
                .toList();
    }

    /** Where a curve through these is least sure: the next two of Leja's points, farthest from all by product. */
    private static List<Double> next(List<Double> nodes, double low, double high) {
        List<Double> all = new ArrayList<>(nodes);
        for (int n = 0; n < 2; n++) {
            double best = low;
            double most = -1;
            for (int i = 1; i < CANDIDATES; i++) {
                double f = low + (high - low) * i / CANDIDATES;
                double product = 1;
                for (double node : all) {
                    product *= Math.abs(f - node) / (high - low) * 4;
                }
                if (product > most) {
                    most = product;
                    best = f;
                }
            }
            all.add(best);
        }
        return all.subList(nodes.size(), all.size());
    }

    /** Frequencies at which the reactance goes through zero, hertz. */
    public List<Double> resonances() {
        List<Double> found = new ArrayList<>();
        for (int i = 0; i + 1 < points.size(); i++) {
            double a = points.get(i).impedance.getImaginary();
            double b = points.get(i + 1).impedance.getImaginary();
            if (a == 0 || a < 0 != b < 0) {
                found.add(between(points.get(i), points.get(i + 1), a / (a - b)));
            }
        }
        return found;
    }

    /**
     * The stretch around the lowest SWR in which it stays under a limit; as far as the band goes.
     *
     * @param z0 of the line, ohms
     */
    public Optional<Band> under(double limit, double z0) {
        ToDoubleFunction<Point> over = p -> p.swr(z0) - limit;
        int best = points.indexOf(
                points.stream().min(Comparator.comparingDouble(over)).orElseThrow());
        if (over.applyAsDouble(points.get(best)) > 0) {
            return Optional.empty();
        }
        return Optional.of(new Band(edge(best, -1, over), edge(best, 1, over)));
    }

    private double edge(int from, int step, ToDoubleFunction<Point> over) {
        int i = from;
        while (i + step >= 0 && i + step < points.size() && over.applyAsDouble(points.get(i + step)) <= 0) {
            i += step;
        }
        if (i + step < 0 || i + step >= points.size()) {
            return points.get(i).frequency;
        }
        double a = over.applyAsDouble(points.get(i));
        double b = over.applyAsDouble(points.get(i + step));
        return between(points.get(i), points.get(i + step), a / (a - b));
    }

    private static double between(Point a, Point b, double share) {
        return a.frequency + share * (b.frequency - a.frequency);
    }

    /** Where the gain is greatest. */
    public Point bestGain() {
        return points.stream().max(Comparator.comparingDouble(Point::gainDbi)).orElseThrow();
    }

    /** Where front-to-back is greatest. */
    public Point bestFrontToBack() {
        return points.stream()
                .max(Comparator.comparingDouble(Point::frontToBackDb))
                .orElseThrow();
    }
}
