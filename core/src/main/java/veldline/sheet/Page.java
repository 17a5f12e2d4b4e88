package veldline.sheet;

import java.util.List;
import veldline.assess.Assessment;
import veldline.explain.Caution;
import veldline.explain.Origin;
import veldline.explain.Program;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Paragraph;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;

/** One page being set from the top down: head, lines, tick boxes, a bar that proves the printer's scale, foot. */
final class Page {
    /** Fifty millimetres in drawing units. */
    static final double BAR = 50 / 25.4 * 96;

    /** Letters of 12-unit text in a line. */
    static final int LINE = 104;

    private final Paper paper;
    private final Pen pen;
    private double y;

    Page(Assessment a, Paper paper, String title) {
        this.paper = paper;
        this.pen = Picture.pen(paper.width(), paper.height());
        this.y = Paper.MARGIN + 18;
        put(title, 0, 18, Face.BOLD, Origin.Plain.NAME);
        pen.text(
                a.job().place() + ", " + a.job().name(),
                right(),
                y,
                Anchor.END,
                13,
                Face.TEXT,
                Role.INK,
                Origin.Plain.TYPED);
        y += 10;
        pen.line(left(), y, right(), y, Role.INK, 2);
        foot();
    }

    private void foot() {
        double at = paper.height() - Paper.MARGIN;
        pen.text(
                Program.NAME + ". Local codes and licensed practice decide.",
                right(),
                at,
                Anchor.END,
                12,
                Face.TEXT,
                Role.INK,
                Origin.Plain.NAME);
        pen.line(left(), at - 4, left() + BAR, at - 4, Role.INK, 2);
        pen.line(left(), at - 10, left(), at + 2, Role.INK, 1.5);
        pen.line(left() + BAR, at - 10, left() + BAR, at + 2, Role.INK, 1.5);
        pen.text(
                "50 mm. If a rule disagrees, print at 100 %.",
                left(), at - 16, Anchor.START, 12, Face.TEXT, Role.INK, Origin.Plain.SCALE);
    }

    Pen pen() {
        return pen;
    }

    double left() {
        return Paper.MARGIN;
    }

    double right() {
        return paper.width() - Paper.MARGIN;
    }

    double y() {
        return y;
    }

    /** How much can still be set over the foot. */
    double roomLeft() {
        return paper.height() - Paper.MARGIN - 40 - y;
    }

    /** Goes to a height on the page. */
    Page to(double at) {
        y = at;
        return this;
    }

    Page down(double by) {
        y += by;
        return this;
    }

    /** A text on the present line, so far in from the left. */
    Page put(String text, double in, double size, Face face, Origin origin) {
        pen.text(text, left() + in, y, Anchor.START, size, face, Role.INK, origin);
        return this;
    }

    /** A text that ends so far in from the left. */
    Page putEnd(String text, double in, double size, Face face, Origin origin) {
        pen.text(text, left() + in, y, Anchor.END, size, face, Role.INK, origin);
        return this;
    }

    Page rule(double width) {
        pen.line(left(), y, right(), y, Role.INK, width);
        return this;
    }

    /** A box to tick, standing on the present line at the right edge or so far in from the left. */
    Page box(double in) {
        pen.outline(left() + in, y - 13, 15, 15, Role.INK, 1.5);
        return this;
    }

    Page dashed() {
        pen.line(left(), y, right(), y, Role.INK, 0.8, Dash.DASHED);
        return this;
    }

    /** Every caution with its box, ticked where the job has it ticked. */
    Page cautions(Assessment a, List<Caution> cautions) {
        down(26).put("What can hurt someone", 0, 15, Face.BOLD, Origin.Plain.NAME);
        for (Caution c : cautions) {
            down(20).box(0).put(c.hazard(), 26, 13, Face.BOLD, Origin.Plain.NAME);
            if (a.job().raise().ticked().contains(c.id())) {
                pen.line(left() + 3, y - 6, left() + 6, y - 2, Role.INK, 2);
                pen.line(left() + 6, y - 2, left() + 12, y - 11, Role.INK, 2);
            }
            for (String line : Paragraph.lines(c.advice(), LINE - 4)) {
                down(16).put(line, 26, 12, Face.TEXT, Origin.Plain.NAME);
            }
        }
        return this;
    }

    Picture done() {
        return pen.done();
    }
}
