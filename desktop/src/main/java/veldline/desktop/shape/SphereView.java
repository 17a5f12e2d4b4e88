package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Readout;
import veldline.assess.WideField;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/**
 * The whole sphere as a relief: a line for every five degrees of elevation, straight up at the top, all around from left to right with
 * the beam in the middle, each line as high as the gain there. Lines in front hide those behind.
 */
final class SphereView implements Below.View {
    /** What lies so far under the strongest is flat ground, dB. */
    private static final double SPAN = 24;

    private static final double TALL = 66;
    private static final double SIDE = 172;

    @Override
    public void draw(Showing s, Pen pen) {
        double top = ShapeFigures.RULE;
        pen.text("Everywhere around it", 18, top + 20, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        Optional<WideField> wide = s.assessment().wide(!s.atFar());
        if (wide.isEmpty()) {
            pen.words("Being solved.", 18, top + 44, Anchor.START, Face.TEXT, Role.SLATE);
            return;
        }
        List<List<Double>> gains = wide.get().gains();
        int read = Math.min(gains.size() - 1, Reading.SPHERE.place(s).orElse(gains.size() / 2));
        double most =
                gains.stream().flatMap(List::stream).mapToDouble(g -> g).max().orElse(0);
        Axis x = new Axis(-180, 180, 60, pen.width() - SIDE - 18);
        double first = top + 30 + TALL;
        double step = (pen.height() - 30 - first) / (gains.size() - 1);
        for (int line = 0; line < gains.size(); line++) {
            double base = first + line * step;
            List<At> points = points(gains.get(line), x, base, most);
            List<At> closed = new ArrayList<>(points);
            closed.add(new At(x.at(180), base + step));
            closed.add(new At(x.at(-180), base + step));
            pen.area(closed, Role.SHEET, Hatch.NONE);
            pen.path(points, line == read ? Role.LICHEN : Role.MUSSEL, line == read ? 3 : 1.2, Dash.SOLID);
            if (line % 6 == 0) {
                pen.tick(elevation(line), 52, base + 4, Anchor.END);
            }
        }
        for (int around = -180; around <= 180; around += 90) {
            pen.tick(
                    around == 0 ? "beam" : NumberText.shown(around, 0) + "°",
                    x.at(around),
                    pen.height() - 8,
                    Anchor.MIDDLE);
        }
        pen.zone(
                Reading.SPHERE.pick(),
                x.at(-180),
                first - TALL,
                x.at(180) - x.at(-180),
                pen.height() - 30 - first + TALL,
                "the sphere; drag to read a line");
        side(s, pen, wide.get(), gains.get(read), read);
    }

    @Override
    public Optional<Integer> placeAt(Showing s, double x, double y, double width, double height) {
        double first = ShapeFigures.RULE + 30 + TALL;
        double step = (height - 30 - first) / (Reading.SPHERE.count(s) - 1);
        return Optional.of((int) Math.round((y - first) / step));
    }

    private static List<At> points(List<Double> line, Axis x, double base, double most) {
        List<At> points = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            double up = Math.max(0, 1 - (most - line.get(i)) / SPAN);
            points.add(new At(x.at(-180 + i * WideField.STEP), base - TALL * up));
        }
        return points;
    }

    private static String elevation(int line) {
        return NumberText.shown(90 - line * WideField.STEP, 0) + "°";
    }

    private static void side(Showing s, Pen pen, WideField wide, List<Double> line, int read) {
        double left = pen.width() - SIDE;
        double y = ShapeFigures.RULE + 44;
        int strongest = 0;
        for (int i = 1; i < line.size(); i++) {
            strongest = line.get(i) > line.get(strongest) ? i : strongest;
        }
        int around = -180 + strongest * WideField.STEP;
        Worked here = Readout.level(Math.abs(around), line.get(strongest));
        pen.text(
                elevation(read) + " over level", left, y, Anchor.START, 13, Face.BOLD, Role.LICHEN, Origin.Plain.SCALE);
        pen.text("at most " + here.shown(), left, y + 18, Anchor.START, 13, Face.MONO, Role.INK, Origin.of(here));
        pen.text(
                NumberText.shown(Math.abs(around), 0) + "° to the " + (around < 0 ? "right" : "left"),
                left,
                y + 34,
                Anchor.START,
                12,
                Face.TEXT,
                Role.SLATE,
                Origin.Plain.SCALE);
        Worked ratio = wide.hand().axialRatio();
        boolean straight = ratio.value() > 20;
        pen.text("Straight ahead", left, y + 66, Anchor.START, 13, Face.BOLD, Role.INK, Origin.Plain.NAME);
        s.assessment()
                .figures(!s.atFar())
                .ifPresent(f -> pen.text(
                        f.gain().shown(), left, y + 84, Anchor.START, 13, Face.MONO, Role.INK, Origin.of(f.gain())));
        hand(pen, "turning right", wide.hand().rightDbi(), left, y + 102);
        hand(pen, "turning left", wide.hand().leftDbi(), left, y + 119);
        pen.text(
                straight ? "a straight field" : "axial ratio " + ratio.shown(),
                left,
                y + 140,
                Anchor.START,
                12.5,
                Face.BOLD,
                Role.INK,
                Origin.of(ratio));
    }

    private static void hand(Pen pen, String word, double dbi, double left, double y) {
        Worked w = Readout.level(0, dbi);
        pen.words(word, left, y, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(w.shown(), left + 92, y, Anchor.START, 12, Face.MONO, Role.INK, Origin.of(w));
    }
}
