package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import veldline.assess.AntennaFigures;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/**
 * Both cuts in one figure: the E cut on the upper half, the H cut on the lower, forward to the right as on the line.
 * Rings are true dBi; the centre is 32 dB under the outer one.
 */
final class PolarDrawing {
    private static final double SPAN = 32;

    private PolarDrawing() {}

    static void draw(Pen pen, AntennaFigures f, double cx, double cy, double radius) {
        double outer = outer(f);
        rings(pen, outer, cx, cy, radius);
        lobe(pen, f.eCut(), cx, cy, radius, outer, -1, Role.MUSSEL, Hatch.UPRIGHT, Dash.SOLID);
        lobe(pen, f.hCut(), cx, cy, radius, outer, 1, Role.LICHEN, Hatch.HORIZONTAL, Dash.DASHED);
        pen.line(cx - radius, cy, cx + radius, cy, Role.INK, 1);
        scale(pen, outer, cx, cy, radius);
        double ahead = radius * (1 - (outer - f.gain().value()) / SPAN);
        pen.dot(cx + ahead, cy, 4.5, Role.INK, Role.SHEET, 1);
    }

    /** The round ground of a figure, with rings by tens of true dBi and spokes by thirty degrees. */
    static void rings(Pen pen, double outer, double cx, double cy, double radius) {
        pen.dot(cx, cy, radius, Role.SHEET, Role.EDGE, 1.2);
        for (double ring = Math.floor(outer / 10) * 10; ring > outer - SPAN + 4; ring -= 10) {
            double r = radius * (1 - (outer - ring) / SPAN);
            if (r < radius - 2) {
                circle(pen, cx, cy, r);
            }
        }
        for (int deg = 0; deg < 180; deg += 30) {
            double c = Math.cos(Math.toRadians(deg)) * radius;
            double s = Math.sin(Math.toRadians(deg)) * radius;
            pen.line(cx - c, cy - s, cx + c, cy + s, deg == 0 ? Role.EDGE : Role.SAND, 1);
        }
    }

    /** What each ring stands for. */
    static void scale(Pen pen, double outer, double cx, double cy, double radius) {
        for (double ring = Math.floor(outer / 10) * 10; ring > outer - SPAN + 4; ring -= 10) {
            double r = radius * (1 - (outer - ring) / SPAN);
            String text = NumberText.shown(ring, 0);
            double w = 8.0 * text.length() + 4;
            pen.box(cx - r - w / 2, cy - 8, w, 16, Role.SHEET);
            pen.text(text, cx - r, cy + 4, Anchor.MIDDLE, 12, Face.MONO, Role.INK, Origin.Plain.SCALE);
        }
    }

    /** A ray so many degrees off the beam through both cuts, with a dot where it meets each. */
    static void read(Pen pen, AntennaFigures f, double cx, double cy, double radius, int degrees) {
        double outer = outer(f);
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        for (int side : new int[] {-1, 1}) {
            double dbi = (side < 0 ? f.eCut() : f.hCut()).get(degrees);
            double r = radius * Math.max(0, 1 - (outer - dbi) / SPAN);
            pen.line(cx, cy, cx + radius * c, cy + side * radius * s, Role.INK, 1, Dash.DASHED);
            pen.dot(cx + r * c, cy + side * r * s, 4.5, side < 0 ? Role.MUSSEL : Role.LICHEN, Role.SHEET, 1);
        }
    }

    /** Whole degrees off the beam under a place of the figure. */
    static int degrees(double dx, double dy) {
        return (int) Math.round(Math.toDegrees(Math.abs(Math.atan2(dy, dx))));
    }

    private static double outer(AntennaFigures f) {
        return Math.ceil((f.gain().value() + 0.5) / 2) * 2;
    }

    private static void circle(Pen pen, double cx, double cy, double r) {
        List<At> points = new ArrayList<>();
        for (int deg = 0; deg < 360; deg += 4) {
            points.add(new At(cx + r * Math.cos(Math.toRadians(deg)), cy + r * Math.sin(Math.toRadians(deg))));
        }
        pen.add(new veldline.picture.Mark.Stroke(points, true, Role.SAND, 1, Dash.SOLID));
    }

    /**
     * A cut by whole degrees as places of the figure.
     *
     * @param outer dBi at the outer ring
     * @param side −1 above the middle line, 1 below it
     */
    static List<At> points(List<Double> cut, double outer, double cx, double cy, double radius, int side) {
        List<At> points = new ArrayList<>();
        for (int deg = 0; deg < cut.size(); deg++) {
            double r = radius * within(outer, cut.get(deg));
            points.add(new At(cx + r * Math.cos(Math.toRadians(deg)), cy + side * r * Math.sin(Math.toRadians(deg))));
        }
        return points;
    }

    /** How far out a gain stands, 0 in the middle and 1 at the outer ring. */
    static double within(double outer, double dbi) {
        return Math.max(0, 1 - (outer - dbi) / SPAN);
    }

    private static void lobe(
            Pen pen,
            List<Double> cut,
            double cx,
            double cy,
            double radius,
            double outer,
            int side,
            Role role,
            Hatch hatch,
            Dash dash) {
        List<At> points = points(cut, outer, cx, cy, radius, side);
        List<At> closed = new ArrayList<>(points);
        closed.add(new At(cx, cy));
        pen.area(closed, role, hatch);
        pen.path(points, role, 2.6, dash);
    }
}
