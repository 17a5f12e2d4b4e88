package veldline.desktop.look;

import java.io.InputStream;
import java.util.List;
import javafx.scene.text.Font;
import veldline.picture.Mark.Face;
import veldline.picture.Picture;

/** The faces of type that ship with the program; loaded before the first control. */
public final class Faces {
    private static final String TEXT = "Atkinson Hyperlegible Next";
    private static final String MONO = "Atkinson Hyperlegible Mono";
    private static final List<String> FILES = List.of(
            "next-400.ttf", "next-600.ttf", "next-700.ttf", "mono-400.ttf", "mono-600.ttf", "DejaVuSansMono.ttf");

    private Faces() {}

    /** Loads every face; a missing one is a fault of the build. */
    public static void load() {
        for (String file : FILES) {
            InputStream in = Picture.class.getResourceAsStream("fonts/" + file);
            if (in == null || Font.loadFont(in, 13) == null) {
                throw new IllegalStateException("The face " + file + " is not in the program; build it again");
            }
        }
    }

    /** A face at a size in pixels. */
    public static Font font(Face face, double size) {
        return switch (face) {
            case TEXT -> Font.font(TEXT, size);
            case BOLD -> Font.font(TEXT, javafx.scene.text.FontWeight.BOLD, size);
            case MONO -> Font.font(MONO, size);
            case MONO_BOLD -> Font.font(MONO + " SemiBold", size);
            case FORMULA -> Font.font("DejaVu Sans Mono", size);
        };
    }
}
