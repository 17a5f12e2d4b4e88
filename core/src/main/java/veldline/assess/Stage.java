package veldline.assess;

import java.time.Instant;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Supplier;
import veldline.field.solve.SolveFailure;

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

    /** The job has no such part; the sentence says why. */
    record Absent<T>(String why) implements Stage<T> {}

    /** This, or while it is under way what was known before, marked with when that was. */
    default Stage<T> orStale(Stage<T> before, Instant asOf) {
        if (!(this instanceof Running)) {
            return this;
        }
        return before instanceof Fresh<T> f ? new Stale<>(f.result, asOf) : before;
    }

    /** Whether it belongs to the job as it is. */
    default boolean settled() {
        return this instanceof Fresh || this instanceof Failed || this instanceof Absent;
    }

    /** When an old result was worked out. */
    default Optional<Instant> staleSince() {
        return this instanceof Stale<T> s ? Optional.of(s.asOf) : Optional.empty();
    }

    /** The same of what follows from its result. */
    default <U> Stage<U> map(Function<T, U> to) {
        if (this instanceof Fresh<T> f) {
            return new Fresh<>(to.apply(f.result));
        }
        if (this instanceof Stale<T> s) {
            return new Stale<>(to.apply(s.result), s.asOf);
        }
        if (this instanceof Failed<T> f) {
            return new Failed<>(f.why);
        }
        return this instanceof Absent<T> a ? new Absent<>(a.why) : new Running<>();
    }

    default Optional<T> value() {
        if (this instanceof Fresh<T> f) {
            return Optional.of(f.result);
        }
        return this instanceof Stale<T> s ? Optional.of(s.result) : Optional.empty();
    }

    /** What a piece of work gives: its result, or why it failed; one that is called off falls through. */
    static <T> Stage<T> of(Supplier<T> work, BooleanSupplier goOn) {
        try {
            return new Fresh<>(work.get());
        } catch (SolveFailure | IllegalArgumentException e) {
            if (!goOn.getAsBoolean()) {
                throw e;
            }
            return new Failed<>(e.getMessage());
        }
    }
}
