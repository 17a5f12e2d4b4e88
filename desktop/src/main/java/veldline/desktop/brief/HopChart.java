package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.job.JobChange;
import veldline.link.Brief;
import veldline.link.Hop;
import veldline.link.HopPlan;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** The links of one place from above, each towards where it leads, with what it hears over its neighbours; ends are dragged. */
final class HopChart {
    private static final double TOP = 44;
    private static final double TAG = 168;
    private static final double TALL = 50;

    private final Showing s;
    private final Brief brief;
    private final Pen pen;
    private final Optional<HopPlan> plan;
    private final boolean near;
    private final double x0;
    private final double y0;
    private final double scale;
    private final List<Rect> taken = new ArrayList<>();

    private record Rect(double x, double y) {
        boolean meets(Rect o) {
            return Math.abs(x - o.x) < TAG + 4 && Math.abs(y - o.y) < TALL + 4;
        }
    }

    HopChart(Showing s, Pen pen) {
        this.s = s;
        this.brief = s.job().brief();
        this.pen = pen;
        this.near = place(s);
        this.plan = s.assessment().hops(near);
        List<At> ends = plan.map(HopPlan::legs).orElse(List.of()).stream()
                .map(l -> unit(l.bearing(), l.distance()))
                .toList();
        double west = least(ends, At::x, -1);
        double east = least(ends, At::x, 1);
        double north = least(ends, At::y, -1);
        double south = least(ends, At::y, 1);
        double across = pen.width() - 2 * (TAG + 24);
        double down = pen.height() - TOP - 2 * TALL;
        // As large as both ways allow, with the place and every end in sight; a lone direction still has a scale.
        this.scale = Math.min(across / Math.max(1, east + west), down / Math.max(1, north + south));
        this.x0 = pen.width() / 2 + scale * (west - east) / 2;
        this.y0 = TOP + (pen.height() - TOP) / 2 + scale * (north - south) / 2;
    }

    /** The farthest of the ends one way from the place, metres. */
    private static double least(List<At> ends, ToDoubleFunction<At> of, int sign) {
        return ends.stream().mapToDouble(e -> sign * of.applyAsDouble(e)).reduce(0, Math::max);
    }

    /** An end in metres to the right of the place and under it. */
    private static At unit(double bearing, double metres) {
        double a = Math.toRadians(bearing);
        return new At(metres * Math.sin(a), -metres * Math.cos(a));
    }

    /** The place shown: that of the picked hop, or that of the chosen stop. */
    private static boolean place(Showing s) {
        List<Hop> hops = s.job().brief().hops();
        return hops.isEmpty() ? !s.atFar() : hops.get(HopInputs.picked(s)).atNear();
    }

    static List<String> zones(Showing s) {
        return IntStream.range(0, s.job().brief().hops().size())
                .mapToObj(i -> "hop:" + i)
                .toList();
    }

