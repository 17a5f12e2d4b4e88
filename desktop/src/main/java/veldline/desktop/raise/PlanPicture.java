package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.antenna.Bought;
import veldline.assess.Step;
import veldline.coverage.Coverage;
import veldline.coverage.LevelMap;
import veldline.coverage.Point;
import veldline.coverage.ShapeChange;
import veldline.coverage.Site;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The site from above: clear where enough arrives, hatched where not, with antennas to turn and places to walk. */
final class PlanPicture {
    private static final double LEFT = 18;
    private static final double TOP = 36;
    private static final double ARM = 46;
    private static final double TAG = 108;

    private final Showing s;
    private final Site site;
    private final Pen pen;
    private final double scale;
    private final double bottom;

    PlanPicture(Showing s, Site site, double width, double height) {
        this.s = s;
        this.site = site;
        this.pen = Picture.pen(width, height);
        this.scale = Math.min((width - 2 * LEFT) / site.width(), (height - TOP - 34) / site.depth());
        this.bottom = TOP + site.depth() * scale;
    }

    /** Antennas first, then places, then what is drawn. */
    static List<String> zones(Site site) {
        return Stream.of(
                        numbered("mount:", site.antennas().size()),
                        numbered("spot:", site.spots().size()),
                        numbered("ground:", site.zones().size()),
                        numbered("thing:", site.obstacles().size()))
                .flatMap(x -> x)
                .toList();
    }

    private static Stream<String> numbered(String what, int count) {
        return IntStream.range(0, count).mapToObj(i -> what + i);
    }

    /** What is picked: an antenna or a place, the first antenna at first. */
    static String picked(Showing s, Site site) {
        // A beam belongs to its antenna, a corner to what it is a corner of.
        String was = s.picked(Step.RAISE, "mount:0")
                .replaceFirst("^turn:", "mount:")
                .replaceFirst("-corner:(\\d+).*$", ":$1");
        List<String> all = zones(site);
        return all.contains(was) ? was : all.isEmpty() ? "" : all.get(0);
    }

    Point place(double x, double y) {
        return new Point(
                Math.round(10 * Math.max(0, Math.min(site.width(), (x - LEFT) / scale))) / 10.0,
                Math.round(10 * Math.max(0, Math.min(site.depth(), (bottom - y) / scale))) / 10.0);
    }

    private At at(Point p) {
        return new At(LEFT + p.x() * scale, bottom - p.y() * scale);
    }

