package veldline.path;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Looks up and down for a height at which the ground takes least at its worst stand, within one lobe of where the antenna
 * is, and where something stands in the way up to where six tenths of the first zone are clear.
 */
public final class HeightSearch {
    private static final double STEP = 0.5;
    /** Nobody puts a mast of more up for a link, metres; higher is only looked for where the antenna hangs there now. */
    private static final double HIGHEST = 30;
    /** Masts and hills are looked at no farther than this over where the antenna is, metres. */
    private static final double CLIMB = 30;

    /**
     * A better height.
     *
     * @param height over the zero that heights are counted from, metres
     * @param worstDb what the ground gives there at its worst, over free space
     */
    public record Found(double height, double worstDb) {}

    /** What a lower mast may cost, dB. */
    private static final double NEARLY = 1;

    private HeightSearch() {}

    /**
     * The best height for the near end on half-metre steps, when it gains at least 1 dB at the worst stand.
     *
     * @param least the lowest the antenna may hang, metres
     * @param allowed the highest it may, metres; zero where nothing forbids it
     */
    public static Optional<Found> forNearEnd(Passage now, double least, double allowed) {
        Sightline line = now.sightline();
        boolean blocked = now.ground(line) == Passage.Ground.EDGES;
        double lobe = FreeSpace.wavelength(now.frequency()) * now.distance() / (2 * Math.max(now.far(), 0.5));
        double low = Math.max(least, now.near() - lobe);
        double most = blocked ? now.near() + CLIMB : Math.min(now.near() + lobe, Math.max(HIGHEST, now.near()));
        int first = (int) Math.ceil(low / STEP);
        int last = (int) Math.floor((allowed > 0 ? Math.min(most, allowed) : most) / STEP);
        double worstNow = -now.worstDb();
        List<Found> all = IntStream.rangeClosed(first, last)
                .mapToObj(i -> at(now, i * STEP))
                .toList();
        double best = all.stream().mapToDouble(Found::worstDb).max().orElse(Double.NEGATIVE_INFINITY);
        // Every metre of mast costs: of all heights within a decibel of the best, the lowest.
        return all.stream().filter(f -> f.worstDb >= best - NEARLY).findFirst().filter(f -> f.worstDb >= worstNow + 1);
    }

    /**
     * What the ground gives at its worst over a range of heights, evenly spaced.
     *
     * @param count of heights, two or more
     */
    public static List<Found> curve(Passage now, double low, double high, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> at(now, low + (high - low) * i / (count - 1)))
                .toList();
    }

    private static Found at(Passage now, double height) {
        return new Found(height, -now.withNear(height).worstDb());
    }
}
