package veldline.desktop.part;

import javafx.scene.canvas.Canvas;
import veldline.desktop.look.Appearance;
import veldline.desktop.look.CanvasPainter;
import veldline.explain.Finding;
import veldline.picture.Picture;

/** The mark of a finding's level as a node. */
final class SignView extends Canvas {
    SignView(Finding.Level level, Appearance look) {
        super(18, 18);
        new CanvasPainter(look).paint(Picture.pen(18, 18).sign(level, 9, 9).done(), getGraphicsContext2D());
        setAccessibleText(level.name().toLowerCase(java.util.Locale.ROOT));
    }
}
