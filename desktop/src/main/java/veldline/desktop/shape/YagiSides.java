package veldline.desktop.shape;

import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.YagiShape;
import veldline.antenna.YagiShape.Element;
import veldline.desktop.shape.WiresPicture.View;
import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/**
 * A Yagi from its two other sides: along its elements, where each is a point on the boom, its gap to the next under it; and from behind,
 * where each lies before the last and only its ends stand out. In the one an element is dragged along the boom, in the other to length.
 */
final class YagiSides {
    private static final double MIDDLE = 140;
    private static final double LEFT = 40;
    private static final double END = 52;
    private static final double ROWS = 126;
    /** By how much a label may be the wider one of two. */
    private static final double SPARE = 16;

    private final YagiShape yagi;
    private final boolean fromBehind;
    private final int picked;
    private final double width;
    private final double perMetre;

    YagiSides(YagiShape yagi, View view, double width, int picked) {
        this.yagi = yagi;
        this.fromBehind = view == View.BEHIND;
        this.picked = picked;
        this.width = width - OtherViews.ROOM;
        double longest = yagi.elements().stream()
                .mapToDouble(e -> e.length().value())
                .max()
                .orElseThrow();
        this.perMetre =
                (this.width - LEFT - END) / (fromBehind ? 1.1 * longest : Math.max(yagi.boomLength(), 0.1 * longest));
    }

    /** The view in which its elements and its boom both lie in the paper. */
    static View flat(YagiShape yagi) {
        return yagi.upright() ? View.SIDE : View.ABOVE;
    }

    /** Place along the boom under a place of the picture, metres; empty where the boom is seen end on. */
    Optional<Double> along(double x) {
        return fromBehind ? Optional.empty() : Optional.of((x - LEFT) / perMetre);
    }

    /** Length of an element whose end is there, metres; empty where it is seen end on. */
    Optional<Double> length(double x) {
        return fromBehind ? Optional.of(2 * Math.abs(x - middle()) / perMetre) : Optional.empty();
    }

    private double middle() {
        return LEFT + (width - LEFT - END) / 2;
    }

    private double row(int i) {
        int n = yagi.elements().size();
        return MIDDLE + ROWS * ((i + 0.5) / n - 0.5);
    }

    void draw(Pen pen) {
        ScaleBar.draw(pen, perMetre);
        if (fromBehind) {
            behind(pen);
        } else {
            ends(pen);
        }
    }

    private void ends(Pen pen) {
        double end = LEFT + yagi.boomLength() * perMetre;
        double boom = Math.max(4, yagi.boomDiameter().value() * perMetre);
        pen.box(LEFT - 16, MIDDLE - boom / 2, end - LEFT + 32, boom, Role.SAND);
        pen.outline(LEFT - 16, MIDDLE - boom / 2, end - LEFT + 32, boom, Role.EDGE, 1);
        double clear = -1e9;
        for (int i = 0; i < yagi.elements().size(); i++) {
            Element e = yagi.elements().get(i);
            double x = LEFT + e.position().value() * perMetre;
            boolean chosen = i == picked;
            Role ink = i == 1 || chosen ? Role.MUSSEL : Role.INK;
            double r = Math.max(2.5, yagi.diameter().value() * perMetre / 2);
            pen.dot(x, MIDDLE, r, ink, ink, 1);
            if (chosen) {
                pen.outline(x - r - 6, MIDDLE - boom / 2 - 8, 2 * r + 12, boom + 16, Role.MUSSEL, 2);
            }
            String gap = i == 0
                    ? "0"
                    : mm(e.position().value()
                            - yagi.elements().get(i - 1).position().value());
            double wide = 7.4 * gap.length() + 6;
            if (chosen || x - wide / 2 > clear && !besideChosen(i, x, wide)) {
                pen.text(gap, x, MIDDLE + boom / 2 + 46, Anchor.MIDDLE, 12, Face.MONO, Role.SLATE, Origin.Plain.TYPED);
                pen.line(x, MIDDLE + boom / 2 + 12, x, MIDDLE + boom / 2 + 32, Role.EDGE, 1);
                clear = x + wide / 2;
            }
            pen.zone(
                    "element:" + i,
                    x - 11,
                    MIDDLE - boom / 2 - 14,
                    22,
                    boom + 28,
                    spoken(i) + "; drag it along the boom");
        }
        pen.words(
                "each from the one before, mm", LEFT - 16, MIDDLE + boom / 2 + 66, Anchor.START, Face.TEXT, Role.SLATE);
        thick(pen, MIDDLE - boom / 2 - 26);
    }

