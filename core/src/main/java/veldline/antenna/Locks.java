package veldline.antenna;

import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/** Places that are locked, in their order. */
final class Locks {
    private Locks() {}

    static Set<Integer> kept(Set<Integer> locked) {
        return Collections.unmodifiableSet(new TreeSet<>(locked));
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
