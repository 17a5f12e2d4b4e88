package veldline.antenna;

import java.util.List;
import java.util.stream.Stream;
import veldline.picture.Mark.At;

/**
 * How an antenna with an opening looks, in metres: from the side with the beam to the right, and from before it.
 *
 * @param side x along the beam, y across it
 * @param front as the far end sees it, y up in the plane of the side view
 */
public record Sketch(List<Line> side, List<Line> front) {
    /** What a line is. */
    public enum Kind {
        METAL,
        /** What feeds it. */
        FEED,
        /** Substrate, covers, what is not metal. */
        OTHER
    }

    /** A path of points. */
    public record Line(Kind kind, List<At> points) {
        public Line {
            points = List.copyOf(points);
        }

        static Line metal(At... points) {
            return new Line(Kind.METAL, List.of(points));
        }

        static Line feed(At... points) {
            return new Line(Kind.FEED, List.of(points));
        }

        static Line other(At... points) {
            return new Line(Kind.OTHER, List.of(points));
        }

        static Line box(Kind kind, double x, double y, double wide, double high) {
            return new Line(
                    kind,
                    List.of(
                            new At(x - wide / 2, y - high / 2),
                            new At(x + wide / 2, y - high / 2),
                            new At(x + wide / 2, y + high / 2),
                            new At(x - wide / 2, y + high / 2),
                            new At(x - wide / 2, y - high / 2)));
        }

        static Line ring(Kind kind, double diameter) {
            return new Line(
                    kind,
                    java.util.stream.IntStream.rangeClosed(0, 72)
                            .mapToObj(i -> new At(
                                    diameter / 2 * Math.cos(Math.PI * i / 36),
                                    diameter / 2 * Math.sin(Math.PI * i / 36)))
                            .toList());
        }
    }

    public Sketch {
        side = List.copyOf(side);
        front = List.copyOf(front);
    }

    private static Stream<At> points(List<Line> lines) {
        return lines.stream().flatMap(l -> l.points.stream());
    }

    private static double span(double[] of) {
        return of.length == 0
                ? 0
                : java.util.Arrays.stream(of).max().orElse(0)
                        - java.util.Arrays.stream(of).min().orElse(0);
    }

    /** Along the beam. */
    public double depth() {
        return span(points(side).mapToDouble(At::x).toArray());
    }

    /** The greatest of its three measures. */
    public double longest() {
        return Math.max(
                depth(),
                Math.max(
                        span(points(front).mapToDouble(At::x).toArray()),
                        span(points(front).mapToDouble(At::y).toArray())));
    }

    /** For Choose. */
    Family.Silhouette silhouette() {
        double from = points(side).mapToDouble(At::x).min().orElse(0);
        return new Family.Silhouette(side.stream()
                .flatMap(l -> java.util.stream.IntStream.range(1, l.points.size())
                        .mapToObj(i -> new Family.Silhouette.Bar(
                                l.points.get(i - 1).x() - from,
                                l.points.get(i - 1).y(),
                                l.points.get(i).x() - from,
                                l.points.get(i).y())))
                .toList());
    }
}
