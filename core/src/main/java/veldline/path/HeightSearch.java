package veldline.path;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Looks up and down for a height at which the worst tide takes least, within one lobe of where the antenna is and never
 * under the height that keeps it dry.
 */
public final class HeightSearch {
    private static final double STEP = 0.5;
    /** Nobody puts a mast of more up for a link, metres; higher is only looked for where the antenna hangs there now. */
    private static final double HIGHEST = 30;

    /**
     * A better height.
     *
     * @param height over low water, metres
     * @param worstDb the bounce at its worst tide there
     */
    public record Found(double height, double worstDb) {}

    private HeightSearch() {}

    /**
     * The best height for the first end on half-metre steps, when it gains at least 1 dB at the worst tide.
     *
     * @param least the lowest the antenna may hang over low water, metres
     * @param allowed the highest it may, metres; zero where nothing forbids it
     */
    public static Optional<Found> forFirstEnd(TideCurve now, double least, double allowed) {
        double lobe = FreeSpace.wavelength(now.ray().frequency()) * now.ray().distance() / (2 * now.h2());
        int first = (int) Math.ceil(Math.max(least, now.h1() - lobe) / STEP);
        double most = Math.min(now.h1() + lobe, Math.max(HIGHEST, now.h1()));
        int last = (int) Math.floor((allowed > 0 ? Math.min(most, allowed) : most) / STEP);
        double worstNow = now.worst().bounceDb();
        return IntStream.rangeClosed(first, last)
                .mapToObj(i -> new Found(
                        i * STEP,
                        new TideCurve(now.ray(), i * STEP, now.h2(), now.range())
                                .worst()
                                .bounceDb()))
                .max(Comparator.comparingDouble(Found::worstDb))
                .filter(f -> f.worstDb >= worstNow + 1);
    }
}
