package veldline.desktop.improve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.antenna.YagiShape;
import veldline.assess.Stage;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.study.Improvement;
import veldline.study.Improvement.Design;
import veldline.study.Measure;

/** The curve of the best trades over the antenna as it is, and under it the one that is walked to, to scale over the other. */
final class ImprovePicture {
    private static final double LEFT = 78;
    private static final double TOP = 80;
    /** For the drawing under the curve. */
    private static final double FOOT = 178;

    private static final double ELEMENT = 44;

    private final Showing s;
    private final Optional<Improvement.Result> result;
    private final boolean settled;
    private final Pen pen;

    ImprovePicture(Showing s, Stage<Improvement.Result> stage, double width, double height) {
        this.s = s;
        this.result = stage.value();
        this.settled = stage.settled();
        this.pen = Picture.pen(width, height);
    }

    /** The antenna on the curve nearest to a place of the picture. */
    Optional<String> nearest(double x, double y) {
        if (result.isEmpty()) {
            return Optional.empty();
        }
        Improvement.Result r = result.get();
        Axis across = axis(r, r.ask().across(), LEFT, pen.width() - 40);
        Axis up = axis(r, r.ask().up(), bottom(), TOP);
        return IntStream.range(0, r.front().size())
                .boxed()
                .min(Comparator.comparingDouble(i -> Math.hypot(
                        across.at(value(r.front().get(i), r.ask().across())) - x,
                        up.at(value(r.front().get(i), r.ask().up())) - y)))
                .map(i -> "design:" + i);
    }

    private double bottom() {
        return pen.height() - FOOT - 34;
    }

