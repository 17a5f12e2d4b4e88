package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;

/**
 * Where a straight piece of wire is cut: somewhat closer together towards both of its ends, and in more steps, each a
 * third of the last, towards an end where current or charge changes fast: three towards an open end, where the charge
 * grows like one over the square root of the distance; one into a joint or a sharp corner; and into a port as many as
 * bring the last one down to the wire's radius, the size of the gap.
 */
final class Grading {
    private static final double POWER = 1.25;
    private static final double STEP_RATIO = 1.0 / 3;
    private static final int OPEN_STEPS = 3;
    private static final int MOST_PORT_STEPS = 5;
    /** A piece cut into fewer has no room for steps, but for those that a port asks for. */
    static final int FEWEST = 3;

    /** What a piece of wire ends in. */
    enum End {
        /** Goes on, straight or nearly so. */
        ON,
        JOINT,
        OPEN,
        PORT
    }

    private Grading() {}

    /**
     * The cuts as fractions of the piece, first 0 and last 1.
     *
     * @param count pieces before the steps are added
     * @param length of the piece over its radius
     */
    static double[] cuts(int count, double length, End start, End end) {
        List<Double> cuts = new ArrayList<>();
        for (int k = 0; k <= count; k++) {
            cuts.add(graded(k, count));
        }
        int atStart = steps(start, count, length);
        int atEnd = steps(end, count, length);
        for (int step = 0; step < atStart; step++) {
            cuts.add(1, cuts.get(1) * STEP_RATIO);
        }
        for (int step = 0; step < atEnd; step++) {
            int last = cuts.size() - 1;
            cuts.add(last, 1 - (1 - cuts.get(last - 1)) * STEP_RATIO);
        }
        return cuts.stream().mapToDouble(d -> d).toArray();
    }

    private static int steps(End end, int count, double length) {
        return switch (end) {
            case ON -> 0;
            case JOINT -> count < FEWEST ? 0 : 1;
            case OPEN -> count < FEWEST ? 0 : OPEN_STEPS;
            case PORT -> {
                int steps = 0;
                for (double first = graded(1, count) * length; first > 1 && steps < MOST_PORT_STEPS; steps++) {
                    first *= STEP_RATIO;
                }
                yield steps;
            }
        };
    }

    private static double graded(int k, int count) {
        if (count < FEWEST) {
            return (double) k / count;
        }
        double u = 2.0 * k / count - 1;
        return 0.5 + 0.5 * Math.signum(u) * (1 - Math.pow(1 - Math.abs(u), POWER));
    }
}
