package veldline.desktop.look;

import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;
import veldline.picture.Mark.Hatch;

/** Textures as small tiles that repeat. */
final class Hatching {
    private static final int DIAGONAL_TILE = 7;
    private static final int STRAIGHT_TILE = 5;

    private Hatching() {}

    /** What fills an area: the ink itself, or a tile of it. */
    static Paint paint(Hatch hatch, Color ink) {
        if (hatch == Hatch.NONE) {
            return ink;
        }
        int size = hatch == Hatch.DIAGONAL || hatch == Hatch.BACK_DIAGONAL ? DIAGONAL_TILE : STRAIGHT_TILE;
        WritableImage tile = new WritableImage(size, size);
        PixelWriter out = tile.getPixelWriter();
        for (int i = 0; i < size; i++) {
            switch (hatch) {
                case DIAGONAL -> {
                    out.setColor(i, size - 1 - i, ink);
                    out.setColor(i, (2 * size - 2 - i) % size, ink.deriveColor(0, 1, 1, 0.35));
                }
                case BACK_DIAGONAL -> {
                    out.setColor(i, i, ink);
                    out.setColor(i, (i + 1) % size, ink.deriveColor(0, 1, 1, 0.35));
                }
                case HORIZONTAL -> out.setColor(i, 0, ink);
                case UPRIGHT -> out.setColor(0, i, ink);
                case NONE -> throw new IllegalArgumentException("A plain wash has no texture");
            }
        }
        return new ImagePattern(tile, 0, 0, size, size, false);
    }
}
