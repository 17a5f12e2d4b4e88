package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import veldline.antenna.OwnWire;
import veldline.antenna.OwnWires;
import veldline.desktop.shape.WiresPicture.View;
import veldline.field.wire.Vec;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;

/** The two ways of looking that are not the large one, small beside it; touched, one of them becomes the large one. */
final class OtherViews {
    /** What they take from the drawing's width. */
    static final double ROOM = 120;

    private static final double TALL = 98;
    private static final double TOP = 42;
    private static final double MARGIN = 12;

    private OtherViews() {}

    static void draw(Pen pen, OwnWires wires, View large) {
        double y = TOP;
        for (View v : View.values()) {
            if (v != large) {
                one(pen, wires, v, pen.width() - ROOM, y);
                y += TALL + 8;
            }
        }
    }

    private static void one(Pen pen, OwnWires wires, View v, double x, double y) {
        double wide = ROOM - 18;
        pen.outline(x, y, wide, TALL, Role.SAND, 1);
        pen.words(v.word(), x + 6, y + 14, Anchor.START, Face.TEXT, Role.SLATE);
        List<Vec> all = wires.wires().stream()
                .flatMap(w -> w.corners().stream())
                .map(OwnWire.Corner::place)
                .toList();
        double left = all.stream().mapToDouble(v::across).min().orElse(0);
        double right = all.stream().mapToDouble(v::across).max().orElse(0);
        double low = all.stream().mapToDouble(v::up).min().orElse(0);
        double high = all.stream().mapToDouble(v::up).max().orElse(0);
        double perMetre = Math.min(
                (wide - 2 * MARGIN) / Math.max(right - left, 1e-3),
                (TALL - 2 * MARGIN - 8) / Math.max(high - low, 1e-3));
        for (int i = 0; i < wires.wires().size(); i++) {
            OwnWire w = wires.wires().get(i);
            List<At> points = new ArrayList<>();
            for (OwnWire.Corner c : w.corners()) {
                points.add(new At(
                        x + wide / 2 + (v.across(c.place()) - (left + right) / 2) * perMetre,
                        y + TALL / 2 + 6 - (v.up(c.place()) - (low + high) / 2) * perMetre));
            }
            if (w.closed()) {
                points.add(points.get(0));
            }
            Role role = i == wires.fed() ? Role.MUSSEL : Role.INK;
            pen.path(points, role, 1.4, Dash.SOLID);
            if (points.stream().allMatch(points.get(0)::equals)) {
                pen.dot(points.get(0).x(), points.get(0).y(), 1.6, role, role, 1);
            }
        }
        pen.zone("set:" + WiresPicture.VIEW + "=" + v.name(), x, y, wide, TALL, "seen from " + v.word());
    }
}
