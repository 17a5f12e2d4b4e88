package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.picture.Mark.At;

/** How patches lie on their ground. */
final class PatchDrawing {
    /** Of the ground beyond the outermost patches, in patches. */
    private static final double ROUND = 0.9;

    private PatchDrawing() {}

    /** The ground along the field, metres. */
    static double high(ApertureDesign d) {
        return (d.count(PatchPanel.ROWS) - 1) * d.size(PatchPanel.PITCH_ALONG)
                + (1 + ROUND) * d.size(PatchPanel.LENGTH);
    }

    /** The ground across it. */
    static double wide(ApertureDesign d) {
        return (d.count(PatchPanel.COLUMNS) - 1) * d.size(PatchPanel.PITCH_ACROSS) + (1 + ROUND) * PatchPanel.width(d);
    }

    static Sketch of(ApertureDesign d) {
        double l = d.size(PatchPanel.LENGTH);
        double w = PatchPanel.width(d);
        double c = PatchPanel.turns(d)
                ? Math.min(PatchPanel.CUT_MOST * l, d.size(PatchPanel.CORNERS))
                        * (d.count(PatchPanel.TURNS) == 1 ? 1 : -1)
                : 0;
        int rows = d.count(PatchPanel.ROWS);
        int columns = d.count(PatchPanel.COLUMNS);
        double high = high(d);
        double wide = wide(d);
        double t = d.size(PatchPanel.THICK);
        List<Line> side = new ArrayList<>(List.of(
                Line.metal(new At(0, -high / 2), new At(0, high / 2)), Line.box(Kind.OTHER, t / 2, 0, t, high)));
        List<Line> front = new ArrayList<>(List.of(Line.box(Kind.OTHER, 0, 0, wide, high)));
        for (int i = 0; i < rows; i++) {
            double y = (i - (rows - 1) / 2.0) * d.size(PatchPanel.PITCH_ALONG);
            side.add(Line.metal(new At(t, y - l / 2), new At(t, y + l / 2)));
            side.add(Line.feed(
                    new At(-0.15 * l, y - l / 2 + d.size(PatchPanel.INSET)),
                    new At(t, y - l / 2 + d.size(PatchPanel.INSET))));
            for (int k = 0; k < columns; k++) {
                front.add(cornered((k - (columns - 1) / 2.0) * d.size(PatchPanel.PITCH_ACROSS), y, w / 2, l / 2, c));
            }
        }
        return new Sketch(side, front);
    }

    /** A patch with two corners across from each other cut off, those one way or, under zero, those the other. */
    private static Line cornered(double x, double y, double w, double l, double c) {
        double one = Math.max(0, c);
        double other = Math.max(0, -c);
        return Line.metal(
                new At(x - w + one, y - l),
                new At(x + w - other, y - l),
                new At(x + w, y - l + other),
                new At(x + w, y + l - one),
                new At(x + w - one, y + l),
                new At(x - w + other, y + l),
                new At(x - w, y + l - other),
                new At(x - w, y - l + one),
                new At(x - w + one, y - l));
    }
}
