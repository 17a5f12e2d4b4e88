package veldline.desktop.look;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.scene.paint.Color;
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
            "#293050", "#3B301A", "#47202F"),
    /** For paper: black on white, washes left out. */
    INK(
            "ink", "#FFFFFF", "#FFFFFF", "#000000", "#000000", "#000000", "#000000", "#000000", "#000000", "#FFFFFF",
            "#FFFFFF", "#FFFFFF", "#FFFFFF");

    private final String styleClass;
    private final Map<Role, Color> colours = new EnumMap<>(Role.class);

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

    public String title() {
        return styleClass.substring(0, 1).toUpperCase(Locale.ROOT) + styleClass.substring(1);
    }

    /** The other one of the two on a screen. */
    public Appearance other() {
        return this == DAYLIGHT ? SHACK : DAYLIGHT;
    }
}
