package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.WideField;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.field.wire.Ground;
import veldline.link.End;
import veldline.path.FreeSpace;
import veldline.path.Surface;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The pattern up and down over flat ground at a height that is walked: lobes that split as it rises, over the one it has in the open. */
final class GroundView implements Below.View {
    private static final double SIDE = 210;
    /** Points of a curve over the heights. */
    private static final int STEPS = 160;

    /** Heights that are walked, in waves. */
    private static final double[] WAVES = {
        0.25, 0.35, 0.5, 0.7, 1, 1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 23, 32, 45, 64, 90, 128
    };

    /** How many heights there are. */
    static int heights() {
        return WAVES.length;
    }

    private static double height(Showing s) {
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        return Reading.HEIGHT
                .place(s)
                .filter(i -> i < WAVES.length)
                .map(i -> WAVES[i] * wave)
                .orElse(end(s).height().value());
    }

    private static End end(Showing s) {
        return s.atFar() ? s.job().brief().far() : s.job().brief().near();
    }

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text(
                "Up and down, over flat ground",
                18,
                top + 20,
                Anchor.START,
                15,
                Face.BOLD,
                Role.INK,
                Origin.Plain.NAME);
        Optional<WideField> wide = s.assessment().wide(!s.atFar());
        if (wide.isEmpty()) {
            pen.words("Being solved.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        Surface surface = s.job().brief().surface();
        Ground ground = Ground.real(surface.permittivity(), surface.conductivity());
        double f = s.job().brief().frequency().value();
        double height = height(s);
        List<Double> over = new ArrayList<>();
        List<Double> open = new ArrayList<>();
        for (int deg = 0; deg <= 90; deg++) {
            over.add(wide.get().overGroundDbi(deg, height, ground, f));
            open.add(20 * Math.log10(Math.max(1e-9, power(wide.get(), deg))));
        }
        double outer = Math.ceil(over.stream().mapToDouble(g -> g).max().orElse(10) / 2) * 2;
        double bottom = pen.height() - 24;
        double radius = Math.min(bottom - top - 40, pen.width() - SIDE - 90);
        double cx = 56;
        for (double ring = Math.floor(outer / 10) * 10; PolarDrawing.within(outer, ring) > 0.1; ring -= 10) {
            arc(pen, cx, bottom, radius * PolarDrawing.within(outer, ring));
            pen.tick(
                    NumberText.shown(ring, 0),
                    cx + radius * PolarDrawing.within(outer, ring),
                    bottom + 15,
                    Anchor.MIDDLE);
        }
        pen.hatched(cx - 20, bottom, radius + 30, 7, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.path(PolarDrawing.points(open, outer, cx, bottom, radius, -1), Role.SLATE, 1.4, Dash.DASHED);
        List<At> lobes = PolarDrawing.points(over, outer, cx, bottom, radius, -1);
        List<At> closed = new ArrayList<>(lobes);
        closed.add(new At(cx, bottom));
        pen.area(closed, Role.MUSSEL, Hatch.UPRIGHT);
        pen.path(lobes, Role.MUSSEL, 2.6, Dash.SOLID);
        against(pen, wide.get(), height, ground, f, cx + radius + 70, top, bottom);
        int best = 0;
        for (int deg = 1; deg < over.size(); deg++) {
            best = over.get(deg) > over.get(best) ? deg : best;
        }
        side(
                pen,
                best,
                wide.get().overGround(best, height, ground, f),
                wide.get().overGround(1, height, ground, f),
                height,
                surface);
    }

    private static double power(WideField w, int deg) {
        WideField.Ray r = w.ahead().get(deg);
        return Math.hypot(r.upright().norm(), r.flat().norm());
    }

    private static void arc(Pen pen, double cx, double cy, double r) {
        List<At> points = new ArrayList<>();
        for (int deg = 0; deg <= 90; deg += 3) {
            points.add(new At(cx + r * Math.cos(Math.toRadians(deg)), cy - r * Math.sin(Math.toRadians(deg))));
        }
        pen.path(points, Role.SAND, 1, Dash.SOLID);
    }

    private static Axis scale(double from, double pictureWidth) {
        return new Axis(Math.log(WAVES[0]), Math.log(WAVES[WAVES.length - 1]), from, pictureWidth - SIDE + 30);
    }

    /** Where the heights begin in a picture of a size. */
    private static double from(double pictureWidth, double pictureHeight) {
        double bottom = pictureHeight - 24;
        return 56 + Math.min(bottom - ShapeFigures.RULE - 40, pictureWidth - SIDE - 90) + 70;
    }

    @Override
    public Optional<Integer> placeAt(Showing s, double x, double y, double pictureWidth, double pictureHeight) {
        double waves =
                Math.exp(scale(from(pictureWidth, pictureHeight), pictureWidth).value(x));
        int nearest = 0;
        for (int i = 1; i < WAVES.length; i++) {
            nearest = Math.abs(Math.log(WAVES[i] / waves)) < Math.abs(Math.log(WAVES[nearest] / waves)) ? i : nearest;
        }
        return Optional.of(nearest);
    }

    /** Gain at one degree up and at ten against the height, on a scale of doublings. */
    private static void against(
            Pen pen, WideField wide, double height, Ground ground, double f, double from, double top, double bottom) {
        double wave = FreeSpace.wavelength(f);
        Axis x = scale(from, pen.width());
        List<At> low = new ArrayList<>();
        List<At> steep = new ArrayList<>();
        Axis y = new Axis(-30, 30, bottom, top + 40);
        for (int i = 0; i <= STEPS; i++) {
            double log = x.from() + (x.to() - x.from()) * i / STEPS;
            double metres = Math.exp(log) * wave;
            low.add(new At(x.at(log), y.clamped(wide.overGroundDbi(1, metres, ground, f))));
            steep.add(new At(x.at(log), y.clamped(wide.overGroundDbi(10, metres, ground, f))));
        }
        for (int dbi = -20; dbi <= 20; dbi += 20) {
            pen.line(x.at(x.from()), y.at(dbi), x.at(x.to()), y.at(dbi), Role.SAND, 1);
            pen.tick(NumberText.shown(dbi, 0), from - 6, y.at(dbi) + 4, Anchor.END);
        }
        pen.path(steep, Role.SLATE, 1.2, Dash.DASHED);
        pen.path(low, Role.MUSSEL, 2.6, Dash.SOLID);
        for (double w : new double[] {0.5, 2, 8, 32, 128}) {
            pen.tick(NumberText.shown(w, w < 1 ? 1 : 0) + " λ", x.at(Math.log(w)), bottom + 15, Anchor.MIDDLE);
        }
        pen.words("1° up", x.at(x.from()) + 4, top + 38, Anchor.START, Face.BOLD, Role.MUSSEL);
        pen.words("10° up, dashed", x.at(x.from()) + 50, top + 38, Anchor.START, Face.TEXT, Role.SLATE);
        double at = x.clamped(Math.log(height / wave));
        pen.line(at, top + 44, at, bottom, Role.LICHEN, 1.5, Dash.DASHED);
        pen.dot(at, y.clamped(wide.overGroundDbi(1, height, ground, f)), 6, Role.LICHEN, Role.SHEET, 1.5);
        pen.zone(
                Reading.HEIGHT.pick(),
                x.at(x.from()),
                top + 30,
                x.at(x.to()) - x.at(x.from()),
                bottom - top - 30,
                "gain against height; drag it");
    }

    private static void side(Pen pen, int best, Worked most, Worked low, double height, Surface surface) {
        double left = pen.width() - SIDE + 50;
        double y = ShapeFigures.RULE + 44;
        pen.text(
                NumberText.shown(height, height < 10 ? 2 : 1) + " m up",
                left,
                y,
                Anchor.START,
                13,
                Face.BOLD,
                Role.LICHEN,
                Origin.Plain.SCALE);
        pen.words("over " + surface.words(), left, y + 17, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(most.shown(), left, y + 42, Anchor.START, 15, Face.MONO_BOLD, Role.INK, Origin.of(most));
        pen.text(
                "at " + best + "° up, the most",
                left,
                y + 59,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.SCALE);
        pen.text(low.shown(), left, y + 84, Anchor.START, 13, Face.MONO, Role.INK, Origin.of(low));
        pen.text("at 1° up", left, y + 101, Anchor.START, 12, Face.TEXT, Role.SLATE, Origin.Plain.SCALE);
        pen.words("dashed: in the open", left, y + 128, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("The line counts the", left, y + 148, Anchor.START, Face.TEXT, Role.SLATE);
        pen.words("bounce on its own way.", left, y + 163, Anchor.START, Face.TEXT, Role.SLATE);
    }
}
