package veldline.desktop.part;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.picture.Axis;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.Quantity;

/** A reading stands on a picture as a diamond: filled for what is, open for what was. */
public final class Diamond {
    private static final double SIZE = 6;

    private Diamond() {}

    /** Its outline, closed. */
    public static List<At> of(double x, double y, double size) {
        return List.of(
                new At(x - size, y),
                new At(x, y - size),
                new At(x + size, y),
                new At(x, y + size),
                new At(x - size, y));
    }

    /** A reading that is there; the one that is looked at is larger. */
    public static void reading(Pen pen, double x, double y, boolean chosen) {
        pen.area(of(x, y, chosen ? 8 : 5), chosen ? Role.MUSSEL : Role.INK, Hatch.NONE);
    }

    /** A level before, open, and one after, filled; either may be missing. */
    public static void beforeAndAfter(
            Pen pen, Axis x, double y, Optional<Quantity> before, Optional<Quantity> after, Role filled) {
        before.ifPresent(b -> pen.path(of(x.at(b.value()), y, SIZE), Role.LICHEN, 2, Dash.SOLID));
        after.ifPresent(a -> pen.area(of(x.at(a.value()), y, SIZE), filled, Hatch.NONE));
    }

    /** Levels from the lowest to the highest of them, or what is given where there are none. */
    public static double[] span(Stream<Optional<Quantity>> levels, double low, double high) {
        double[] sorted = levels.flatMap(Optional::stream)
                .mapToDouble(Quantity::value)
                .sorted()
                .toArray();
        return sorted.length == 0 ? new double[] {low, high} : new double[] {sorted[0], sorted[sorted.length - 1]};
    }
}
