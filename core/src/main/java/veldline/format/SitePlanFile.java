package veldline.format;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.coverage.Point;
import veldline.coverage.Site;
import veldline.path.Geodesic;
import veldline.path.Material;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A site plan as GeoJSON (RFC 7946). A polygon is a zone, or a house where it has a {@code height}; a line is a wall; a point
 * is a spot, or an antenna where it has an {@code azimuth}. Properties: {@code name}, {@code serve} (true or false),
 * {@code height_m}, {@code material} (as the program names it; none for earth), {@code thickness_m}, {@code azimuth_deg},
 * {@code tilt_deg}, {@code storeys} and {@code floor} (their material).
 */
public final class SitePlanFile {
    private static final int MOST_CORNERS = 20_000;
    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(
                            StreamReadConstraints.builder().maxNestingDepth(50).build())
                    .build())
            .build();
    private static final double EDGE = 1.1;

    private SitePlanFile() {}

    /**
     * Reads a plan; its corner is put so far south-west that everything lies on it.
     *
     * @throws FormatException naming the feature and what would be right
     */
    public static Site read(String text, Site before) throws FormatException {
        JsonNode root;
        try {
            root = MAPPER.readTree(text);
        } catch (JsonProcessingException e) {
            String where =
                    e.getLocation() == null ? "" : "Line " + e.getLocation().getLineNr() + ": ";
            throw new FormatException(where + "the file breaks off or is not JSON");
        }
        if (root == null
                || !root.path("type").asText().equals("FeatureCollection")
                || !root.path("features").isArray()) {
            throw new FormatException("This is no GeoJSON plan; its “type” must be “FeatureCollection”");
        }
        Reader reader = new Reader();
        int i = 0;
        for (JsonNode f : root.path("features")) {
            reader.feature(f, ++i);
        }
        return reader.site(before);
    }

    /** Gathers features on a plane that touches the globe at the first corner met. */
    private static final class Reader {
        private final List<Site.Zone> zones = new ArrayList<>();
        private final List<Site.Obstacle> obstacles = new ArrayList<>();
        private final List<Site.Spot> spots = new ArrayList<>();
        private final List<Site.Mounted> antennas = new ArrayList<>();
        private final List<Point> all = new ArrayList<>();
        private Optional<double[]> origin = Optional.empty();

        void feature(JsonNode f, int number) throws FormatException {
            JsonNode p = f.path("properties");
            String name = p.path("name").asText("feature " + number);
            JsonNode g = f.path("geometry");
            try {
                switch (g.path("type").asText()) {
                    case "Polygon" -> polygon(points(g.path("coordinates").path(0), name), p, name);
                    case "LineString" -> obstacles.add(obstacle(points(g.path("coordinates"), name), false, p, name));
                    case "Point" -> point(place(g.path("coordinates"), name), p, name);
                    default ->
                        throw new FormatException(
                                "“" + name + "” is a " + g.path("type").asText("thing without geometry")
                                        + "; a plan is made of Polygon, LineString and Point");
                }
            } catch (IllegalArgumentException e) {
                throw new FormatException("“" + name + "”: " + e.getMessage());
            }
        }

        private void polygon(List<Point> ring, JsonNode p, String name) {
            boolean closes = ring.size() > 1 && ring.get(0).equals(ring.get(ring.size() - 1));
            List<Point> corners = closes ? ring.subList(0, ring.size() - 1) : ring;
            if (p.has("height_m")) {
                obstacles.add(obstacle(corners, true, p, name));
            } else {
                zones.add(new Site.Zone(name, p.path("serve").asBoolean(true), corners));
            }
        }

        private static Site.Obstacle obstacle(List<Point> line, boolean closed, JsonNode p, String name) {
            Optional<Material> known = material(p, "material");
            Optional<Site.Storeys> storeys = closed && p.has("storeys")
                    ? Optional.of(new Site.Storeys(
                            p.path("storeys").asInt(),
                            material(p, "floor").or(() -> known).orElse(Material.CONCRETE)))
                    : Optional.empty();
            return new Site.Obstacle(
                    name,
                    line,
                    closed,
                    p.path("height_m").asDouble(3),
                    known,
                    p.path("thickness_m").asDouble(0),
                    storeys);
        }

        private static Optional<Material> material(JsonNode p, String property) {
            String material = p.path(property).asText("").toLowerCase(Locale.ROOT);
            Optional<Material> known = Arrays.stream(Material.values())
                    .filter(m -> m.words().equals(material))
                    .findFirst();
            if (known.isEmpty() && !material.isEmpty()) {
                throw new IllegalArgumentException("no material is called “" + material + "”; there are "
                        + String.join(
                                ", ",
                                Arrays.stream(Material.values())
                                        .map(Material::words)
                                        .toList()));
            }
            return known;
        }

        private void point(Point at, JsonNode p, String name) {
            Quantity height = Quantity.shown(p.path("height_m").asDouble(1.5), Unit.M, 2);
            if (p.has("azimuth_deg")) {
                antennas.add(new Site.Mounted(
                        name,
                        at,
                        height,
                        Quantity.shown(p.path("azimuth_deg").asDouble(), Unit.DEG, 1),
                        Quantity.shown(p.path("tilt_deg").asDouble(), Unit.DEG, 1)));
            } else {
                spots.add(new Site.Spot(name, at, height));
            }
        }

        private List<Point> points(JsonNode array, String name) throws FormatException {
            List<Point> points = new ArrayList<>();
            for (JsonNode c : array) {
                points.add(place(c, name));
            }
            return points;
        }

        private Point place(JsonNode c, String name) throws FormatException {
            if (!c.path(0).isNumber() || !c.path(1).isNumber()) {
                throw new FormatException("“" + name + "” has a corner that is no [longitude, latitude]");
            }
            double lon = c.path(0).asDouble();
            double lat = c.path(1).asDouble();
            if (!(Math.abs(lon) <= 180) || !(Math.abs(lat) <= 90)) {
                throw new FormatException("“" + name + "” lies at " + lon + ", " + lat
                        + ", which is no longitude and latitude; GeoJSON is in degrees on WGS-84");
            }
            if (all.size() >= MOST_CORNERS) {
                throw new FormatException("The plan has more than " + MOST_CORNERS + " corners; simplify it");
            }
            double[] zero = origin.orElseGet(() -> new double[] {lon, lat});
            origin = Optional.of(zero);
            Geodesic g = Geodesic.between(zero[1], zero[0], lat, lon);
            double a = Math.toRadians(g.bearing());
            Point at = new Point(g.distance() * Math.sin(a), g.distance() * Math.cos(a));
            all.add(at);
            return at;
        }

        /** Moved so that everything lies on the plan with a little room about it. */
        Site site(Site before) throws FormatException {
            if (all.isEmpty()) {
                throw new FormatException("The plan is empty; draw what is to be served, and what stands there");
            }
            double west = all.stream().mapToDouble(Point::x).min().orElseThrow();
            double south = all.stream().mapToDouble(Point::y).min().orElseThrow();
            double width = Math.max(10, all.stream().mapToDouble(Point::x).max().orElseThrow() - west);
            double depth = Math.max(10, all.stream().mapToDouble(Point::y).max().orElseThrow() - south);
            double dx = -west + width * (EDGE - 1) / 2;
            double dy = -south + depth * (EDGE - 1) / 2;
            try {
                return new Site(
                        width * EDGE,
                        depth * EDGE,
                        zones.stream()
                                .map(z -> new Site.Zone(z.name(), z.serve(), moved(z.outline(), dx, dy)))
                                .toList(),
                        obstacles.stream()
                                .map(o -> new Site.Obstacle(
                                        o.name(),
                                        moved(o.line(), dx, dy),
                                        o.closed(),
                                        o.height(),
                                        o.material(),
                                        o.thickness(),
                                        o.storeys()))
                                .toList(),
                        spots.stream()
                                .map(s -> new Site.Spot(s.name(), moved(s.at(), dx, dy), s.height()))
                                .toList(),
                        antennas.isEmpty()
                                ? before.antennas()
                                : antennas.stream()
                                        .map(a -> a.withAt(moved(a.at(), dx, dy)))
                                        .toList(),
                        before.slopeEast(),
                        before.slopeNorth(),
                        before.held(),
                        before.feeder(),
                        before.oneRadio());
            } catch (IllegalArgumentException e) {
                throw new FormatException(e.getMessage());
            }
        }

        private static List<Point> moved(List<Point> points, double dx, double dy) {
            return points.stream().map(p -> moved(p, dx, dy)).toList();
        }

        private static Point moved(Point p, double dx, double dy) {
            return new Point(Math.round(100 * (p.x() + dx)) / 100.0, Math.round(100 * (p.y() + dy)) / 100.0);
        }
    }

    /**
     * Writes a plan.
     *
     * @param latitude of its south-west corner, degrees
     * @param longitude of it
     */
    public static String write(Site site, double latitude, double longitude) {
        Writer w = new Writer(latitude, longitude);
        for (Site.Zone z : site.zones()) {
            ObjectNode p = w.feature("Polygon", w.ring(z.outline()), z.name());
            p.put("serve", z.serve());
        }
        for (Site.Obstacle o : site.obstacles()) {
            ObjectNode p = w.feature(
                    o.closed() ? "Polygon" : "LineString", o.closed() ? w.ring(o.line()) : w.line(o.line()), o.name());
            p.put("height_m", o.height());
            p.put("thickness_m", o.thickness());
            o.material().ifPresent(m -> p.put("material", m.words()));
            o.storeys().ifPresent(s -> p.put("storeys", s.count()).put("floor", s.of().words()));
        }
        for (Site.Spot s : site.spots()) {
            w.feature("Point", w.corner(s.at()), s.name())
                    .put("height_m", s.height().value());
        }
        for (Site.Mounted a : site.antennas()) {
            ObjectNode p = w.feature("Point", w.corner(a.at()), a.name());
            p.put("height_m", a.height().value());
            p.put("azimuth_deg", a.azimuth().value());
            p.put("tilt_deg", a.tilt().value());
        }
        return w.root.toPrettyString() + "\n";
    }

    private static final class Writer {
        private final ObjectNode root = MAPPER.createObjectNode();
        private final ArrayNode features;
        private final double latitude;
        private final double longitude;

        Writer(double latitude, double longitude) {
            this.latitude = latitude;
            this.longitude = longitude;
            root.put("type", "FeatureCollection");
            features = root.putArray("features");
        }

        ObjectNode feature(String type, ArrayNode coordinates, String name) {
            ObjectNode f = features.addObject();
            f.put("type", "Feature");
            ObjectNode g = f.putObject("geometry");
            g.put("type", type);
            g.set("coordinates", coordinates);
            return f.putObject("properties").put("name", name);
        }

        ArrayNode corner(Point p) {
            double bearing = Math.toDegrees(Math.atan2(p.x(), p.y()));
            Geodesic.Place at = Geodesic.from(latitude, longitude, bearing, Math.hypot(p.x(), p.y()));
            return MAPPER.createArrayNode()
                    .add(Math.round(1e8 * at.longitude()) / 1e8)
                    .add(Math.round(1e8 * at.latitude()) / 1e8);
        }

        ArrayNode line(List<Point> points) {
            ArrayNode a = MAPPER.createArrayNode();
            points.forEach(p -> a.add(corner(p)));
            return a;
        }

        ArrayNode ring(List<Point> points) {
            ArrayNode inner = line(points);
            inner.add(corner(points.get(0)));
            return MAPPER.createArrayNode().add(inner);
        }
    }
}
