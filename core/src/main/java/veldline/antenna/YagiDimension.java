package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import veldline.antenna.YagiShape.Element;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * One measure of a Yagi that a saw or a drill decides.
 *
 * @param element from the reflector on
 * @param length whether it is the length, or else the place along the boom
 */
public record YagiDimension(int element, boolean length) {
    private static final int DECIMALS = 9;

    /** Every length, then every place but the reflector's, from which they are counted. */
    public static List<YagiDimension> of(YagiShape yagi) {
        List<YagiDimension> all = new ArrayList<>();
        for (int i = 0; i < yagi.elements().size(); i++) {
            all.add(new YagiDimension(i, true));
        }
        for (int i = 1; i < yagi.elements().size(); i++) {
            all.add(new YagiDimension(i, false));
        }
        return List.copyOf(all);
    }

    /** In metres. */
    public double value(YagiShape yagi) {
        Element e = yagi.elements().get(element);
        return (length ? e.length() : e.position()).value();
    }

    /** The Yagi with this measure at so many metres. */
    public YagiShape set(YagiShape yagi, double metres) {
        Element e = yagi.elements().get(element);
        Quantity to = Quantity.shown(metres, Unit.MM, DECIMALS);
        return yagi.withElement(element, length ? new Element(e.position(), to) : new Element(to, e.length()));
    }

    /** What is solved when it is so many metres larger. */
    public DoubleFunction<WireModel> varied(YagiShape yagi) {
        double now = value(yagi);
        return by -> set(yagi, now + by).model();
    }
}
