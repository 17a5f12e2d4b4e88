package veldline.picture;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;

/** Gathers the marks of a picture. Text without an origin must not carry a value. */
public final class Pen {
    private final double width;
    private final double height;
    private final List<Mark> marks = new ArrayList<>();

    Pen(double width, double height) {
        this.width = width;
        this.height = height;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    public Picture done() {
        return new Picture(width, height, marks);
    }

    public Pen add(Mark mark) {
        marks.add(mark);
        return this;
    }

    /** A whole picture with its corner at a place. */
    public Pen place(Picture picture, double x, double y) {
        picture.marks().forEach(m -> marks.add(m.shifted(x, y)));
        return this;
    }

    public Pen line(double x1, double y1, double x2, double y2, Role role, double w) {
        return line(x1, y1, x2, y2, role, w, Dash.SOLID);
    }

    public Pen line(double x1, double y1, double x2, double y2, Role role, double w, Dash dash) {
        return path(List.of(new At(x1, y1), new At(x2, y2)), role, w, dash);
    }

    public Pen path(List<At> points, Role role, double w, Dash dash) {
        return add(new Mark.Stroke(points, false, role, w, dash));
    }

    public Pen outline(double x, double y, double w, double h, Role role, double stroke) {
        return add(new Mark.Stroke(corners(x, y, w, h), true, role, stroke, Dash.SOLID));
    }

    public Pen box(double x, double y, double w, double h, Role role) {
        return add(new Mark.Area(corners(x, y, w, h), role, Hatch.NONE));
    }

    public Pen hatched(double x, double y, double w, double h, Role role, Hatch hatch) {
        return w > 0 && h > 0 ? add(new Mark.Area(corners(x, y, w, h), role, hatch)) : this;
    }

    public Pen area(List<At> points, Role role, Hatch hatch) {
        return add(new Mark.Area(points, role, hatch));
    }

    public Pen dot(double x, double y, double r, Role fill, Role edge, double w) {
        return add(new Mark.Dot(x, y, r, fill, edge, w));
    }

    public Pen sign(Finding.Level level, double x, double y) {
        return add(new Mark.Sign(level, x, y));
    }

    public Pen zone(String id, double x, double y, double w, double h, String spoken) {
        return add(new Mark.Zone(id, x, y, w, h, spoken));
    }

    /** Words: names and headings. */
    public Pen words(String text, double x, double y, Anchor anchor, Face face, Role role) {
        return text(text, x, y, anchor, 13, face, role, Origin.Plain.NAME);
    }

    /** A tick's number. */
    public Pen tick(String text, double x, double y, Anchor anchor) {
        return text(text, x, y, anchor, 12, Face.MONO, Role.SLATE, Origin.Plain.SCALE);
    }

    /** A worked value with its unit. */
    public Pen value(Worked worked, double x, double y, Anchor anchor, Face face, Role role) {
        return text(worked.shown(), x, y, anchor, 13, face, role, Origin.of(worked));
    }

    public Pen text(String text, double x, double y, Anchor anchor, double size, Face face, Role role, Origin origin) {
        return add(new Mark.Text(text, x, y, anchor, size, face, role, origin));
    }

    private static List<At> corners(double x, double y, double w, double h) {
        return List.of(new At(x, y), new At(x + w, y), new At(x + w, y + h), new At(x, y + h));
    }
}
