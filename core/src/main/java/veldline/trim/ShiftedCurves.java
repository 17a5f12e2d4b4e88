package veldline.trim;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.Gradient;
import veldline.field.solve.MeshRule;
import veldline.field.solve.RationalCurve;
import veldline.field.wire.WireModel;

/**
 * Impedance of an antenna at a few frequencies with one of its measures off by any amount: solved with its slope at three amounts over
 * what is thought possible, at nine for measures that have been {@link #refine refined}, and joined, three by three, by the quintic that
 * meets all six. Frequencies between are joined by a rational curve. A mesh twice as fine is tried on the antenna as drawn: where it
 * matters and the antenna is small, everything is solved on it; otherwise what it changes is added to all curves, and a part of it stays
 * as the doubt of them. What was solved for one measure is kept, so that a second sweep of the same antenna costs nothing.
 */
final class ShiftedCurves {
    /** Sweeps of so many points and fewer are solved at their own; of more, at so many. */
    private static final int FREQUENCIES = 15;
    /** Amounts either side of the middle for a measure that is looked at closely, an even number. */
    private static final int STEPS = 4;
    /** Times as many functions, for the mesh that is tried. */
    private static final double FINER = 2;
    /** From this change on, as a part of the impedance, a finer mesh matters. */
    private static final double MATTERS = 0.01;
    /** Wires that are solved on the finer mesh within a second or two. */
    private static final int SMALL = 6;
    /** Of what a finer mesh changed, the part that may still be missing. */
    private static final double MISSING = 0.3;
    /** Fewer than these carry no curve between them. */
    private static final int FEWEST = 7;

    private final List<TrimMeasure> measures;
    private final double[] frequencies;
    private final double most;
    private final BooleanSupplier keepGoing;
    private final double[] places;
    private final double mesh;
    private final Map<Double, Complex> finer;
    private final Solved[] middle;
    private final Map<Integer, Solved[]> amounts = new HashMap<>();

    /** At one offset: impedances and their change per metre, at every frequency asked for. */
    private record Solved(Complex[] z, Complex[] slope) {}

    /**
     * @param frequencies wanted, ascending, hertz
     * @param swept those of them where the curves have to be right, ascending; three or more
     * @param most that a measure is thought to be off by, either way, metres
     */
    ShiftedCurves(
            WireModel drawn,
            List<TrimMeasure> measures,
            double[] frequencies,
            double[] swept,
            double most,
            BooleanSupplier keepGoing) {
        this.measures = List.copyOf(measures);
        this.frequencies = frequencies.clone();
        this.most = most;
        this.keepGoing = keepGoing;
        this.places = FEWEST <= swept.length && swept.length <= FREQUENCIES
                ? swept.clone()
                : chebyshev(swept[0], swept[swept.length - 1]);
        Map<Double, Complex> twice = alone(drawn, FINER);
        Map<Double, Complex> first = finer(alone(drawn, 1), twice);
        boolean fine = drawn.wires().size() <= SMALL && first.values().stream().anyMatch(z -> z.norm() > MATTERS);
        this.mesh = fine ? FINER : 1;
        this.finer = fine ? finer(twice, alone(drawn, FINER * FINER)) : first;
        this.middle = solved(drawn, measures, 0);
    }

    private static double[] chebyshev(double low, double high) {
        return IntStream.range(0, FREQUENCIES)
                .mapToDouble(i -> 0.5 * (low + high) - 0.5 * (high - low) * Math.cos(Math.PI * i / (FREQUENCIES - 1)))
                .toArray();
    }

    double most() {
        return most;
    }

    /** As drawn, at the frequency of an index. */
    Complex drawn(int frequency) {
        return middle[0].z[frequency];
    }

    /** With one measure so many metres larger, as far as its slope tells. */
    Complex sloped(int measure, double by, int frequency) {
        return drawn(frequency).add(middle[measure].slope[frequency].multiply(by));
    }

    /** With one measure so many metres larger; beyond what is thought possible as at its end. */
    Complex at(int measure, double by, int frequency) {
        Solved[] at = amounts.computeIfAbsent(measure, m -> amounts(m, 1));
        double d = Math.max(-most, Math.min(most, by));
        double step = 2 * most / (at.length - 1);
        int from = 2 * Math.min((at.length - 3) / 2, (int) Math.floor((d + most) / (2 * step)));
        double t = (d + most) / step - from - 1;
        return quintic(at, from, frequency, t, step);
    }

