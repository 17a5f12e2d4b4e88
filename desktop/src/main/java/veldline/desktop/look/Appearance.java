package veldline.desktop.look;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import veldline.picture.Mark.Hatch;
import veldline.picture.Role;

/** An appearance: a colour for every role. The style sheet has the same tokens; a test holds the two together. */
public enum Appearance {
    DAYLIGHT(
            "daylight",
            "#F1E8D6",
            "#FBF6EA",
            "#191E2A",
            "#4B4D57",
            "#27408B",
            "#7E5200",
            "#A5154C",
            "#857A63",
            "#C9BC9E",
            "#DCE1EF",
            "#F1DFB2",
            "#F6D8E0"),
    SHACK(
            "shack", "#15131A", "#1E1B24", "#E9DEC9", "#B3A897", "#9FB3F0", "#DFB358", "#F28BAD", "#857B8C", "#403A4A",
            "#293050", "#3B301A", "#47202F");

    private final String styleClass;
    private final Map<Role, Color> colours = new EnumMap<>(Role.class);

    private final Map<Hatch, Map<Role, Paint>> tiles = new EnumMap<>(Hatch.class);

    Appearance(String styleClass, String... tokens) {
        this.styleClass = styleClass;
        for (Role role : Role.values()) {
            colours.put(role, Color.web(tokens[role.ordinal()]));
        }
    }

    /** The class on the root node that switches the style sheet. */
    public String styleClass() {
        return styleClass;
    }

    public Color colour(Role role) {
        return colours.get(role);
    }

    /** What fills an area of a role with a texture; the tiles are made when first asked for, on the interface thread. */
    Paint fill(Role role, Hatch hatch) {
        if (tiles.isEmpty()) {
            tiles.putAll(Hatching.tiles(this));
        }
        return tiles.get(hatch).get(role);
    }

    public String title() {
        return this == DAYLIGHT ? "Daylight" : "Shack";
    }

    public Appearance other() {
        return this == DAYLIGHT ? SHACK : DAYLIGHT;
    }
}
