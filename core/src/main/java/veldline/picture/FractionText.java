package veldline.picture;

import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.quantity.InchFraction;

/** Inches with a set fraction: numerator up, a drawn slash, denominator down, both at 72 %. */
public final class FractionText {
    private static final double SIZE = 12;
    private static final double DIGIT = 7.3;
    private static final double SMALL = 0.72;

    private FractionText() {}

    /** Draws it from a point on the baseline. */
    public static void draw(Pen pen, InchFraction f, double x, double y) {
        double at = x;
        if (f.whole() > 0 || f.numerator() == 0) {
            String whole = Integer.toString(f.whole());
            pen.text(whole, at, y, Anchor.START, SIZE, Face.MONO, Role.SLATE, Origin.Plain.TYPED);
            at += DIGIT * whole.length() + 1;
        }
        if (f.numerator() > 0) {
            String top = Integer.toString(f.numerator());
            String bottom = Integer.toString(f.denominator());
            double width = DIGIT * SMALL * top.length();
            pen.text(top, at, y - 3, Anchor.START, SIZE * SMALL, Face.MONO, Role.SLATE, Origin.Plain.TYPED);
            pen.line(at + width, y + 2, at + width + 4, y - 8, Role.SLATE, 1.3);
            pen.text(
                    bottom,
                    at + width + 4.5,
                    y + 2,
                    Anchor.START,
                    SIZE * SMALL,
                    Face.MONO,
                    Role.SLATE,
                    Origin.Plain.TYPED);
        }
    }
}
