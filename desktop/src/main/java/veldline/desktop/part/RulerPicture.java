package veldline.desktop.part;

import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** A value between its limits: ink where allowed, hatch where not, a post for the value. */
final class RulerPicture {
    static final double HEIGHT = 40;
    /** Beside the outermost of value and limits, of the way between them. */
    private static final double AROUND = 0.1;

    private RulerPicture() {}

    static Picture of(Finding.Ruler r, Origin origin, double width) {
        double low = r.low().orElse(Math.min(r.value(), r.high().orElse(r.value())));
        double high = r.high().orElse(Math.max(r.value(), r.low().orElse(r.value())));
        double span = Math.max(high, r.value()) - Math.min(low, r.value());
        // A limit far from the value keeps room for its own number.
        double room = Math.max(
                Math.max(0.35 * Math.max(high - low, 1e-9), AROUND * span),
                0.05 * Math.max(Math.abs(low), Math.abs(high)) + 0.05);
        Axis x = new Axis(Math.min(low, r.value()) - room, Math.max(high, r.value()) + room, 6, width - 6);
        Pen pen = Picture.pen(width, HEIGHT);
        double y = 14;
        double from = r.low().map(x::at).orElse(6.0);
        double to = r.high().map(x::at).orElse(width - 6);
        pen.hatched(6, y - 4, from - 6, 8, Role.THRIFT, Mark.Hatch.DIAGONAL);
        pen.hatched(to, y - 4, width - 6 - to, 8, Role.THRIFT, Mark.Hatch.DIAGONAL);
        pen.line(from, y, to, y, Role.INK, 3);
        r.low().ifPresent(v -> limit(pen, x.at(v), y, v, r.decimals()));
        r.high().ifPresent(v -> limit(pen, x.at(v), y, v, r.decimals()));
        double at = x.at(r.value());
        pen.line(at, y - 10, at, y + 10, Role.MUSSEL, 3);
        pen.dot(at, y, 4.5, Role.MUSSEL, Role.SHEET, 1);
        return pen.done();
    }

    private static void limit(Pen pen, double x, double y, double value, int decimals) {
        pen.line(x, y - 8, x, y + 8, Role.THRIFT, 2);
        pen.text(
                NumberText.shown(value, decimals),
                x,
                y + 24,
                Mark.Anchor.MIDDLE,
                12,
                Mark.Face.MONO,
                Role.SLATE,
                Origin.Plain.SCALE);
    }

    static Origin origin(Finding f) {
        return f.worked().<Origin>map((Worked w) -> Origin.of(w)).orElse(Origin.Plain.NAME);
    }
}
