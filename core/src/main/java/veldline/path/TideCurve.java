package veldline.path;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * The bounce over the whole range of a tide, a flood or snow.
 *
 * @param ray the two rays at the lowest stand
 * @param h1 one end's height over the lowest stand, metres
 * @param h2 the other's
 * @param range from the lowest to the highest stand, metres, zero or more
 * @param rise what it is that rises
 * @param profile the ground along the way, where it is known
 */
public record TideCurve(TwoRay ray, double h1, double h2, double range, Rise rise, Optional<Profile> profile) {
    private static final int STEPS = 170;
    /** The place of the bounce moves less than the ground is known after so many looks. */
    private static final int LOOKS = 6;
    /** A place that throws back less than this of the field is no mirror any more. */
    private static final double MIRROR = 0.5;

    public static final Formula MEDIAN = new Formula(
            "Bounce, typical",
            "The bounce at every height of a tide that swings evenly; half the time it is above this value.",
            "B",
            "b",
            "ITU-R P.526-15 §3 at 171 heights",
            "±2 dB on calm water; waves fill the nulls");

    /** Even ground that rises like a tide. */
    public TideCurve(TwoRay ray, double h1, double h2, double range) {
        this(ray, h1, h2, range, Rise.TIDE, Optional.empty());
    }

    /**
     * The bounce at one height of the tide.
     *
     * @param tide metres over the lowest stand
     * @param bounceDb relative to free space
     */
    public record Point(double tide, double bounceDb) {}

    /** The same with the first end at another height. */
    public TideCurve withFirst(double height) {
        return new TideCurve(ray, height, h2, range, rise, profile);
    }

    /** From the lowest stand to the highest in even steps. */
    public List<Point> points() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double tide = range * i / STEPS;
            points.add(at(tide));
        }
        return points;
    }

    public Point at(double tide) {
        Place p = place(tide);
        return new Point(tide, p.ray.bounceDb(h1 - p.height, h2 - p.height));
    }

    /** Where the ray bounces at a height of the tide, and off what. */
    private record Place(double along, double height, TwoRay ray) {}

    private Place place(double tide) {
        TwoRay level = ray.off(rise.over(ray.surface(), tide), ray.roughness());
        if (profile.isEmpty()) {
            return new Place(level.bouncesAt(h1 - tide, h2 - tide), tide, level);
        }
        Profile ground = profile.get();
        double height = tide;
        double along = ray.distance() / 2;
        for (int look = 0; look < LOOKS; look++) {
            along = level.bouncesAt(h1 - height, h2 - height);
            height = Math.max(tide, ground.at(along));
        }
        boolean dry = height > tide;
        double rough = dry ? roughness(ground, along, h1 - height, h2 - height) : 0;
        return new Place(
                along, height, ray.off(dry ? ray.surface() : level.surface(), Math.hypot(ray.roughness(), rough)));
    }

    /** Where on the way it bounces at a height of the tide, metres from the first end. */
    public double bouncesAt(double tide) {
        return place(tide).along;
    }

    /** How high the place stands that it bounces off, metres. */
    public double bouncesOff(double tide) {
        return place(tide).height;
    }

    /** Whether the place throws enough back to count as a mirror. */
    public boolean mirrors(double tide) {
        Place p = place(tide);
        return p.height < Math.min(h1, h2) && p.ray.mirrored(h1 - p.height, h2 - p.height) >= MIRROR;
    }

    /** Standard deviation of the ground about its own slope, over the stretch that throws back. */
    private double roughness(Profile ground, double along, double over1, double over2) {
        double d = ray.distance();
        double slope = Math.max(1e-4, (Math.max(over1, 0.1) + Math.max(over2, 0.1)) / d);
        double zone = Fresnel.radius(1, along, d - along, FreeSpace.wavelength(ray.frequency())) / slope;
        double half = Math.min(zone, 0.9 * Math.min(along, d - along));
        org.hipparchus.stat.regression.SimpleRegression fit = new org.hipparchus.stat.regression.SimpleRegression();
        int count = 64;
        for (int i = 0; i <= count; i++) {
            double x = along - half + 2 * half * i / count;
            fit.addData(x, ground.at(x));
        }
        return half > 0 ? Math.sqrt(Math.max(0, fit.getSumSquaredErrors()) / count) : 0;
    }

    public Point worst() {
        return points().stream()
                .min(Comparator.comparingDouble(Point::bounceDb))
                .orElseThrow();
    }

    public Point best() {
        return points().stream()
                .max(Comparator.comparingDouble(Point::bounceDb))
                .orElseThrow();
    }

    /**
     * The bounce that is exceeded half of the time. A tide swings like a sine, so it lingers at both ends; the heights
     * are weighted so.
     */
    public Point middle() {
        List<Point> even = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            even.add(at(range * 0.5 * (1 - Math.cos(Math.PI * i / STEPS))));
        }
        even.sort(Comparator.comparingDouble(Point::bounceDb));
        return even.get(STEPS / 2);
    }

    public Worked workedMiddle() {
        Point m = middle();
        return Worked.of(MEDIAN)
                .from(
                        "b",
                        "bounce with the " + rise.words() + " at " + veldline.quantity.NumberText.shown(m.tide, 2)
                                + " m",
                        workedAt(m.tide))
                .gives(m.bounceDb, "dB", 1, 2);
    }

    public Worked workedAt(double tide) {
        Place p = place(tide);
        return p.ray.worked(h1 - p.height, h2 - p.height);
    }
}
