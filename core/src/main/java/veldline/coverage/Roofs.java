package veldline.coverage;

import java.util.ArrayList;
import java.util.List;

/** Floors and roofs of the houses of a site: a ray through one of them loses what its material takes. */
final class Roofs {
    /** As many houses as there are bits to tell them by. */
    private static final int MOST = 64;

    private final List<House> houses = new ArrayList<>();

    /**
     * @param foot height of its ground over the plan's corner, metres
     * @param loss of each floor, dB
     */
    private record House(
            Site.Obstacle of, double foot, double loss, double west, double east, double south, double north) {
        boolean holds(double x, double y) {
            return x >= west && x <= east && y >= south && y <= north && Site.inside(of.line(), x, y);
        }

        double top() {
            return foot + of.height();
        }
    }

    Roofs(Site site, double frequency) {
        for (Site.Obstacle o : site.obstacles()) {
            if (o.closed() && o.storeys().isPresent() && houses.size() < MOST) {
                Point first = o.line().get(0);
                var material = o.storeys().get().of();
                houses.add(new House(
                        o,
                        site.ground(first.x(), first.y()),
                        Shadows.through(material, 0, frequency),
                        o.line().stream().mapToDouble(Point::x).min().orElseThrow(),
                        o.line().stream().mapToDouble(Point::x).max().orElseThrow(),
                        o.line().stream().mapToDouble(Point::y).min().orElseThrow(),
                        o.line().stream().mapToDouble(Point::y).max().orElseThrow()));
            }
        }
    }

    boolean none() {
        return houses.isEmpty();
    }

    /** Which of the roofs belongs to an obstacle; −1 where it has none. */
    int of(Site.Obstacle obstacle) {
        for (int i = 0; i < houses.size(); i++) {
            if (houses.get(i).of == obstacle) {
                return i;
            }
        }
        return -1;
    }

    /** A bit for every roof that a place lies under. */
    long under(double x, double y, double z) {
        long under = 0;
        for (int i = 0; i < houses.size(); i++) {
            House h = houses.get(i);
            if (z < h.top() && h.holds(x, y)) {
                under |= 1L << i;
            }
        }
        return under;
    }

    /** What floors and roofs take between a place and another so far east and north of it, dB. */
    double lossDb(double x, double y, double z, double east, double north, double toZ) {
        double loss = 0;
        for (House h : houses) {
            int storeys = h.of.storeys().orElseThrow().count();
            for (int k = 1; k <= storeys; k++) {
                double floor = h.foot + k * h.of.height() / storeys;
                if (floor > z != floor > toZ) {
                    double t = (floor - z) / (toZ - z);
                    loss += h.holds(x + t * east, y + t * north) ? h.loss : 0;
                }
            }
        }
        return loss;
    }
}
