package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.CloserLook;
import veldline.desktop.bench.Showing;

/** Which curve left and right walk, and where on each it is read. */
enum Reading {
    ELEMENTS,
    PATTERN,
    SWR,
    /** Frequencies of an antenna with an opening. */
    BAND,
    /** Planes through the beam, from level on. */
    CUT,
    /** Lines of the sphere, from straight up. */
    SPHERE,
    /** Heights over the ground. */
    HEIGHT,
    /** Steps of phase, from the greatest lag to the greatest lead. */
    PHASE,
    /** Lengths of a wire, from half to twice what it is. */
    LENGTH,
    /** One more or fewer. */
    MORE,
    /** Pieces of the cut list. */
    PIECES,
    /** What shifts the dip. */
    WORK,
    /** Measures in which two differ. */
    BESIDE;

    /** Those to choose from over the figures; the others go with what is shown below. */
    static final List<Reading> CHOSEN = List.of(ELEMENTS, PATTERN, SWR);

    static final String WALK = "shape.walk";
    private static final String PLACE = "shape.read.";

    static Reading walked(Showing s) {
        Below below = Below.chosen(s);
        return below == Below.FIGURES
                ? Optional.ofNullable(s.noted().get(WALK))
                        .map(Reading::valueOf)
                        .filter(CHOSEN::contains)
                        .orElse(ELEMENTS)
                : below.walked();
    }

    /** @param own whether it is one's own wires that are shown */
    String word(boolean own) {
        return switch (this) {
            case ELEMENTS -> own ? "corners" : "elements";
            case PATTERN -> "pattern";
            case SWR -> "SWR";
            case BAND -> "frequency";
            case CUT -> "planes";
            case SPHERE -> "lines";
            case HEIGHT -> "height";
            case PHASE -> "phase";
            case LENGTH -> "length";
            case MORE -> "how many";
            case PIECES -> "pieces";
            case WORK -> "shifts";
            case BESIDE -> "differences";
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
            case BAND ->
                s.assessment().band().value().map(b -> b.points().size()).orElse(0);
            case CUT ->
                s.assessment().wide(!s.atFar()).map(w -> w.cuts().size()).orElse(0);
            case LENGTH -> WindowsView.serves(s) ? WindowsView.STEPS : 0;
            case PHASE ->
                closer(s).flatMap(c -> c.phase()).map(p -> PhaseView.STEPS).orElse(0);
            case SPHERE ->
                s.assessment().wide(!s.atFar()).map(w -> w.gains().size()).orElse(0);
            case HEIGHT ->
                s.assessment().wide(!s.atFar()).map(w -> GroundView.heights()).orElse(0);
            case MORE -> closer(s).map(c -> c.additions().size()).orElse(0);
            case BESIDE ->
                s.assessment().beside().value().map(b -> b.differences().size()).orElse(0);
            case PIECES -> TrueView.cuts(s).size();
            case WORK -> closer(s).map(c -> c.plan().corrections().size()).orElse(0);
        };
    }

    private static Optional<CloserLook> closer(Showing s) {
        return s.assessment().closer().value();
    }
}
