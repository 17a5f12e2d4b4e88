package veldline.desktop.learn;

import java.util.ArrayList;
import java.util.List;
import veldline.desktop.feedrun.JointDrawing;
import veldline.desktop.part.RoundCut;
import veldline.explain.Finding;
import veldline.feed.Joint;
import veldline.learn.Look;
import veldline.learn.Scene;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;

/** What stands there at the left, where it sends at the right; or two connectors facing each other. */
final class SceneDrawing {
    private static final double MHZ_2437 = 2.437e9;

    private SceneDrawing() {}

    /** @param outer gain at the outer ring, dBi */
    static void draw(Pen pen, Look look, double outer, double top, double bottom) {
        double height = bottom - top;
        if (look.joint().isPresent()) {
            joint(pen, look.joint().get(), top + height / 2);
            return;
        }
        boolean sends = !look.round().isEmpty();
        double right = sends ? pen.width() * 0.5 : pen.width() - 18;
        scene(pen, look.scene(), 18, top, right - 18, height);
        if (sends) {
            double radius = Math.min(height / 2 - 6, (pen.width() - right) / 2 - 20);
            RoundCut.draw(pen, look.round(), List.of(), outer, (right + pen.width()) / 2, top + height / 2, radius);
        }
    }

    private static void joint(Pen pen, Joint j, double y) {
        boolean holds = j.joins(MHZ_2437);
        double mid = pen.width() / 2;
        double size = Math.min(1, pen.width() / 640);
        JointDrawing.face(pen, j.radioSide(), mid - 220 * size, y, holds, 0.8 * size);
        JointDrawing.face(pen, j.antennaSide(), mid + 220 * size, y, holds, 0.8 * size);
        JointDrawing.cut(pen, j, mid, y, holds);
        pen.words(j.radioSide().tradeName(), mid - 220 * size, y - 58, Anchor.MIDDLE, Face.BOLD, Role.INK);
        pen.words(j.antennaSide().tradeName(), mid + 220 * size, y - 58, Anchor.MIDDLE, Face.BOLD, Role.INK);
        pen.words(j.radioSide().facts(), mid - 220 * size, y + 66, Anchor.MIDDLE, Face.TEXT, Role.SLATE);
        pen.words(j.antennaSide().facts(), mid + 220 * size, y + 66, Anchor.MIDDLE, Face.TEXT, Role.SLATE);
        pen.sign(holds ? Finding.Level.FITS : Finding.Level.STOP, mid, y - 62);
    }

    private static void scene(Pen pen, Scene scene, double left, double top, double width, double height) {
        double scale = Math.min(width / scene.width(), height / scene.height());
        double cx = left + width / 2;
        double cy = top + height / 2;
        for (Scene.Stroke stroke : scene.strokes()) {
            List<At> at = new ArrayList<>();
            for (Scene.Place p : stroke.places()) {
                at.add(new At(
                        Math.max(left, Math.min(left + width, cx + scale * p.x())),
                        Math.max(top, Math.min(top + height, cy - scale * p.y()))));
            }
            switch (stroke.kind()) {
                case FED -> {
                    pen.path(at, Role.MUSSEL, 5, Dash.SOLID);
                    At a = at.get(0);
                    At b = at.get(at.size() - 1);
                    pen.dot((a.x() + b.x()) / 2, (a.y() + b.y()) / 2, 5, Role.SHEET, Role.MUSSEL, 2.5);
                }
                case ROD -> pen.path(at, Role.INK, 4, Dash.SOLID);
                case HOLDS -> pen.path(at, Role.EDGE, 2, Dash.SOLID);
                case RAY -> pen.path(at, Role.LICHEN, 2, Dash.DASHED);
                case GROUND -> {
                    double y = at.get(0).y();
                    pen.hatched(left, y, width, Math.max(8, top + height - y), Role.EDGE, Hatch.BACK_DIAGONAL);
                    pen.line(left, y, left + width, y, Role.INK, 2);
                }
            }
        }
        pen.words(scene.from(), left, top - 2, Anchor.START, Face.TEXT, Role.SLATE);
    }
}
