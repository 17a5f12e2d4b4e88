package veldline.antenna;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import veldline.antenna.Family.Silhouette.Bar;
import veldline.antenna.YagiShape.Element;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.stock.Tool;

/**
 * A Yagi of 2 to 20 elements. Spacings open out from the driven element; each element is given a reactance and cut to the
 * length that has it at the diameter in use. The few numbers of the {@link Rule} were found by the engine over booms of
 * half a wave to four waves.
 */
public final class Yagi implements Family {
    private static final double C = 299_792_458.0;
    private static final String[] COUNTS = {
        "Two",
        "Three",
        "Four",
        "Five",
        "Six",
        "Seven",
        "Eight",
        "Nine",
        "Ten",
        "Eleven",
        "Twelve",
        "Thirteen",
        "Fourteen",
        "Fifteen",
        "Sixteen",
        "Seventeen",
        "Eighteen",
        "Nineteen",
        "Twenty"
    };

    /**
     * What shapes a whole Yagi.
     *
     * @param reflector reactance of the reflector, ohms
     * @param first reactance of the first director, ohms
     * @param taper ohms by which directors fall for each e-fold of their number
     * @param driven reactance of the driven element, ohms
     * @param stretch all spacings of directors times this
     */
    public record Rule(double reflector, double first, double taper, double driven, double stretch) {
        public static final Rule START = new Rule(31.4, -41.4, -24.2, 12.3, 1);
    }

    /** “Eleven-element Yagi”. */
    static String title(int elements) {
        return COUNTS[elements - 2] + "-element Yagi";
    }

    @Override
    public String name() {
        return "Yagi";
    }

    /** A quarter, a half, three quarters and all of the length allowed: what each step buys. */
    @Override
    public List<Shaped> offers(Wish w) {
        return Stream.of(0.25, 0.5, 0.75, 1.0)
                .map(share -> shape(new Wish(w.frequency(), share * w.length(), w.diameter(), w.metal(), w.upright())))
                .toList();
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.DRILL, Tool.RULE, Tool.SOLDERING_IRON);
    }

    @Override
    public Shaped shape(Wish wish) {
        YagiShape yagi = forBoom(
                wish.frequency(),
                wish.length(),
                Quantity.shown(wish.diameter(), Unit.MM, 1),
                wish.metal(),
                wish.upright());
        return shaped(yagi);
    }

    /** The same description for a Yagi that is already decided. */
    public Shaped shaped(YagiShape yagi) {
        List<Bar> bars = new ArrayList<>();
        bars.add(new Bar(0, 0, yagi.boomLength(), 0));
        for (Element e : yagi.elements()) {
            double half = e.length().value() / 2;
            bars.add(new Bar(e.position().value(), -half, e.position().value(), half));
        }
        return new Shaped(
                this,
                title(yagi.elements().size()),
                NumberText.shown(yagi.boomLength() * 1000, 0) + " mm boom",
                yagi.boomLength(),
                Optional.of(yagi.model()),
                Optional.empty(),
                false,
                new Silhouette(List.copyOf(bars)),
                Optional.empty());
    }

    /** As many elements as a boom of this length carries, the last one at its end. */
    public static YagiShape forBoom(double frequency, double boom, Quantity diameter, Metal metal, boolean upright) {
        double waves = boom * frequency / C;
        int count = 2;
        while (count < YagiShape.MOST_ELEMENTS && last(count + 1) <= waves * 1.06) {
            count++;
        }
        double room = waves - spacing(1);
        double taken = last(count) - spacing(1);
        double stretch = count > 2 ? Math.max(0.85, Math.min(1.25, room / taken)) : 1;
        return shape(frequency, count, diameter, metal, upright, Rule.START, stretch);
    }

    /** So many elements at the spacings of the rule. */
    public static YagiShape forCount(double frequency, int count, Quantity diameter, Metal metal, boolean upright) {
        return shape(frequency, count, diameter, metal, upright, Rule.START, 1);
    }

    /** Gap in waves before element {@code n}, the reflector being 0. */
    static double spacing(int n) {
        return switch (n) {
            case 1 -> 0.17;
            case 2 -> 0.075;
            default -> 0.442 - 0.296 * Math.exp(-(n - 3) / 4.0);
        };
    }

    private static double last(int count) {
        double sum = 0;
        for (int n = 1; n < count; n++) {
            sum += spacing(n);
        }
        return sum;
    }

    /** The general form: every number of the rule given. */
    public static YagiShape shape(
            double frequency, int count, Quantity diameter, Metal metal, boolean upright, Rule rule, double stretch) {
        double wave = C / frequency;
        double radius = diameter.value() / 2;
        List<Element> elements = new ArrayList<>();
        double at = 0;
        for (int n = 0; n < count; n++) {
            if (n > 0) {
                at += spacing(n) * (n > 1 ? stretch * rule.stretch : 1);
            }
            double reactance =
                    n == 0 ? rule.reflector : n == 1 ? rule.driven : rule.first + rule.taper * Math.log(n - 1);
            elements.add(new Element(
                    Quantity.shown(at * wave, Unit.MM, 1),
                    Quantity.shown(Reactance.lengthFor(reactance, radius, wave), Unit.MM, 1)));
        }
        return new YagiShape(
                elements,
                diameter,
                metal,
                BoomKind.WOOD,
                Quantity.of("15", Unit.MM),
                upright,
                YagiShape.Feed.STRAIGHT,
                Optional.empty(),
                Set.of());
    }
}
