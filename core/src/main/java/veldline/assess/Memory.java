package veldline.assess;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.Optional;
import java.util.function.Function;

/**
 * Remembers the last 64 answers of one pure function by its input, so that undo is instant. Counts how often it had to
 * work, which tests read.
 *
 * <p>Inputs are compared, latest first, and not hashed: the tree of a whole brief or antenna differs from another early,
 * while its hash takes all of it, and while the program starts every type of record in it must first learn how.
 */
final class Memory<I, O> {
    private static final int KEPT = 64;

    private record Known<I, O>(I input, O answer) {}

    private final Deque<Known<I, O>> known = new ArrayDeque<>();
    private int runs;

    /** The answer, from memory or worked out now by a pure function; a failure is not remembered. */
    synchronized O of(I input, Function<I, O> function) {
        Known<I, O> now = taken(input).orElseGet(() -> {
            runs++;
            return new Known<>(input, function.apply(input));
        });
        known.addFirst(now);
        if (known.size() > KEPT) {
            known.removeLast();
        }
        return now.answer;
    }

    private Optional<Known<I, O>> taken(I input) {
        for (Iterator<Known<I, O>> each = known.iterator(); each.hasNext(); ) {
            Known<I, O> one = each.next();
            if (one.input.equals(input)) {
                each.remove();
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }

    /** Takes over an answer that was worked out elsewhere, so that nobody waited for it here. */
    synchronized void learn(I input, O answer) {
        known.addFirst(new Known<>(input, answer));
        if (known.size() > KEPT) {
            known.removeLast();
        }
    }

    synchronized boolean knows(I input) {
        return known.stream().anyMatch(one -> one.input.equals(input));
    }

    synchronized int runs() {
        return runs;
    }
}
