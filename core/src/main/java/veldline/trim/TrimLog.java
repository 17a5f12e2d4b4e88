package veldline.trim;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * Pass by pass, what was measured of an antenna that is being trimmed and what was then done to it.
 *
 * @param passes oldest first
 * @param noise what two readings of one SWR differ by
 * @param cableLoss between the antenna and where it is measured, one way
 * @param calibrated when the analyser was, where somebody said so
 */
@RecordBuilder
public record TrimLog(List<Pass> passes, Quantity noise, Quantity cableLoss, Optional<Instant> calibrated)
        implements TrimLogBuilder.With {
    public static final TrimLog NONE =
            new TrimLog(List.of(), Quantity.of("0.05", Unit.ONE), Quantity.of("0", Unit.DB), Optional.empty());

    public TrimLog {
        passes = List.copyOf(passes);
        if (!(noise.value() > 0)) {
            throw new IllegalArgumentException(
                    "A noise of " + noise + " cannot be; give what two sweeps of the same differ by, over zero");
        }
        if (!(cableLoss.value() >= 0)) {
            throw new IllegalArgumentException("A cable cannot take " + cableLoss + "; give zero or more");
        }
    }

    /**
     * A sweep, and what came of it.
     *
     * @param sweep by growing frequency
     * @param again the same once more, with a hand or the cable moved; empty when it was not repeated
     * @param done to the antenna after it; empty while nothing was
     */
    public record Pass(Instant at, List<SweepPoint> sweep, List<SweepPoint> again, Optional<Cut> done) {
        public Pass {
            sweep = sorted(sweep);
            again = sorted(again);
        }

        private static List<SweepPoint> sorted(List<SweepPoint> points) {
            return points.stream()
                    .sorted(Comparator.comparingDouble(p -> p.frequency().value()))
                    .toList();
        }
    }

    /**
     * What was done to a measure.
     *
     * @param measure its name
     * @param by so much it grew; less than nothing where it was cut or moved back
     */
    public record Cut(String measure, Quantity by) {}

    /** Everything that was done, oldest first. */
    public List<Cut> cuts() {
        return passes.stream().flatMap(p -> p.done().stream()).toList();
    }

    /** The pass that is under way: measured, and nothing done yet. */
    public Optional<Pass> open() {
        return passes.isEmpty() || passes.get(passes.size() - 1).done().isPresent()
                ? Optional.empty()
                : Optional.of(passes.get(passes.size() - 1));
    }

    /** The pass that was measured last. */
    public Optional<Pass> last() {
        return passes.isEmpty() ? Optional.empty() : Optional.of(passes.get(passes.size() - 1));
    }

    /** With a sweep: of the pass under way, or of a next one. */
    TrimLog measured(Instant at, List<SweepPoint> sweep) {
        List<Pass> next = new ArrayList<>(passes);
        open().ifPresent(next::remove);
        if (!sweep.isEmpty()) {
            next.add(new Pass(at, sweep, List.of(), Optional.empty()));
        }
        return withPasses(next);
    }

    /** With the pass under way otherwise; as it is where none is. */
    TrimLog underway(UnaryOperator<Pass> change) {
        return open().map(p -> {
                    List<Pass> next = new ArrayList<>(passes);
                    next.set(next.size() - 1, change.apply(p));
                    return withPasses(next);
                })
                .orElse(this);
    }
}
