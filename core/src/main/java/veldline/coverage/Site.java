package veldline.coverage;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.path.Material;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A place that is to be served: what it looks like from above, who is where, and the antennas put up in it. Metres, x to the
 * east and y to the north.
 *
 * @param width of the plan
 * @param depth of the plan, south to north
 * @param zones to be served, or not to be
 * @param obstacles walls, houses, dunes
 * @param spots where people are, or things that must connect
 * @param antennas as they are set up, all on one radio
 * @param slopeEast rise of the ground to the east, metres a metre
 * @param slopeNorth rise to the north
 * @param held height over the ground at which the other end is held
 * @param feeder what a metre of cable up to an antenna takes, dB
 * @param oneRadio whether one radio feeds all antennas through a splitter, and not each its own
 */
@RecordBuilder
public record Site(
        double width,
        double depth,
        List<Zone> zones,
        List<Obstacle> obstacles,
        List<Spot> spots,
        List<Mounted> antennas,
        double slopeEast,
        double slopeNorth,
        Quantity held,
        Quantity feeder,
        boolean oneRadio)
        implements SiteBuilder.With {
    public Site {
        zones = List.copyOf(zones);
        obstacles = List.copyOf(obstacles);
        spots = List.copyOf(spots);
        antennas = List.copyOf(antennas);
        if (!(width > 0) || !(depth > 0) || !(width <= 1e5) || !(depth <= 1e5)) {
            throw new IllegalArgumentException(
                    "A plan of " + width + " by " + depth + " m cannot be; give each side over 0 and up to 100 km");
        }
        if (!(Math.abs(slopeEast) <= 1) || !(Math.abs(slopeNorth) <= 1)) {
            throw new IllegalArgumentException(
                    "The ground slopes " + slopeEast + " and " + slopeNorth + "; give up to 1 m a metre");
        }
    }

    /** An empty plan of a hundred metres with one antenna in its middle. */
    public static Site blank() {
        return new Site(
                100,
                100,
                List.of(),
                List.of(),
                List.of(),
                List.of(new Mounted(
                        "antenna 1",
                        new Point(50, 50),
                        Quantity.of("4", Unit.M),
                        Quantity.of("0", Unit.DEG),
                        Quantity.of("0", Unit.DEG))),
                0,
                0,
                Quantity.of("1.5", Unit.M),
                Quantity.of("0.3", Unit.DB),
                false);
    }

    /**
     * Ground that is to be served, or that is not to be.
     *
     * @param serve false for ground that should hear nothing
     * @param outline its corners, three or more
     */
    public record Zone(String name, boolean serve, List<Point> outline) {
        public Zone {
            outline = atLeast(3, "zone " + name, outline);
        }

        public boolean holds(double x, double y) {
            return inside(outline, x, y);
        }
    }

    /**
     * Something that stands in the way.
     *
     * @param line its course from above, two points or more
     * @param closed whether its last point joins its first
     * @param height over the ground, metres
     * @param material what a wave goes through; empty for earth and rock, which it only goes over
     * @param thickness of that, metres
     * @param storeys its floors and roof, for a house that has them; without, it is walls under the open sky
     */
    @RecordBuilder
    public record Obstacle(
            String name,
            List<Point> line,
            boolean closed,
            double height,
            Optional<Material> material,
            double thickness,
            Optional<Storeys> storeys)
            implements SiteObstacleBuilder.With {
        /** Without floors or a roof. */
        public Obstacle(
                String name,
                List<Point> line,
                boolean closed,
                double height,
                Optional<Material> material,
                double thickness) {
            this(name, line, closed, height, material, thickness, Optional.empty());
        }

        public Obstacle {
            line = atLeast(2, name, line);
            if (!(height > 0) || !(height <= 1000) || !(thickness >= 0) || !(thickness <= 10)) {
                throw new IllegalArgumentException("“" + name + "” is " + height + " m high and " + thickness
                        + " m thick; give up to 1000 m and 10 m");
            }
        }
    }

    /**
     * Floors of a house, evenly spaced up to its roof, which counts as the last.
     *
     * @param count 1 for a house of one floor at the ground and a roof
     * @param of what floors and roof are made of
     */
    public record Storeys(int count, Material of) {
        public Storeys {
            if (count < 1 || count > 200) {
                throw new IllegalArgumentException("A house of " + count + " storeys cannot be; give 1 to 200");
            }
        }
    }

    /** A place somebody uses, with the height things are held at there over the ground. */
    public record Spot(String name, Point at, Quantity height) {}

    /**
     * An antenna as it is put up.
     *
     * @param height over the ground
     * @param azimuth its beam's bearing, degrees from north
     * @param tilt of its beam under the horizontal, degrees
     */
    @RecordBuilder
    public record Mounted(String name, Point at, Quantity height, Quantity azimuth, Quantity tilt)
            implements SiteMountedBuilder.With {}

    /** Whether a place lies inside corners: a line from it to the east crosses their outline an odd number of times. */
    static boolean inside(List<Point> corners, double x, double y) {
        boolean inside = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            Point a = corners.get(i);
            Point b = corners.get(j);
            if (a.y() > y != b.y() > y && x < a.x() + (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y())) {
                inside = !inside;
            }
        }
        return inside;
    }

    private static List<Point> atLeast(int count, String name, List<Point> points) {
        if (points.size() < count) {
            throw new IllegalArgumentException(
                    "“" + name + "” has " + points.size() + " corners; it takes " + count + " or more");
        }
        return List.copyOf(points);
    }

    /** Height of the ground over that of the south-west corner, metres. */
    public double ground(double x, double y) {
        return slopeEast * x + slopeNorth * y;
    }

    /** Whether a place is to be served: in a zone for it, or anywhere but in one against it where there is none for it. */
    public boolean serves(double x, double y) {
        boolean any = false;
        boolean against = false;
        for (Zone z : zones) {
            any |= z.serve();
            if (z.holds(x, y)) {
                if (z.serve()) {
                    return true;
                }
                against = true;
            }
        }
        return !any && !against;
    }

    /**
     * Cable from the radio to an antenna, metres: up its mast, and along the ground from the first antenna's mast where one radio
     * at its foot feeds them all.
     */
    public double cable(Point mast, double height) {
        Point radio = antennas.isEmpty() ? mast : antennas.get(0).at();
        return height + (oneRadio ? Math.hypot(mast.x() - radio.x(), mast.y() - radio.y()) : 0);
    }

    public Site withAntenna(int index, Mounted to) {
        List<Mounted> next = new java.util.ArrayList<>(antennas);
        next.set(index, to);
        return withAntennas(next);
    }

    public Site withZone(int index, Zone to) {
        List<Zone> next = new java.util.ArrayList<>(zones);
        next.set(index, to);
        return withZones(next);
    }

    public Site withObstacle(int index, Obstacle to) {
        List<Obstacle> next = new java.util.ArrayList<>(obstacles);
        next.set(index, to);
        return withObstacles(next);
    }

    public Site adding(Spot spot) {
        return withSpots(Stream.concat(spots.stream(), Stream.of(spot)).toList());
    }
}
