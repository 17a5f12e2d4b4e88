package veldline.assess;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Remembers the last 64 answers of one pure function by its input, so that undo is instant. Counts how often it had to
 * work, which tests read.
 */
final class Memory<I, O> {
    private static final int KEPT = 64;

    private final Map<I, O> known = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<I, O> eldest) {
            return size() > KEPT;
        }
    };
    private int runs;

    /** The answer, from memory or worked out now by a pure function; a failure is not remembered. */
    synchronized O of(I input, Function<I, O> function) {
        O answer = known.get(input);
        if (answer == null) {
            runs++;
            answer = function.apply(input);
            known.put(input, answer);
        }
        return answer;
    }

    synchronized boolean knows(I input) {
        return known.containsKey(input);
    }

    synchronized int runs() {
        return runs;
    }
}
