package veldline.antenna;

import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/** Places that are locked, in their order; none that there is not. */
final class Locks {
    private Locks() {}

    /** @param count of places there are */
    static Set<Integer> kept(Set<Integer> locked, int count) {
        Set<Integer> kept = new TreeSet<>(locked);
        kept.removeIf(i -> i < 0 || i >= count);
        return Collections.unmodifiableSet(kept);
    }

    /** The same with one more, or one fewer. */
    static Set<Integer> with(Set<Integer> locked, int index, boolean on) {
        Set<Integer> next = new TreeSet<>(locked);
        if (on) {
            next.add(index);
        } else {
            next.remove(index);
        }
        return next;
    }
}
