package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Antenna;
import veldline.antenna.Bought;
import veldline.antenna.Polarized;
import veldline.assess.AntennaFigures;
import veldline.assess.RaiseFigures;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Formula;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.link.Brief;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** From above with the beam on its bearing, from the side with the tilt, and what an aim beside the mark costs. */
final class RaisePicture {
    static final int AIM_RANGE = 30;

    private static final Formula AIM_LOSS = new Formula(
            "Aim loss",
            "Gain straight ahead less gain so far beside it, on the solved pattern.",
            "L",
            "a − b",
            "Thin-wire currents by the method of moments",
            "±0.2 dB within the main beam");

    private static final Formula CLAIMED_WIDTH = new Formula(
            "Width to half power, as claimed",
            "What its maker says of it.",
            "W",
            "w",
            "The maker's claim",
            "As good as the claim");

    private final Showing s;
    private final Brief brief;
    private final RaiseFigures figures;
    private final Pen pen;
    private final double split;
    private final double middle;
    private final int aim;
    private final Axis up;

    RaisePicture(Showing s, double width, double height) {
        this.s = s;
        this.brief = s.job().brief();
        this.figures = s.assessment().raise();
        this.pen = Picture.pen(width, height);
        this.split = Math.round(height * 0.55);
        this.middle = Math.round(width * 0.52);
        this.aim = s.pickedIndex(Step.RAISE, AIM_RANGE, 2 * AIM_RANGE + 1) - AIM_RANGE;
        double top = 1.35
                        * Math.max(
                                brief.near().height().value(),
                                brief.far().height().value())
                + 1;
        this.up = new Axis(0, top, split - 76, 50);
    }

    double heightAt(double y) {
        return up.value(y);
    }

    Picture draw() {
        above();
        side();
        pen.line(18, split, pen.width() - 18, split, Role.SAND, 1);
        loss();
        return pen.done();
    }

