package veldline.desktop.prove;

import veldline.picture.Pen;
import veldline.picture.Role;

/** What was measured stands on two lines. */
final class Underline {
    private Underline() {}

    static void measured(Pen pen, double from, double to, double y) {
        pen.line(from, y, to, y, Role.INK, 1);
        pen.line(from, y + 3, to, y + 3, Role.INK, 1);
    }
}
