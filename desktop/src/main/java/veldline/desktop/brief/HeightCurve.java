package veldline.desktop.brief;

import java.util.List;
import veldline.assess.PathFigures;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.link.Brief;
import veldline.path.Passage;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** Where there is no tide: what the ground makes of the level at every height of the near antenna. */
final class HeightCurve {
    private static final double LEFT = 62;
    private static final double LOW = -25;
    private static final double LEAST = 0.5;

    private final Brief brief;
    private final PathFigures path;
    private final Axis across;

    HeightCurve(Showing s, double width) {
        this.brief = s.job().brief();
        this.path = s.assessment().path();
        double most = Math.max(10, 2 * brief.near().height().value());
        this.across = new Axis(LEAST, most, LEFT, width - 150);
    }

    /** The height under a place in the picture, metres. */
    double heightAt(double x) {
        return Math.max(LEAST, Math.min(across.to(), across.value(x)));
    }

    void draw(Pen pen, double split) {
        double top = split + 42;
        double bottom = pen.height() - 40;
        pen.line(18, split + 2, pen.width() - 18, split + 2, Role.SAND, 1);
        pen.text(
                "The ground against the height",
                18,
                split + 26,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        pen.words(
                "of " + brief.near().shortName().toLowerCase(java.util.Locale.ROOT) + "; drag it along",
                246,
                split + 26,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
        Axis up = new Axis(LOW, 8, bottom, top);
        for (double db = -20; db <= 5; db += 5) {
            pen.line(LEFT, up.at(db), across.end(), up.at(db), db == 0 ? Role.EDGE : Role.SAND, 1);
            pen.tick(NumberText.signed(db, 0), LEFT - 8, up.at(db) + 4, Anchor.END);
        }
        pen.words("dB", LEFT - 8, top + 6, Anchor.END, Face.TEXT, Role.SLATE);
        for (double h : across.ticks(6)) {
            pen.tick(NumberText.shown(h, 0), across.at(h), bottom + 18, Anchor.MIDDLE);
        }
        pen.words("m high", across.end() + 16, bottom + 18, Anchor.START, Face.TEXT, Role.SLATE);
        List<At> points = path.byHeight().stream()
                .map(f -> new At(across.clamped(f.height()), up.clamped(f.worstDb())))
                .toList();
        pen.path(points, Role.MUSSEL, 3, Dash.SOLID);
        here(pen, up, top, bottom);
    }

    private void here(Pen pen, Axis up, double top, double bottom) {
        double height = brief.near().height().value();
        PathFigures.Over over = path.over();
        boolean bounces = over.counts().bounces();
        Worked ground = bounces ? path.middle() : over.edges();
        double gives = over.counts() == Passage.Ground.NEITHER ? 0 : bounces ? ground.value() : -ground.value();
        double x = across.clamped(height);
        pen.line(x, top, x, bottom, Role.LICHEN, 1.2, Dash.DASHED);
        pen.dot(x, up.clamped(gives), 6, Role.SHEET, Role.LICHEN, 2.5);
        double side = pen.width() - 118;
        pen.words("hung at", side, top + 20, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(
                NumberText.shown(height, 1) + " m",
                side,
                top + 38,
                Anchor.START,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.words(bounces ? "the bounce adds" : "the edges add", side, top + 60, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(
                NumberText.signed(gives, 1) + " dB",
                side,
                top + 78,
                Anchor.START,
                15,
                Face.MONO_BOLD,
                Role.INK,
                Origin.of(ground));
        pen.zone("along:near", x - 16, top, 32, bottom - top, "height, drag along");
    }
}
