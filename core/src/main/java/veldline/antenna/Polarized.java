package veldline.antenna;

/**
 * How an antenna's field stands or turns (IEEE Std 145), with the axial ratio such antennas are met with: a straight one
 * is never quite straight and a turning one never quite round, which is why neither crossed tilts nor opposite hands
 * part two antennas for good. Two like antennas that face each other, each slant to the right seen from behind itself, are crossed.
 */
public enum Polarized {
    FLAT("flat", 20, 0),
    UPRIGHT("upright", 20, Math.PI / 2),
    /** Its upper end leans to the right, seen along the way from the near end to the far one; so for both ends. */
    SLANT_RIGHT("slant, leaning right", 20, Math.PI / 4),
    SLANT_LEFT("slant, leaning left", 20, 3 * Math.PI / 4),
    RIGHT_HAND("right-hand circular", 1.2, 0),
    LEFT_HAND("left-hand circular", 1.2, 0);

    private final String words;
    private final double axialRatio;
    private final double tilt;

    Polarized(String words, double axialRatio, double tilt) {
        this.words = words;
        this.axialRatio = axialRatio;
        this.tilt = tilt;
    }

    public String words() {
        return words;
    }

    /** Major over minor axis of its ellipse, 1 or more. */
    public double axialRatio() {
        return axialRatio;
    }

    /** Of the major axis from level, radians. */
    public double tilt() {
        return tilt;
    }

    public boolean circular() {
        return this == RIGHT_HAND || this == LEFT_HAND;
    }

    /** Whether it is neither flat nor upright nor turning. */
    public boolean slant() {
        return this == SLANT_RIGHT || this == SLANT_LEFT;
    }

    public boolean upright() {
        return this == UPRIGHT;
    }

    /** Whether both turn the same way; two straight ones do. */
    public boolean sameHand(Polarized other) {
        return !circular() || !other.circular() || this == other;
    }
}
