package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import veldline.assess.RouteRules;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.raise.CableRoute;

/** The cable from the antenna to the radio, seen from the side and to scale; the loop is dragged. */
final class RoutePicture {
    static final List<String> PIECES = List.of("down the mast", "along to the wall", "drip loop", "inside");
    private static final double TOP = 84;
    private static final double FOOT = 40;
    private static final double WALL = 26;

    private final Showing s;
    private final CableRoute r;
    private final Pen pen;
    private final double scale;
    private final double entryX;
    private final double entryY;

    RoutePicture(Showing s, double width, double height) {
        this.s = s;
        this.r = s.job().raise().route();
        this.pen = Picture.pen(width, height);
        double tall = r.down().value() + Math.max(0.4, 2 * r.loop().value());
        double wide = r.along().value() + r.inside().value() + 1;
        this.scale = Math.min((height - TOP - FOOT) / tall, (width - 220) / wide);
        this.entryY = TOP + scale * r.down().value();
        this.entryX = width / 2 + scale * (r.along().value() - r.inside().value()) / 2;
    }

    /** Metres of loop where it hangs down to a place, to a centimetre. */
    double loopAt(double y) {
        return Math.max(0, Math.min(2, Math.round(100 * (y - entryY) / scale) / 100.0));
    }

    private int chosen() {
        return s.pickedIndex(Step.RAISE, 2, PIECES.size());
    }

    Picture draw() {
        Worked needs = RouteRules.length(r);
        pen.text(needs.shown(), 18, 48, Anchor.START, 34, Face.MONO_BOLD, Role.INK, Origin.of(needs));
        pen.words("the way takes", 18, 70, Anchor.START, Face.TEXT, Role.SLATE);
        String there = NumberText.shown(RouteRules.there(s.job()), 1);
        pen.text(there + " m", pen.width() - 18, 48, Anchor.END, 34, Face.MONO_BOLD, Role.INK, Origin.Plain.TYPED);
        pen.words("of cable are in the run", pen.width() - 18, 70, Anchor.END, Face.TEXT, Role.SLATE);
        wall();
        cable();
        return pen.done();
    }

    private void wall() {
        double mast = entryX - scale * r.along().value();
        pen.line(mast, TOP - 6, mast, pen.height() - 14, Role.EDGE, 5);
        pen.hatched(entryX, TOP, WALL, pen.height() - TOP - 14, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.line(entryX, TOP, entryX, pen.height() - 14, Role.INK, 1.5);
        pen.line(entryX + WALL, TOP, entryX + WALL, pen.height() - 14, Role.INK, 1.5);
    }

    private void cable() {
        double mast = entryX - scale * r.along().value();
        double low = entryY + scale * r.loop().value();
        double inside = entryX + WALL + scale * r.inside().value();
        List<At> loop = new ArrayList<>();
        double from =
                Math.max(mast + 4, entryX - Math.max(16, 2 * scale * r.bend().value()));
        for (int i = 0; i <= 24; i++) {
            double t = Math.PI * i / 24;
            loop.add(new At(from + (entryX - from) * (1 - Math.cos(t)) / 2, entryY + (low - entryY) * Math.sin(t)));
        }
        piece(
                0,
                List.of(new At(mast + 5, TOP + 8), new At(mast + 5, entryY - 3)),
                mast - 14,
                (TOP + entryY) / 2,
                Anchor.END,
                r.down());
        piece(
                1,
                List.of(new At(mast + 5, entryY - 3), new At(from, entryY)),
                mast - 14,
                entryY + 22,
                Anchor.END,
                r.along());
        piece(2, loop, entryX + WALL + 14, Math.max(entryY + 56, low + 6), Anchor.START, r.loop());
        piece(
                3,
                List.of(new At(entryX, entryY), new At(inside, entryY)),
                Math.min(inside, entryX + WALL + 14),
                entryY - 14,
                Anchor.START,
                r.inside());
        clips(mast + 5);
        pen.dot(mast + 5, TOP, 9, Role.MUSSEL, Role.INK, 2);
        pen.box(inside, entryY - 13, 34, 26, Role.SHEET);
        pen.outline(inside, entryY - 13, 34, 26, Role.INK, 2);
        pen.words("radio", inside + 17, entryY + 32, Anchor.MIDDLE, Face.TEXT, Role.SLATE);
        pen.dot((from + entryX) / 2, low, 6, Role.SHEET, Role.MUSSEL, 2.5);
        pen.zone("loop", (from + entryX) / 2 - 14, low - 14, 28, 28, "drip loop, drag down from the entry");
    }

    private void piece(int i, List<At> way, double x, double y, Anchor anchor, Quantity length) {
        boolean on = i == chosen();
        pen.path(way, on ? Role.MUSSEL : Role.INK, on ? 5 : 3, Dash.SOLID);
        pen.text(
                on ? PIECES.get(i) + " " + length : length.toString(),
                x,
                y,
                anchor,
                13,
                on ? Face.BOLD : Face.TEXT,
                Role.INK,
                Origin.Plain.TYPED);
        double left = way.stream().mapToDouble(At::x).min().orElseThrow();
        double top = way.stream().mapToDouble(At::y).min().orElseThrow();
        double right = way.stream().mapToDouble(At::x).max().orElseThrow();
        double low = way.stream().mapToDouble(At::y).max().orElseThrow();
        pen.zone("piece:" + i, left - 6, top - 6, right - left + 12, low - top + 12, PIECES.get(i));
    }

    /** Ticks across the mast where it is clipped. */
    private void clips(double x) {
        double every = scale * r.clips().value();
        if (every < 3) {
            return;
        }
        for (double y = TOP + 8 + every / 2; y < entryY - 6; y += every) {
            pen.line(x - 9, y, x + 6, y, Role.INK, 2);
        }
    }
}
