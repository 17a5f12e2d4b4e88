package veldline.trim;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.Measure;
import veldline.antenna.YagiDimension;
import veldline.antenna.YagiShape;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;

/**
 * A measure of an antenna that may have come out otherwise than it was drawn.
 *
 * @param name “Driven element, length”
 * @param part “driven element”
 * @param way how it is put right
 * @param value as drawn, metres
 * @param made the antenna when it is so many metres larger
 */
public record TrimMeasure(String name, String part, Way way, double value, DoubleFunction<Made> made) {
    private static final double SMALL = 1e-3;

    private static final int DIGITS = 9;
    private static final String DRIVEN = "driven element";
    private static final String LENGTH = ", length";

    /** How a measure is put right. */
    public enum Way {
        /** Half of it at each end of a rod. */
        ENDS,
        /** Moved along the boom. */
        PLACE,
        /** A side, a spacing, a height: to its value. */
        SIDE;

        /** Whether more can be taken off and none put back. */
        public boolean cut() {
            return this != PLACE;
        }
    }

    /** What is solved when it is so many metres larger. */
    public WireModel varied(double by) {
        return made.apply(by).model();
    }

    /** The one that is left long on purpose and cut to its frequency; empty where there is none. */
    public static Optional<TrimMeasure> trimmed(Made drawn) {
        String name = drawn instanceof Design d
                ? d.of().measures().get(d.of().trimmed()).name()
                : DRIVEN + LENGTH;
        return of(drawn).stream().filter(m -> m.name().equals(name)).findFirst();
    }

    /** Everything of an antenna that a saw or a drill decides and that its field follows; empty for wires drawn one by one. */
    public static List<TrimMeasure> of(Made made) {
        if (made instanceof YagiShape yagi) {
            return YagiDimension.of(yagi).stream().map(d -> of(yagi, d)).toList();
        }
        return made instanceof Design design ? of(design) : List.of();
    }

    private static TrimMeasure of(YagiShape yagi, YagiDimension d) {
        String part = d.element() == 0 ? "reflector" : d.element() == 1 ? DRIVEN : "director " + (d.element() - 1);
        return new TrimMeasure(
                part + (d.length() ? LENGTH : ", place"),
                part,
                d.length() ? Way.ENDS : Way.PLACE,
                d.value(yagi),
                by -> d.set(yagi, d.value(yagi) + by));
    }

    /** Those lengths of a family that its wires follow as it stands: a director's side is none of a quad of two loops. */
    private static List<TrimMeasure> of(Design design) {
        List<TrimMeasure> all = new ArrayList<>();
        List<Measure> measures = design.of().measures();
        WireModel now = design.model();
        for (int i = 0; i < measures.size(); i++) {
            int at = i;
            Measure m = measures.get(i);
            double value = design.size(i);
            DoubleFunction<Made> made = by -> design.withSize(at, Quantity.shown(value + by, m.unit(), DIGITS));
            if (m.isLength() && value > 0 && !made.apply(value * SMALL).model().equals(now)) {
                all.add(new TrimMeasure(m.name(), m.name().toLowerCase(Locale.ROOT), Way.SIDE, value, made));
            }
        }
        return List.copyOf(all);
    }
}
