package veldline.feed;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The workshop's own drawer: parts and figures it has put down itself, and how many there are of what. It stands over the drawer that
 * ships: a part with the number of one of those takes its place.
 *
 * @param own each once
 * @param held of parts in either drawer; what is not named was not counted
 */
public record Holdings(List<Own> own, List<Held> held) {
    /** Nothing put down and nothing counted. */
    public static final Holdings NONE = new Holdings(List.of(), List.of());

    private static final int MOST = 10_000;
    /** Hertz. */
    private static final double HIGHEST = 1e12;

    /**
     * A part as the workshop knows it.
     *
     * @param source where its figures are from
     * @param date of those
     */
    public record Own(FeedPart part, String source, LocalDate date) {
        public Own {
            if (part.id().isBlank() || part.name().isBlank()) {
                throw new IllegalArgumentException("A part of the drawer has a number and a name; give both");
            }
            if (!(part.ceiling() > 0 && part.ceiling() <= HIGHEST)) {
                throw new IllegalArgumentException("The ceiling of “" + part.name() + "” is " + part.ceiling()
                        + " Hz; give more than 0 and up to " + HIGHEST);
            }
        }
    }

    /** How many there are of a part. */
    public record Held(String id, int count) {
        public Held {
            if (count < 0 || count > MOST) {
                throw new IllegalArgumentException(count + " pieces of “" + id + "” cannot be held; give 0 to " + MOST);
            }
        }
    }

    public Holdings {
        own = List.copyOf(own);
        held = List.copyOf(held);
    }

    /** Every part there is: those that ship, as the workshop knows them, then its own. */
    public List<FeedPart> parts() {
        if (own.isEmpty()) {
            return Drawer.parts();
        }
        Set<String> shipped = Drawer.parts().stream().map(FeedPart::id).collect(Collectors.toSet());
        return Stream.concat(
                        Drawer.parts().stream()
                                .map(p -> own(p.id()).map(Own::part).orElse(p)),
                        own.stream().map(Own::part).filter(p -> !shipped.contains(p.id())))
                .toList();
    }

    public Optional<Own> own(String id) {
        return own.stream().filter(o -> o.part.id().equals(id)).findFirst();
    }

    /** Where the figures of a part are from, with their date; empty where nobody said. */
    public Optional<String> source(String id) {
        return own(id).map(o -> o.source + ", " + o.date).or(() -> Drawer.source(id));
    }

    /** How many there are; empty where nobody counted. */
    public Optional<Integer> count(String id) {
        return held.stream().filter(h -> h.id.equals(id)).map(Held::count).findFirst();
    }

    /** Ids of what there is at least one of; empty where nobody counted. */
    public Set<String> inStock() {
        return held.stream().filter(h -> h.count > 0).map(Held::id).collect(Collectors.toSet());
    }

    /** With a part, in place of one of the same number. */
    Holdings with(Own kept) {
        List<Own> next = new ArrayList<>(own);
        next.removeIf(o -> o.part.id().equals(kept.part.id()));
        next.add(kept);
        return new Holdings(next, held);
    }

    /** Without what the workshop put down of a part. */
    Holdings without(String id) {
        return new Holdings(own.stream().filter(o -> !o.part.id().equals(id)).toList(), held);
    }

    Holdings with(Held counted) {
        List<Held> next = new ArrayList<>(held);
        next.removeIf(h -> h.id.equals(counted.id));
        next.add(counted);
        return new Holdings(own, next);
    }

    /** With all of another's in place of what both have. */
    Holdings with(Holdings other) {
        Holdings next = this;
        for (Own o : other.own) {
            next = next.with(o);
        }
        for (Held h : other.held) {
            next = next.with(h);
        }
        return next;
    }
}
