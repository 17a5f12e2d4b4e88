package veldline.desktop.shape;

import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** A length of one, two or five at the scale of a drawing, in its upper right corner. */
final class ScaleBar {
    /** The longest there is room for. */
    private static final double LONGEST = 120;

    private ScaleBar() {}

    static void draw(Pen pen, double perMetre) {
        double ten = Math.pow(10, Math.floor(Math.log10(LONGEST / perMetre)));
        double metres = ten * (5 * ten * perMetre <= LONGEST ? 5 : 2 * ten * perMetre <= LONGEST ? 2 : 1);
        double w = metres * perMetre;
        double x = pen.width() - 18 - w;
        String text = metres < 1 ? NumberText.shown(metres * 1000, 0) + " mm" : NumberText.shown(metres, 0) + " m";
        pen.text(text, x + w / 2, 15, Anchor.MIDDLE, 12, Face.MONO, Role.INK, Origin.Plain.SCALE);
        pen.line(x, 21, x + w, 21, Role.INK, 1.5);
        pen.line(x, 17, x, 25, Role.INK, 1.5);
        pen.line(x + w, 17, x + w, 25, Role.INK, 1.5);
    }
}
