package veldline.path;

import java.util.Optional;

/** What makes the ground that the wave bounces off rise and fall. */
public enum Rise {
    TIDE("tide", "low water", "high water", Optional.empty()),
    FLOOD("flood", "dry ground", "the highest flood", Optional.of(Surface.FRESH_WATER)),
    SNOW("snow", "bare ground", "the deepest snow", Optional.of(Surface.SNOW));

    private final String words;
    private final String low;
    private final String high;
    private final Optional<Surface> surface;

    Rise(String words, String low, String high, Optional<Surface> surface) {
        this.words = words;
        this.low = low;
        this.high = high;
        this.surface = surface;
    }

    public String words() {
        return words;
    }

    /** What its lowest stand is called. */
    public String low() {
        return low;
    }

    /** What its highest stand is called. */
    public String high() {
        return high;
    }

    /** What the wave bounces off at a stand over the lowest, given what lies between at the lowest. */
    Surface over(Surface between, double stand) {
        return stand > 0 ? surface.orElse(between) : between;
    }
}
