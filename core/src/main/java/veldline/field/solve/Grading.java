package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;

/**
 * Where a straight piece of wire is cut: closer together towards both of its ends, and in three more steps, each a third
 * of the last, towards an open end, where the charge grows like one over the square root of the distance.
 */
final class Grading {
    private static final double POWER = 1.5;
    private static final int OPEN_END_STEPS = 3;
    private static final double STEP_RATIO = 1.0 / 3;

    private Grading() {}

    /** The cuts as fractions of the piece, first 0 and last 1. */
    static double[] cuts(int count, boolean openStart, boolean openEnd) {
        List<Double> cuts = new ArrayList<>();
        for (int k = 0; k <= count; k++) {
            cuts.add(graded(k, count));
        }
        for (int step = 0; step < OPEN_END_STEPS && count >= 3; step++) {
            if (openStart) {
                cuts.add(1, cuts.get(1) * STEP_RATIO);
            }
            if (openEnd) {
                int last = cuts.size() - 1;
                cuts.add(last, 1 - (1 - cuts.get(last - 1)) * STEP_RATIO);
            }
        }
        return cuts.stream().mapToDouble(d -> d).toArray();
    }

    private static double graded(int k, int count) {
        if (count < 3) {
            return (double) k / count;
        }
        double u = 2.0 * k / count - 1;
        return 0.5 + 0.5 * Math.signum(u) * (1 - Math.pow(1 - Math.abs(u), POWER));
    }
}
