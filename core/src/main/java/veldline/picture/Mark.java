package veldline.picture;

import java.util.List;
import veldline.explain.Origin;

/** One thing drawn. Coordinates grow to the right and down. */
public sealed interface Mark {
    /** The same, moved. */
    Mark shifted(double dx, double dy);

    /** The same, larger or smaller as seen from the origin. */
    Mark scaled(double by);

    /** A point in drawing units. */
    record At(double x, double y) {
        At shifted(double dx, double dy) {
            return new At(x + dx, y + dy);
        }

        private static List<At> scaled(List<At> points, double by) {
            return points.stream().map(p -> new At(p.x * by, p.y * by)).toList();
        }

        private static List<At> shifted(List<At> points, double dx, double dy) {
            return points.stream().map(p -> p.shifted(dx, dy)).toList();
        }
    }

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
        MONO_BOLD,
        /** Has the signs of formulas, which the others lack. */
        FORMULA
    }

    /** A broken line through points. */
    record Stroke(List<At> points, boolean closed, Role role, double width, Dash dash) implements Mark {
        public Stroke {
            points = List.copyOf(points);
        }

        @Override
        public Stroke shifted(double dx, double dy) {
            return new Stroke(At.shifted(points, dx, dy), closed, role, width, dash);
        }

        @Override
        public Stroke scaled(double by) {
            return new Stroke(At.scaled(points, by), closed, role, width * by, dash);
        }
    }

    /** A filled polygon. */
    record Area(List<At> points, Role role, Hatch hatch) implements Mark {
        public Area {
            points = List.copyOf(points);
        }

        @Override
        public Area shifted(double dx, double dy) {
            return new Area(At.shifted(points, dx, dy), role, hatch);
        }

        @Override
        public Area scaled(double by) {
            return new Area(At.scaled(points, by), role, hatch);
        }
    }

    /** A disc or ring: filled with one role, edged with another. */
    record Dot(double x, double y, double radius, Role fill, Role edge, double width) implements Mark {
        @Override
        public Dot shifted(double dx, double dy) {
            return new Dot(x + dx, y + dy, radius, fill, edge, width);
        }

        @Override
        public Dot scaled(double by) {
            return new Dot(x * by, y * by, radius * by, fill, edge, width * by);
        }
    }

    /** A line of text on its baseline. */
    record Text(String text, double x, double y, Anchor anchor, double size, Face face, Role role, Origin origin)
            implements Mark {
        @Override
        public Text shifted(double dx, double dy) {
            return new Text(text, x + dx, y + dy, anchor, size, face, role, origin);
        }

        @Override
        public Text scaled(double by) {
            return new Text(text, x * by, y * by, anchor, size * by, face, role, origin);
        }
    }

    /** The sign of a finding's level, 16 across, centred on the point. */
    record Sign(veldline.explain.Finding.Level level, double x, double y) implements Mark {
        @Override
        public Sign shifted(double dx, double dy) {
            return new Sign(level, x + dx, y + dy);
        }

        /** A sign keeps its size, so that it can be told from the others. */
        @Override
        public Sign scaled(double by) {
            return new Sign(level, x * by, y * by);
        }
    }

    /**
     * A photograph, as large as fits its box without being stretched.
     *
     * @param file its name in the job's folder
     */
    record Photo(String file, double x, double y, double width, double height) implements Mark {
        @Override
        public Photo shifted(double dx, double dy) {
            return new Photo(file, x + dx, y + dy, width, height);
        }

        @Override
        public Photo scaled(double by) {
            return new Photo(file, x * by, y * by, width * by, height * by);
        }
    }

    /**
     * Something that can be pointed at, walked to or dragged.
     *
     * @param id a stable name, such as {@code element:4}
     * @param spoken what a screen reader says
     */
    record Zone(String id, double x, double y, double width, double height, String spoken) implements Mark {
        @Override
        public Zone shifted(double dx, double dy) {
            return new Zone(id, x + dx, y + dy, width, height, spoken);
        }

        @Override
        public Zone scaled(double by) {
            return new Zone(id, x * by, y * by, width * by, height * by, spoken);
        }

        public boolean holds(double px, double py) {
            return px >= x && px <= x + width && py >= y && py <= y + height;
        }
    }
}