    private void above() {
        pen.text("From above", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text("left and right turn the aim", 112, 22, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        double r = Math.min((middle - 60) / 2, (split - 70) / 2);
        double cx = 30 + r;
        double cy = 42 + r;
        pen.dot(cx, cy, r, Role.SHEET, Role.EDGE, 1.5);
        for (int deg = 0; deg < 360; deg += 10) {
            double inner = deg % 90 == 0 ? r - 12 : deg % 30 == 0 ? r - 8 : r - 4;
            At a = at(cx, cy, inner, deg);
            At b = at(cx, cy, r, deg);
            pen.line(a.x(), a.y(), b.x(), b.y(), Role.EDGE, 1);
        }
        double bearing = figures.nearBearing().value();
        levelWidth().ifPresent(w -> {
            List<At> wedge = new ArrayList<>(List.of(new At(cx, cy)));
            for (double d = -w.value() / 2; d <= w.value() / 2 + 0.01; d += w.value() / 12) {
                wedge.add(at(cx, cy, r * 0.92, bearing + aim + d));
            }
            pen.area(wedge, Role.MUSSEL_WASH, Hatch.NONE);
            pen.add(new veldline.picture.Mark.Stroke(
                    wedge, true, Role.MUSSEL, 1.5, aim == 0 ? Dash.SOLID : Dash.DASHED));
        });
        String[] names = {"N", "E", "S", "W"};
        for (int i = 0; i < 4; i++) {
            At p = at(cx, cy, r - 22, 90 * i);
            pen.text(names[i], p.x(), p.y() + 5, Anchor.MIDDLE, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        }
        At far = at(cx, cy, r * 0.86, bearing);
        pen.line(cx, cy, far.x(), far.y(), Role.INK, 1.5, Dash.DOTTED);
        pen.dot(cx, cy, 6, Role.MUSSEL, Role.SHEET, 1.5);
        pen.dot(far.x(), far.y(), 6, Role.SHEET, Role.INK, 2);
        boolean left = bearing > 180;
        // Near north its name would stand on the letter there.
        boolean north = Math.cos(Math.toRadians(bearing)) > 0.6;
        pen.text(
                brief.far().shortName(),
                far.x() + (left ? 10 : -10),
                far.y() + (north ? 22 : -14),
                left ? Anchor.START : Anchor.END,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.text(brief.near().shortName(), cx, cy + 22, Anchor.MIDDLE, 12.5, Face.BOLD, Role.INK, Origin.Plain.TYPED);
    }

    /** Solved where it is shaped here, as claimed where it was bought. */
    private Optional<Worked> levelWidth() {
        Antenna antenna = s.job().antenna(s.job().madeNear());
        if (antenna instanceof Bought b) {
            return b.width()
                    .map(w -> Worked.of(CLAIMED_WIDTH)
                            .claimed("w", "width of " + b.name(), w.value(), "°", 0)
                            .gives(w.value(), "°", 0));
        }
        return s.assessment().antenna().value().flatMap(f -> f.levelWidth(upright()));
    }

    private boolean upright() {
        return s.job()
                .antenna(s.job().madeNear())
                .polarized()
                .filter(Polarized::upright)
                .isPresent();
    }

    private static At at(double cx, double cy, double r, double bearing) {
        double a = Math.toRadians(bearing);
        return new At(cx + r * Math.sin(a), cy - r * Math.cos(a));
    }

    private void side() {
        double left = middle + 40;
        double right = pen.width() - 60;
        pen.text("From the side", middle, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text("drag the near antenna", middle + 106, 22, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        double ground = up.at(0);
        pen.hatched(left - 40, ground, right - left + 96, 12, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.line(left - 40, ground, right + 56, ground, Role.EDGE, 1.5);
        double yNear = up.at(brief.near().height().value());
        double yFar = up.at(brief.far().height().value());
        pen.line(left, yNear, right, yFar, Role.MUSSEL, 3);
        for (double[] m : new double[][] {{left, yNear}, {right, yFar}}) {
            pen.line(m[0], m[1], m[0], ground, Role.INK, 3);
            pen.dot(m[0], m[1], 7, Role.MUSSEL, Role.SHEET, 2);
        }
        pen.zone("height:near", left - 16, yNear - 14, 32, 28, "near antenna, drag up or down");
        end(brief.near().name(), figures.nearBearing(), figures.nearTilt(), left - 30, ground + 32, Anchor.START);
        end(brief.far().name(), figures.farBearing(), figures.farTilt(), right + 50, ground + 32, Anchor.END);
        pen.text(
                NumberText.shown(brief.near().height().value(), 1) + " m",
                left + 12,
                yNear - 10,
                Anchor.START,
                12.5,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.text(
                NumberText.shown(brief.far().height().value(), 1) + " m",
                right - 4,
                yFar - 14,
                Anchor.END,
                12.5,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.TYPED);
    }

    private void end(String name, Worked bearing, Worked tilt, double x, double y, Anchor anchor) {
        pen.text(name, x, y - 6, anchor, 12.5, Face.BOLD, Role.INK, Origin.Plain.TYPED);
        pen.text("points " + bearing.number() + "°", x, y + 11, anchor, 12, Face.MONO, Role.INK, Origin.of(bearing));
        pen.text("tilt " + tilt.number() + "°", x, y + 28, anchor, 12, Face.MONO, Role.INK, Origin.of(tilt));
    }

    private void loss() {
        pen.text(
                "What an aim beside the mark costs",
                18,
                split + 26,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.text(
                "degrees of bearing, on the solved pattern",
                270,
                split + 26,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        AntennaFigures f = s.assessment().antenna().value().orElse(null);
        if (f == null) {
            pen.text(
                    s.assessment().antenna() instanceof Stage.Absent<AntennaFigures> absent
                            ? absent.why() + "."
                            : "The antenna is not solved.",
                    18,
                    split + 56,
                    Anchor.START,
                    13,
                    Face.TEXT,
                    Role.INK,
                    Origin.Plain.NAME);
            return;
        }
        List<Double> cut = f.levelCut(upright());
        double top = split + 44;
        double bottom = pen.height() - 36;
        Axis x = new Axis(-AIM_RANGE, AIM_RANGE, 60, pen.width() - 170);
        Axis y = new Axis(0, 12, top, bottom);
        for (int db = 0; db <= 12; db += 3) {
            pen.line(x.start(), y.at(db), x.end(), y.at(db), db == 0 ? Role.EDGE : Role.SAND, 1);
            pen.tick(NumberText.shown(-db, 0), x.start() - 8, y.at(db) + 4, Anchor.END);
        }
        for (int deg = -AIM_RANGE; deg <= AIM_RANGE; deg += 10) {
            pen.tick(NumberText.signed(deg, 0) + "°", x.at(deg), bottom + 18, Anchor.MIDDLE);
        }
        List<At> points = new ArrayList<>();
        for (int deg = -AIM_RANGE; deg <= AIM_RANGE; deg++) {
            points.add(new At(x.at(deg), y.clamped(cut.get(0) - cut.get(Math.abs(deg)))));
        }
        pen.path(points, Role.MUSSEL, 3, Dash.SOLID);
        f.aimError().ifPresent(e -> {
            for (int side : new int[] {-1, 1}) {
                double px = x.clamped(side * e.value());
                pen.line(px, top, px, bottom, Role.THRIFT, 1.5, Dash.DASHED);
            }
            pen.text(
                    "±" + e.number() + "° costs 1 dB",
                    x.clamped(e.value()) + 8,
                    top + 14,
                    Anchor.START,
                    12.5,
                    Face.BOLD,
                    Role.INK,
                    Origin.of(e));
        });
        double here = cut.get(0) - cut.get(Math.abs(aim));
        Worked w = Worked.of(AIM_LOSS)
                .computed("a", "straight ahead", cut.get(0), "dBi", 2)
                .computed("b", "so far beside it", cut.get(Math.abs(aim)), "dBi", 2)
                .gives(here, "dB", 1, 0.2);
        pen.line(x.at(aim), top, x.at(aim), bottom, Role.LICHEN, 1.5, Dash.DASHED);
        pen.dot(x.at(aim), y.clamped(here), 6, Role.SHEET, Role.LICHEN, 2.5);
        double side = pen.width() - 140;
        pen.text(
                "aimed " + NumberText.signed(aim, 0) + "° beside",
                side,
                top + 30,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.SCALE);
        pen.text("costs " + w.shown(), side, top + 50, Anchor.START, 15, Face.MONO_BOLD, Role.INK, Origin.of(w));
        double step = (x.end() - x.start()) / (2 * AIM_RANGE);
        for (int i = 0; i <= 2 * AIM_RANGE; i++) {
            pen.zone(
                    "aim:" + i,
                    x.start() + (i - 0.5) * step,
                    top,
                    step,
                    bottom - top,
                    "aim " + (i - AIM_RANGE) + " degrees beside");
        }
    }
}
