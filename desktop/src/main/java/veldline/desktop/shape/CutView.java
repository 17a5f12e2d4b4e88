package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.assess.CutFigures;
import veldline.assess.WideField;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.field.pattern.PlaneCut;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;

/**
 * Any cut through the beam, all the way around, with the parts that turn right and left; the plane is turned on the dial, which is the
 * antenna seen from behind.
 */
final class CutView implements Below.View {
    private static final double SIDE = 236;
    private static final double DIAL = 44;
    private static final double ROW = 29;

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        Optional<WideField> wide = s.assessment().wide(!s.atFar());
        if (wide.isEmpty()) {
            pen.text("Any cut", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
            pen.words("Being solved.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        int read = Math.min(Reading.CUT.count(s) - 1, Reading.CUT.place(s).orElse(0));
        PlaneCut cut = wide.get().cuts().get(read);
        pen.text(name(cut.roll()), 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.SCALE);
        double radius = radius(pen.height());
        double cx = 40 + radius;
        double cy = top + 34 + radius;
        around(pen, wide.get(), cut, cx, cy, radius);
        dial(pen, cut.roll());
        figures(pen, CutFigures.of(cut), cx + radius + 34);
    }

    private static double radius(double height) {
        return (height - ShapeFigures.RULE - 34 - 14) / 2;
    }

    private static String name(int roll) {
        return roll == 0 ? "The level cut" : roll == 90 ? "The upright cut" : "The cut " + roll + "° from level";
    }

    private static void around(Pen pen, WideField wide, PlaneCut cut, double cx, double cy, double radius) {
        // One outer ring for all planes, so that turning the plane does not change the scale.
        double most =
                wide.cuts().stream().mapToDouble(c -> c.strongest().dbi()).max().orElse(0);
        double outer = Math.ceil((most + 0.5) / 2) * 2;
        PolarDrawing.rings(pen, outer, cx, cy, radius);
        List<At> all = turn(cut.gains(), outer, cx, cy, radius);
        pen.area(all, Role.MUSSEL, Hatch.UPRIGHT);
        pen.path(turn(cut.left(), outer, cx, cy, radius), Role.SLATE, 1.2, Dash.DOTTED);
        pen.path(turn(cut.right(), outer, cx, cy, radius), Role.LICHEN, 1.6, Dash.DASHED);
        pen.path(all, Role.MUSSEL, 2.6, Dash.SOLID);
        cut.sideLobe().ifPresent(l -> {
            At at = at(l.degrees(), l.dbi(), outer, cx, cy, radius);
            pen.dot(at.x(), at.y(), 4.5, Role.SHEET, Role.MUSSEL, 2);
        });
        cut.halfPower().ifPresent(span -> {
            for (double deg : new double[] {span.from(), span.to()}) {
                double a = Math.toRadians(deg);
                pen.line(cx, cy, cx + radius * Math.cos(a), cy - radius * Math.sin(a), Role.INK, 1, Dash.DASHED);
            }
        });
        PolarDrawing.scale(pen, outer, cx, cy, radius);
    }

    /** A whole turn of gains as a closed line, the beam to the right, growing angles upward. */
    static List<At> turn(List<Double> gains, double outer, double cx, double cy, double radius) {
        List<At> points = new ArrayList<>(IntStream.range(0, gains.size())
                .mapToObj(deg -> at(deg, gains.get(deg), outer, cx, cy, radius))
                .toList());
        points.add(points.get(0));
        return points;
    }

    private static At at(int deg, double dbi, double outer, double cx, double cy, double radius) {
        double r = radius * PolarDrawing.within(outer, dbi);
        return new At(cx + r * Math.cos(Math.toRadians(deg)), cy - r * Math.sin(Math.toRadians(deg)));
    }

    private static void dial(Pen pen, int roll) {
        double x = dialX(pen.width());
        double y = dialY();
        pen.dot(x, y, DIAL, Role.SHEET, Role.EDGE, 1.2);
        pen.line(x - DIAL, y, x + DIAL, y, Role.SAND, 1);
        pen.line(x, y - DIAL, x, y + DIAL, Role.SAND, 1);
        // Seen from behind, the left hand side of the beam is left.
        double a = Math.toRadians(roll);
        double dx = DIAL * Math.cos(a);
        double dy = DIAL * Math.sin(a);
        pen.line(x + dx, y + dy, x - dx, y - dy, Role.MUSSEL, 3);
        pen.dot(x - dx, y - dy, 5, Role.MUSSEL, Role.SHEET, 1);
        pen.words("seen from behind; turn it", x, y + DIAL + 17, Anchor.MIDDLE, Face.TEXT, Role.SLATE);
        pen.zone(
                Reading.CUT.pick(),
                x - DIAL - 8,
                y - DIAL - 8,
                2 * DIAL + 16,
                2 * DIAL + 16,
                "the plane of the cut; turn it");
    }

    private static double dialX(double width) {
        return width - 96;
    }

    private static double dialY() {
        return ShapeFigures.RULE + 26 + DIAL;
    }

    /** The plane whose line passes nearest. */
    @Override
    public Optional<Integer> placeAt(Showing s, double x, double y, double width, double height) {
        double deg = Math.toDegrees(Math.atan2(dialY() - y, dialX(width) - x));
        return Optional.of(Math.floorMod((int) Math.round(deg / WideField.ROLL), Reading.CUT.count(s)));
    }

    private static void figures(Pen pen, CutFigures f, double left) {
        double y = ShapeFigures.RULE + 44;
        row(pen, Optional.of(f.most()), "most in this cut", left, y);
        row(pen, f.width(), "half-power beamwidth", left, y + ROW);
        row(pen, f.nulls(), "between first nulls", left, y + 2 * ROW);
        row(pen, f.sideLobe(), "side lobe (ring)", left, y + 3 * ROW);
        row(pen, Optional.of(f.frontToBack()), "front to back", left, y + 4 * ROW);
        row(pen, Optional.of(f.frontToRear()), "front to rear", left, y + 5 * ROW);
        double key = pen.width() - SIDE + 62;
        double down = dialY() + DIAL + 44;
        pen.line(key, down - 4, key + 26, down - 4, Role.LICHEN, 1.6, Dash.DASHED);
        pen.words("turning right", key + 34, down, Anchor.START, Face.TEXT, Role.SLATE);
        pen.line(key, down + 14, key + 26, down + 14, Role.SLATE, 1.2, Dash.DOTTED);
        pen.words("turning left", key + 34, down + 18, Anchor.START, Face.TEXT, Role.SLATE);
    }

    private static void row(Pen pen, Optional<Worked> w, String word, double left, double y) {
        pen.text(
                w.map(v -> v.shown().replace(" °", "°")).orElse("none"),
                left,
                y,
                Anchor.START,
                13,
                Face.MONO_BOLD,
                Role.INK,
                w.<Origin>map(Origin::of).orElse(Origin.Plain.NAME));
        pen.words(word, left, y + 14, Anchor.START, Face.TEXT, Role.SLATE);
    }
}
