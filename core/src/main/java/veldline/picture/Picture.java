package veldline.picture;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A drawing.
 *
 * @param width in drawing units of 1/96 inch
 * @param marks in the order they are drawn
 */
public record Picture(double width, double height, List<Mark> marks) {
    public Picture {
        marks = List.copyOf(marks);
    }

    public static Pen pen(double width, double height) {
        return new Pen(width, height);
    }

    public Stream<Mark.Zone> zones() {
        return marks.stream().filter(Mark.Zone.class::isInstance).map(Mark.Zone.class::cast);
    }

    public Stream<Mark.Text> texts() {
        return marks.stream().filter(Mark.Text.class::isInstance).map(Mark.Text.class::cast);
    }

    /** The zone on top at a point. */
    public Optional<Mark.Zone> zoneAt(double x, double y) {
        return zones().filter(z -> z.holds(x, y)).reduce((below, above) -> above);
    }
}
