package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/** Fresnel zones: the room a wave needs around the straight line. */
public final class Fresnel {
    public static final Formula RADIUS = new Formula(
            "First Fresnel radius, half way",
            "Where the detour by the side is half a wave. Six tenths of it should be clear.",
            "F",
            "17.3146·sqrt(d ÷ 4 ÷ f)",
            "ITU-R P.526-15 §2, eq. 2 at d₁ = d₂",
            "A property of the geometry, exact where it is small against the distance");

    /** Mean radius of the earth, metres. */
    static final double EARTH_RADIUS = 6_371_000;

    private Fresnel() {}

    /**
     * Radius of zone n in metres at a point d1 from one end and d2 from the other.
     *
     * @param zone 1 or more
     */
    public static double radius(int zone, double d1, double d2, double wavelength) {
        return Math.sqrt(zone * wavelength * d1 * d2 / (d1 + d2));
    }

    /**
     * How high the earth stands over the chord between the ends.
     *
     * @param k factor of the earth's radius, 4/3 on most days
     */
    public static double earthBulge(double d1, double d2, double k) {
        return d1 * d2 / (2 * k * EARTH_RADIUS);
    }

    public static Worked halfWay(double distance, double frequency) {
        return Worked.of(RADIUS)
                .typed("d", "distance", distance / 1000, "km", 4)
                .typed("f", "frequency", frequency / 1e9, "GHz", 6)
                .gives(radius(1, distance / 2, distance / 2, FreeSpace.wavelength(frequency)), "m", 1);
    }
}
