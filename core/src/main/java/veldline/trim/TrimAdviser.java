package veldline.trim;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import veldline.antenna.Made;

/**
 * Which measure of an antenna explains a sweep. Each measure alone is moved until the engine's curve meets the sweep best; how much
 * better it does than the others, and than nothing being off, is its weight. It never names one where two would do, and says what to
 * measure instead.
 */
public final class TrimAdviser {
    /** So far a measure is thought to be off, either way, in waves: a misread centimetre on two metres. */
    public static final double MOST = 0.02;

    private static final double C = 299_792_458.0;
    /** Places of a measure that are weighed. */
    private static final int PLACES = 161;
    /** Measures that are looked at closely: those that do best by their slopes. */
    private static final int CLOSELY = 6;
    /** Amounts of each that can be looked at. */
    private static final int SHOWN = 41;
    /** Curves are drawn at so many frequencies, and at those of the sweep. */
    private static final int DRAWN = 41;

    /** Fewer frequencies say nothing of a measure. */
    private static final int LEAST = 3;
    /** What reflection coefficients are good to at best. */
    private static final double LEAST_DOUBT = 0.001;
    /** So many times the noise a curve of few amounts may be off. */
    private static final double ROUGH = 5;
    /** So seldom does a sweep that one measure explains lie so far off by chance. */
    private static final double CHANCE = 1e-3;

    private final List<TrimMeasure> measures;
    private final ShiftedCurves curves;
    private final double[] frequencies;
    private final int[] swept;
    private final Fit fit;

    /**
     * @param drawn the antenna as it is meant
     * @param swept frequencies of the sweep, hertz; three or more
     * @param between what lies between it and where it is measured
     * @param z0 the line SWR is counted on, ohms
     * @throws IllegalArgumentException for an antenna with no measures to trim, or too few frequencies
     * @throws veldline.field.solve.SolveFailure when called off
     */
    public TrimAdviser(Made drawn, List<Double> swept, Between between, double z0, BooleanSupplier keepGoing) {
        this.measures = TrimMeasure.of(drawn);
        if (measures.isEmpty()) {
            throw new IllegalArgumentException(
                    drawn.title() + " has no measures to trim; those of a family and of a Yagi have");
        }
        TreeSet<Double> at = new TreeSet<>(swept);
        if (at.size() < LEAST) {
            throw new IllegalArgumentException("A sweep of " + at.size()
                    + " frequencies says nothing of a measure; give " + LEAST + " or more, on both sides of the dip");
        }
        IntStream.range(0, DRAWN).forEach(i -> at.add(at.first() + (at.last() - at.first()) * i / (DRAWN - 1)));
        this.frequencies = at.stream().mapToDouble(f -> f).toArray();
        this.swept = swept.stream()
                .mapToInt(f -> Arrays.binarySearch(frequencies, f))
                .toArray();
        double wave = C / (0.5 * (at.first() + at.last()));
        this.curves = new ShiftedCurves(
                drawn.model(),
                measures,
                frequencies,
                swept.stream().mapToDouble(f -> f).sorted().distinct().toArray(),
                MOST * wave,
                keepGoing);
        this.fit = new Fit(between, z0, LEAST_DOUBT + curves.doubt() / 2);
    }

    /**
     * How one measure does.
     *
     * @param least of the squares it leaves anywhere
     * @param mean over all places, of how well each does against that
     * @param left of the squares, where it is thought to be
     */
    private record Weighed(int measure, double least, double mean, double by, double doubt, double left) {}

    /**
     * @param sweep at the frequencies given before, in their order
     * @param noise standard deviation of a reading of SWR: what repeats of the sweep differ by
     */
    public TrimAdvice advice(List<SweepPoint> sweep, double noise) {
        if (sweep.size() != swept.length) {
            throw new IllegalArgumentException(
                    sweep.size() + " points for " + swept.length + " frequencies; give one for each");
        }
        Fit.Data data = fit.data(sweep, frequencies, swept, noise);
        double none = data.miss(curves::drawn);
        List<Weighed> weighed = weighed(closely(data), data);
        double least = Math.min(
                none, weighed.stream().mapToDouble(Weighed::least).min().orElse(none));
        double asDrawn = Math.exp(-0.5 * (none - least));
        double share = 1.0 / measures.size();
        double[] evidence = weighed.stream()
                .mapToDouble(w -> share * w.mean * Math.exp(-0.5 * (w.least - least)))
                .toArray();
        double all = asDrawn + Arrays.stream(evidence).sum();
        List<Suspect> suspects = IntStream.range(0, weighed.size())
                .mapToObj(i -> suspect(weighed.get(i), evidence[i], all, data))
                .sorted(Comparator.comparingDouble((Suspect s) -> -s.weight().value()))
                .toList();
        TrimAdvice.Verdict verdict = verdict(suspects, 100 * asDrawn / all, least, data.count());
        return new TrimAdvice(
                verdict,
                suspects,
                Suspect.weight(asDrawn, all),
                verdict == TrimAdvice.Verdict.CANNOT_TELL || verdict == TrimAdvice.Verdict.UNEXPLAINED
                        ? Optional.of(new Telling(curves, measures, fit, frequencies, swept, noise).of(suspects, data))
                        : Optional.empty(),
                Arrays.stream(frequencies).boxed().toList(),
                fit.swr(frequencies, curves::drawn));
    }