    /** Whether a label of that width would run into the chosen element's. */
    private boolean besideChosen(int i, double x, double wide) {
        double at = LEFT + yagi.elements().get(picked).position().value() * perMetre;
        return i != picked && Math.abs(x - at) < wide + SPARE;
    }

    private void behind(Pen pen) {
        double boom = Math.max(3, yagi.boomDiameter().value() * perMetre / 2);
        double thick = Math.max(2, Math.min(6, ROWS / yagi.elements().size() - 3));
        pen.dot(middle(), MIDDLE, boom, Role.SAND, Role.EDGE, 1.5);
        pen.line(middle(), MIDDLE - ROWS / 2 - 6, middle(), MIDDLE + ROWS / 2 + 6, Role.EDGE, 1);

        IntStream.range(0, yagi.elements().size()).forEach(i -> {
            double half = yagi.elements().get(i).length().value() / 2 * perMetre;
            boolean chosen = i == picked;
            double y = row(yagi.elements().size() - 1 - i);
            pen.line(
                    middle() - half,
                    y,
                    middle() + half,
                    y,
                    i == 1 || chosen ? Role.MUSSEL : Role.INK,
                    chosen ? thick + 1 : thick);
            if (chosen) {
                String text = mm(yagi.elements().get(i).length().value()) + " mm";
                pen.text(
                        YagiShape.nameOf(i) + "  " + text,
                        middle(),
                        MIDDLE + ROWS / 2 + 26,
                        Anchor.MIDDLE,
                        13,
                        Face.MONO_BOLD,
                        Role.INK,
                        Origin.Plain.TYPED);
                pen.line(middle() - half, y + 8, middle() - half, MIDDLE + ROWS / 2 + 12, Role.MUSSEL, 1);
                pen.line(middle() + half, y + 8, middle() + half, MIDDLE + ROWS / 2 + 12, Role.MUSSEL, 1);
            }
        });
        for (int i = 0; i < yagi.elements().size(); i++) {
            double half = yagi.elements().get(i).length().value() / 2 * perMetre;
            double y = row(yagi.elements().size() - 1 - i);
            double high = Math.max(10, ROWS / yagi.elements().size());
            pen.zone(
                    "element:" + i,
                    middle() + half - 12,
                    y - high / 2,
                    24,
                    high,
                    spoken(i) + "; drag its end to length");
        }
        thick(pen, MIDDLE - ROWS / 2 - 18);
        pen.words(
                "fanned out, the reflector lowest",
                LEFT - 16,
                MIDDLE + ROWS / 2 + 46,
                Anchor.START,
                Face.TEXT,
                Role.SLATE);
    }

    /** The two diameters, over the drawing. */
    private void thick(Pen pen, double y) {
        pen.words("elements ⌀", LEFT - 16, y, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(
                mm(yagi.diameter().value()) + " mm",
                LEFT + 62,
                y,
                Anchor.START,
                12.5,
                Face.MONO,
                Role.INK,
                Origin.Plain.TYPED);
        pen.words("boom ⌀", LEFT + 140, y, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(
                mm(yagi.boomDiameter().value()) + " mm",
                LEFT + 196,
                y,
                Anchor.START,
                12.5,
                Face.MONO,
                Role.INK,
                Origin.Plain.TYPED);
    }

    private String spoken(int i) {
        return "element " + YagiShape.nameOf(i) + ", "
                + mm(yagi.elements().get(i).length().value()) + " mm";
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1);
    }
}
