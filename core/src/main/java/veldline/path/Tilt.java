package veldline.path;

import veldline.explain.Formula;
import veldline.explain.Worked;

/** How far up or down an antenna looks at the other end over a round earth. */
public final class Tilt {
    /** Mean radius of the earth, metres, with the usual four thirds for the bending of rays (ITU-R P.452). */
    static final double EFFECTIVE_RADIUS = Fresnel.EARTH_RADIUS * 4.0 / 3;

    public static final Formula FORMULA = new Formula(
            "Tilt",
            "Up is positive. The far end lies higher or lower, and half of the earth's curve lies between.",
            "T",
            "atan((h ÷ d) − d ÷ 2 ÷ 8494667)·180 ÷ pi",
            "Geometry; effective radius 4/3, ITU-R P.452-17 §3.3",
            "±0.05° for the bending of rays");

    private Tilt() {}

    /** Degrees above the horizontal at the near end. */
    public static double degrees(double nearHeight, double farHeight, double distance) {
        return Math.toDegrees(Math.atan((farHeight - nearHeight) / distance - distance / 2 / EFFECTIVE_RADIUS));
    }

    /** Degrees were rays straight: only the earth's own curve lies between. */
    public static double straight(double nearHeight, double farHeight, double distance) {
        return Math.toDegrees(Math.atan((farHeight - nearHeight) / distance - distance / 2 / Fresnel.EARTH_RADIUS));
    }

    public static Worked worked(double nearHeight, double farHeight, double distance) {
        return Worked.of(FORMULA)
                .computed("h", "far height over near height", farHeight - nearHeight, "m", 2)
                .computed("d", "distance", distance, "m", 1)
                .gives(degrees(nearHeight, farHeight, distance), "°", 2, 0.05);
    }
}
