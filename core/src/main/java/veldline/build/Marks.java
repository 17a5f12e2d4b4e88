package veldline.build;

import java.util.ArrayList;
import java.util.List;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.YagiShape;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;

/**
 * Where a boom is drilled, every mark measured from one end so that errors do not add up.
 *
 * @param boom its whole length, metres
 * @param marks by growing distance
 */
public record Marks(double boom, List<Mark> marks) {
    /** Boom beyond the outermost elements, metres, so that no hole tears out. */
    public static final double BEYOND = 0.02;

    /** Nearer marks are one, metres. */
    private static final double SAME = 1e-4;

    public Marks {
        marks = List.copyOf(marks);
    }

    /** One hole. @param at from the end of the boom, metres; @param hole its diameter, 0 where a hub is set and nothing drilled */
    public record Mark(String name, double at, double hole) {}

    /** Empty lists for an antenna without a boom. */
    public static Marks of(Made made) {
        List<Mark> marks = new ArrayList<>();
        if (made instanceof YagiShape y) {
            for (int i = 0; i < y.elements().size(); i++) {
                marks.add(new Mark(
                        YagiShape.nameOf(i),
                        BEYOND + y.elements().get(i).position().value(),
                        y.diameter().value()));
            }
        } else if (made instanceof Design d && d.of().fixture(d).onBoom()) {
            List<Wire> wires = d.model().wires();
            double rear = wires.stream().mapToDouble(Marks::place).min().orElse(0);
            for (int i = 0; i < wires.size(); i++) {
                double at = BEYOND + place(wires.get(i)) - rear;
                if (!d.of().isSheet(d, i)
                        && square(wires.get(i))
                        && marks.stream().noneMatch(m -> Math.abs(m.at - at) < SAME)) {
                    double hole = d.of().fixture(d).drilled() ? d.diameter().value() : 0;
                    marks.add(new Mark(d.of().part(d, i), at, hole));
                }
            }
            marks.sort(java.util.Comparator.comparingDouble(Mark::at));
        }
        double last = marks.stream().mapToDouble(Mark::at).max().orElse(-BEYOND);
        return new Marks(last + BEYOND, marks);
    }

    private static double place(Wire w) {
        return w.points().stream().mapToDouble(Vec::x).average().orElse(0);
    }

    /** Whether it lies square to the boom. */
    private static boolean square(Wire w) {
        return w.points().stream().allMatch(p -> Math.abs(p.x() - place(w)) < SAME);
    }
}