    void draw() {
        String name = (near ? brief.near() : brief.far()).name();
        pen.text("Links at " + name, 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        if (brief.hops().isEmpty()) {
            pen.words(
                    "No other link stands at either end yet. Write one down on the left.",
                    18,
                    48,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        if (plan.isEmpty()) {
            pen.words("They are weighed when the line is answered.", 18, 48, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        pen.words(
                "dB over its own neighbours; drag an end, left and right walk",
                pen.width() - 18,
                22,
                Anchor.END,
                Face.TEXT,
                Role.SLATE);
        HopPlan p = plan.get();
        List<Integer> indices = IntStream.range(0, brief.hops().size())
                .filter(i -> brief.hops().get(i).atNear() == near)
                .boxed()
                .toList();
        p.legs().forEach(l -> p.width().ifPresent(w -> beam(l, w)));
        leg(p, 0, -1);
        for (int k = 0; k < indices.size(); k++) {
            leg(p, k + 1, indices.get(k));
        }
        pen.box(x0 - 5, y0 - 5, 10, 10, Role.INK);
        pen.line(28, TOP + 40, 28, TOP + 16, Role.INK, 1.5);
        pen.line(24, TOP + 22, 28, TOP + 16, Role.INK, 1.5);
        pen.line(32, TOP + 22, 28, TOP + 16, Role.INK, 1.5);
        pen.words("N", 36, TOP + 28, Anchor.START, Face.BOLD, Role.INK);
    }

    private At end(HopPlan.Leg l) {
        double a = Math.toRadians(l.bearing());
        double r = Math.max(34, l.distance() * scale);
        return new At(x0 + r * Math.sin(a), y0 - r * Math.cos(a));
    }

    private void leg(HopPlan p, int k, int hop) {
        HopPlan.Leg l = p.legs().get(k);
        At e = end(l);
        boolean chosen = hop >= 0 && hop == HopInputs.picked(s);
        pen.line(x0, y0, e.x(), e.y(), Role.MUSSEL, hop < 0 ? 4 : 2.5, l.carries() ? Dash.SOLID : Dash.DASHED);
        pen.dot(e.x(), e.y(), hop < 0 ? 5 : 7, Role.SHEET, Role.MUSSEL, 2.5);
        Worked over = p.over(k);
        Rect at = room(e);
        double x = at.x;
        double y = at.y;
        pen.box(x, y, TAG, TALL, Role.SHEET);
        pen.outline(x, y, TAG, TALL, chosen ? Role.MUSSEL : Role.EDGE, chosen ? 2.5 : 1);
        pen.sign(over.value() < HopPlan.CLEAR ? Finding.Level.WATCH : Finding.Level.FITS, x + 14, y + 17);
        pen.text(l.name(), x + 28, y + 16, Anchor.START, 12.5, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text(
                over.value() > HopPlan.NO_MATTER ? "clear" : over.shown(),
                x + TAG - 8,
                y + 32,
                Anchor.END,
                12.5,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(over));
        pen.text(
                NumberText.shown(l.frequency() / 1e6, l.frequency() % 1e6 == 0 ? 0 : 1) + " MHz",
                x + 28,
                y + 32,
                Anchor.START,
                12,
                Face.MONO,
                Role.INK,
                Origin.Plain.TYPED);
        pen.words(l.polarized().words(), x + 28, y + 46, Anchor.START, Face.TEXT, Role.SLATE);
        if (hop >= 0) {
            pen.zone(
                    "hop:" + hop,
                    e.x() - 14,
                    e.y() - 14,
                    28,
                    28,
                    l.name() + ", " + over.shown() + " over its own neighbours; drag to turn or move");
        }
    }

    /** Beside an end, away from the place, where no other tag is. */
    private Rect room(At e) {
        double out = e.x() >= x0 ? e.x() + 14 : e.x() - TAG - 14;
        double in = e.x() >= x0 ? e.x() - TAG - 14 : e.x() + 14;
        Rect found = Stream.of(0, 1, -1, 2, -2, 3, -3)
                .flatMap(k -> Stream.of(out, in)
                        .map(x -> new Rect(
                                Math.max(8, Math.min(pen.width() - TAG - 8, x)),
                                Math.max(
                                        TOP,
                                        Math.min(pen.height() - TALL - 6, e.y() - TALL / 2 + k * (TALL + 6) * 0.75)))))
                .filter(r -> taken.stream().noneMatch(r::meets))
                .findFirst()
                .orElse(new Rect(Math.max(8, Math.min(pen.width() - TAG - 8, out)), e.y() - TALL / 2));
        taken.add(found);
        return found;
    }

    /** The beam's half-power edges, as far as the leg goes. */
    private void beam(HopPlan.Leg l, double width) {
        double r = Math.max(34, l.distance() * scale) * 0.86;
        List<At> fan = IntStream.rangeClosed(-4, 4)
                .mapToObj(i -> {
                    double a = Math.toRadians(l.bearing() + i * width / 8);
                    return new At(x0 + r * Math.sin(a), y0 - r * Math.cos(a));
                })
                .toList();
        pen.path(fan, Role.EDGE, 1, Dash.SOLID);
        pen.line(x0, y0, fan.get(0).x(), fan.get(0).y(), Role.EDGE, 1);
        pen.line(x0, y0, fan.get(8).x(), fan.get(8).y(), Role.EDGE, 1);
    }

    /** The edit made by dragging an end: another bearing and another distance. */
    Optional<JobChange> dragged(String zone, double x, double y) {
        int i = Integer.parseInt(zone.substring(4));
        double east = x - x0;
        double north = y0 - y;
        if (Math.hypot(east, north) < 20) {
            return Optional.empty();
        }
        double bearing = (Math.toDegrees(Math.atan2(east, north)) + 360) % 360;
        double metres = Math.max(10, Math.hypot(east, north) / scale);
        Hop h = brief.hops().get(i);
        return Optional.of(HopInputs.set(
                brief,
                i,
                h.withBearing(Quantity.shown(Math.round(bearing) % 360, Unit.DEG, 0))
                        .withDistance(Quantity.shown(metres, h.distance().unit(), 2))));
    }
}