    /** The polynomial of fifth degree with the values and slopes of three neighbours at −1, 0 and 1 (Hermite). */
    private static Complex quintic(Solved[] at, int from, int frequency, double t, double step) {
        double t2 = t * t;
        double[] value = {
            t2 * (4 - 5 * t - 2 * t2 + 3 * t2 * t) / 4, 1 - 2 * t2 + t2 * t2, t2 * (4 + 5 * t - 2 * t2 - 3 * t2 * t) / 4
        };
        double[] change = {t2 * (1 - t - t2 + t2 * t) / 4, t - 2 * t2 * t + t2 * t2 * t, t2 * (-1 - t + t2 + t2 * t) / 4
        };
        Complex sum = Complex.ZERO;
        for (int i = 0; i < value.length; i++) {
            Solved s = at[from + i];
            sum = sum.add(s.z[frequency].multiply(value[i])).add(s.slope[frequency].multiply(change[i] * step));
        }
        return sum;
    }

    /** Makes the curves of a measure as good as they get. */
    void refine(int measure) {
        Solved[] now = amounts.computeIfAbsent(measure, m -> amounts(m, 1));
        if (now.length < 2 * STEPS + 1) {
            amounts.put(measure, amounts(measure, STEPS));
        }
    }

    private Solved[] amounts(int measure, int steps) {
        TrimMeasure m = measures.get(measure);
        Solved[] known = amounts.getOrDefault(measure, new Solved[0]);
        return IntStream.rangeClosed(-steps, steps)
                .mapToObj(s -> s == 0
                        ? middle[measure]
                        : Math.abs(s) == steps && known.length > 0
                                ? known[s < 0 ? 0 : known.length - 1]
                                : solved(m, most * s / steps))
                .toArray(Solved[]::new);
    }

    private Solved solved(TrimMeasure m, double by) {
        return solved(m.varied(by), List.of(m), by)[0];
    }

    /** What a finer mesh has more, as a part of it, at each frequency that is solved. */
    private static Map<Double, Complex> finer(Map<Double, Complex> coarse, Map<Double, Complex> fine) {
        return coarse.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        e -> fine.get(e.getKey())
                                .subtract(e.getValue())
                                .divide(e.getValue().norm())));
    }

    /** What the impedances may still be off by, as a part of them. */
    double doubt() {
        return MISSING
                * finer.values().stream().mapToDouble(Complex::norm).max().orElseThrow();
    }

    /** On a mesh so many times as fine as the standard one. */
    private Map<Double, Complex> alone(WireModel model, double times) {
        return Arrays.stream(places)
                .boxed()
                .parallel()
                .collect(Collectors.toMap(
                        f -> f,
                        f -> new FieldSolver(model, MeshRule.standard(f).finer(times), keepGoing)
                                .at(f)
                                .impedances()
                                .get(0)));
    }

    /** Of a model with one measure moved already by so much. */
    private Solved[] solved(WireModel model, List<TrimMeasure> of, double by) {
        Map<Double, Gradient> gradients = Arrays.stream(places)
                .boxed()
                .parallel()
                .collect(Collectors.toMap(
                        f -> f,
                        f -> Gradient.of(
                                model,
                                MeshRule.standard(f).finer(mesh),
                                f,
                                List.of(),
                                of.stream()
                                        .map(m -> (DoubleFunction<WireModel>) d -> m.varied(by + d))
                                        .toList(),
                                keepGoing,
                                false)));
        List<Complex[]> known = Arrays.stream(places)
                .mapToObj(f -> curves(gradients.get(f), finer.get(f)))
                .toList();
        RationalCurve curve =
                RationalCurve.through(Arrays.stream(places).boxed().toList(), known);
        Complex[][] at =
                Arrays.stream(frequencies).mapToObj(f -> at(f, known, curve)).toArray(Complex[][]::new);
        return IntStream.range(0, of.size())
                .mapToObj(d -> new Solved(column(at, 0), column(at, d + 1)))
                .toArray(Solved[]::new);
    }

    /** As solved where it was, and by the curve between. */
    private Complex[] at(double frequency, List<Complex[]> known, RationalCurve curve) {
        int place = Arrays.binarySearch(places, frequency);
        return place >= 0 ? known.get(place) : curve.at(frequency);
    }

    private static Complex[] curves(Gradient g, Complex finer) {
        Complex z = g.solution().impedances().get(0);
        return Stream.concat(
                        Stream.of(z.add(finer.multiply(z.norm()))),
                        g.slopes().stream().map(s -> s.impedances().get(0)))
                .toArray(Complex[]::new);
    }

    private static Complex[] column(Complex[][] rows, int at) {
        return Arrays.stream(rows).map(r -> r[at]).toArray(Complex[]::new);
    }
}
