package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import veldline.explain.Worked;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.stock.Tool;

/**
 * A kind of antenna with an opening, by its measures. To add one, write a class and list it in {@link Families}: it then stands in Choose,
 * in Shape with a box and a handle for each measure, in files and in the report.
 */
public interface ApertureFamily extends Family {
    /** What the measure is called that tells what comes back. */
    String RETURN_LOSS = "Return loss at its socket";

    /** Its name in files; never changed once given, whatever it comes to be called. */
    default String key() {
        return name();
    }

    List<Measure> measures();

    /** Whether a measure means anything as the others are chosen; the rest is neither asked for nor dragged. */
    default boolean uses(ApertureDesign d, int measure) {
        return true;
    }

    /** Measures to begin with. */
    List<Quantity> begin(Wish wish);

    /**
     * What one sends.
     *
     * @throws IllegalArgumentException where its measures make nothing that sends, saying which and what to do
     */
    Radiation radiation(ApertureDesign d, double frequency);

    /** Whether there is one way to make one anew for a gain. */
    default boolean madeForGain() {
        return false;
    }

    /**
     * The same made anew for a gain, all else kept; as it is where there is no one way to that. It may take a tenth of a second.
     *
     * @throws IllegalArgumentException where none of its kind has that gain, saying what would do
     */
    default ApertureDesign forGain(ApertureDesign d, double frequency, double dbi) {
        return d;
    }

    /** Whether there is one way to cut one for a frequency. */
    default boolean tunes() {
        return false;
    }

    /** The same cut for a frequency, hertz, but for what is locked. */
    default ApertureDesign tuned(ApertureDesign d, double frequency) {
        return d;
    }

    /** Frequencies that are looked at together, of the one it is for. */
    default double span() {
        return 0.2;
    }

    /** Which of its measures is what comes back at its socket, where that is typed. */
    default OptionalInt returnLoss() {
        return IntStream.range(0, measures().size())
                .filter(i -> measures().get(i).name().equals(RETURN_LOSS))
                .findFirst();
    }

    /** How one looks, to scale. */
    Sketch sketch(ApertureDesign d);

    /** “Dish, 600 mm”. */
    String title(ApertureDesign d);

    /** What it does well, in a sentence. */
    String good();

    /** Where something else does better, in a sentence. */
    String bad();

    /** What is cut and bought, a line each, with its measures. */
    List<String> parts(ApertureDesign d, double frequency);

    /** What its maker does in order, a sentence each; cautions stand at their step. */
    List<String> steps(ApertureDesign d, double frequency);

    /** What else is to be known of one, by others' ways or by modes. */
    default List<Worked> schools(ApertureDesign d, double frequency) {
        return List.of();
    }

    /** The same as a net of wires with its probe, to be solved beside the sums; empty where it has none or is too large for one. */
    default Optional<WireModel> grid(ApertureDesign d, double frequency) {
        return Optional.empty();
    }

    /** What that net is good to, and which of the two is trusted where; a sentence without its stop. */
    default String trusted() {
        return "±1 dB; finer and coarser nets differ by 0.2. Under a wave across it is trusted before the sum over the opening, which leaves out"
                + " what runs round the rim; from a wave on the sum is, which measured cones bear out";
    }

    /** What is wrong with one, or to be watched, a sentence each. */
    default List<String> watch(ApertureDesign d, double frequency) {
        return List.of();
    }

    /** Sheets to be cut flat, millimetre for millimetre; none where nothing is. */
    default List<FlatPattern> flat(ApertureDesign d) {
        return List.of();
    }

    /** Whether one is worth making for a wish at all. */
    boolean serves(Wish wish);

    /** Degrees by which its beam leans from its own axis, down where its field stands. */
    default double leans(ApertureDesign d) {
        return 0;
    }

    /** Of a field that turns: its ellipse straight ahead, long over wide; empty for a straight one. */
    default OptionalDouble ellipse(ApertureDesign d, double frequency) {
        return OptionalDouble.empty();
    }

    /** What it shows the wind at most, square metres. */
    double area(ApertureDesign d);

    /** Kilograms. */
    double kilograms(ApertureDesign d);

    default Polarized polarized(ApertureDesign d) {
        return d.upright() ? Polarized.UPRIGHT : Polarized.FLAT;
    }

    @Override
    default Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.DRILL, Tool.RULE);
    }

    /** One to begin with. */
    default ApertureDesign design(Wish wish) {
        return new ApertureDesign(key(), begin(wish), wish.metal(), wish.upright());
    }

    /** What is worth comparing. */
    default List<ApertureDesign> choices(Wish wish) {
        return List.of(design(wish));
    }

    @Override
    default List<Shaped> offers(Wish wish) {
        return serves(wish)
                ? choices(wish).stream().map(d -> shaped(d, wish.frequency())).toList()
                : List.of();
    }

    @Override
    default Shaped shape(Wish wish) {
        return shaped(design(wish), wish.frequency());
    }

    /** A design as Choose looks at it. */
    default Shaped shaped(ApertureDesign d, double frequency) {
        return new Shaped(
                this,
                d.title(),
                NumberText.shown(d.longest() * 1000, 0) + " mm across",
                sketch(d).depth(),
                Optional.empty(),
                Optional.of(radiation(d, frequency).gain()),
                polarized(d).circular(),
                sketch(d).silhouette(),
                Optional.of(d));
    }
}
