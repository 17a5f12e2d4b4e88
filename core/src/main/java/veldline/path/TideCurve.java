package veldline.path;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * The bounce over the whole range of a tide.
 *
 * @param ray the two rays
 * @param h1 one end's height over low water, metres
 * @param h2 the other's
 * @param range from low to high water, metres, zero or more
 */
public record TideCurve(TwoRay ray, double h1, double h2, double range) {
    private static final int STEPS = 170;

    public static final Formula MEDIAN = new Formula(
            "Bounce, middle of all tides",
            "The bounce at every height of a tide that swings evenly; half the time it is above this" + " value.",
            "B",
            "b",
            "ITU-R P.526-15 §3 at 171 tide heights",
            "±2 dB on calm water; waves fill the nulls");

    /**
     * The bounce at one height of the tide.
     *
     * @param tide metres over low water
     * @param bounceDb relative to free space
     */
    public record Point(double tide, double bounceDb) {}

    /** From low to high water in even steps. */
    public List<Point> points() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double tide = range * i / STEPS;
            points.add(at(tide));
        }
        return points;
    }

    public Point at(double tide) {
        return new Point(tide, ray.bounceDb(h1 - tide, h2 - tide));
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
                        "bounce with the tide at " + veldline.quantity.NumberText.shown(m.tide, 2) + " m",
                        ray.worked(h1 - m.tide, h2 - m.tide))
                .gives(m.bounceDb, "dB", 1, 2);
    }

    public Worked workedAt(double tide) {
        return ray.worked(h1 - tide, h2 - tide);
    }
}
