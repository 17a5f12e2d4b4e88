package veldline.path;

import java.util.Arrays;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * The straight line between two antennas over a profile, with the earth curved under it: what stands how far into the
 * first zone. Everything the edges need, as plain arrays, so that ten thousand points take well under a millisecond.
 */
public final class Sightline {
    public static final Formula CLEARANCE = new Formula(
            "Clearance",
            "How far the line passes over the ground where it is tightest, in radii of the first zone there. Six tenths"
                    + " should be clear.",
            "C",
            "(h − b − g) ÷ F",
            "ITU-R P.526-15 §2 and P.530-18 §2.2",
            "As good as the heights; the k of the day moves the bulge");

    private final double[] along;
    private final double[] ground;
    private final double near;
    private final double far;
    private final double wavelength;
    private final double earth;

    /**
     * @param profile the ground; water standing higher hides it
     * @param near height of the near antenna over the zero of the profile, metres
     * @param far height of the far one
     * @param water height of the water, flood or snow over that zero; minus infinity for none
     * @param k factor of the earth's radius, over zero
     */
    public Sightline(Profile profile, double near, double far, double water, double wavelength, double k) {
        this(places(profile), heights(profile, water), near, far, wavelength, k * Fresnel.EARTH_RADIUS);
    }

    /**
     * @param along metres, from zero, rising
     * @param ground metres
     * @param earth effective radius, metres
     */
    public Sightline(double[] along, double[] ground, double near, double far, double wavelength, double earth) {
        this.along = along.clone();
        this.ground = ground.clone();
        this.near = near;
        this.far = far;
        this.wavelength = wavelength;
        this.earth = earth;
    }

    private static double[] places(Profile p) {
        return p.along().stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static double[] heights(Profile p, double water) {
        return p.heights().stream().mapToDouble(h -> Math.max(h, water)).toArray();
    }

    /** The same ground with the antennas at other heights. */
    public Sightline withEnds(double nearHeight, double farHeight) {
        return new Sightline(along, ground, nearHeight, farHeight, wavelength, earth);
    }

    /** How many points it has. */
    public int places() {
        return along.length;
    }

    /** Height of the straight line at a distance, metres. */
    public double height(double place) {
        return (near * (length() - place) + far * place) / length();
    }

    /** Height of ground or water at a point, metres, without the earth's curve. */
    public double water(int i) {
        return ground[i];
    }

    int size() {
        return along.length;
    }

    double length() {
        return along[along.length - 1];
    }

    double along(int i) {
        return along[i];
    }

    double ground(int i) {
        return ground[i];
    }

    double near() {
        return near;
    }

    double far() {
        return far;
    }

    double wavelength() {
        return wavelength;
    }

    /** Effective radius of the earth, metres. */
    double earth() {
        return earth;
    }

    /** What the earth's curve adds to the ground at a point, metres. */
    double bulge(int i) {
        return along[i] * (length() - along[i]) / (2 * earth);
    }

    /** How far the ground stands over the straight line, metres; below zero where it is under it. */
    double over(int i) {
        double d = length();
        return ground[i] + bulge(i) - (near * (d - along[i]) + far * along[i]) / d;
    }

    /** The place of a point among the zones, without unit. */
    double v(int i) {
        return KnifeEdge.v(over(i), along[i], length() - along[i], wavelength);
    }

    /** Index of the point that stands farthest into the zones, ends left out; −1 where there is none between them. */
    public int tightest() {
        int worst = -1;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 1; i < along.length - 1; i++) {
            double v = v(i);
            if (v > most) {
                most = v;
                worst = i;
            }
        }
        return worst;
    }

    /**
     * Radius of curvature of the top at a point, metres: of the circle that falls as the ground does within one radius of the
     * first zone to either side; zero where it does not fall.
     */
    double roundness(int i) {
        double within = Math.min(zone(i), Math.min(along[i], length() - along[i]));
        double fall = ground[i] - (groundAt(along[i] - within) + groundAt(along[i] + within)) / 2;
        return fall > 0 ? RoundedHill.radius(fall, within) : 0;
    }

    private double groundAt(double place) {
        int after = Arrays.binarySearch(along, place);
        if (after >= 0) {
            return ground[after];
        }
        int high = Math.max(1, Math.min(along.length - 1, -after - 1));
        double share = (place - along[high - 1]) / (along[high] - along[high - 1]);
        return ground[high - 1] + share * (ground[high] - ground[high - 1]);
    }

    /** How many radii of the first zone are clear at a point. */
    public double clearance(int i) {
        return -over(i) / zone(i);
    }

    /** Radius of the first zone at a point, metres. */
    double zone(int i) {
        return Fresnel.radius(1, along[i], length() - along[i], wavelength);
    }

    /** Where a point lies, metres from the near end. */
    public double place(int i) {
        return along[i];
    }

    /** Height of the ground at a point with the earth's curve under it, metres. */
    public double standing(int i) {
        return ground[i] + bulge(i);
    }

    /** Whether nothing reaches the straight line. */
    public boolean clear() {
        return tightest() < 0 || over(tightest()) < 0;
    }

    public Worked workedClearance(int i) {
        double d = length();
        return Worked.of(CLEARANCE)
                .computed("h", "the line there", (near * (d - along[i]) + far * along[i]) / d, "m", 3)
                .computed("b", "bulge of the earth", bulge(i), "m", 3)
                .computed("g", "ground there", ground[i], "m", 3)
                .computed("F", "first zone there", zone(i), "m", 3)
                .gives(clearance(i), "", 2);
    }

    @Override
    public String toString() {
        return "Sightline of " + along.length + " points, " + near + " to " + far + " m, ground "
                + Arrays.stream(ground).min().orElse(0) + " to "
                + Arrays.stream(ground).max().orElse(0) + " m";
    }
}
