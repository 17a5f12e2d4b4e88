package veldline.link;

/**
 * What carries an end. One that moves points anywhere, leans, and may have a body beside its antenna.
 *
 * <p>The lean is how far from upright such an end is usually met, degrees either way; a default that stands for what
 * people, cars and small boats do, not for a measurement of this one.
 */
public enum Carrier {
    FIXED("fixed", 0),
    PORTABLE("put up for a while", 2),
    CARRIED("carried", 30),
    VEHICLE("on a vehicle", 8),
    CRAFT("on a craft", 15);

    private final String words;
    private final double lean;

    Carrier(String words, double lean) {
        this.words = words;
        this.lean = lean;
    }

    public String words() {
        return words;
    }

    /** Degrees from upright, either way. */
    public double lean() {
        return lean;
    }

    /** Whether it points anywhere while it is in use. */
    public boolean moves() {
        return this == CARRIED || this == VEHICLE || this == CRAFT;
    }
}
