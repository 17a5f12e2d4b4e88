package veldline.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.coverage.Site.Obstacle;
import veldline.coverage.Site.Zone;
import veldline.explain.Change;
import veldline.path.Material;
import veldline.quantity.Quantity;

/** Every edit of what is drawn on a plan: ground to be served or not, houses, walls and dunes. */
public sealed interface ShapeChange extends Change<Site> {
    /** What can be drawn, with what it is made of and how high it is until somebody says otherwise. */
    enum Kind {
        SERVE("ground to serve"),
        AVOID("ground not to"),
        HOUSE("house"),
        WALL("wall"),
        DUNE("dune");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        boolean zone() {
            return this == SERVE || this == AVOID;
        }
    }

    /**
     * One thing that is drawn.
     *
     * @param zone whether it is among the zones, and not the obstacles
     */
    record Ref(boolean zone, int index) {
        public List<Point> corners(Site s) {
            return zone
                    ? s.zones().get(index).outline()
                    : s.obstacles().get(index).line();
        }

        public String name(Site s) {
            return zone ? s.zones().get(index).name() : s.obstacles().get(index).name();
        }

        Site withCorners(Site s, List<Point> to) {
            if (zone) {
                Zone z = s.zones().get(index);
                return s.withZone(index, new Zone(z.name(), z.serve(), to));
            }
            return s.withObstacle(index, s.obstacles().get(index).withLine(to));
        }
    }

    /** From one corner to the opposite one. A gesture that goes on draws the same thing larger. */
    record Draw(Kind kind, Point from, Point to) implements ShapeChange {
        private static final double LEAST = 0.5;

        @Override
        public Site applyTo(Site s) {
            if (Math.abs(to.x() - from.x()) < LEAST && Math.abs(to.y() - from.y()) < LEAST) {
                return s;
            }
            return kind.zone() ? zone(s) : obstacle(s);
        }

        private Site zone(Site s) {
            List<Zone> next = new ArrayList<>(s.zones());
            if (!next.isEmpty() && next.get(next.size() - 1).outline().get(0).equals(from)) {
                next.remove(next.size() - 1);
            }
            next.add(new Zone(kind.words() + " " + (next.size() + 1), kind == Kind.SERVE, rectangle()));
            return s.withZones(next);
        }

        private Site obstacle(Site s) {
            List<Obstacle> next = new ArrayList<>(s.obstacles());
            if (!next.isEmpty() && next.get(next.size() - 1).line().get(0).equals(from)) {
                next.remove(next.size() - 1);
            }
            String name = kind.words() + " " + (next.size() + 1);
            next.add(
                    switch (kind) {
                        case HOUSE ->
                            new Obstacle(
                                    name,
                                    rectangle(),
                                    true,
                                    5,
                                    Optional.of(Material.BRICK),
                                    Material.BRICK.usualThickness(),
                                    Optional.of(new Site.Storeys(1, Material.TILES)));
                        case WALL ->
                            new Obstacle(
                                    name,
                                    List.of(from, to),
                                    false,
                                    2,
                                    Optional.of(Material.STONE),
                                    Material.STONE.usualThickness());
                        default -> new Obstacle(name, List.of(from, to), false, 5, Optional.empty(), 0);
                    });
            return s.withObstacles(next);
        }

        private List<Point> rectangle() {
            return List.of(from, new Point(to.x(), from.y()), to, new Point(from.x(), to.y()));
        }

        @Override
        public String label() {
            return "draw " + kind.words();
        }
    }

    /** One corner elsewhere. */
    record Corner(Ref of, int corner, Point to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            List<Point> next = new ArrayList<>(of.corners(s));
            next.set(corner, to);
            return of.withCorners(s, next);
        }

        @Override
        public String label() {
            return "move a corner";
        }
    }

    /** The whole of it, one of its corners there. */
    record Put(Ref of, int corner, Point to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            Point first = of.corners(s).get(corner);
            return of.withCorners(
                    s,
                    of.corners(s).stream()
                            .map(p -> new Point(p.x() + to.x() - first.x(), p.y() + to.y() - first.y()))
                            .toList());
        }

        @Override
        public String label() {
            return "move what is drawn";
        }
    }

    /** One more corner in the middle of its longest side. */
    record MoreCorners(Ref of) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            List<Point> next = new ArrayList<>(of.corners(s));
            boolean closed = of.zone() || s.obstacles().get(of.index()).closed();
            int longest = 0;
            double most = -1;
            for (int i = 0; i < (closed ? next.size() : next.size() - 1); i++) {
                Point a = next.get(i);
                Point b = next.get((i + 1) % next.size());
                double length = Math.hypot(a.x() - b.x(), a.y() - b.y());
                if (length > most) {
                    most = length;
                    longest = i;
                }
            }
            Point a = next.get(longest);
            Point b = next.get((longest + 1) % next.size());
            next.add(longest + 1, new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2));
            return of.withCorners(s, next);
        }

        @Override
        public String label() {
            return "one more corner";
        }
    }

    record Drop(Ref of) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            if (of.zone()) {
                List<Zone> next = new ArrayList<>(s.zones());
                next.remove(of.index());
                return s.withZones(next);
            }
            List<Obstacle> next = new ArrayList<>(s.obstacles());
            next.remove(of.index());
            return s.withObstacles(next);
        }

        @Override
        public String label() {
            return "take it off the plan";
        }
    }

    record Rename(Ref of, String to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            if (of.zone()) {
                Zone z = s.zones().get(of.index());
                return s.withZone(of.index(), new Zone(to, z.serve(), z.outline()));
            }
            return s.withObstacle(of.index(), s.obstacles().get(of.index()).withName(to));
        }

        @Override
        public String label() {
            return "call it " + to;
        }
    }

    /** Whether ground is to be served. */
    record Serve(int zone, boolean to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            Zone z = s.zones().get(zone);
            return s.withZone(zone, new Zone(z.name(), to, z.outline()));
        }

        @Override
        public String label() {
            return to ? "serve it" : "do not serve it";
        }
    }

    record High(int obstacle, Quantity to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            return s.withObstacle(obstacle, s.obstacles().get(obstacle).withHeight(to.value()));
        }

        @Override
        public String label() {
            return to + " high";
        }
    }

    record Thick(int obstacle, Quantity to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            return s.withObstacle(obstacle, s.obstacles().get(obstacle).withThickness(to.value()));
        }

        @Override
        public String label() {
            return to + " thick";
        }
    }

    /** What it is made of, with the usual thickness of that; nothing for earth. */
    record Of(int obstacle, Optional<Material> to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            return s.withObstacle(
                    obstacle,
                    s.obstacles()
                            .get(obstacle)
                            .withMaterial(to)
                            .withThickness(to.map(Material::usualThickness).orElse(0.0)));
        }

        @Override
        public String label() {
            return to.map(Material::words).orElse("earth");
        }
    }

    /** Floors and roof of a house; none for walls under the open sky. */
    record Floors(int obstacle, Optional<Site.Storeys> to) implements ShapeChange {
        @Override
        public Site applyTo(Site s) {
            return s.withObstacle(obstacle, s.obstacles().get(obstacle).withStoreys(to));
        }

        @Override
        public String label() {
            return to.map(t -> t.count() + " storeys").orElse("no roof");
        }
    }
}
