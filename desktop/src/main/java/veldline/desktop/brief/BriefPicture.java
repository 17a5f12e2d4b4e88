package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import veldline.assess.PathFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.link.Brief;
import veldline.path.FreeSpace;
import veldline.path.Fresnel;
import veldline.path.TideCurve;
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

/** The side view of the link over the water, and what the bounce makes of the level at every height of the tide. */
final class BriefPicture {
    private static final int TIDE_STEPS = 34;
    private static final double LEFT = 62;

    private final Showing s;
    private final Brief brief;
    private final PathFigures path;
    private final Pen pen;
    private final double split;
    private final Axis along;
    private final Axis up;
    private final double tide;

    BriefPicture(Showing s, double width, double height) {
        this.s = s;
        this.brief = s.job().brief();
        this.path = s.assessment().path();
        this.pen = Picture.pen(width, height);
        this.split = Math.round(height * 0.47);
        double top = 1.3
                        * Math.max(
                                brief.near().height().value(),
                                brief.far().height().value())
                + 1;
        this.along = new Axis(0, brief.distance().value(), LEFT - 10, width - 196);
        this.up = new Axis(0, top, split - 34, 34);
        this.tide = brief.tide().value() * s.pickedIndex(Step.BRIEF, 0, TIDE_STEPS + 1) / TIDE_STEPS;
    }

    static List<String> tideZones() {
        return IntStream.rangeClosed(0, TIDE_STEPS).mapToObj(i -> "tide:" + i).toList();
    }

    /** Metres over low water at a place in the side view. */
    double heightAt(double y) {
        return up.value(y);
    }

    /** Whether the stations take the room of the tide's curve: several of them, and no tide to walk. */
    static boolean ofStations(Showing s) {
        Brief brief = s.job().brief();
        return brief.field().isPresent()
                || brief.tide().value() <= 0 && s.job().stations().size() > 1;
    }

    Picture draw() {
        if (brief.field().isPresent()) {
            StationsChart.draw(s, pen, 0);
            return pen.done();
        }
        sideView();
        if (ofStations(s)) {
            pen.line(18, split + 2, pen.width() - 18, split + 2, Role.SAND, 1);
            StationsChart.draw(s, pen, split + 4);
        } else if (brief.tide().value() <= 0) {
            new HeightCurve(s, pen.width()).draw(pen, split);
        } else {
            curve();
        }
        return pen.done();
    }