    Picture draw() {
        pen.text("The best trades on this boom", 18, 24, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        if (result.isEmpty()) {
            pen.words("Being looked for; the foot says how far it is.", 18, 52, Anchor.START, Face.TEXT, Role.SLATE);
            return pen.done();
        }
        Improvement.Result r = result.get();
        pen.words(
                (settled ? "" : "As it was found; being looked for anew. ")
                        + "Each is the best in one measure of all tried that are as good in the other; worst over the band.",
                18,
                44,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        Axis across = axis(r, r.ask().across(), LEFT, pen.width() - 40);
        Axis up = axis(r, r.ask().up(), bottom(), TOP);
        axes(r, across, up);
        now(r, across, up);
        Optional<Design> picked = ImproveBench.picked(s.noted(), r);
        curve(r, across, up, picked);
        picked.ifPresent(d -> drawing(r, d));
        return pen.done();
    }

    private static double value(Design d, Measure m) {
        return d.reached().worst(m);
    }

    /** Better to the right and upwards, whichever way that is counted. */
    private static Axis axis(Improvement.Result r, Measure m, double start, double end) {
        double[] all = Stream.concat(r.front().stream(), Stream.of(r.now()))
                .mapToDouble(d -> value(d, m))
                .toArray();
        double low = java.util.Arrays.stream(all).min().orElseThrow();
        double high = java.util.Arrays.stream(all).max().orElseThrow();
        double room = Math.max(0.12 * (high - low), m.step() / 2);
        return m.better() > 0
                ? new Axis(low - room, high + room, start, end)
                : new Axis(high + room, low - room, start, end);
    }

    private void axes(Improvement.Result r, Axis across, Axis up) {
        for (double v : ticks(across, 6)) {
            pen.line(across.at(v), up.start(), across.at(v), up.start() + 5, Role.EDGE, 1);
            pen.tick(shown(v, r.ask().across()), across.at(v), up.start() + 20, Anchor.MIDDLE);
        }
        for (double v : ticks(up, 5)) {
            pen.line(across.start(), up.at(v), across.end(), up.at(v), Role.SAND, 1);
            pen.tick(shown(v, r.ask().up()), across.start() - 8, up.at(v) + 4, Anchor.END);
        }
        pen.line(across.start(), up.start(), across.end(), up.start(), Role.EDGE, 1.5);
        pen.words(label(r.ask().across()), across.end(), up.start() + 38, Anchor.END, Face.TEXT, Role.SLATE);
        pen.words(label(r.ask().up()), 18, TOP - 18, Anchor.START, Face.TEXT, Role.SLATE);
    }

    private static List<Double> ticks(Axis axis, int most) {
        return axis.from() < axis.to()
                ? axis.ticks(most)
                : new Axis(axis.to(), axis.from(), axis.end(), axis.start()).ticks(most);
    }

    private static String shown(double v, Measure m) {
        return NumberText.shown(v, Math.min(1, m.decimals()));
    }

    private static String label(Measure m) {
        return m.words() + (m.unit().isEmpty() ? "" : ", " + m.unit());
    }

    /** The antenna as it is, a post with a flag where the curve's own are dots. */
    private void now(Improvement.Result r, Axis across, Axis up) {
        double x = across.at(value(r.now(), r.ask().across()));
        double y = up.at(value(r.now(), r.ask().up()));
        pen.line(x, y - 8, x, up.start(), Role.LICHEN, 2, Dash.DASHED);
        pen.box(x - 5, y - 5, 10, 10, Role.LICHEN);
        boolean left = x > (across.start() + across.end()) / 2;
        pen.words("as it is", x + (left ? -10 : 10), y - 10, left ? Anchor.END : Anchor.START, Face.TEXT, Role.INK);
    }

    private void curve(Improvement.Result r, Axis across, Axis up, Optional<Design> picked) {
        Role ink = settled ? Role.MUSSEL : Role.SLATE;
        List<At> points = new ArrayList<>();
        for (Design d : r.front()) {
            At here = new At(
                    across.at(value(d, r.ask().across())),
                    up.at(value(d, r.ask().up())));
            if (!points.isEmpty()) {
                // Stairs: between two nothing better was found than the lower of both.
                points.add(new At(points.get(points.size() - 1).x(), here.y()));
            }
            points.add(here);
        }
        if (points.size() > 1) {
            pen.path(points, ink, 2.5, settled ? Dash.SOLID : Dash.DASHED);
        }
        for (int i = 0; i < r.front().size(); i++) {
            Design d = r.front().get(i);
            double x = across.at(value(d, r.ask().across()));
            double y = up.at(value(d, r.ask().up()));
            boolean here = picked.filter(d::equals).isPresent();
            pen.dot(x, y, here ? 8 : 5, here ? ink : Role.SHEET, ink, 2.5);
            pen.zone(
                    "design:" + i,
                    x - 14,
                    y - 14,
                    28,
                    28,
                    ImproveBench.words(r.ask().across(), value(d, r.ask().across())) + ", "
                            + ImproveBench.words(r.ask().up(), value(d, r.ask().up())) + "; drag along the curve");
        }
    }

    private void drawing(Improvement.Result r, Design d) {
        double y = pen.height() - FOOT + 18;
        pen.line(18, y - 14, pen.width() - 18, y - 14, Role.SAND, 1);
        double x = 18;
        for (Measure m : List.of(r.ask().across(), r.ask().up())) {
            var worked = d.worked(m, r.ask());
            pen.text(worked.shown(), x, y + 10, Anchor.START, 16, Face.MONO_BOLD, Role.INK, Origin.of(worked));
            pen.words(m.words(), x, y + 27, Anchor.START, Face.TEXT, Role.SLATE);
            x += 150;
        }
        for (Measure m : List.of(Measure.SWR, Measure.LENGTH)) {
            if (m != r.ask().up()) {
                var worked = d.worked(m, r.ask());
                pen.text(worked.shown(), x, y + 10, Anchor.START, 16, Face.MONO, Role.INK, Origin.of(worked));
                pen.words(m.words(), x, y + 27, Anchor.START, Face.TEXT, Role.SLATE);
                x += 130;
            }
        }
        YagiShape now = r.now().yagi();
        double longest = Stream.of(now, d.yagi())
                .mapToDouble(YagiShape::boomLength)
                .max()
                .orElseThrow();
        double across = Stream.of(now, d.yagi())
                .flatMap(a -> a.elements().stream())
                .mapToDouble(e -> e.length().value())
                .max()
                .orElseThrow();
        double scale = Math.min((pen.width() - 110) / longest, 2 * ELEMENT / across * 1.6);
        double up = Math.min(scale, 2 * ELEMENT / across);
        double middle = y + 90;
        antenna(now, middle, scale, up, Role.LICHEN, 2, Dash.DASHED);
        antenna(d.yagi(), middle, scale, up, Role.INK, 4, Dash.SOLID);
        pen.words("dashed: as it is", pen.width() - 18, middle + ELEMENT + 18, Anchor.END, Face.TEXT, Role.SLATE);
    }

    private void antenna(YagiShape yagi, double middle, double scale, double up, Role role, double w, Dash dash) {
        pen.line(LEFT - 30, middle, LEFT - 30 + yagi.boomLength() * scale, middle, Role.EDGE, 1.5);
        for (YagiShape.Element e : yagi.elements()) {
            double x = LEFT - 30 + e.position().value() * scale;
            double half = e.length().value() / 2 * up;
            pen.line(x, middle - half, x, middle + half, role, w, dash);
        }
    }
}
