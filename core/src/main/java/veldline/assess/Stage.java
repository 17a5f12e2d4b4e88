package veldline.assess;

import java.time.Instant;
import java.util.Optional;

/** What became of one part of an assessment. */
public sealed interface Stage<T> {
    /** Worked out from the job as it is. */
    record Fresh<T>(T result) implements Stage<T> {}

    /** From the job as it was; the new one is under way. */
    record Stale<T>(T result, Instant asOf) implements Stage<T> {}

    /** Nothing yet. */
    record Running<T>() implements Stage<T> {}

    /** Could not be worked out; the sentence says why and what to do. */
    record Failed<T>(String why) implements Stage<T> {}

    default Optional<T> value() {
        if (this instanceof Fresh<T> f) {
            return Optional.of(f.result);
        }
        return this instanceof Stale<T> s ? Optional.of(s.result) : Optional.empty();
    }
}