    private void sideView() {
        pen.text("From the side", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                (brief.tide().value() > 0 ? "heights over low water" : "heights over the ground")
                        + "; drag an antenna up or down",
                130,
                22,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        double d = brief.distance().value();
        double near = brief.near().height().value();
        double far = brief.far().height().value();
        double water = up.at(tide);
        pen.hatched(LEFT - 44, water, along.at(d) + 30 - LEFT + 44, split - 14 - water, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.line(LEFT - 44, water, along.at(d) + 30, water, Role.EDGE, 1.5);
        fresnel(d, near, far);
        double bounce = d * (near - tide) / (near + far - 2 * tide);
        pen.path(
                List.of(
                        new At(along.at(0), up.at(near)),
                        new At(along.at(bounce), water),
                        new At(along.at(d), up.at(far))),
                Role.LICHEN,
                1.8,
                Dash.DASHED);
        pen.line(along.at(0), up.at(near), along.at(d), up.at(far), Role.MUSSEL, 3);
        mast("near", 0, near, brief.near().name(), Anchor.START);
        mast("far", d, far, brief.far().name(), Anchor.END);
        pen.text(
                "direct",
                along.at(d * 0.5),
                up.at((near + far) / 2) - 8,
                Anchor.MIDDLE,
                12,
                Face.TEXT,
                Role.MUSSEL,
                Origin.Plain.NAME);
        pen.text(
                "bounced",
                along.at(bounce * 0.5) + 8,
                (up.at(near) + water) / 2 + 14,
                Anchor.START,
                12,
                Face.TEXT,
                Role.LICHEN,
                Origin.Plain.NAME);
        double x = pen.width() - 122;
        fact("distance takes", path.freeSpace(), x, 60);
        fact("Fresnel radius", path.fresnel(), x, 104);
        fact("bounce, typical", path.middle(), x, 148);
    }

    private void fact(String what, veldline.explain.Worked w, double x, double y) {
        pen.text(what, x - 14, y, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text(w.shown(), x - 14, y + 18, Anchor.START, 15, Face.MONO_BOLD, Role.INK, Origin.of(w));
    }

    private void fresnel(double d, double near, double far) {
        List<At> over = new ArrayList<>();
        List<At> under = new ArrayList<>();
        double wave = FreeSpace.wavelength(brief.frequency().value());
        for (int i = 0; i <= 40; i++) {
            double x = d * i / 40;
            double r = i == 0 || i == 40 ? 0 : Fresnel.radius(1, x, d - x, wave);
            double mid = near + (far - near) * i / 40;
            over.add(new At(along.at(x), Math.max(up.at(mid + r), 30)));
            under.add(0, new At(along.at(x), Math.min(up.at(mid - r), split - 14)));
        }
        over.addAll(under);
        pen.add(new veldline.picture.Mark.Stroke(over, true, Role.MUSSEL, 1, Dash.DASHED));
    }

    private void mast(String id, double at, double height, String name, Anchor anchor) {
        double x = along.at(at);
        double y = up.at(height);
        pen.line(x, y, x, up.at(0), Role.INK, 3);
        pen.dot(x, y, 7, Role.MUSSEL, Role.SHEET, 2);
        boolean start = anchor == Anchor.START;
        pen.text(
                name + ", " + NumberText.shown(height, 1) + " m",
                x + (start ? -24 : 24),
                y - 14,
                anchor,
                13,
                Face.BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.zone(
                "height:" + id,
                x - 16,
                y - 14,
                32,
                28,
                name + " antenna, " + NumberText.shown(height, 1) + " m; drag up or down");
    }

    private void curve() {
        double top = split + 42;
        double bottom = pen.height() - 40;
        pen.line(18, split + 2, pen.width() - 18, split + 2, Role.SAND, 1);
        pen.text(
                "The bounce against the tide",
                18,
                split + 26,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.text(
                "level over free space; left and right walk the tide",
                222,
                split + 26,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        TideCurve tideCurve = path.tide();
        double range = Math.max(brief.tide().value(), 0.01);
        Axis x = new Axis(0, range, LEFT, pen.width() - 150);
        double low = Math.max(-20, Math.min(-5, Math.floor(path.worstAt().bounceDb() / 5) * 5));
        Axis y = new Axis(low, 7, bottom, top);
        for (double db = low; db <= 5; db += 5) {
            pen.line(LEFT, y.at(db), x.at(range), y.at(db), db == 0 ? Role.EDGE : Role.SAND, 1);
            pen.tick(NumberText.signed(db, 0), LEFT - 8, y.at(db) + 4, Anchor.END);
        }
        pen.text("dB", LEFT - 8, top + 6, Anchor.END, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        for (int i = 0; i <= 4; i++) {
            double t = range * i / 4;
            pen.tick(NumberText.shown(t, 1), x.at(t), bottom + 18, Anchor.MIDDLE);
        }
        pen.text(
                "m of tide", x.at(range) + 16, bottom + 18, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.path(
                tideCurve.points().stream()
                        .map(p -> new At(x.at(p.tide()), y.clamped(p.bounceDb())))
                        .toList(),
                Role.MUSSEL,
                3,
                Dash.SOLID);
        named(
                "worst",
                path.worst(),
                x.at(path.worstAt().tide()),
                y.clamped(path.worstAt().bounceDb()),
                24);
        named(
                "best",
                path.best(),
                x.at(path.bestAt().tide()),
                y.clamped(path.bestAt().bounceDb()),
                -14);
        TideCurve.Point here = tideCurve.at(tide);
        double hx = x.at(tide);
        pen.line(hx, top, hx, bottom, Role.LICHEN, 1.2, Dash.DASHED);
        pen.dot(hx, y.clamped(here.bounceDb()), 6, Role.SHEET, Role.LICHEN, 2.5);
        double side = pen.width() - 118;
        pen.text("with the tide at", side, top + 20, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text(
                NumberText.shown(tide, 1) + " m",
                side,
                top + 38,
                Anchor.START,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.SCALE);
        pen.text("the bounce adds", side, top + 60, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.NAME);
        pen.text(
                NumberText.signed(here.bounceDb(), 1) + " dB",
                side,
                top + 78,
                Anchor.START,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(tideCurve.workedAt(tide)));
        double step = (x.end() - x.start()) / TIDE_STEPS;
        for (int i = 0; i <= TIDE_STEPS; i++) {
            pen.zone(
                    "tide:" + i,
                    x.start() + (i - 0.5) * step,
                    top,
                    step,
                    bottom - top,
                    "tide " + NumberText.shown(range * i / TIDE_STEPS, 1) + " m");
        }
    }

    private void named(String what, veldline.explain.Worked w, double x, double y, double dy) {
        double at = Math.max(LEFT + 40, Math.min(x, pen.width() - 200));
        pen.dot(x, y, 4.5, Role.MUSSEL, Role.SHEET, 1.5);
        pen.text(
                what + " " + NumberText.signed(w.value(), 1),
                at,
                y + dy,
                Anchor.MIDDLE,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.of(w));
    }
}
