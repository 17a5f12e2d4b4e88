package veldline.desktop.shape;

import veldline.assess.OpeningLook;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** From what an opening could have down to its gain: each loss a stair, as wide as it is great, with its own sum behind its number. */
final class LossStairs {
    private static final double NAMES = 128;
    private static final double NUMBERS = 52;
    private static final double MOST_ROW = 25;

    private final OpeningLook look;
    private final Pen pen;
    private final double left;

    LossStairs(OpeningLook look, Pen pen, double left) {
        this.look = look;
        this.pen = pen;
        this.left = left;
    }

    void draw() {
        double top = ShapeFigures.RULE;
        pen.text("What its gain loses", left, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        int rows = look.losses().size() + 2;
        double row = Math.min(MOST_ROW, (pen.height() - top - 36) / rows);
        double right = pen.width() - 14;
        double gain = look.figures().gain().value();
        double most = look.ceiling().value();
        Axis axis = new Axis(gain - 0.15 * (most - gain) - 0.3, most, left + NAMES, right - NUMBERS);
        double y = top + 30;
        stair("could have", look.ceiling(), axis.start(), axis.at(most), y, row, Role.INK, Hatch.NONE);
        double level = most;
        for (Worked loss : look.losses()) {
            y += row;
            double next = level - loss.value();
            pen.line(axis.at(level), y - 0.3 * row, axis.at(level), y + 0.2 * row, Role.EDGE, 1, Dash.DOTTED);
            stair(name(loss), loss, axis.at(next), axis.at(level), y, row, Role.THRIFT, Hatch.DIAGONAL);
            level = next;
        }
        y += row;
        pen.line(axis.at(level), y - 0.3 * row, axis.at(level), y + 0.2 * row, Role.EDGE, 1, Dash.DOTTED);
        stair("has", look.figures().gain(), axis.start(), axis.at(gain), y, row, Role.MUSSEL, Hatch.NONE);
    }

    private static String name(Worked loss) {
        String name = loss.formula().name();
        return name.startsWith("Lost ") ? name.substring("Lost ".length()) : name.toLowerCase(java.util.Locale.ROOT);
    }

    private void stair(String name, Worked w, double from, double to, double y, double row, Role role, Hatch hatch) {
        double high = Math.min(13, row - 7);
        double wide = Math.max(1, to - from);
        boolean whole = hatch == Hatch.NONE;
        pen.text(name, left, y + 12, Anchor.START, 12, whole ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.NAME);
        if (whole) {
            pen.box(from, y + 2, wide, high, role);
        } else {
            pen.hatched(from, y + 2, wide, high, role, hatch);
            pen.outline(from, y + 2, wide, high, role, 1.2);
        }
        pen.text(
                whole ? NumberText.shown(w.value(), 1) : "−" + NumberText.shown(w.value(), 2),
                pen.width() - 14,
                y + 12,
                Anchor.END,
                12.5,
                whole ? Face.MONO_BOLD : Face.MONO,
                Role.INK,
                Origin.of(w));
    }
}
