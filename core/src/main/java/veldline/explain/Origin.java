package veldline.explain;

/**
 * Where a shown text with digits in it comes from; every such text on a screen or in a picture carries one.
 */
public sealed interface Origin {
    /** Computed, and able to say how. */
    record WorkedOut(Worked worked) implements Origin {}

    /** Everything that needs no working out. */
    enum Plain implements Origin {
        /** A name or a count of things shown: “joint 1”, “802.11n”, “4 findings”. */
        NAME,
        /** A tick on a scale. */
        SCALE,
        TYPED,
        MEASURED,
        CLAIMED
    }

    static Origin of(Worked worked) {
        return new WorkedOut(worked);
    }
}
