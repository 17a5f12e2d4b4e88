package veldline.antenna;

import java.util.Optional;
import veldline.explain.Worked;

/** The antenna at one end of a link: shaped here, bought, or not chosen yet. */
public sealed interface Antenna permits Made, ApertureDesign, Bought, NotChosen {
    /** What it is called, for a heading: “Eleven-element Yagi”. */
    String title();

    /** How its field stands or turns; empty while it is not chosen. */
    Optional<Polarized> polarized();

    /** What is claimed of its gain; empty for one that is solved or not chosen. */
    Optional<Worked> claimedGain();

    /**
     * Its gain as far as it is known without solving: claimed, or by the field over its opening; empty for one that is solved as wires or
     * not chosen.
     *
     * @throws IllegalArgumentException where its measures make nothing that sends
     */
    default Optional<Worked> toldGain(double frequency) {
        return claimedGain();
    }

    /** Whether it is shaped here, measure by measure. */
    default boolean shapedHere() {
        return false;
    }

    /** Its greatest measure, metres; zero where nobody knows. */
    double longest();
}
