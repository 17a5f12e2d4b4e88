package veldline.desktop.look;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;
import veldline.picture.Mark.Hatch;
import veldline.picture.Role;

/** Textures as small tiles that repeat. */
final class Hatching {
    private static final int DIAGONAL_TILE = 7;
    private static final int STRAIGHT_TILE = 5;

    private Hatching() {}

    /** Tiles made once for each texture and ink of an appearance. */
    static Map<Hatch, Map<Role, Paint>> tiles(Appearance look) {
        Map<Hatch, Map<Role, Paint>> tiles = new EnumMap<>(Hatch.class);
        for (Hatch hatch : Hatch.values()) {
            Map<Role, Paint> inks = new EnumMap<>(Role.class);
            for (Role role : Role.values()) {
                inks.put(role, hatch == Hatch.NONE ? look.colour(role) : paint(hatch, look.colour(role)));
            }
            tiles.put(hatch, inks);
        }
        return tiles;
    }

    private static Paint paint(Hatch hatch, Color ink) {
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
