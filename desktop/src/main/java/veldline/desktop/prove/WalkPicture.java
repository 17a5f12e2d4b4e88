package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.Diamond;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.RangeWalk;
import veldline.prove.WalkReading;
import veldline.quantity.NumberText;

/** Readings over the distance with the law through them, its band, and how far that reaches; the line of what is wanted is dragged. */
final class WalkPicture {
    private static final double LEFT = 56;
    private static final double TOP = 96;
    private static final double FOOT = 66;
    /** No more is shown under the floor, dB. */
    private static final double DEEPEST = 20;

    private static final int STEPS = 80;
    /** Past so many times what was walked the law is drawn as one that nobody has tried. */
    private static final double TRIED = 1.5;

    private final Showing s;
    private final Pen pen;
    private final List<WalkReading> walk;
    private final Optional<RangeWalk> found;
    private final double floor;
    private final double wanted;
    private final Axis y;
    /** Of the logarithm of the distance. */
    private final Axis x;

    WalkPicture(Showing s, double width, double height) {
        this.s = s;
        this.pen = Picture.pen(width, height);
        this.walk = s.job().prove().walk();
        this.found = s.assessment().walk().value();
        this.floor = s.job().brief().far().radio().sensitivity().value();
        this.wanted = floor + s.job().brief().marginWanted().value();
        double distance = s.job().brief().distance().value();
        double near = walk.stream().mapToDouble(r -> r.distance().value()).min().orElse(distance / 10);
        double far = DoubleStream.of(
                        distance,
                        walk.stream()
                                .mapToDouble(r -> r.distance().value())
                                .max()
                                .orElse(distance),
                        found.map(f -> f.range().value()).orElse(0.0))
                .max()
                .orElse(distance);
        double high = walk.stream()
                .flatMap(r -> r.level().stream())
                .mapToDouble(l -> l.value())
                .max()
                .orElse(floor + 30);
        this.x = new Axis(Math.log10(near * 0.85), Math.log10(far * 1.2), LEFT, width - 96);
        double low = Math.max(floor - DEEPEST, Math.min(floor - 6, worked() - 4));
        this.y = new Axis(low, Math.max(high, worked()) + 4, height - FOOT, TOP);
    }

    private double worked() {
        return s.assessment().line().answered()
                ? s.assessment().line().floor() + s.assessment().line().margin().value()
                : floor;
    }

    /** What is wanted over the floor where the line stands at this place, dB to a half. */
    double marginAt(double place) {
        return Math.max(0, Math.min(60, Math.round(2 * (y.value(place) - floor)) / 2.0));
    }

    Picture draw() {
        if (walk.isEmpty()) {
            return EmptyPicture.draw(
                            pen,
                            "Nobody walked yet.",
                            "Type distance and level of each place, near to far: 100 -61, 200 -68, … and a dash where it was lost.")
                    .done();
        }
        int chosen = s.pickedIndex(Step.PROVE, walk.size() - 1, walk.size());
        digits(chosen);
        grid();
        found.ifPresent(this::law);
        readings(chosen);
        workedOut();
        found.ifPresent(this::reach);
        return pen.done();
    }

    private double at(double metres) {
        return x.clamped(Math.log10(metres));
    }

    private static String far(double metres) {
        return metres >= 1000
                ? NumberText.shown(metres / 1000, metres >= 10_000 ? 0 : 1) + " km"
                : NumberText.shown(metres, 0) + " m";
    }

    private void digits(int chosen) {
        WalkReading r = walk.get(chosen);
        pen.text(
                r.level().map(l -> NumberText.shown(l.value(), 1)).orElse("lost"),
                18,
                52,
                Anchor.START,
                34,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.MEASURED);
        Underline.measured(pen, 18, r.level().isPresent() ? 18 + 20.5 * 5 : 18 + 20.5 * 4, 58);
        pen.text(
                (r.level().isPresent() ? "dBm at " : "at ") + r.distance() + ", " + (chosen + 1) + " of " + walk.size(),
                18,
                74,
                Anchor.START,
                12.5,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.MEASURED);
        double right = pen.width() - 18;
        found.ifPresent(w -> {
            pen.text(far(w.range().value()), right, 52, Anchor.END, 34, Face.MONO_BOLD, Role.INK, Origin.of(w.range()));
            pen.text(
                    "reach; exponent " + w.exponent().shown(),
                    right,
                    74,
                    Anchor.END,
                    12.5,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.of(w.exponent()));
        });
        if (s.assessment().walk() instanceof Stage.Failed<RangeWalk>) {
            pen.words("no law yet", right, 52, Anchor.END, Face.BOLD, Role.INK);
        }
    }

