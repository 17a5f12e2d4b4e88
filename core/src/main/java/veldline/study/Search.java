package veldline.study;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleFunction;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunctionGradient;
import org.hipparchus.optim.nonlinear.scalar.gradient.NonLinearConjugateGradientOptimizer;
import org.hipparchus.optim.nonlinear.scalar.noderiv.CMAESOptimizer;
import org.hipparchus.random.Well19937c;
import veldline.field.pattern.Sensitivity;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.WireModel;

/**
 * Looks for the values of a subject's free dimensions that meet goals best: by the covariance matrix adaptation evolution
 * strategy (Hansen and Ostermeier, Evolutionary Computation 9-2, 2001), then down the slopes by conjugate gradients. Every
 * antenna tried is told of. Same question, same answer.
 */
final class Search {
    private static final long SEED = 2437;
    /** A model that cannot be solved is worse than any that can. */
    private static final double NO_GOOD = -1e6;

    private final Subject subject;
    private final double[] frequencies;
    private final double mesh;
    private final Watcher watcher;

    /** Hears of every antenna that was tried; false calls the search off. */
    interface Watcher {
        boolean tried(double[] values, AcrossBand reached);
    }

    /** @param mesh how fine the antennas are cut while looking, 1 for the standard */
    Search(Subject subject, double[] frequencies, double mesh, Watcher watcher) {
        this.subject = subject;
        this.frequencies = frequencies.clone();
        this.mesh = mesh;
        this.watcher = watcher;
    }

    /** What one try came to; empty where it cannot be solved. */
    Optional<AcrossBand> reached(double[] values, boolean lobes) {
        WireModel model = subject.shape().model(values);
        try {
            AcrossBand reached =
                    AcrossBand.of(model, subject.shape().length(values), frequencies, mesh, lobes, () -> true);
            if (!watcher.tried(values, reached)) {
                throw new CancellationException();
            }
            return Optional.of(reached);
        } catch (SolveFailure e) {
            return Optional.empty();
        }
    }

    private double score(double[] values, Goals goals) {
        return reached(values, goals.wantsLobes()).map(goals::score).orElse(NO_GOOD);
    }

    /**
     * The best values found in so many tries.
     *
     * @param reach of a dimension's room, how far the first tries go
     * @throws CancellationException if the watcher called it off
     */
    double[] wide(Goals goals, double[] from, double reach, int tries) {
        int n = from.length;
        double[] low = subject.free().stream().mapToDouble(Subject.Free::low).toArray();
        double[] high = subject.free().stream().mapToDouble(Subject.Free::high).toArray();
        double[] sigma = new double[n];
        for (int i = 0; i < n; i++) {
            sigma[i] = reach * (high[i] - low[i]);
        }
        Best best = new Best(from, score(from, goals));
        MultivariateFunction f = values -> {
            double score = score(values, goals);
            best.hear(values, score);
            return score;
        };
        try {
            new CMAESOptimizer(tries, 0, true, 0, 0, new Well19937c(SEED), false, null)
                    .optimize(
                            new MaxEval(tries),
                            new ObjectiveFunction(f),
                            GoalType.MAXIMIZE,
                            new InitialGuess(from),
                            new SimpleBounds(low, high),
                            new CMAESOptimizer.Sigma(sigma),
                            new CMAESOptimizer.PopulationSize(4 + (int) (3 * Math.log(n))));
        } catch (MathRuntimeException e) {
            // Out of tries: what was found so far stands.
            return best.values;
        }
        return best.values;
    }

    /** From there by the slopes, as far as they lead; side lobes have none and are held only by what is tried. */
    double[] polished(Goals goals, double[] from, int tries) {
        Best best = new Best(from, score(from, goals));
        double[] room =
                subject.free().stream().mapToDouble(f -> f.high() - f.low()).toArray();
        double[] first = new double[from.length];
        MultivariateFunction f = steps -> {
            double[] values = subject.within(moved(from, steps, room));
            double score = score(values, goals);
            best.hear(values, score);
            return score;
        };
        try {
            new NonLinearConjugateGradientOptimizer(
                            NonLinearConjugateGradientOptimizer.Formula.POLAK_RIBIERE,
                            new SimpleValueChecker(1e-6, 1e-4),
                            1e-3,
                            1e-3,
                            1e-3)
                    .optimize(
                            new MaxEval(tries),
                            new MaxIter(tries),
                            new ObjectiveFunction(f),
                            new ObjectiveFunctionGradient(
                                    steps -> slopes(goals, subject.within(moved(from, steps, room)), room)),
                            GoalType.MAXIMIZE,
                            new InitialGuess(first));
        } catch (MathRuntimeException e) {
            return best.values;
        }
        return best.values;
    }

    private static double[] moved(double[] from, double[] steps, double[] room) {
        double[] values = from.clone();
        for (int i = 0; i < values.length; i++) {
            values[i] += steps[i] * room[i];
        }
        return values;
    }

    /** Of the score, by each dimension in shares of its room. */
    double[] slopes(Goals goals, double[] values, double[] room) {
        WireModel model = subject.shape().model(values);
        MeshRule rule = MeshRule.standard(Arrays.stream(frequencies).max().orElseThrow())
                .finer(mesh);
        List<DoubleFunction<WireModel>> dimensions = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            dimensions.add(subject.varied(values, i));
        }
        List<AcrossBand.At> at = new ArrayList<>();
        List<Sensitivity> about = new ArrayList<>();
        for (double f : frequencies) {
            Sensitivity s = Sensitivity.of(model, rule, f, dimensions, () -> true, true);
            about.add(s);
            at.add(new AcrossBand.At(s.gainDbi(), s.backDbi(), s.impedance(), 0));
        }
        Goals.Scored scored = goals.scored(new AcrossBand(at, subject.shape().length(values)));
        double[] length = subject.shape().lengthSlopes();
        double[] slopes = new double[values.length];
        for (int i = 0; i < slopes.length; i++) {
            for (int k = 0; k < frequencies.length; k++) {
                Sensitivity.Slope s = about.get(k).slopes().get(i);
                slopes[i] += scored.slope(Measure.GAIN, k) * s.gainDb()
                        + scored.slope(Measure.FRONT_TO_BACK, k) * s.frontToBackDb()
                        + scored.slope(Measure.SWR, k)
                                * Goals.swrSlope(about.get(k).impedance(), s.impedance())
                        + scored.slope(Measure.LENGTH, k) * 1000 * length[i];
            }
            slopes[i] *= room[i];
        }
        return slopes;
    }

    private static final class Best {
        private double[] values;
        private double score;

        Best(double[] values, double score) {
            this.values = values.clone();
            this.score = score;
        }

        void hear(double[] tried, double got) {
            if (got > score) {
                values = tried.clone();
                score = got;
            }
        }
    }
}
