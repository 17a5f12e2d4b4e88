package veldline.desktop.feedrun;

import java.util.List;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Role;

/** A sentence in lines. */
final class Lines {
    /** A letter of the text face. */
    private static final double WIDE = 5.9;

    private static final double LINE = 15;

    private Lines() {}

    /** From left to right and so many lines down; one line stands where the first and second of two would meet. */
    static void draw(Pen pen, String words, double left, double from, double right, int most) {
        List<String> lines = Paragraph.lines(Paragraph.capital(words), (int) ((right - left) / WIDE));
        double y = lines.size() == 1 ? from + LINE / 2 : from;
        for (int i = 0; i < Math.min(most, lines.size()); i++) {
            pen.words(lines.get(i), left, y + i * LINE, Anchor.START, Face.TEXT, Role.SLATE);
        }
    }
}
