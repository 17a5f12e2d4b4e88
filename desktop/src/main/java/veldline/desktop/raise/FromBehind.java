package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import veldline.antenna.Polarized;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;

/** How the field of an antenna stands or turns, seen by who stands behind it and looks where it points. */
final class FromBehind {
    private static final double REACH = 58;
    private static final int STEPS = 40;
    /** The arrow of a turning field ends so far round, degrees. */
    private static final double ROUND = 300;

    private FromBehind() {}

    /**
     * @param near whether it is the end the tilts are told from; the other's lie mirrored
     * @param x of the middle
     */
    static void draw(Pen pen, Polarized field, boolean near, String name, double x, double y) {
        pen.line(x - REACH - 12, y, x + REACH + 12, y, Role.SAND, 1, Dash.DOTTED);
        pen.line(x, y - REACH - 12, x, y + REACH + 12, Role.SAND, 1, Dash.DOTTED);
        if (field.circular()) {
            turning(pen, field == Polarized.RIGHT_HAND, x, y);
        } else {
            standing(pen, near ? field.tilt() : Math.PI - field.tilt(), x, y);
        }
        pen.words(name, x, y + REACH + 32, Anchor.MIDDLE, Face.BOLD, Role.INK);
        pen.words(field.words(), x, y + REACH + 49, Anchor.MIDDLE, Face.TEXT, Role.SLATE);
    }

    private static void standing(Pen pen, double tilt, double x, double y) {
        double dx = REACH * Math.cos(tilt);
        double dy = -REACH * Math.sin(tilt);
        pen.line(x - dx, y - dy, x + dx, y + dy, Role.MUSSEL, 6);
        head(pen, x + dx, y + dy, dx / REACH, dy / REACH);
        head(pen, x - dx, y - dy, -dx / REACH, -dy / REACH);
    }

    /** As it would send: the right hand goes as a clock does (IEEE Std 145). */
    private static void turning(Pen pen, boolean clockwise, double x, double y) {
        int way = clockwise ? 1 : -1;
        List<At> round = new ArrayList<>(IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> {
                    double angle = Math.toRadians(-90 + way * ROUND * i / STEPS);
                    return new At(x + REACH * Math.cos(angle), y + REACH * Math.sin(angle));
                })
                .toList());
        pen.path(round, Role.MUSSEL, 5, Dash.SOLID);
        double end = Math.toRadians(-90 + way * ROUND);
        At last = round.get(round.size() - 1);
        head(pen, last.x(), last.y(), -way * Math.sin(end), way * Math.cos(end));
    }

    private static void head(Pen pen, double x, double y, double dx, double dy) {
        pen.area(
                List.of(
                        new At(x + 12 * dx, y + 12 * dy),
                        new At(x - 6 * dx - 9 * dy, y - 6 * dy + 9 * dx),
                        new At(x - 6 * dx + 9 * dy, y - 6 * dy - 9 * dx)),
                Role.MUSSEL,
                Hatch.NONE);
    }
}
