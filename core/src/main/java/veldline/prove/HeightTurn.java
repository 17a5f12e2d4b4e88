package veldline.prove;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * A search by height: an antenna hung at one height after the other.
 *
 * @param best height at which it hears most, the readings beside it counted
 * @param gains what that is over where it hangs now; empty where nobody read there
 */
public record HeightTurn(Worked best, Optional<Worked> gains) {
    static final Formula BEST = new Formula(
            "Hears most at",
            "The height whose reading, taken together with those beside it, is highest.",
            "H",
            "h",
            "Mean of three neighbours",
            "Half the distance between readings");

    static final Formula GAINS = new Formula(
            "Over where it hangs",
            "Level at the best height less the level at the height it has now, both as means of three neighbours.",
            "D",
            "b − n",
            "Mean of three neighbours",
            "±1 dB with readings of a minute; a tide or the weather moves both");

    /** Fewer heights are no search. */
    public static final int FEWEST = 4;

    /**
     * @param now height it hangs at, metres
     * @return empty with fewer than four readings
     */
    public static Optional<HeightTurn> of(List<TurnReading> readings, double now) {
        if (readings.size() < FEWEST) {
            return Optional.empty();
        }
        List<TurnReading> up = readings.stream()
                .sorted(Comparator.comparingDouble(r -> r.at().value()))
                .toList();
        int best = 0;
        for (int i = 1; i < up.size(); i++) {
            best = mean(up, i) > mean(up, best) ? i : best;
        }
        double spacing = (up.get(up.size() - 1).at().value() - up.get(0).at().value()) / (up.size() - 1);
        double height = up.get(best).at().value();
        int here = nearest(up, now);
        Optional<Worked> gains = Math.abs(up.get(here).at().value() - now) <= spacing
                ? Optional.of(Worked.of(GAINS)
                        .measured("b", "at the best", mean(up, best), "dBm", 2)
                        .measured("n", "where it hangs now", mean(up, here), "dBm", 2)
                        .gives(mean(up, best) - mean(up, here), "dB", 1, 1))
                : Optional.empty();
        return Optional.of(new HeightTurn(
                Worked.of(BEST)
                        .measured("h", "of " + up.size() + " heights", height, "m", 1)
                        .gives(height, "m", 1, spacing / 2),
                gains));
    }

    private static int nearest(List<TurnReading> up, double to) {
        int best = 0;
        for (int i = 1; i < up.size(); i++) {
            best = Math.abs(up.get(i).at().value() - to)
                            < Math.abs(up.get(best).at().value() - to)
                    ? i
                    : best;
        }
        return best;
    }

    private static double mean(List<TurnReading> up, int i) {
        return up.subList(Math.max(0, i - 1), Math.min(up.size(), i + 2)).stream()
                .mapToDouble(r -> r.level().value())
                .average()
                .orElseThrow();
    }
}
