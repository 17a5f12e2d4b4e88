package veldline.field.aperture;

/**
 * A dish turned about its axis (Balanis, Antenna Theory, 3rd ed., §15.4).
 *
 * @param diameter metres
 * @param focalLength metres
 */
public record Paraboloid(double diameter, double focalLength) {
    public Paraboloid {
        if (!(diameter > 0 && focalLength > 0)) {
            throw new IllegalArgumentException("A dish of " + diameter + " m with its focus at " + focalLength
                    + " m cannot be; give both over zero");
        }
    }

    /** By its depth to the surface, not to a lip. */
    public static Paraboloid ofDepth(double diameter, double depth) {
        if (!(depth > 0)) {
            throw new IllegalArgumentException("A dish " + depth + " m deep has no focus; measure over zero");
        }
        return new Paraboloid(diameter, diameter * diameter / (16 * depth));
    }

    public static Paraboloid ofRatio(double diameter, double focalOverDiameter) {
        return new Paraboloid(diameter, focalOverDiameter * diameter);
    }

    public double ratio() {
        return focalLength / diameter;
    }

    /** From the middle to the plane of the rim, metres. */
    public double depth() {
        return diameter * diameter / (16 * focalLength);
    }

    /** From the axis to the rim as the focus sees it, radians. */
    public double halfAngle() {
        return 2 * Math.atan(1 / (4 * ratio()));
    }

    /** From the focus to the rim, metres. */
    public double rimDistance() {
        return focalLength + depth();
    }

    /** How much weaker the rim is lit than the middle by an even feed, dB over zero. */
    public double spaceAttenuation() {
        return -40 * Math.log10(Math.cos(halfAngle() / 2));
    }

    /** From the axis to where a ray at an angle from it meets the dish, metres. */
    public double radius(double angle) {
        return 2 * focalLength * Math.tan(angle / 2);
    }
}
