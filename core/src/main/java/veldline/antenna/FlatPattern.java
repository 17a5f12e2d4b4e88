package veldline.antenna;

import java.util.List;
import veldline.picture.Mark.At;

/**
 * A sheet as it is cut flat.
 *
 * @param name of the part
 * @param count how many of it
 * @param outline closed, metres
 */
public record FlatPattern(String name, int count, List<At> outline) {
    public FlatPattern {
        outline = List.copyOf(outline);
    }

    /** Of what is inside the outline, square metres. */
    public double area() {
        double twice = 0;
        for (int i = 0; i < outline.size(); i++) {
            At a = outline.get(i);
            At b = outline.get((i + 1) % outline.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice) / 2;
    }
}
