package veldline.build;

import java.util.List;
import java.util.stream.IntStream;
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
    /** So many gentle bends, and most of all, are a curve that is bent around a former and not at marks. */
    private static final int GENTLE_BENDS = 6;

    private static final double GENTLE = 30;
    /** Differences a saw and a file do not see, metres. */
    private static final double ALIKE = 5e-5;

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
        long gentle = bends.stream().filter(b -> b.degrees < GENTLE).count();
        return gentle >= GENTLE_BENDS && 2 * gentle > bends.size();
    }

    /** Of this diameter or width, metres. */
    Cut as(double conductor) {
        return new Cut(name, count, length, conductor, bends, closed);
    }

    /** So many times as long, as a curve is to the straight edges it is solved by. */
    Cut along(double times) {
        return new Cut(
                name,
                count,
                times * length,
                size,
                bends.stream().map(b -> new Bend(times * b.at, b.degrees)).toList(),
                closed);
    }

    /** As cut from the reel. */
    Cut unbent() {
        return new Cut(name, count, length, size, List.of(), closed);
    }

    public InchFraction inches(int denominator) {
        return InchFraction.ofMetres(length, denominator);
    }

    /** How much longer the fraction is than the piece, metres. */
    public double rounding(int denominator) {
        return inches(denominator).metres() - length;
    }

    /** Whether another is the same piece. */
    boolean like(Cut other) {
        return name.equals(other.name)
                && Math.abs(length - other.length) < ALIKE
                && Math.abs(size - other.size) < ALIKE
                && closed == other.closed
                && bends.size() == other.bends.size()
                && IntStream.range(0, bends.size())
                        .allMatch(i -> Math.abs(bends.get(i).at - other.bends.get(i).at) < ALIKE
                                && Math.abs(bends.get(i).degrees - other.bends.get(i).degrees) < 0.1);
    }
}
