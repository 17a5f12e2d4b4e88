package veldline.antenna;

/** What carries the conductors of an antenna, and so what of it is drilled or may be printed. */
public sealed interface Fixture {
    /** Nothing that is made for it alone. */
    record None() implements Fixture {}

    /** Holders along a boom, one for every element. */
    record Clamped() implements Fixture {}

    /** Screwed straight into a boom that is part of the antenna. */
    record Screwed() implements Fixture {}

    /** Hubs along a boom, each with sockets for so many arms. */
    record Hubs(int arms) implements Fixture {}

    /**
     * A former that wire is wound on.
     *
     * @param middle diameter on which the middle of the wire lies, metres
     * @param length metres
     * @param pitch from turn to turn, metres
     * @param right whether it is wound right-handed
     */
    record Former(double middle, double length, double pitch, boolean right) implements Fixture {}

    /** Whether there is a boom with places to mark. */
    default boolean onBoom() {
        return this instanceof Clamped || this instanceof Screwed || this instanceof Hubs;
    }

    /** Whether a conductor goes through the boom or its holder at every place. */
    default boolean drilled() {
        return this instanceof Clamped || this instanceof Screwed;
    }
}
