package veldline.desktop.bench;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import veldline.picture.Mark;
import veldline.picture.Picture;

/** Texts of a picture with the room they really take, measured in the faces that ship with the program. */
public final class Measured {
    private static final Map<Mark.Face, Font> FACES = faces();
    private static final FontRenderContext PLAIN = new FontRenderContext(null, true, true);
    /** Letters may touch with their edges; less than this is not a collision, pixels. */
    private static final double TOUCH = 1.5;

    private Measured() {}

    private static Map<Mark.Face, Font> faces() {
        Map<Mark.Face, Font> faces = new EnumMap<>(Mark.Face.class);
        Map.of(
                        Mark.Face.TEXT, "next-400.ttf",
                        Mark.Face.BOLD, "next-700.ttf",
                        Mark.Face.MONO, "mono-400.ttf",
                        Mark.Face.MONO_BOLD, "mono-600.ttf",
                        Mark.Face.FORMULA, "DejaVuSansMono.ttf")
                .forEach((face, file) -> {
                    try (InputStream in = Picture.class.getResourceAsStream("fonts/" + file)) {
                        faces.put(face, Font.createFont(Font.TRUETYPE_FONT, in));
                    } catch (IOException | FontFormatException e) {
                        throw new IllegalStateException(file, e);
                    }
                });
        return faces;
    }

    /** The inked box of a text: from the top of its digits to its baseline. */
    public static Rectangle2D box(Mark.Text t) {
        Font font = FACES.get(t.face()).deriveFont((float) t.size());
        double width = font.getStringBounds(t.text(), PLAIN).getWidth();
        double x = t.x()
                - switch (t.anchor()) {
                    case START -> 0;
                    case MIDDLE -> width / 2;
                    case END -> width;
                };
        double tall = 0.7 * t.size();
        return new Rectangle2D.Double(x, t.y() - tall, width, tall);
    }

    /** Every pair of texts that run into each other. */
    public static List<String> collisions(Picture picture) {
        List<Mark.Text> texts = picture.texts().toList();
        List<String> found = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            for (int k = i + 1; k < texts.size(); k++) {
                Rectangle2D both = box(texts.get(i)).createIntersection(box(texts.get(k)));
                if (both.getWidth() > TOUCH && both.getHeight() > TOUCH) {
                    found.add(
                            "“" + texts.get(i).text() + "” and “" + texts.get(k).text() + "”");
                }
            }
        }
        return found;
    }

    /** Every text that leaves the picture. */
    public static List<String> outside(Picture picture) {
        return picture.texts()
                .filter(t -> {
                    Rectangle2D b = box(t);
                    return b.getMinX() < -0.5
                            || b.getMaxX() > picture.width() + 0.5
                            || b.getMinY() < -0.5
                            || b.getMaxY() > picture.height() + 0.5;
                })
                .map(Mark.Text::text)
                .toList();
    }
}
