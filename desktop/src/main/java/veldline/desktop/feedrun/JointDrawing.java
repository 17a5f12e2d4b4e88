package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.List;
import veldline.feed.Connector;
import veldline.feed.InHand;
import veldline.feed.Joint;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;

/** Connectors seen end-on and cut open. */
public final class JointDrawing {
    private JointDrawing() {}

    /** A face: hexagon nut or ring for the half that goes over, rim for the other; toothed where there is a thread; pin filled, socket open. */
    static void face(Pen pen, Connector c, double x, double y, boolean holds) {
        face(pen, c, x, y, holds, 1);
    }

    /** @param size 1 is 52 from the middle to the outermost corner */
    public static void face(Pen pen, Connector c, double x, double y, boolean holds, double size) {
        InHand.Coupling coupling = InHand.Coupling.of(c.family());
        if (c.thread() == Connector.Thread.INSIDE) {
            List<At> rim = new ArrayList<>();
            int corners = coupling == InHand.Coupling.THREAD ? 6 : 36;
            for (int i = 0; i < corners; i++) {
                double turn = 2 * Math.PI * i / corners;
                rim.add(new At(x + 52 * size * Math.cos(turn), y + 52 * size * Math.sin(turn)));
            }
            pen.area(rim, Role.SAND, Hatch.NONE);
            pen.add(new veldline.picture.Mark.Stroke(rim, true, Role.INK, 1.5, Dash.SOLID));
            pen.dot(x, y, 38 * size, Role.SHEET, Role.INK, 1.5);
            teeth(pen, coupling, x, y, 38 * size, 34 * size);
        } else {
            pen.dot(x, y, 42 * size, Role.SAND, Role.INK, 1.5);
            teeth(pen, coupling, x, y, 42 * size, 46 * size);
        }
        // Without a sleeve around it, and with a centre that is thick for it.
        boolean plain = c.family() == Connector.Series.UHF || c.family() == Connector.Series.MINI_UHF;
        if (!plain) {
            pen.dot(x, y, 26 * size, Role.SHEET, Role.INK, 1.5);
        }
        boolean pin = c.contact() == Connector.Contact.PIN;
        pen.dot(
                x,
                y,
                (plain ? 12 : 8) * size,
                pin ? (holds ? Role.INK : Role.THRIFT) : Role.SHEET,
                holds ? Role.INK : Role.THRIFT,
                2.5);
    }

    /** A thread has teeth all around, a bayonet two studs, and what is pushed none. */
    private static void teeth(Pen pen, InHand.Coupling coupling, double x, double y, double from, double to) {
        if (coupling == InHand.Coupling.PUSH) {
            return;
        }
        boolean studs = coupling == InHand.Coupling.BAYONET;
        for (int deg = 0; deg < 360; deg += studs ? 180 : 9) {
            double c = Math.cos(Math.toRadians(deg));
            double s = Math.sin(Math.toRadians(deg));
            pen.line(x + from * c, y + from * s, x + to * c, y + to * s, Role.INK, studs ? 5 : 1.5);
        }
    }

    /** Both halves cut along the axis, facing each other. */
    public static void cut(Pen pen, Joint j, double mid, double y, boolean holds) {
        half(pen, j.radioSide(), mid - 26, y, -1, holds);
        half(pen, j.antennaSide(), mid + 26, y, 1, holds);
        if (!holds) {
            pen.line(mid - 11, y - 11, mid + 11, y + 11, Role.THRIFT, 3);
            pen.line(mid - 11, y + 11, mid + 11, y - 11, Role.THRIFT, 3);
        }
    }

    private static void half(Pen pen, Connector c, double x, double y, int side, boolean holds) {
        boolean inside = c.thread() == Connector.Thread.INSIDE;
        double reach = inside ? 40 : 34;
        double bore = inside ? 30 : 22;
        for (int up : new int[] {-1, 1}) {
            double top = up < 0 ? y - reach : y + bore;
            double left = side < 0 ? x - 82 : x;
            pen.box(left, top, 82, reach - bore, Role.SAND);
            pen.outline(left, top, 82, reach - bore, Role.INK, 1.5);
            double edge = inside ? y + up * bore : y + up * reach;
            for (int k = 0; k < 9; k++) {
                double tx = x + side * (6 + k * 5.5);
                pen.line(tx, edge, tx + 2.5, edge + (inside ? -up : up) * 4, Role.INK, 1.5);
            }
        }
        Role metal = holds ? Role.INK : Role.THRIFT;
        double from = side < 0 ? x - 82 : x + 4;
        if (c.contact() == Connector.Contact.PIN) {
            double tip = x - side * 6;
            pen.area(
                    List.of(
                            new At(x + side * 82, y - 4),
                            new At(tip + side * 10, y - 4),
                            new At(tip, y),
                            new At(tip + side * 10, y + 4),
                            new At(x + side * 82, y + 4)),
                    metal,
                    Hatch.NONE);
        } else {
            pen.outline(from, y - 7, 78, 4, metal, 1.5);
            pen.outline(from, y + 3, 78, 4, metal, 1.5);
        }
        pen.outline(side < 0 ? x - 96 : x + 82, y - reach, 14, 2 * reach, Role.INK, 1.5);
    }
}
