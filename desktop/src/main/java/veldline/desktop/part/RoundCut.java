package veldline.desktop.part;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import veldline.explain.Origin;
import veldline.picture.Mark;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** A whole turn in true dBi, ahead to the right, left up; the centre lies 32 dB under the outer ring. */
public final class RoundCut {
    private static final double SPAN = 32;
    private static final double DECADE = 10;

    private RoundCut() {}

    /** The outer ring for gains, so that all of them lie within. */
    public static double outer(List<Double> round) {
        return Math.ceil((round.stream().mapToDouble(g -> g).max().orElse(0) + 0.5) / 2) * 2;
    }

    /**
     * @param round gain at each whole degree from ahead on
     * @param beside another, dashed; may be empty
     * @param outer gain at the outer ring
     */
    public static void draw(
            Pen pen, List<Double> round, List<Double> beside, double outer, double cx, double cy, double radius) {
        pen.dot(cx, cy, radius, Role.SHEET, Role.EDGE, 1.2);
        for (double ring = first(outer); ring > outer - SPAN + 4; ring -= DECADE) {
            double r = radius * (1 - (outer - ring) / SPAN);
            pen.add(new Mark.Stroke(turn(cx, cy, deg -> r), true, Role.SAND, 1, Dash.SOLID));
        }
        pen.line(cx - radius, cy, cx + radius, cy, Role.SAND, 1);
        pen.line(cx, cy - radius, cx, cy + radius, Role.SAND, 1);
        if (!beside.isEmpty()) {
            List<At> other = lobe(beside, outer, cx, cy, radius);
            pen.add(new Mark.Stroke(other, true, Role.LICHEN, 2.2, Dash.DASHED));
        }
        List<At> lobe = lobe(round, outer, cx, cy, radius);
        pen.area(lobe, Role.MUSSEL, Hatch.UPRIGHT);
        pen.add(new Mark.Stroke(lobe, true, Role.MUSSEL, 2.6, Dash.SOLID));
        for (double ring = first(outer); ring > outer - SPAN + 4; ring -= DECADE) {
            double y = cy + radius * (1 - (outer - ring) / SPAN);
            if (y > cy + radius - 14) {
                continue;
            }
            String text = NumberText.shown(ring, 0);
            double w = 8.0 * text.length() + 4;
            pen.box(cx - w / 2, y - 8, w, 16, Role.SHEET);
            pen.text(text, cx, y + 4, Anchor.MIDDLE, 12, Face.MONO, Role.INK, Origin.Plain.SCALE);
        }
        pen.words("dBi", cx + radius, cy + radius, Anchor.END, Face.TEXT, Role.SLATE);
    }

    private static double first(double outer) {
        return Math.floor(outer / DECADE) * DECADE;
    }

    private static List<At> lobe(List<Double> round, double outer, double cx, double cy, double radius) {
        return turn(cx, cy, deg -> radius * Math.max(0, 1 - (outer - round.get(deg)) / SPAN));
    }

    private static List<At> turn(double cx, double cy, IntToDoubleFunction reach) {
        List<At> points = new ArrayList<>();
        for (int deg = 0; deg < 360; deg++) {
            double r = reach.applyAsDouble(deg);
            points.add(new At(cx + r * Math.cos(Math.toRadians(deg)), cy - r * Math.sin(Math.toRadians(deg))));
        }
        return points;
    }
}
