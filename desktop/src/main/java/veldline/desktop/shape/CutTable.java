package veldline.desktop.shape;

import java.util.List;
import veldline.build.Cut;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** What to cut, in as many columns as it takes. */
final class CutTable {
    private static final double ROW = 17;
    /** How wide a letter is at most on average. */
    private static final double LETTER = 6.2;

    private CutTable() {}

    static void draw(Pen pen, List<Cut> cuts, double left) {
        double y = ShapeFigures.RULE + 142;
        pen.text("To cut", left, y, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words("mm, along the wire", left + 62, y, Anchor.START, Face.TEXT, Role.SLATE);
        int rows = Math.max(1, (int) ((pen.height() - y - 22) / ROW) + 1);
        int columns = cuts.size() <= rows ? 1 : cuts.size() <= 2 * rows ? 2 : 3;
        double column = (pen.width() - 10 - left) / columns;
        int letters = (int) ((column - 54) / LETTER);
        for (int i = 0; i < Math.min(cuts.size(), columns * rows); i++) {
            double x = left + i / rows * column;
            double rowY = y + 20 + i % rows * ROW;
            Cut c = cuts.get(i);
            String name = (c.count() > 1 ? c.count() + " × " : "") + c.name();
            pen.text(
                    name.length() <= letters ? name : name.substring(0, Math.max(1, letters - 1)) + ".",
                    x,
                    rowY,
                    Anchor.START,
                    12,
                    Face.TEXT,
                    Role.INK,
                    Origin.Plain.NAME);
            pen.text(
                    NumberText.shown(c.length() * 1000, 1),
                    x + column - 14,
                    rowY,
                    Anchor.END,
                    12,
                    Face.MONO,
                    Role.INK,
                    Origin.Plain.TYPED);
        }
    }
}
