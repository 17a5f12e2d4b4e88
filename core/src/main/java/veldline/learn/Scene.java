package veldline.learn;

import java.util.ArrayList;
import java.util.List;

/**
 * What stands where, drawn to one scale with its middle at nought: ahead is to the right, along x.
 *
 * @param width of what is to be seen, in the same unit as the strokes
 * @param height of it
 * @param from where it is looked at, in words
 */
public record Scene(double width, double height, String from, List<Stroke> strokes) {
    public static final Scene NONE = new Scene(1, 1, "", List.of());

    /** What a stroke stands for. */
    public enum Kind {
        /** A rod that is fed. */
        FED,
        /** A rod that is not. */
        ROD,
        /** A boom, a mast, a cable. */
        HOLDS,
        /** The way of a wave. */
        RAY,
        /** Ground; what lies under it is hatched. */
        GROUND
    }

    /** A line through places. */
    public record Stroke(Kind kind, List<Place> places) {
        public Stroke {
            places = List.copyOf(places);
        }
    }

    /** Ahead and up the picture. */
    public record Place(double x, double y) {}

    public Scene {
        strokes = List.copyOf(strokes);
    }

    /** With one more line. */
    public Scene with(Kind kind, double x1, double y1, double x2, double y2) {
        List<Stroke> next = new ArrayList<>(strokes);
        next.add(new Stroke(kind, List.of(new Place(x1, y1), new Place(x2, y2))));
        return new Scene(width, height, from, next);
    }
}
