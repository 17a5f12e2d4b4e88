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

    private Fresnel() {}

    /**
     * Radius of zone n in metres at a point d1 from one end and d2 from the other.
     *
     * @param zone 1 or more
     */
    public static double radius(int zone, double d1, double d2, double wavelength) {
        return Math.sqrt(zone * wavelength * d1 * d2 / (d1 + d2));
    }

    public static Worked halfWay(double distance, double frequency) {
        return Worked.of(RADIUS)
                .typed("d", "distance", distance / 1000, "km", 4)
                .typed("f", "frequency", frequency / 1e9, "GHz", 6)
                .gives(radius(1, distance / 2, distance / 2, FreeSpace.wavelength(frequency)), "m", 1);
    }
}
