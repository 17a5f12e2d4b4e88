package veldline.antenna;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.antenna.Family.Silhouette.Bar;
import veldline.explain.Worked;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A kind of antenna made of wires, by its measures. To add one, write a class and list it in {@link Families}: it then stands in
 * Choose, in Shape with a box and a handle for each measure, in files and in the report.
 */
public interface WireFamily extends Family {
    /** Its name in files; never changed once given, whatever it comes to be called. */
    default String key() {
        return name();
    }

    List<Measure> measures();

    /** Measures to begin with, before it is cut to resonance. */
    List<Quantity> begin(Wish wish);

    /** Its wires, the beam or the far end along x, its middle near the origin. */
    WireModel model(Design d);

    /** “Dipole”, “Three-loop quad”. */
    String title(Design d);

    /** What it does well, in a sentence. */
    String good();

    /** Where something else does better, in a sentence. */
    String bad();

    /** Whether one is worth making for a wish at all. */
    default boolean serves(Wish wish) {
        return true;
    }

    /** How its field stands or turns. */
    default Polarized polarized(Design d) {
        return d.upright() ? Polarized.UPRIGHT : Polarized.FLAT;
    }

    /** Which measure is cut when the antenna is trimmed to its frequency. */
    default int trimmed() {
        return 0;
    }

    /** The measure that counts its like parts, where more of them gain more. */
    default Optional<Integer> grows() {
        return Optional.empty();
    }

    /** The measure that turns the phase from one fed element to the next, where it has one. */
    default Optional<Integer> phased() {
        return Optional.empty();
    }

    /** How much longer a bent wire is than the straight edges it is solved by. */
    default double curve(Design d, int wire) {
        return 1;
    }

    /** Whether its wire hangs, and takes its shape by itself. */
    default boolean hangs() {
        return false;
    }

    /** Whether it has one dip to be trimmed to; what runs a wave along itself has none. */
    default boolean dips() {
        return true;
    }

    /** What a wire of its model is called where it is cut. */
    default String part(Design d, int wire) {
        return wire == 0 ? "driven" : "wire " + (wire + 1);
    }

    /** What carries its conductors. */
    default Fixture fixture(Design d) {
        return new Fixture.None();
    }

    /** Whether both sides of the feed are alike, so that a cable wants a choke there. */
    default boolean balanced() {
        return true;
    }

    /** What it takes beside conductor, boom, cable and what seals it. */
    default List<String> extras(Design d) {
        return List.of();
    }

    /** What else its maker has to know, a sentence each. */
    default List<String> notes(Design d) {
        return List.of();
    }

    /** Wires of the model that are not cut from the conductor: nets that stand for sheet metal. */
    default boolean isSheet(Design d, int wire) {
        return false;
    }

    /**
     * Other ways to work out one of its figures that are in use, the name of each in its formula.
     *
     * @param goOn polled by those that are solved; when false the work stops with a {@link veldline.field.solve.SolveFailure}
     */
    default List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        return List.of();
    }

    /** The same cut to a frequency, hertz; as it is where there is nothing to cut. */
    default Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency);
    }

    /** What stands beside its title: its greatest measure. */
    default String build(Design d) {
        return NumberText.shown(d.longest() * 1000, 0) + " mm across";
    }

    /** Along the beam, metres. */
    default double depth(Design d) {
        List<Vec> points = points(d);
        return points.stream().mapToDouble(Vec::x).max().orElse(0)
                - points.stream().mapToDouble(Vec::x).min().orElse(0);
    }

    private static List<Vec> points(Design d) {
        return d.model().wires().stream().flatMap(w -> w.points().stream()).toList();
    }

    /** One to begin with, cut to resonance by the engine. */
    default Design design(Wish wish) {
        return tuned(begun(wish), wish.frequency());
    }

    /** What {@link #begin} says, as a design. */
    default Design begun(Wish wish) {
        return new Design(
                key(), begin(wish), Quantity.shown(wish.diameter(), Unit.MM, 1), wish.metal(), wish.upright());
    }

    /** Those it serves that can be solved at all. */
    @Override
    default List<Shaped> offers(Wish wish) {
        return serves(wish) && solvable(begun(wish), wish.frequency())
                ? choices(wish).stream()
                        .filter(d -> solvable(d, wish.frequency()))
                        .map(this::shaped)
                        .toList()
                : List.of();
    }

    /** What is worth comparing. */
    default List<Design> choices(Wish wish) {
        return List.of(design(wish));
    }

    private static boolean solvable(Design d, double frequency) {
        return ModelCheck.faults(d.model(), frequency).isEmpty();
    }

    @Override
    default Shaped shape(Wish wish) {
        return shaped(design(wish));
    }

    /** A design as Choose looks at it. */
    default Shaped shaped(Design d) {
        double middle = (points(d).stream().mapToDouble(Vec::x).max().orElse(0)
                        + points(d).stream().mapToDouble(Vec::x).min().orElse(0))
                / 2;
        return new Shaped(
                this,
                d.title(),
                build(d),
                depth(d),
                Optional.of(d.model()),
                Optional.empty(),
                polarized(d).circular(),
                new Silhouette(d.model().wires().stream()
                        .flatMap(w -> bars(w, d.upright(), middle - depth(d) / 2).stream())
                        .toList()),
                Optional.of(d));
    }

    /** As it is seen from where its field stands. */
    private static List<Bar> bars(Wire w, boolean upright, double from) {
        List<Vec> p = w.points();
        return java.util.stream.IntStream.range(0, w.edges())
                .mapToObj(e -> new Bar(
                        p.get(e).x() - from,
                        up(p.get(e), upright),
                        p.get((e + 1) % p.size()).x() - from,
                        up(p.get((e + 1) % p.size()), upright)))
                .toList();
    }

    private static double up(Vec v, boolean upright) {
        return upright ? -v.z() : -v.y();
    }
}
