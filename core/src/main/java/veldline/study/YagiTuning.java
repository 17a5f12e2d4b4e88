package veldline.study;

import java.util.concurrent.CancellationException;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.complex.Complex;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.field.wire.Direction;
import veldline.line.Mismatch;
import veldline.quantity.NumberText;

/**
 * Improves a Yagi from the rule's start by our own engine: the simplex of Nelder and Mead over the four reactances and
 * the stretch of the rule. Same start, same answer.
 */
public final class YagiTuning {
    private static final int EVALUATIONS = 160;
    /** A quick mesh serves while looking; the result is solved again in full. */
    private static final double QUICK = 0.6;

    /** What a Yagi is improved for. */
    public enum Goal {
        GAIN(1, 0.02),
        QUIET_BACK(0.5, 0.4);

        private final double gain;
        private final double back;

        Goal(double gain, double back) {
            this.gain = gain;
            this.back = back;
        }
    }

    private YagiTuning() {}

    /** The best Yagi found with the same number of elements and no longer a boom than allowed. */
    public static YagiShape improve(YagiShape start, double frequency, double mostBoom, Goal goal, Progress progress) {
        Yagi.Rule first = Yagi.Rule.START;
        double[] guess = {first.reflector(), first.first(), first.taper(), first.driven(), 1};
        Search search = new Search(start, frequency, mostBoom, goal, progress);
        try {
            new SimplexOptimizer(1e-4, 1e-3)
                    .optimize(
                            new MaxEval(EVALUATIONS),
                            new ObjectiveFunction(search),
                            GoalType.MAXIMIZE,
                            new InitialGuess(guess),
                            new NelderMeadSimplex(new double[] {8, 8, 5, 10, 0.06}));
        } catch (MathIllegalStateException | CancellationException e) {
            // Out of tries or called off: what was found so far stands.
            return search.best;
        }
        return search.best;
    }

    private static final class Search implements MultivariateFunction {
        private final YagiShape start;
        private final double frequency;
        private final double mostBoom;
        private final Goal goal;
        private final Progress progress;
        private YagiShape best;
        private double bestScore = Double.NEGATIVE_INFINITY;
        private String bestWords = "";
        private int tries;

        Search(YagiShape start, double frequency, double mostBoom, Goal goal, Progress progress) {
            this.start = start;
            this.frequency = frequency;
            this.mostBoom = mostBoom;
            this.goal = goal;
            this.progress = progress;
            this.best = start;
        }

        @Override
        public double value(double[] p) {
            if (!progress.step(tries++, EVALUATIONS, bestWords)) {
                throw new CancellationException();
            }
            YagiShape shape;
            try {
                shape = Yagi.shape(
                                frequency,
                                start.elements().size(),
                                start.diameter(),
                                start.metal(),
                                start.upright(),
                                new Yagi.Rule(p[0], p[1], p[2], p[3], Math.max(0.5, p[4])),
                                1)
                        .withBoom(start.boom())
                        .withBoomDiameter(start.boomDiameter());
                FieldSolution s = new FieldSolver(
                                shape.model(), MeshRule.standard(frequency).finer(QUICK), () -> true)
                        .at(frequency);
                return score(shape, s);
            } catch (SolveFailure e) {
                return -1e3;
            }
        }

        private double score(YagiShape shape, FieldSolution s) {
            RadiatedField field = new RadiatedField(s);
            double gain = field.gainDbi(Direction.X);
            double back = gain - field.gainDbi(Direction.X.opposite());
            Complex z = s.impedances().get(0);
            double tooLong = Math.max(0, shape.boomLength() / mostBoom - 1);
            double swr = Math.min(10, Mismatch.swr(z, 50));
            double score = goal.gain * gain + goal.back * Math.min(back, 30) - Math.max(0, swr - 1.3) - 100 * tooLong;
            if (score > bestScore && tooLong < 1e-3) {
                bestScore = score;
                best = shape.withFeed(start.feed());
                bestWords = NumberText.shown(gain, 1) + " dBi";
            }
            return score;
        }
    }
}
