package veldline.desktop.part;

import veldline.explain.Origin;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Face;
import veldline.picture.Pen;
import veldline.picture.Role;

/** What a bench shows when it has nothing to show: what is missing, why, and a way to where it is filled. */
public final class EmptyPicture {
    private static final double LEFT = 18;
    private static final double TOP = 96;
    private static final double LETTER = 7.4;

    private EmptyPicture() {}

    /** One bold sentence and one reason. */
    public static Pen draw(Pen pen, String missing, String reason) {
        pen.text(missing, LEFT, TOP, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words(reason, LEFT, TOP + 22, Anchor.START, Face.TEXT, Role.SLATE);
        return pen;
    }

    /**
     * And one button.
     *
     * @param zone what pressing it picks, such as {@code step:BRIEF}
     */
    public static Pen draw(Pen pen, String missing, String reason, String button, String key, String zone) {
        draw(pen, missing, reason);
        double w = LETTER * button.length() + 28 + 9 * key.length() + 12;
        double y = TOP + 40;
        pen.outline(LEFT, y, w, 36, Role.INK, 1.5);
        pen.words(button, LEFT + 14, y + 23, Anchor.START, Face.BOLD, Role.INK);
        double keyLeft = LEFT + w - 9 * key.length() - 18;
        pen.outline(keyLeft, y + 9, 9 * key.length() + 8, 18, Role.EDGE, 1);
        pen.text(
                key,
                keyLeft + 4 + 4.5 * key.length(),
                y + 22,
                Anchor.MIDDLE,
                12,
                Face.MONO,
                Role.INK,
                Origin.Plain.NAME);
        pen.zone(zone, LEFT, y, w, 36, button);
        return pen;
    }
}
