package veldline.coverage;

import java.util.function.DoubleBinaryOperator;
import veldline.antenna.ClaimedBeam;

/**
 * Gain all round as a table that is read without any trigonometry: around by the walk along a square standing on its corner,
 * which grows with the angle as well as a circle does, and upwards by the sine of the angle over the antenna's own level.
 */
public final class Pattern {
    private static final int AROUND = 360;
    private static final int UP = 181;
    /** Nothing is ever less than so far under the greatest: walls and ground scatter as much, dB. */
    private static final double DEEPEST = 40;

    private final float[] gain = new float[(AROUND + 1) * UP];
    private final double most;

    private Pattern(DoubleBinaryOperator dbi) {
        double greatest = Double.NEGATIVE_INFINITY;
        for (int j = 0; j < UP; j++) {
            double elevation = Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, 2.0 * j / (UP - 1) - 1))));
            for (int i = 0; i <= AROUND; i++) {
                double g = dbi.applyAsDouble(azimuth(i), elevation);
                gain[j * (AROUND + 1) + i] = (float) g;
                greatest = Math.max(greatest, g);
            }
        }
        for (int i = 0; i < gain.length; i++) {
            gain[i] = (float) Math.max(gain[i], greatest - DEEPEST);
        }
        most = greatest;
    }

    /** @param dbi gain by azimuth off the beam, −180 to 180, and by the angle over its level, −90 to 90, degrees */
    public static Pattern of(DoubleBinaryOperator dbi) {
        return new Pattern(dbi);
    }

    /**
     * What is known of an antenna by its claims alone: a beam that falls by 12·(angle ÷ width)² dB either way, its upright
     * width from the gain (32400 square degrees), 20 dB to the back.
     *
     * @param width to half power in the level plane, degrees; 360 for one that hears alike all round
     */
    public static Pattern claimed(double dbi, double width) {
        double times = Math.pow(10, dbi / 10);
        boolean all = width >= 360;
        double upright = Math.max(2, Math.min(180, all ? 101.5 / times : 32_400 / (times * width)));
        return of((azimuth, elevation) -> {
            double side = all ? 0 : ClaimedBeam.parabola(azimuth, width);
            return dbi - Math.min(ClaimedBeam.MOST_DOWN, side + ClaimedBeam.parabola(elevation, upright));
        });
    }

    /** Greatest gain, dBi. */
    public double most() {
        return most;
    }

    /**
     * Gain in a direction by its parts along the beam, to the left of it and over it.
     *
     * @param up over the antenna's own level, −1 to 1
     */
    double at(double forward, double side, double up) {
        double a = walked(forward, side);
        double u = (Math.max(-1, Math.min(1, up)) + 1) * 0.5 * (UP - 1);
        int i = Math.min(AROUND - 1, (int) a);
        int j = Math.min(UP - 2, (int) u);
        double p = a - i;
        double q = u - j;
        int k = j * (AROUND + 1) + i;
        double low = gain[k] + p * (gain[k + 1] - gain[k]);
        double high = gain[k + AROUND + 1] + p * (gain[k + AROUND + 2] - gain[k + AROUND + 1]);
        return low + q * (high - low);
    }

    /** How far along the square from straight back, by the left, round to it again; in steps of the table. */
    private static double walked(double forward, double side) {
        double f = Math.abs(forward);
        double share = f / (f + Math.abs(side) + TINY);
        double half = forward < 0 ? 1 - share : 1 + share;
        return QUARTER * (side < 0 ? half : 4 - half);
    }

    private static final double TINY = 1e-12;
    private static final int QUARTER = AROUND / 4;

    /** The azimuth at a step of the table, degrees. */
    private static double azimuth(int i) {
        double walk = (double) i / QUARTER;
        double half = walk <= 2 ? walk : 4 - walk;
        double forward = half - 1;
        double side = 1 - Math.abs(forward);
        return Math.toDegrees(Math.atan2(walk <= 2 ? -side : side, forward));
    }

    /** Gain by azimuth off the beam and elevation over its level, degrees. */
    public double dbi(double azimuth, double elevation) {
        double e = Math.toRadians(elevation);
        double a = Math.toRadians(azimuth);
        return at(Math.cos(e) * Math.cos(a), Math.cos(e) * Math.sin(a), Math.sin(e));
    }
}
