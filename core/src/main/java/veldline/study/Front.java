package veldline.study;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Of all that was tried, what nothing else beats in both of two measures (Pareto's front), in the order of the first.
 *
 * @param <T> what was tried
 */
final class Front<T> {
    private record Point<T>(T what, AcrossBand reached, double across, double up) {}

    private final Measure across;
    private final Measure up;
    private final List<Point<T>> points = new ArrayList<>();

    Front(Measure across, Measure up) {
        this.across = across;
        this.up = up;
    }

    void hear(T what, AcrossBand reached) {
        Point<T> next =
                new Point<>(what, reached, across.better() * reached.worst(across), up.better() * reached.worst(up));
        if (points.stream().anyMatch(p -> p.across >= next.across && p.up >= next.up)) {
            return;
        }
        points.removeIf(p -> next.across >= p.across && next.up >= p.up);
        points.add(next);
    }

    /** The best by some goals; empty while there is nothing. */
    Optional<T> best(Goals goals) {
        return points.stream()
                .max(Comparator.comparingDouble(p -> goals.score(p.reached)))
                .map(p -> p.what);
    }

    /** At most so many, spread evenly along the front. */
    List<T> spread(int most) {
        List<Point<T>> sorted = points.stream()
                .sorted(Comparator.comparingDouble((Point<T> p) -> p.across))
                .toList();
        List<T> kept = new ArrayList<>();
        double last = Double.NEGATIVE_INFINITY;
        double apart = sorted.isEmpty() ? 0 : way(sorted, sorted.size() - 1) / Math.max(1, most - 1);
        for (int i = 0; i < sorted.size(); i++) {
            double here = way(sorted, i);
            boolean end = i == sorted.size() - 1;
            if (here - last >= apart * (1 - 1e-9) || end) {
                if (end && kept.size() == most) {
                    kept.remove(kept.size() - 1);
                }
                kept.add(sorted.get(i).what);
                last = here;
            }
        }
        return List.copyOf(kept);
    }

    /** Steps walked along the front from its start to a point. */
    private double way(List<Point<T>> sorted, int to) {
        double sum = 0;
        for (int i = 1; i <= to; i++) {
            sum += Math.hypot(
                    (sorted.get(i).across - sorted.get(i - 1).across) / across.step(),
                    (sorted.get(i).up - sorted.get(i - 1).up) / up.step());
        }
        return sum;
    }
}