    Picture draw() {
        pen.text("Who can connect", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<ShapeChange.Kind> drawing = ShapeInputs.drawing(s);
        pen.words(
                drawing.map(k -> "drag from one corner of the " + k.words() + " to the other")
                        .orElse("drag an antenna or its beam, a place, what is drawn"),
                158,
                22,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        Optional<Coverage> known = s.assessment().site().value();
        known.ifPresent(this::levels);
        IntStream.range(0, site.zones().size()).forEach(this::ground);
        IntStream.range(0, site.obstacles().size()).forEach(this::obstacle);
        known.ifPresent(c -> IntStream.range(0, c.spots().size()).forEach(i -> spot(c, i)));
        cables();
        IntStream.range(0, site.antennas().size()).forEach(this::antenna);
        if (drawing.isEmpty()) {
            ShapeInputs.ref(picked(s, site)).ifPresent(this::corners);
        }
        pen.outline(LEFT, TOP, site.width() * scale, site.depth() * scale, Role.EDGE, 1.5);
        legend();
        drawing.ifPresent(k -> pen.zone(
                "plan", LEFT, TOP, site.width() * scale, site.depth() * scale, "the plan; drag to draw " + k.words()));
        return pen.done();
    }

    /** Rows of cells that have too little, as strips; what has enough stays clear. */
    private void levels(Coverage c) {
        LevelMap m = s.advice().fine().orElse(c.map());
        double w = site.width() * scale / m.columns();
        double h = site.depth() * scale / m.rows();
        for (int r = 0; r < m.rows(); r++) {
            int from = 0;
            for (int k = 1; k <= m.columns(); k++) {
                if (k == m.columns() || kind(m.level(k, r)) != kind(m.level(from, r))) {
                    strip(kind(m.level(from, r)), from * w, r * h, (k - from) * w, h);
                    from = k;
                }
            }
        }
        borders(m, w, h);
    }

    /** 0 drops off, 1 under the wish, 2 enough. */
    private int kind(double level) {
        return level < s.assessment().line().floor()
                ? 0
                : level < s.assessment().line().wish() ? 1 : 2;
    }

    private void strip(int kind, double x, double up, double w, double h) {
        if (kind < 2) {
            pen.hatched(
                    LEFT + x,
                    bottom - up - h,
                    w,
                    h,
                    kind == 0 ? Role.THRIFT : Role.LICHEN,
                    kind == 0 ? Hatch.DIAGONAL : Hatch.HORIZONTAL);
        }
    }

    /** Lines where the kind changes, run together as far as they go. */
    private void borders(LevelMap m, double w, double h) {
        for (int r = 0; r < m.rows(); r++) {
            for (int c = 0; c < m.columns(); c++) {
                int here = kind(m.level(c, r));
                double x = LEFT + (c + 1) * w;
                double y = bottom - (r + 1) * h;
                if (c + 1 < m.columns() && kind(m.level(c + 1, r)) != here) {
                    border(here, kind(m.level(c + 1, r)), x, y, x, y + h);
                }
                if (r + 1 < m.rows() && kind(m.level(c, r + 1)) != here) {
                    border(here, kind(m.level(c, r + 1)), x - w, y, x, y);
                }
            }
        }
    }

    private void border(int a, int b, double x1, double y1, double x2, double y2) {
        pen.line(x1, y1, x2, y2, Math.min(a, b) == 0 ? Role.THRIFT : Role.LICHEN, 1.5);
    }

    private void ground(int i) {
        Site.Zone z = site.zones().get(i);
        boolean chosen = picked(s, site).equals("ground:" + i);
        List<At> ring = z.outline().stream().map(this::at).toList();
        pen.add(new veldline.picture.Mark.Stroke(
                ring, true, z.serve() ? Role.MUSSEL : Role.EDGE, chosen ? 2.5 : 1, Dash.DASHED));
        At corner = ring.get(0);
        String name = z.serve() ? z.name() : "not " + z.name();
        pen.text(
                name,
                corner.x() + 4,
                corner.y() - 5,
                Anchor.START,
                12,
                chosen ? Face.BOLD : Face.TEXT,
                z.serve() ? Role.MUSSEL : Role.SLATE,
                Origin.Plain.TYPED);
        pen.zone(
                "ground:" + i,
                corner.x() - 4,
                corner.y() - 18,
                6.4 * name.length() + 12,
                20,
                name + ", drag to move it");
    }

    /** From the one radio at the first mast to every other antenna. */
    private void cables() {
        if (site.oneRadio() && site.antennas().size() > 1) {
            At radio = at(site.antennas().get(0).at());
            for (Site.Mounted m : site.antennas().subList(1, site.antennas().size())) {
                At to = at(m.at());
                pen.line(radio.x(), radio.y(), to.x(), to.y(), Role.INK, 2);
                pen.line(radio.x(), radio.y(), to.x(), to.y(), Role.SHEET, 1, Dash.DASHED);
            }
            pen.box(radio.x() - 11, radio.y() + 9, 22, 10, Role.INK);
        }
    }

    /** The corners of what is picked, each to be dragged. */
    private void corners(ShapeChange.Ref ref) {
        String kind = ref.zone() ? "ground" : "thing";
        List<Point> corners = ref.corners(site);
        for (int i = 0; i < corners.size(); i++) {
            At c = at(corners.get(i));
            pen.box(c.x() - 4, c.y() - 4, 8, 8, Role.SHEET);
            pen.outline(c.x() - 4, c.y() - 4, 8, 8, Role.MUSSEL, 2);
            pen.zone(
                    kind + "-corner:" + ref.index() + "." + i,
                    c.x() - 8,
                    c.y() - 8,
                    16,
                    16,
                    "corner " + (i + 1) + " of " + ref.name(site) + ", drag it");
        }
    }

    private void obstacle(int i) {
        Site.Obstacle o = site.obstacles().get(i);
        boolean chosen = picked(s, site).equals("thing:" + i);
        List<At> line = o.line().stream().map(this::at).toList();
        boolean earth = o.material().isEmpty();
        if (o.closed()) {
            pen.area(line, Role.SAND, Hatch.NONE);
            pen.add(new veldline.picture.Mark.Stroke(
                    line, true, chosen ? Role.MUSSEL : Role.INK, chosen ? 2.5 : 2, Dash.SOLID));
        } else {
            pen.path(line, chosen ? Role.MUSSEL : earth ? Role.EDGE : Role.INK, earth ? 9 : 4, Dash.SOLID);
        }
        At end = line.get(o.closed() ? 0 : line.size() - 1);
        String what = o.name() + ", " + NumberText.shown(o.height(), 1) + " m"
                + o.storeys()
                        .filter(f -> f.count() > 1)
                        .map(f -> ", " + f.count() + " storeys")
                        .orElse("");
        double x = end.x() + 8;
        double y = o.closed() ? end.y() + 14 : end.y() + 4;
        pen.box(x - 3, y - 11, 6.2 * what.length() + 6, 15, Role.SHEET);
        pen.text(what, x, y, Anchor.START, 12, chosen ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.TYPED);
        pen.zone("thing:" + i, x - 3, y - 13, 6.4 * what.length() + 6, 19, what + ", drag to move it");
    }

    private void antenna(int i) {
        Site.Mounted a = site.antennas().get(i);
        At p = at(a.at());
        double bearing = a.azimuth().value();
        double width = s.job().nearAntenna() instanceof Bought b
                ? b.width().map(w -> w.value()).orElse(360.0)
                : s.assessment()
                        .antenna()
                        .value()
                        .flatMap(f -> f.levelWidth(s.job().polarized().upright()))
                        .map(w -> w.value())
                        .orElse(60.0);
        List<At> wedge = new ArrayList<>(List.of(p));
        for (int k = -6; k <= 6; k++) {
            wedge.add(turned(p, bearing + width / 2 * k / 6, ARM));
        }
        boolean chosen = picked(s, site).equals("mount:" + i);
        pen.add(new veldline.picture.Mark.Stroke(wedge, true, Role.MUSSEL, chosen ? 2.5 : 1.5, Dash.SOLID));
        At tip = turned(p, bearing, ARM);
        pen.dot(p.x(), p.y(), chosen ? 8 : 6, Role.MUSSEL, Role.SHEET, 2);
        pen.dot(tip.x(), tip.y(), 5, Role.SHEET, Role.MUSSEL, 2);
        pen.zone("mount:" + i, p.x() - 12, p.y() - 12, 24, 24, a.name() + ", drag to another place");
        pen.zone(
                "turn:" + i,
                tip.x() - 11,
                tip.y() - 11,
                22,
                22,
                a.name() + " points " + a.azimuth() + "; drag to turn");
    }

    private static At turned(At p, double bearing, double r) {
        double a = Math.toRadians(bearing);
        return new At(p.x() + r * Math.sin(a), p.y() - r * Math.cos(a));
    }

    private void spot(Coverage c, int i) {
        Coverage.AtSpot spot = c.spots().get(i);
        At p = at(spot.spot().at());
        double level = spot.level().value();
        Finding.Level mark =
                kind(level) == 0 ? Finding.Level.STOP : kind(level) == 1 ? Finding.Level.WATCH : Finding.Level.FITS;
        boolean left = p.x() + TAG + 20 > LEFT + site.width() * scale;
        // Near the right edge the tag hangs under its place.
        double x = left ? Math.min(p.x() - TAG / 2, LEFT + site.width() * scale - TAG - 4) : p.x() + 14;
        double y = left ? p.y() + 32 : p.y();
        boolean chosen = picked(s, site).equals("spot:" + i);
        pen.box(x, y - 18, TAG, 36, Role.SHEET);
        pen.outline(x, y - 18, TAG, 36, chosen ? Role.MUSSEL : Role.EDGE, chosen ? 2.5 : 1);
        pen.text(spot.spot().name(), x + 6, y - 4, Anchor.START, 12, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text(spot.level().shown(), x + 6, y + 12, Anchor.START, 12.5, Face.MONO, Role.INK, Origin.of(spot.level()));
        pen.sign(mark, p.x(), p.y());
        pen.zone(
                "spot:" + i,
                p.x() - 12,
                p.y() - 18,
                24,
                36,
                spot.spot().name() + ", " + spot.level().shown() + ", drag to another place");
    }

    private void legend() {
        double y = bottom + 20;
        pen.hatched(LEFT, y - 9, 20, 12, Role.LICHEN, Hatch.HORIZONTAL);
        pen.words("under the margin wanted", LEFT + 26, y + 1, Anchor.START, Face.TEXT, Role.SLATE);
        pen.hatched(LEFT + 190, y - 9, 20, 12, Role.THRIFT, Hatch.DIAGONAL);
        pen.words("drops off", LEFT + 216, y + 1, Anchor.START, Face.TEXT, Role.SLATE);
        double metres = round(site.width() / 5);
        double right = LEFT + site.width() * scale - 36;
        pen.line(right - metres * scale, y, right, y, Role.INK, 2);
        pen.text(
                NumberText.shown(metres, 0) + " m",
                right - metres * scale - 8,
                y + 4,
                Anchor.END,
                12,
                Face.MONO,
                Role.INK,
                Origin.Plain.SCALE);
        pen.line(right + 16, y + 5, right + 16, y - 13, Role.INK, 1.5);
        pen.line(right + 12, y - 7, right + 16, y - 13, Role.INK, 1.5);
        pen.line(right + 20, y - 7, right + 16, y - 13, Role.INK, 1.5);
        pen.words("N", right + 24, y + 4, Anchor.START, Face.BOLD, Role.INK);
    }

    private static double round(double metres) {
        double ten = Math.pow(10, Math.floor(Math.log10(metres)));
        return metres / ten >= 5 ? 5 * ten : metres / ten >= 2 ? 2 * ten : ten;
    }
}
