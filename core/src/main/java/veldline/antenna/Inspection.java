package veldline.antenna;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import veldline.quantity.Quantity;

/**
 * What was found when a bought antenna was unpacked and put together.
 *
 * @param parts by its list, and as counted
 * @param elements those that should be fed, in order, and what an ohmmeter says of each
 * @param measured its greatest measure by rule, metres; empty while nobody measured
 * @param sweep what an analyser showed, by growing frequency
 * @param done steps of assembly that are ticked, in their order
 */
@RecordBuilder
public record Inspection(
        List<Part> parts,
        List<Contact> elements,
        Optional<Quantity> measured,
        List<Swept> sweep,
        List<AssemblyStep> done)
        implements InspectionBuilder.With {
    public static final Inspection NONE = new Inspection(List.of(), List.of(), Optional.empty(), List.of(), List.of());
    /** More fed elements than this no antenna of one connector has that is tested by hand. */
    public static final int MOST_ELEMENTS = 40;

    public Inspection {
        parts = List.copyOf(parts);
        elements = List.copyOf(elements);
        sweep = sweep.stream()
                .sorted(Comparator.comparingDouble(s -> s.frequency().value()))
                .toList();
        done = List.copyOf(new TreeSet<>(done));
        if (elements.size() > MOST_ELEMENTS) {
            throw new IllegalArgumentException(
                    elements.size() + " fed elements are more than " + MOST_ELEMENTS + "; list those of one connector");
        }
    }

    /**
     * A row of the list in the box.
     *
     * @param listed how many there should be
     * @param counted how many there are
     */
    public record Part(String name, int listed, int counted) {
        public boolean whole() {
            return counted >= listed;
        }
    }

    /** What an ohmmeter says of an element that should be fed. */
    public enum Contact {
        UNTESTED("not tested"),
        JOINED("joined"),
        OPEN("not joined");

        private final String words;

        Contact(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** The next one when it is touched again. */
        public Contact next() {
            return values()[(ordinal() + 1) % values().length];
        }
    }

    /**
     * A point of a sweep.
     *
     * @param swr 1 or more
     */
    public record Swept(Quantity frequency, Quantity swr) {}

    /** With so many elements, those tested already kept. */
    public Inspection withCount(int count) {
        List<Contact> next = new ArrayList<>(elements.subList(0, Math.min(count, elements.size())));
        next.addAll(Collections.nCopies(count - next.size(), Contact.UNTESTED));
        return withElements(next);
    }

    /** With what the ohmmeter says of one element moved on. */
    public Inspection withNext(int element) {
        List<Contact> next = new ArrayList<>(elements);
        next.set(element, next.get(element).next());
        return withElements(next);
    }

    /** With a step ticked or not. */
    public Inspection withStep(AssemblyStep step, boolean ticked) {
        List<AssemblyStep> next = new ArrayList<>(done);
        next.remove(step);
        if (ticked) {
            next.add(step);
        }
        return withDone(next);
    }

    /** The step that is next, and not ticked. */
    public Optional<AssemblyStep> next() {
        return java.util.Arrays.stream(AssemblyStep.values())
                .filter(s -> !done.contains(s))
                .findFirst();
    }

    /** Ticked although the one before is not. */
    public List<AssemblyStep> early() {
        return done.stream()
                .filter(s -> s.before().filter(b -> !done.contains(b)).isPresent())
                .toList();
    }

    /** SWR at a frequency by straight lines between the points, hertz; empty beyond them. */
    public Optional<Double> swrAt(double frequency) {
        for (int i = 1; i < sweep.size(); i++) {
            double from = sweep.get(i - 1).frequency().value();
            double to = sweep.get(i).frequency().value();
            if (from <= frequency && frequency <= to && to > from) {
                double share = (frequency - from) / (to - from);
                return Optional.of(sweep.get(i - 1).swr().value() * (1 - share)
                        + sweep.get(i).swr().value() * share);
            }
        }
        return Optional.empty();
    }
}
