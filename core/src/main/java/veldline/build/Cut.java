package veldline.build;

import java.util.List;
import veldline.quantity.InchFraction;

/**
 * Equal pieces of conductor to cut.
 *
 * @param name what they are in the antenna
 * @param count how many of them
 * @param length along the piece before it is bent, metres
 * @param size diameter, or width of a strip, metres
 * @param bends where it is bent, in order from the end that is measured from
 * @param closed whether its ends are joined
 */
public record Cut(String name, int count, double length, double size, List<Bend> bends, boolean closed) {
    /** More bends than these are a curve, bent around a former and not at marks. */
    private static final int MOST_BENDS = 9;

    public Cut {
        bends = List.copyOf(bends);
    }

    /**
     * One bend.
     *
     * @param at of its middle along the piece, metres
     * @param degrees turned
     */
    public record Bend(double at, double degrees) {}

    public boolean curved() {
        return bends.size() > MOST_BENDS;
    }

    public InchFraction inches(int denominator) {
        return InchFraction.ofMetres(length, denominator);
    }

    /** How much longer the fraction is than the piece, metres. */
    public double rounding(int denominator) {
        return inches(denominator).metres() - length;
    }

    /** Whether another is the same but for its name. */
    boolean like(Cut other) {
        return Math.abs(length - other.length) < ALIKE
                && Math.abs(size - other.size) < ALIKE
                && closed == other.closed
                && bends.size() == other.bends.size()
                && java.util.stream.IntStream.range(0, bends.size())
                        .allMatch(i -> Math.abs(bends.get(i).at - other.bends.get(i).at) < ALIKE
                                && Math.abs(bends.get(i).degrees - other.bends.get(i).degrees) < 0.1);
    }

    /** Differences a saw and a file do not see, metres. */
    private static final double ALIKE = 5e-5;
}
