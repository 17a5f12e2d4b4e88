package veldline.path;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.complex.Complex;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.hipparchus.optim.univariate.UnivariatePointValuePair;

/**
 * Two rays over flat ground of any kind.
 *
 * @param permittivity relative
 * @param conductivity siemens per metre
 */
public record RealGround(double frequency, double distance, double permittivity, double conductivity, boolean upright) {
    /** A height and the level there relative to free space, dB. */
    public record Extreme(double height, double levelDb) {}

    /** What of the field it throws back, at a grazing angle in radians. */
    public Complex reflection(double grazing) {
        return Reflection.coefficient(frequency, permittivity, conductivity, grazing, upright);
    }

    public double levelDb(double h1, double h2) {
        return TwoRay.levelDb(
                reflection(Math.atan2(h1 + h2, distance)),
                Math.hypot(distance, h1 - h2),
                Math.hypot(distance, h1 + h2),
                FreeSpace.wavelength(frequency));
    }

    /**
     * The best or worst height of one antenna near the one it would have over a perfect mirror.
     *
     * @param h1 the other antenna, metres
     * @param halfWaves detour there: odd for a maximum, even for a null
     * @throws IllegalArgumentException where no height has such a detour
     */
    public Extreme near(double h1, int halfWaves) {
        TwoRayHeights mirror = new TwoRayHeights(FreeSpace.wavelength(frequency), distance, h1);
        double at = mirror.exact(halfWaves);
        double step = mirror.exact(1);
        if (!Double.isFinite(at) || !Double.isFinite(step)) {
            throw new IllegalArgumentException("With one antenna at " + h1
                    + " m no height of the other makes a detour of " + halfWaves + " half waves; raise the first one");
        }
        UnivariatePointValuePair found = new BrentOptimizer(1e-10, 1e-9)
                .optimize(
                        new MaxEval(500),
                        halfWaves % 2 == 1 ? GoalType.MAXIMIZE : GoalType.MINIMIZE,
                        new UnivariateObjectiveFunction((UnivariateFunction) h -> levelDb(h1, h)),
                        new SearchInterval(at - 0.9 * step, at + 0.9 * step, at));
        return new Extreme(found.getPoint(), found.getValue());
    }
}
