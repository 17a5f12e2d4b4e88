package veldline.desktop.shape;

import java.util.List;
import java.util.Optional;
import veldline.assess.AntennaFigures;
import veldline.assess.BesideFigures;
import veldline.assess.BesideFigures.Difference;
import veldline.assess.Stage;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.field.pattern.Sweep;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** Two antennas over one another: the one shaped here solid, the other dashed; patterns, SWR, and the measures in which they differ. */
final class BesideView implements Below.View {
    private static final double ROW = 17;

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("Two compared", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Stage<BesideFigures> stage = s.assessment().beside();
        Optional<AntennaFigures> here = s.assessment().figures(s.job().madeNear());
        if (stage.value().isEmpty() || here.isEmpty()) {
            pen.words(
                    s.job().beside().isEmpty()
                            ? "Nothing stands beside it yet. “Keep this one” sets it aside; then change it here."
                            : "Being solved.",
                    18,
                    top + 46,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        BesideFigures other = stage.value().get();
        String name = other.of().built() ? "as built" : "kept";
        double radius = (pen.height() - top - 60) / 2;
        polar(pen, here.get(), other.figures(), 24 + radius, top + 36 + radius, radius);
        double left = 24 + 2 * radius + 24;
        figures(pen, here.get(), other.figures(), name, left, top + 44);
        other.sweep().ifPresent(w -> swr(s, pen, w, left, top + 128));
        table(s, pen, other, name, Math.max(left + 236, pen.width() * 0.63));
    }

    private static void polar(Pen pen, AntennaFigures a, AntennaFigures b, double cx, double cy, double radius) {
        double outer = Math.ceil((Math.max(a.gain().value(), b.gain().value()) + 0.5) / 2) * 2;
        pen.dot(cx, cy, radius, Role.SHEET, Role.EDGE, 1.2);
        pen.line(cx - radius, cy, cx + radius, cy, Role.EDGE, 1);
        lobe(pen, a.eCut(), outer, cx, cy, radius, -1, Role.MUSSEL, Dash.SOLID);
        lobe(pen, a.hCut(), outer, cx, cy, radius, 1, Role.MUSSEL, Dash.SOLID);
        lobe(pen, b.eCut(), outer, cx, cy, radius, -1, Role.LICHEN, Dash.DASHED);
        lobe(pen, b.hCut(), outer, cx, cy, radius, 1, Role.LICHEN, Dash.DASHED);
        pen.words("E", cx - radius, cy - radius + 10, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("H", cx - radius, cy + radius, Anchor.START, Face.TEXT, Role.SLATE);
    }

    private static void lobe(
            Pen pen,
            List<Double> cut,
            double outer,
            double cx,
            double cy,
            double radius,
            int side,
            Role role,
            Dash dash) {
        List<At> points = PolarDrawing.points(cut, outer, cx, cy, radius, side);
        pen.path(points, role, 2.4, dash);
    }

    private static void figures(Pen pen, AntennaFigures a, AntennaFigures b, String name, double left, double y) {
        pen.line(left + 62, y - 5, left + 80, y - 5, Role.MUSSEL, 3);
        pen.words("here", left + 84, y, Anchor.START, Face.BOLD, Role.INK);
        pen.line(left + 142, y - 5, left + 160, y - 5, Role.LICHEN, 3, Dash.DASHED);
        pen.words(name, left + 164, y, Anchor.START, Face.BOLD, Role.INK);
        row(pen, "ahead", a.gain(), b.gain(), left, y + 20);
        row(pen, "back", a.frontToBack(), b.frontToBack(), left, y + 37);
        row(pen, "SWR", a.swr(), b.swr(), left, y + 54);
    }

    private static void row(Pen pen, String name, Worked a, Worked b, double left, double y) {
        pen.words(name, left, y, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(a.shown(), left + 62, y, Anchor.START, 12.5, Face.MONO_BOLD, Role.INK, Origin.of(a));
        pen.text(b.shown(), left + 142, y, Anchor.START, 12.5, Face.MONO, Role.INK, Origin.of(b));
    }

    private static void swr(Showing s, Pen pen, Sweep there, double left, double top) {
        Optional<Sweep> here = s.assessment().sweep().value();
        double bottom = pen.height() - 26;
        double right = left + 212;
        Axis y = new Axis(1, 3, bottom, top);
        pen.hatched(left + 20, top, right - left - 20, y.at(2) - top, Role.THRIFT, Hatch.DIAGONAL);
        for (int v = 1; v <= 3; v++) {
            pen.tick(Integer.toString(v), left + 14, y.at(v) + 4, Anchor.END);
        }
        // What is looked at over another stretch is not laid over it.
        here.filter(w -> w.points().get(0).frequency() == there.points().get(0).frequency())
                .ifPresent(w -> curve(pen, w, s.job().lineOhms(), y, left + 20, right, Role.MUSSEL, Dash.SOLID));
        curve(pen, there, s.job().lineOhms(), y, left + 20, right, Role.LICHEN, Dash.DASHED);
        List<Sweep.Point> p = there.points();
        pen.tick(NumberText.shown(p.get(0).frequency() / 1e6, 0), left + 20, bottom + 16, Anchor.START);
        pen.tick(NumberText.shown(p.get(p.size() - 1).frequency() / 1e6, 0), right, bottom + 16, Anchor.END);
    }

    private static void curve(Pen pen, Sweep w, double z0, Axis y, double left, double right, Role role, Dash dash) {
        List<Sweep.Point> p = w.points();
        Axis x = new Axis(p.get(0).frequency(), p.get(p.size() - 1).frequency(), left, right);
        pen.path(
                p.stream()
                        .map(q -> new At(x.at(q.frequency()), y.clamped(Math.min(3, q.swr(z0)))))
                        .toList(),
                role,
                2.4,
                dash);
    }

    private static void table(Showing s, Pen pen, BesideFigures other, String name, double left) {
        double y = ShapeFigures.RULE + 44;
        List<Difference> all = other.differences();
        if (all.isEmpty()) {
            boolean alike = s.job().antenna(s.job().madeNear()).getClass()
                    == other.of().made().getClass();
            pen.words(
                    alike ? "No measure differs." : "Of another kind; figures alone.",
                    left,
                    y,
                    Anchor.START,
                    Face.TEXT,
                    Role.SLATE);
            return;
        }
        pen.words(
                other.of().built() ? "worth mending first" : "differs, most first",
                left,
                y,
                Anchor.START,
                Face.BOLD,
                Role.INK);
        int read = Reading.BESIDE.place(s).filter(i -> i < all.size()).orElse(0);
        int rows = Math.max(1, (int) ((pen.height() - y - 74) / ROW));
        int first = Math.max(0, Math.min(read - rows / 2, all.size() - rows));
        for (int i = first; i < Math.min(all.size(), first + rows); i++) {
            Difference d = all.get(i);
            double at = y + 20 + (i - first) * ROW;
            boolean here = i == read;
            pen.text(
                    d.name(),
                    left,
                    at,
                    Anchor.START,
                    12,
                    here ? Face.BOLD : Face.TEXT,
                    here ? Role.LICHEN : Role.INK,
                    Origin.Plain.NAME);
            pen.text(
                    (d.gained().value() >= 0 ? "+" : "") + d.gained().shown(),
                    pen.width() - 14,
                    at,
                    Anchor.END,
                    12,
                    Face.MONO,
                    Role.INK,
                    Origin.of(d.gained()));
            pen.zone(Reading.BESIDE.at(i), left, at - 13, pen.width() - left - 10, ROW, d.name());
        }
        Difference d = all.get(read);
        double foot = pen.height() - 40;
        pen.text("here " + d.here(), left, foot, Anchor.START, 12, Face.MONO, Role.INK, Origin.Plain.TYPED);
        pen.text(name + " " + d.there(), left, foot + 16, Anchor.START, 12, Face.MONO, Role.INK, Origin.Plain.TYPED);
        pen.text(
                "mended alone: SWR " + d.swr().number(),
                left,
                foot + 32,
                Anchor.START,
                12,
                Face.TEXT,
                Role.INK,
                Origin.of(d.swr()));
    }
}
