package veldline.build;

import java.util.List;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** The feed point drawn large: how far each layer of the cable is stripped, and what slides on before it is joined. */
public final class FeedPoint {
    public static final double HEIGHT = 150;
    /** Jacket off, braid gathered, inner bare: millimetres for cable of 5 to 6 mm. */
    private static final int JACKET = 22;

    private static final int BRAID = 18;
    private static final int INNER = 6;

    private FeedPoint() {}

    /** What slides onto the cable first, in order. */
    static List<String> first(boolean balanced) {
        return balanced
                ? List.of("the choke's ferrites", "the lid's gland", "heat-shrink sleeve")
                : List.of("the gland", "heat-shrink sleeve");
    }

    /** @param balanced whether both sides are alike, and a choke belongs there */
    public static Picture draw(boolean balanced, double width) {
        Pen pen = Picture.pen(width, HEIGHT);
        double y = 64;
        double perMm = 6;
        double end = 40 + perMm * (JACKET + 34);
        double jacket = end - perMm * JACKET;
        pen.box(40, y - 17, jacket - 40, 34, Role.SAND);
        pen.outline(40, y - 17, jacket - 40, 34, Role.INK, 1.5);
        pen.hatched(jacket, y - 13, perMm * (JACKET - BRAID), 26, Role.INK, Hatch.DIAGONAL);
        pen.outline(jacket, y - 13, perMm * (JACKET - BRAID), 26, Role.INK, 1.5);
        double inside = jacket + perMm * (JACKET - BRAID);
        pen.outline(inside, y - 9, perMm * (BRAID - INNER), 18, Role.INK, 1.5);
        double bare = inside + perMm * (BRAID - INNER);
        pen.line(bare, y, end, y, Role.INK, 4);
        // The braid gathered to one side.
        pen.line(inside, y + 13, inside + 40, y + 40, Role.INK, 3);
        pen.line(inside + 40, y + 40, end, y + 40, Role.INK, 3);
        span(pen, jacket, end, y - 34, JACKET + " mm jacket off");
        span(pen, bare, end, y - 18, INNER + " mm bare");
        pen.words("inner conductor: one side", end + 12, y + 4, Anchor.START, Face.TEXT, Role.INK);
        pen.words(
                balanced ? "braid, gathered: the other side" : "braid, gathered: radials, plate or counterpoise",
                end + 12,
                y + 44,
                Anchor.START,
                Face.TEXT,
                Role.INK);
        double at = 60;
        for (String what : first(balanced)) {
            pen.outline(at, y - 24, 24, 48, Role.INK, 2);
            at += 34;
        }
        pen.words(
                "slid on first, from the left: " + String.join(", ", first(balanced)),
                40,
                HEIGHT - 14,
                Anchor.START,
                Face.TEXT,
                Role.INK);
        return pen.done();
    }

    private static void span(Pen pen, double from, double to, double y, String text) {
        pen.line(from, y, to, y, Role.INK, 1);
        pen.line(from, y - 4, from, y + 4, Role.INK, 1);
        pen.line(to, y - 4, to, y + 4, Role.INK, 1);
        pen.text(text, to + 8, y + 4, Anchor.START, 12, Face.MONO, Role.INK, Origin.Plain.SCALE);
        pen.line(from, y, from, y + 16, Role.EDGE, 0.8, Dash.DOTTED);
    }
}