    /**
     * The least doubt, metres, with which anything could tell each measure from this sweep while the others may be off too, each of them
     * known beforehand to half of what is thought possible; in the order of the measures.
     */
    public List<Double> bounds(List<SweepPoint> sweep, double noise) {
        Fit.Data data = fit.data(sweep, frequencies, swept, noise);
        double step = curves.most() / 1000;
        return CramerRao.bounds(
                IntStream.range(0, measures.size())
                        .mapToObj(m -> slopes(m, step, data))
                        .toList(),
                curves.most() / 2);
    }

    private double[] slopes(int measure, double step, Fit.Data data) {
        double[] more = data.off(f -> curves.sloped(measure, step, f));
        double[] less = data.off(f -> curves.sloped(measure, -step, f));
        return IntStream.range(0, more.length)
                .mapToDouble(i -> (more[i] - less[i]) / (2 * step))
                .toArray();
    }

    public List<TrimMeasure> measures() {
        return measures;
    }

    private static TrimAdvice.Verdict verdict(List<Suspect> suspects, double asDrawn, double left, int count) {
        if (1 - new ChiSquaredDistribution(Math.max(1, count - 1)).cumulativeProbability(left) < CHANCE) {
            return TrimAdvice.Verdict.UNEXPLAINED;
        }
        if (asDrawn >= TrimAdvice.SURE) {
            return TrimAdvice.Verdict.NOTHING;
        }
        return suspects.get(0).weight().value() >= TrimAdvice.SURE
                ? TrimAdvice.Verdict.ONE
                : TrimAdvice.Verdict.CANNOT_TELL;
    }

    /** Those that do best as far as their slopes tell, over every amount. */
    private List<Integer> closely(Fit.Data data) {
        return IntStream.range(0, measures.size())
                .boxed()
                .sorted(Comparator.comparingDouble(m -> IntStream.range(0, PLACES)
                        .mapToDouble(p -> data.miss(f -> curves.sloped(m, place(p), f)))
                        .min()
                        .orElseThrow()))
                .limit(CLOSELY)
                .toList();
    }

    /** The best is looked at closely, and whatever else might do as well once it is. */
    private List<Weighed> weighed(List<Integer> of, Fit.Data data) {
        List<Weighed> all = new ArrayList<>(of.stream()
                .map(m -> weighed(m, data))
                .sorted(Comparator.comparingDouble(Weighed::least))
                .toList());
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < all.size(); i++) {
            if (Math.sqrt(all.get(i).least) < Math.sqrt(best) + ROUGH * Math.sqrt(data.count())) {
                curves.refine(all.get(i).measure);
                all.set(i, weighed(all.get(i).measure, data));
                best = Math.min(best, all.get(i).least);
            }
        }
        return all;
    }

    private double place(int p) {
        return curves.most() * (2.0 * p / (PLACES - 1) - 1);
    }

    private Weighed weighed(int measure, Fit.Data data) {
        double[] misses = IntStream.range(0, PLACES)
                .mapToDouble(p -> miss(measure, place(p), data))
                .toArray();
        double least = Arrays.stream(misses).min().orElseThrow();
        double sum = 0;
        double first = 0;
        double second = 0;
        for (int p = 0; p < PLACES; p++) {
            double w = Math.exp(-0.5 * (misses[p] - least));
            sum += w;
            first += w * place(p);
            second += w * place(p) * place(p);
        }
        double by = first / sum;
        double doubt = Math.sqrt(Math.max(second / sum - by * by, Math.pow(place(1) - place(0), 2) / 12));
        return new Weighed(measure, least, sum / PLACES, by, doubt, miss(measure, by, data));
    }

    private double miss(int measure, double by, Fit.Data data) {
        return data.miss(f -> curves.at(measure, by, f));
    }

    private Suspect suspect(Weighed w, double evidence, double all, Fit.Data data) {
        TrimMeasure m = measures.get(w.measure);
        return new Suspect(
                m,
                Suspect.off(m, w.by, w.doubt),
                Suspect.weight(evidence, all),
                Suspect.misfit(w.left, data.count()),
                curve(w.measure, w.by),
                IntStream.range(0, SHOWN)
                        .mapToObj(i -> amount(w.measure, curves.most() * (2.0 * i / (SHOWN - 1) - 1), data))
                        .toList());
    }

    private Suspect.Amount amount(int measure, double by, Fit.Data data) {
        return new Suspect.Amount(by, Suspect.misfit(miss(measure, by, data), data.count()), curve(measure, by));
    }

    private List<Double> curve(int measure, double by) {
        return fit.swr(frequencies, f -> curves.at(measure, by, f));
    }
}
