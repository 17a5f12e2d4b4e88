package veldline.coverage;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import veldline.antenna.ClaimedBeam;

/**
 * Equal sectors evenly round a mast, each falling by 12·(angle ÷ width)² dB: how even the ring is.
 *
 * @param sectors two or more
 * @param width half-power width of one, degrees
 */
public record SectorRing(int sectors, double width) {
    public SectorRing {
        if (sectors < 1 || sectors > 360 || !(width > 0) || !(width <= 360)) {
            throw new IllegalArgumentException("A ring of " + sectors + " sectors of " + width
                    + "° cannot be; give 1 to 360 sectors, each up to 360° wide");
        }
    }

    /** What one sector gives at an angle from its middle, dB under that. */
    private double beam(double degrees) {
        return -ClaimedBeam.parabola(ClaimedBeam.shorter(degrees), width);
    }

    /** The strongest sector at the seam, dB under its middle, positive. */
    public double seamDb() {
        return -beam(180.0 / sectors);
    }

    /** All sectors added by power at an angle, dB over the middle of one. */
    public double sumDb(double degrees) {
        double power = 0;
        for (int i = 0; i < sectors; i++) {
            power += Math.pow(10, beam(degrees - 360.0 * i / sectors) / 10);
        }
        return 10 * Math.log10(power);
    }

    /** Strongest over weakest of the sum, dB. */
    public double rippleDb() {
        double half = 180.0 / sectors;
        return best(this::sumDb, half, GoalType.MAXIMIZE) - best(this::sumDb, half, GoalType.MINIMIZE);
    }

    /** The best between the middle of a sector and its seam; looked for in ten parts, since there may be two hills. */
    private static double best(DoubleUnaryOperator f, double to, GoalType goal) {
        double best = goal == GoalType.MAXIMIZE ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
        for (int i = 0; i < 10; i++) {
            double found = new BrentOptimizer(1e-9, 1e-9)
                    .optimize(
                            new MaxEval(200),
                            goal,
                            new UnivariateObjectiveFunction((UnivariateFunction) f::applyAsDouble),
                            new SearchInterval(to * i / 10, to * (i + 1) / 10))
                    .getValue();
            best = goal == GoalType.MAXIMIZE ? Math.max(best, found) : Math.min(best, found);
        }
        return best;
    }
}
