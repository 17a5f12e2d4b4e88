package veldline.prove;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import veldline.quantity.Quantity;

/**
 * One thing that was changed at the place, and what came of it.
 *
 * @param at when
 * @param change what was done
 * @param before level before it, where it was read
 * @param after level after it
 * @param kept whether it was left so, or undone
 */
@RecordBuilder
public record Rework(Instant at, String change, Optional<Quantity> before, Optional<Quantity> after, boolean kept)
        implements ReworkBuilder.With {
    /** What it brought, dB. */
    public Optional<Double> brought() {
        return before.flatMap(b -> after.map(a -> a.value() - b.value()));
    }

    /** The one that was left at the highest level; empty where nothing was read. */
    public static OptionalInt best(List<Rework> all) {
        return IntStream.range(0, all.size())
                .filter(i -> all.get(i).after().isPresent())
                .reduce((a, b) -> all.get(b).after().get().value()
                                > all.get(a).after().get().value()
                        ? b
                        : a);
    }
}
