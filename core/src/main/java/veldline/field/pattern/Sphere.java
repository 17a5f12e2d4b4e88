package veldline.field.pattern;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;

/** What needs every direction: the power radiated and the direction of greatest gain. */
public final class Sphere {
    private Sphere() {}

    /**
     * Power through a sphere around the antenna, watts: Gauss–Legendre in cos θ, even steps in φ, fine enough for an
     * antenna of the given size since its field holds no harmonics much above {@code k·extent}.
     *
     * @param extent radius of a sphere around the origin that holds the antenna, metres
     */
    public static double radiatedPower(RadiatedField field, double extent) {
        int order = (int) Math.ceil(1.2 * field.waveNumber() * extent) + 12;
        double from = field.overGround() ? 0 : -1;
        GaussIntegrator rule = new GaussIntegratorFactory().legendre(order, from, 1.0);
        int steps = 2 * order;
        double sum = 0;
        for (int i = 0; i < order; i++) {
            double theta = Math.toDegrees(Math.acos(rule.getPoint(i)));
            double ring = 0;
            for (int j = 0; j < steps; j++) {
                ring += field.intensity(new Direction(theta, 360.0 * j / steps));
            }
            sum += rule.getWeight(i) * ring * 2 * Math.PI / steps;
        }
        return sum;
    }

    /**
     * Gain all round in dBi, rings from the zenith down and on each ring from phi 0 on; on as many processors as there
     * are.
     *
     * @param step degrees between rings and on them, a whole part of 180
     */
    public static double[][] grid(RadiatedField field, double step) {
        return new EvenGrid(field, step).gainDbi();
    }

    /** The direction of greatest gain: a grid, then steps that shrink to a thousandth of a degree. */
    public static Direction strongest(RadiatedField field, double extent) {
        double step = Math.min(10, 60 / (field.waveNumber() * extent + 1) + 1);
        Direction best = new Direction(0, 0);
        double most = field.intensity(best);
        double last = field.overGround() ? 90 : 180;
        for (double theta = 0; theta <= last + 1e-9; theta += step) {
            for (double phi = 0; phi < 360; phi += step) {
                double here = field.intensity(new Direction(Math.min(theta, last), phi));
                if (here > most * (1 + 1e-9)) {
                    most = here;
                    best = new Direction(Math.min(theta, last), phi);
                }
            }
        }
        // Steps are taken across the line of sight, so that the poles are places like any other.
        for (double s = step / 2; s > 1e-3; s /= 2) {
            boolean moved = true;
            while (moved) {
                moved = false;
                for (double[] by : new double[][] {{s, 0}, {-s, 0}, {0, s}, {0, -s}}) {
                    Vec aside = best.thetaHat()
                            .times(Math.toRadians(by[0]))
                            .plus(best.phiHat().times(Math.toRadians(by[1])));
                    Direction next = Direction.of(best.vector().plus(aside).unit());
                    double here = field.intensity(next);
                    if (here > most * (1 + 1e-12)) {
                        most = here;
                        best = next;
                        moved = true;
                    }
                }
            }
        }
        return new Direction(best.theta(), ((best.phi() % 360) + 360) % 360);
    }
}
