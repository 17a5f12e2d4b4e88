package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.field.aperture.Paraboloid;
import veldline.field.aperture.Rim;
import veldline.picture.Mark.At;

/** How a dish looks, with what lights it. */
final class DishDrawing {
    private DishDrawing() {}

    static Sketch of(ApertureDesign d) {
        Paraboloid p = Dish.paraboloid(d);
        double r = p.diameter() / 2;
        Rim rim = Dish.rim(d);
        double top = Math.min(r, rim.along());
        List<At> bowl = new ArrayList<>();
        for (int i = -24; i <= 24; i++) {
            double y = top * i / 24;
            bowl.add(new At(y * y / (4 * p.focalLength()), y));
        }
        double f = p.focalLength() + d.size(Dish.AHEAD);
        double a = d.size(Dish.ASIDE);
        double deep = top * top / (4 * p.focalLength());
        List<Line> side = new ArrayList<>(List.of(new Line(Kind.METAL, bowl)));
        side.addAll(DishFeed.of(d).side(d, f, a));
        At held = side.get(1).points().get(1);
        side.add(Line.other(new At(deep, top), new At(held.x(), Math.max(held.y(), 2 * a - held.y()))));
        side.add(Line.other(new At(deep, -top), new At(held.x(), Math.min(held.y(), 2 * a - held.y()))));
        List<Line> front = new ArrayList<>(List.of(new Line(Kind.METAL, outline(rim, d.upright()))));
        if (d.size(Dish.SHADOW) > 0) {
            front.add(Line.ring(Kind.FEED, d.size(Dish.SHADOW)));
            side.add(Line.feed(new At(f, a - d.size(Dish.SHADOW) / 2), new At(f, a + d.size(Dish.SHADOW) / 2)));
        }
        if (Dish.surface(d).rods()) {
            for (int i = -3; i <= 3; i++) {
                double at = r * i / 4;
                double half = Math.sqrt(r * r - at * at);
                front.add(
                        d.upright()
                                ? Line.other(new At(at, -half), new At(at, half))
                                : Line.other(new At(-half, at), new At(half, at)));
            }
        }
        return new Sketch(side, front);
    }

    /** The rim as the far end sees it, the field level or upright. */
    private static List<At> outline(Rim rim, boolean upright) {
        return IntStream.rangeClosed(0, 72)
                .mapToObj(i -> Math.PI * i / 36)
                .map(turn -> new At(rim.edge(turn) * Math.cos(turn), rim.edge(turn) * Math.sin(turn)))
                .map(at -> upright ? new At(at.y(), at.x()) : at)
                .toList();
    }
}
