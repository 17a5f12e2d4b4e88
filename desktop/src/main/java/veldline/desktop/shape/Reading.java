package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.desktop.bench.Showing;

/** Which curve left and right walk, and where on each it is read. */
enum Reading {
    ELEMENTS,
    PATTERN,
    SWR;

    static final String WALK = "shape.walk";
    private static final String PLACE = "shape.read.";

    static Reading walked(Showing s) {
        return Optional.ofNullable(s.noted().get(WALK)).map(Reading::valueOf).orElse(ELEMENTS);
    }

    /** @param own whether it is one's own wires that are shown */
    String word(boolean own) {
        return switch (this) {
            case ELEMENTS -> own ? "corners" : "elements";
            case PATTERN -> "pattern";
            case SWR -> "SWR";
        };
    }

    /** What picking it says. */
    String pick() {
        return "set:" + WALK + "=" + name();
    }

    /** What reading it at a place says. */
    String at(int place) {
        return "set:" + PLACE + name() + "=" + place;
    }

    /** Where it is read; empty until it was asked for. */
    Optional<Integer> place(Showing s) {
        return Optional.ofNullable(s.noted().get(PLACE + name())).map(Integer::valueOf);
    }

    /** Every place it can be read at. */
    List<String> places(Showing s) {
        return IntStream.range(0, count(s)).mapToObj(this::at).toList();
    }

    /** Whole degrees off the beam, or points over the band. */
    int count(Showing s) {
        return switch (this) {
            case ELEMENTS -> 0;
            case PATTERN ->
                s.assessment().antenna().value().map(f -> f.eCut().size()).orElse(0);
            case SWR ->
                s.assessment().sweep().value().map(w -> w.points().size()).orElse(0);
        };
    }
}