    private void grid() {
        for (double tick : y.ticks(8)) {
            pen.line(LEFT, y.at(tick), x.end(), y.at(tick), Role.SAND, 1);
            pen.tick(NumberText.shown(tick, 0), LEFT - 8, y.at(tick) + 4, Anchor.END);
        }
        pen.words("dBm", 14, TOP - 6, Anchor.START, Face.TEXT, Role.SLATE);
        double last = Double.NEGATIVE_INFINITY;
        for (int decade = 0; decade < 6; decade++) {
            for (double step : List.of(1.0, 2.0, 5.0)) {
                double metres = step * Math.pow(10, decade);
                double place = Math.log10(metres);
                if (place >= x.from() && place <= x.to() && x.at(place) - last > 52) {
                    last = x.at(place);
                    pen.line(last, y.start(), last, y.start() + 5, Role.EDGE, 1);
                    pen.tick(far(metres), last, y.start() + 20, Anchor.MIDDLE);
                }
            }
        }
        pen.hatched(LEFT, y.at(floor), x.end() - LEFT, y.start() - y.at(floor), Role.THRIFT, Hatch.DIAGONAL);
        pen.line(LEFT, y.at(floor), x.end(), y.at(floor), Role.THRIFT, 2);
        pen.words("floor", x.end() + 8, y.at(floor) + 4, Anchor.START, Face.TEXT, Role.SLATE);
        pen.line(LEFT, y.at(wanted), x.end(), y.at(wanted), Role.INK, 1.5, Dash.DOTTED);
        pen.words(
                "wanted",
                x.end() + 8,
                y.at(wanted) - (y.at(floor) - y.at(wanted) < 18 ? 10 : -4),
                Anchor.START,
                Face.TEXT,
                Role.INK);
        pen.zone(
                "wanted", LEFT, y.at(wanted) - 8, x.end() - LEFT, 16, "what is wanted over the floor, drag up or down");
    }

    private void law(RangeWalk w) {
        double tried = Math.min(x.to(), Math.log10(TRIED * w.walked()));
        List<At> around = new ArrayList<>(band(w, 1, x.from(), tried));
        List<At> lower = band(w, -1, x.from(), tried);
        for (int i = lower.size() - 1; i >= 0; i--) {
            around.add(lower.get(i));
        }
        pen.area(around, Role.MUSSEL_WASH, Hatch.NONE);
        pen.path(within(band(w, 0, x.from(), tried)), Role.MUSSEL, 2.5, Dash.SOLID);
        List<At> beyond = within(band(w, 0, tried, x.to()));
        if (beyond.size() > 1) {
            pen.path(beyond, Role.MUSSEL, 1.5, Dash.DASHED);
        }
    }

    private List<At> band(RangeWalk w, int side, double from, double to) {
        return IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> {
                    double place = from + (to - from) * i / STEPS;
                    double metres = Math.pow(10, place);
                    return new At(
                            x.at(place),
                            y.clamped(w.law().level(metres) + side * w.law().half(metres)));
                })
                .toList();
    }

    /** A law that has left the picture is not drawn along its edge. */
    private List<At> within(List<At> line) {
        return line.stream().filter(p -> p.y() < y.start() && p.y() > y.end()).toList();
    }

    private void readings(int chosen) {
        for (int i = 0; i < walk.size(); i++) {
            WalkReading r = walk.get(i);
            double across = at(r.distance().value());
            double up = r.level().map(l -> y.clamped(l.value())).orElse(y.at(floor) + 10);
            double size = i == chosen ? 8 : 4.5;
            Role role = i == chosen ? Role.MUSSEL : Role.INK;
            if (r.level().isPresent()) {
                pen.area(Diamond.of(across, up, size), role, Hatch.NONE);
            } else {
                pen.path(Diamond.of(across, up, size), role, 1.5, Dash.SOLID);
            }
            pen.zone(
                    "walked:" + i,
                    across - 8,
                    up - 8,
                    16,
                    16,
                    r.level().map(Object::toString).orElse("lost") + " at " + r.distance());
        }
    }

    /** What the line works out at the far end, where that is. */
    private void workedOut() {
        if (!s.assessment().line().answered()) {
            return;
        }
        double across = at(s.job().brief().distance().value());
        double up = y.clamped(worked());
        pen.line(across, TOP, across, y.start(), Role.LICHEN, 1.5, Dash.DASHED);
        pen.path(Diamond.of(across, up, 8), Role.LICHEN, 2.5, Dash.SOLID);
        pen.box(across - 84, up - 21, 74, 16, Role.PAPER);
        pen.words("worked out", across - 12, up - 9, Anchor.END, Face.TEXT, Role.SLATE);
    }

    /** Where the law falls to what is wanted, with its band, under the scale. */
    private void reach(RangeWalk w) {
        double foot = pen.height() - 22;
        double from = at(Math.max(1, w.low()));
        double to = w.high().map(this::at).orElse(x.end());
        pen.box(from, foot - 8, Math.max(2, to - from), 16, Role.MUSSEL_WASH);
        pen.outline(from, foot - 8, Math.max(2, to - from), 16, Role.MUSSEL, 1.5);
        double mark = at(w.range().value());
        pen.line(mark, y.at(wanted), mark, foot + 8, Role.MUSSEL, 2);
        pen.words("reach", 14, foot + 4, Anchor.START, Face.TEXT, Role.SLATE);
    }
}
