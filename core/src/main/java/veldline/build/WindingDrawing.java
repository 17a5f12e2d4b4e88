package veldline.build;

import java.util.List;
import veldline.line.WoundTransformer;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;

/** A ring from above with every turn on it, as it is wound: the fewer turns beside the first of the others, and where each end goes. */
public final class WindingDrawing {
    /** The gap that both ends of a winding are kept apart by, of a whole turn. */
    private static final double FREE = 0.17;

    private static final double OVER = 3;
    /** From the middle of one word below to the next. */
    private static final double APART = 46;

    private final WoundTransformer of;
    private final Pen pen;
    private final double x;
    private final double y;
    private final double outer;

    /**
     * @param x middle of the ring, in drawing units
     * @param y likewise
     * @param outer its radius
     */
    public WindingDrawing(WoundTransformer of, Pen pen, double x, double y, double outer) {
        this.of = of;
        this.pen = pen;
        this.x = x;
        this.y = y;
        this.outer = outer;
    }

    /** Draws it, three words under it. */
    public void draw() {
        double inner = outer * of.ring().inner() / of.ring().outer();
        pen.dot(x, y, outer, Role.SAND, Role.INK, 1.5);
        pen.dot(x, y, inner, Role.SHEET, Role.INK, 1.5);
        int most = Math.max(of.atLine(), of.atLoad());
        int few = Math.min(of.atLine(), of.atLoad());
        boolean up = of.atLoad() >= of.atLine();
        double step = 2 * Math.PI * (1 - FREE) / most;
        for (int i = 0; i < most; i++) {
            turn(angle(i, step), inner, up ? Role.MUSSEL : Role.LICHEN);
        }
        for (int i = 0; i < few; i++) {
            turn(angle(i, step) + step / 3, inner, up ? Role.LICHEN : Role.MUSSEL);
        }
        lead(angle(few - 1, step) + step / 3, up ? Role.LICHEN : Role.MUSSEL, up ? "cable" : "antenna", -1);
        lead(angle(0, step), Role.INK, "screen", 0);
        lead(angle(most - 1, step), up ? Role.MUSSEL : Role.LICHEN, up ? "antenna" : "cable", 1);
    }

    /** From the bottom on, against the clock's hands as seen from above. */
    private static double angle(int turn, double step) {
        return Math.PI / 2 + Math.PI * FREE + turn * step;
    }

    private At at(double angle, double radius) {
        return new At(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
    }

    private void turn(double angle, double inner, Role role) {
        pen.path(List.of(at(angle, inner - OVER), at(angle, outer + OVER)), role, 2.5, Dash.SOLID);
    }

    /** Out past the ring and down to its word, which stand side by side below. */
    private void lead(double angle, Role role, String where, int place) {
        double down = y + outer + 3 * OVER;
        double across = x + place * APART;
        double side = place < 0 ? x - outer - 2 * OVER : across;
        pen.path(
                place < 0
                        ? List.of(
                                at(angle, outer + OVER),
                                new At(side, at(angle, outer).y()),
                                new At(side, down))
                        : List.of(at(angle, outer + OVER), new At(across, down)),
                role,
                2,
                Dash.SOLID);
        pen.words(where, across, down + 13, Anchor.MIDDLE, Face.TEXT, Role.INK);
    }
}
