package veldline.picture;

import java.util.List;
import veldline.explain.Origin;

/** One thing drawn. Coordinates grow to the right and down. */
public sealed interface Mark {
    /** A point in drawing units. */
    record At(double x, double y) {}

    /** How a stroke is broken. Solid is so, dashed would be, dotted is wished. */
    enum Dash {
        SOLID,
        DASHED,
        DOTTED
    }

    /** Texture of an area, the second sign beside colour. */
    enum Hatch {
        /** No texture: a plain wash. */
        NONE,
        /** Out of bounds. */
        DIAGONAL,
        /** Before, H cut, thin. */
        HORIZONTAL,
        /** After, E cut, worst case. */
        UPRIGHT,
        /** Ground, water, beyond nature. */
        BACK_DIAGONAL
    }

    /** Where a text hangs from its point. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }

    /** A face of type. */
    enum Face {
        TEXT,
        BOLD,
        MONO,
        MONO_BOLD
    }

    /** A broken line through points. */
    record Stroke(List<At> points, boolean closed, Role role, double width, Dash dash) implements Mark {
        public Stroke {
            points = List.copyOf(points);
        }
    }

    /** A filled polygon. */
    record Area(List<At> points, Role role, Hatch hatch) implements Mark {
        public Area {
            points = List.copyOf(points);
        }
    }

    /** A disc or ring: filled with one role, edged with another. */
    record Dot(double x, double y, double radius, Role fill, Role edge, double width) implements Mark {}

    /** A line of text on its baseline. */
    record Text(String text, double x, double y, Anchor anchor, double size, Face face, Role role, Origin origin)
            implements Mark {}

    /** The sign of a finding's level, 16 across, centred on the point. */
    record Sign(veldline.explain.Finding.Level level, double x, double y) implements Mark {}

    /**
     * Something that can be pointed at, walked to or dragged.
     *
     * @param id a stable name, such as {@code element:4}
     * @param spoken what a screen reader says
     */
    record Zone(String id, double x, double y, double width, double height, String spoken) implements Mark {
        public boolean holds(double px, double py) {
            return px >= x && px <= x + width && py >= y && py <= y + height;
        }
    }
}
