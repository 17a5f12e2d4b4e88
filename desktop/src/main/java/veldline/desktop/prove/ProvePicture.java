package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.assess.ProveFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.part.EmptyPicture;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.measure.Strip;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.prove.ProvePlan;
import veldline.quantity.NumberText;

/** Two strips of readings over a tide, and the improvement measured beside the one worked out. */
final class ProvePicture {
    private final Showing s;
    private final ProvePlan plan;
    private final Pen pen;

    ProvePicture(Showing s, double width, double height) {
        this.s = s;
        this.plan = s.job().prove();
        this.pen = Picture.pen(width, height);
    }

    Picture draw() {
        String heading =
                "Signal at the " + s.job().brief().far().shortName().toLowerCase(java.util.Locale.ROOT) + " radio";
        pen.text(heading, 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text(
                pen.width() < 680
                        ? "12-minute means"
                        : "12-minute means, lowest to highest; bars under the floor are silence",
                32 + 7.6 * heading.length(),
                22,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        recordings();
        Optional<ProveFigures> figures = s.assessment().prove().value();
        if (figures.isEmpty()) {
            EmptyPicture.draw(
                    pen,
                    "Nothing to compare yet.",
                    "Record a tide before the change, change one thing, record again. R records.");
            return pen.done();
        }
        strips(figures.get());
        better(figures.get());
        return pen.done();
    }

    private void recordings() {
        int n = plan.recordings().size();
        double room = pen.width() - 36;
        for (int i = 0; i < n; i++) {
            double w = Math.min(56, room / n);
            double x = 18 + i * w;
            boolean before = i == plan.before();
            boolean after = i == plan.after();
            boolean picked = i == s.pickedIndex(Step.PROVE, n - 1, n);
            pen.box(x + 1, 34, w - 3, 22, before ? Role.LICHEN_WASH : after ? Role.MUSSEL_WASH : Role.PAPER);
            pen.outline(x + 1, 34, w - 3, 22, picked ? Role.MUSSEL : Role.SAND, picked ? 2 : 1);
            pen.text(
                    (i + 1) + (before ? " b" : after ? " a" : ""),
                    x + w / 2 - 1,
                    50,
                    Anchor.MIDDLE,
                    12,
                    before || after ? Face.MONO_BOLD : Face.MONO,
                    Role.INK,
                    Origin.Plain.NAME);
            pen.zone(
                    "recording:" + i,
                    x,
                    34,
                    w - 2,
                    22,
                    "recording " + ProveBench.name(plan.recordings().get(i), i));
        }
    }

    private void strips(ProveFigures p) {
        double top = 76;
        double bottom = pen.height() * 0.56;
        double left = 56;
        double right = pen.width() - 138;
        Strip b = p.beforeStrip();
        Strip a = p.afterStrip();
        double end = a.end();
        double floor = s.job().brief().far().radio().sensitivity().value();
        double high = Math.ceil((max(a, b) + 2) / 5) * 5;
        double low = Math.floor((Math.min(min(a, b), floor) - 3) / 5) * 5;
        Axis x = new Axis(0, end, left, right);
        Axis y = new Axis(low, high, bottom, top);
        double step = high - low > 30 ? 10 : 5;
        for (double v = Math.ceil(low / step) * step; v <= high; v += step) {
            pen.line(left - 5, y.at(v), left, y.at(v), Role.EDGE, 1);
            pen.tick(NumberText.shown(v, 0), left - 9, y.at(v) + 4, Anchor.END);
        }
        pen.text("dBm", 14, top - 8, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.hatched(left, y.at(floor), right - left, bottom - y.at(floor), Role.THRIFT, Hatch.DIAGONAL);
        pen.line(left, y.at(floor), right, y.at(floor), Role.THRIFT, 2);
        pen.text(
                "floor " + NumberText.shown(floor, 1),
                right + 8,
                y.at(floor) + 5,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.TYPED);
        double wish = s.assessment().line().wish();
        if (wish < high && wish > low) {
            pen.line(left, y.at(wish), right, y.at(wish), Role.EDGE, 1.4, Dash.DOTTED);
            boolean room = Math.abs(y.at(wish) - y.clamped(p.medianBefore().value()) - 8) > 18
                    && Math.abs(y.at(wish) - y.clamped(p.medianAfter().value()) + 12) > 18;
            pen.text(
                    "wanted" + (room ? " " + NumberText.shown(wish, 1) : ""),
                    room ? right + 8 : left + 6,
                    y.at(wish) + (room ? 4 : -5),
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.SLATE,
                    Origin.Plain.TYPED);
        }
        strip(b, x, y, floor, Role.LICHEN, Hatch.HORIZONTAL);
        strip(a, x, y, floor, Role.MUSSEL, Hatch.UPRIGHT);
        median("After", p.medianAfter(), y, right, -8);
        median("Before", p.medianBefore(), y, right, 14);
        tide(p, x, bottom);
    }

    private void median(String what, Worked w, Axis y, double right, double dy) {
        double at = y.clamped(w.value());
        pen.text(what, right + 8, at + dy - 4, Anchor.START, 12.5, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                w.number(), right + 62, at + dy - 4, Anchor.START, 13, Face.MONO_BOLD, Role.INK, Origin.Plain.MEASURED);
        Underline.measured(pen, right + 62, right + 108, at + dy);
    }

    /** Means with lowest and highest, broken where nothing was heard: no line is drawn through silence. */
    private void strip(Strip strip, Axis x, Axis y, double floor, Role role, Hatch hatch) {
        List<At> mean = new ArrayList<>();
        List<At> over = new ArrayList<>();
        List<At> under = new ArrayList<>();
        double width = strip.end() / strip.bins().size();
        for (int i = 0; i < strip.bins().size(); i++) {
            Strip.Bin bin = strip.bins().get(i);
            if (bin.heard() > 0) {
                double px = x.at(strip.middle(i));
                mean.add(new At(px, y.clamped(bin.mean())));
                over.add(new At(px, y.clamped(bin.high())));
                under.add(0, new At(px, y.clamped(bin.low())));
            } else if (bin.asked() > 0) {
                run(mean, over, under, role, hatch);
                pen.line(x.at(i * width) + 1, y.at(floor) + 4, x.at((i + 1) * width) - 1, y.at(floor) + 4, role, 3);
            }
        }
        run(mean, over, under, role, hatch);
    }

    /** Draws one unbroken run of means and begins anew. */
    private void run(List<At> mean, List<At> over, List<At> under, Role role, Hatch hatch) {
        if (mean.size() > 1) {
            over.addAll(under);
            pen.area(over, role, hatch);
            pen.path(mean, role, 3, Dash.SOLID);
        }
        mean.clear();
        over.clear();
        under.clear();
    }

    private void tide(ProveFigures p, Axis x, double top) {
        double bottom = top + 42;
        double range = Math.max(0.1, s.job().brief().tide().value());
        Axis y = new Axis(0, range, bottom, top + 8);
        List<At> points = new ArrayList<>(List.of(new At(x.start(), bottom)));
        Strip after = p.afterStrip();
        for (int i = 0; i < after.bins().size(); i++) {
            double across = x.at(after.middle(i));
            after.bins().get(i).tide().ifPresent(t -> points.add(new At(across, y.clamped(t))));
        }
        if (points.size() < 3) {
            return;
        }
        points.add(new At(points.get(points.size() - 1).x(), bottom));
        pen.area(points, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.path(points.subList(1, points.size() - 1), Role.EDGE, 1.5, Dash.SOLID);
        pen.line(x.start(), bottom, x.end(), bottom, Role.INK, 1);
        for (int h = 0; h * 3600 <= x.to(); h += 2) {
            pen.tick(h + " h", x.at(h * 3600), bottom + 15, Anchor.MIDDLE);
        }
        pen.text(
                "tide, 0 to " + NumberText.shown(range, 1) + " m",
                x.end() + 8,
                bottom - 8,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.TYPED);
    }

    private void better(ProveFigures p) {
        double top = pen.height() * 0.56 + 74;
        pen.line(18, top - 8, pen.width() - 18, top - 8, Role.SAND, 1);
        pen.text("How much better?", 18, top + 14, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                plan.lineUp() == ProvePlan.LineUp.TIDE
                        ? "same tide height, after less before"
                        : "in order, after less before",
                156,
                top + 14,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        double doubt = p.predicted().doubt().orElse(0.0);
        double low =
                Math.floor(Math.min(Math.min(p.comparison().low(), p.predicted().value() - doubt), 0) - 0.5);
        double high = Math.ceil(Math.max(p.comparison().high(), p.predicted().value() + doubt) + 0.5);
        Axis x = new Axis(low, high, 190, pen.width() - 110);
        double bottom = Math.min(pen.height() - 34, top + 96);
        double step = high - low > 12 ? 2 : 1;
        for (double v = Math.ceil(low / step) * step; v <= high; v += step) {
            pen.line(x.at(v), top + 28, x.at(v), bottom, v == 0 ? Role.INK : Role.SAND, v == 0 ? 1.5 : 1);
            pen.tick(NumberText.signed(v, 0), x.at(v), bottom + 16, Anchor.MIDDLE);
        }
        pen.text("dB", x.end() + 22, bottom + 16, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        double y1 = top + 28 + (bottom - top - 28) * 0.28;
        double y2 = top + 28 + (bottom - top - 28) * 0.74;
        pen.text("Worked out", 18, y1 + 4, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.line(
                x.at(p.predicted().value() - doubt),
                y1,
                x.at(p.predicted().value() + doubt),
                y1,
                Role.LICHEN,
                3,
                Dash.DASHED);
        double px = x.at(p.predicted().value());
        List<At> diamond = List.of(new At(px, y1 - 9), new At(px + 9, y1), new At(px, y1 + 9), new At(px - 9, y1));
        pen.area(diamond, Role.SHEET, Hatch.NONE);
        pen.add(new veldline.picture.Mark.Stroke(diamond, true, Role.LICHEN, 2.5, Dash.SOLID));
        pen.text(
                NumberText.signed(p.predicted().value(), 1),
                pen.width() - 18,
                y1 + 5,
                Anchor.END,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(p.predicted()));
        pen.text("Measured", 18, y2 + 4, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        double from = x.at(p.comparison().low());
        double to = x.at(p.comparison().high());
        pen.box(from, y2 - 10, to - from, 20, Role.MUSSEL_WASH);
        pen.outline(from, y2 - 10, to - from, 20, Role.MUSSEL, 2);
        double at = x.at(p.comparison().difference().value());
        pen.line(at, y2 - 10, at, y2 + 10, Role.MUSSEL, 4);
        double right = pen.width() - 18;
        pen.text(
                NumberText.signed(p.comparison().difference().value(), 1),
                right,
                y2 + 5,
                Anchor.END,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(p.comparison().difference()));
        Underline.measured(pen, right - 44, right, y2 + 10);
    }

    private static double max(Strip a, Strip b) {
        return heard(a, b).mapToDouble(Strip.Bin::high).max().orElse(-60);
    }

    private static double min(Strip a, Strip b) {
        return heard(a, b).mapToDouble(Strip.Bin::low).min().orElse(-90);
    }

    private static Stream<Strip.Bin> heard(Strip a, Strip b) {
        return Stream.concat(a.bins().stream(), b.bins().stream()).filter(bin -> bin.heard() > 0);
    }
}
