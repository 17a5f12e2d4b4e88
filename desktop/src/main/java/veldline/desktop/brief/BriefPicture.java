package veldline.desktop.brief;

import java.util.List;
import java.util.stream.IntStream;
import veldline.assess.PathFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.link.Brief;
import veldline.path.TideCurve;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
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
    private final SideView side;
    private final double tide;

    BriefPicture(Showing s, double width, double height) {
        this.s = s;
        this.brief = s.job().brief();
        this.path = s.assessment().path();
        this.pen = Picture.pen(width, height);
        this.split = Math.round(height * 0.47);
        this.tide = brief.tide().value() * s.pickedIndex(Step.BRIEF, 0, TIDE_STEPS + 1) / TIDE_STEPS;
        this.side = new SideView(pen, brief, path, split, tide);
    }

    static List<String> tideZones() {
        return IntStream.rangeClosed(0, TIDE_STEPS).mapToObj(i -> "tide:" + i).toList();
    }

    /** Height of an antenna, counted as the brief counts it, at a place in the side view. */
    double heightAt(boolean near, double y) {
        return side.heightAt(near, y);
    }

    /** Whether the stations take the room of the tide's curve: several of them, and no tide to walk. */
    static boolean ofStations(Showing s) {
        Brief brief = s.job().brief();
        return brief.field().isPresent()
                || brief.tide().value() <= 0 && s.job().stations().size() > 1;
    }

    Picture draw() {
        if ("hops".equals(s.noted().get(BriefBench.PAGE))) {
            new HopChart(s, pen).draw();
            return pen.done();
        }
        if (brief.field().isPresent()) {
            StationsChart.draw(s, pen, 0);
            return pen.done();
        }
        side.draw();
        if ("way".equals(s.noted().get(BriefBench.PAGE))) {
            pen.line(18, split + 2, pen.width() - 18, split + 2, Role.SAND, 1);
            WaySum.draw(pen, path, split + 4);
            return pen.done();
        }
        if ("air".equals(s.noted().get(BriefBench.PAGE))) {
            pen.line(18, split + 2, pen.width() - 18, split + 2, Role.SAND, 1);
            AirChart.draw(s, pen, split + 4, s.picked(Step.BRIEF, ""));
            return pen.done();
        }
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

    private void curve() {
        double top = split + 42;
        double bottom = pen.height() - 40;
        pen.line(18, split + 2, pen.width() - 18, split + 2, Role.SAND, 1);
        pen.text(
                "The bounce against the " + brief.way().rise().words(),
                18,
                split + 26,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.text(
                "level over free space; left and right walk the "
                        + brief.way().rise().words(),
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
                "m of " + brief.way().rise().words(),
                x.at(range) + 16,
                bottom + 18,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
        pen.path(
                path.curve().stream()
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
        pen.text(
                "with the " + brief.way().rise().words() + " at",
                side,
                top + 20,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.NAME);
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
