package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import veldline.explain.Worked;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/**
 * Square loops of a wave around, one behind the other: one alone is a loop antenna. Fed at the bottom its field lies flat, at the
 * side it stands; turning it by a quarter does the same. A side is a quarter of the way around, and an arm of the cross that
 * carries it is the side over √2.
 */
public final class Quad implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.count("Loops", 1, 8),
            Measure.length("Driven loop, side", 0.15, 0.4),
            Measure.length("Reflector, side", 0.15, 0.4),
            Measure.length("Directors, side", 0.15, 0.4),
            Measure.length("Between loops", 0.05, 0.35));

    private static final String[] COUNTS = {"", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight"};

    @Override
    public String name() {
        return "quad";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.SOLDERING_IRON, Tool.DRILL);
    }

    /** By the usual share of the wave around each loop: 1.03 driven, 5 % more behind, 3 % less before. */
    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        double side = 1.03 * wave / 4;
        return List.of(
                Quantity.of("1", Unit.ONE),
                MEASURES.get(1).of(side),
                MEASURES.get(2).of(1.05 * side),
                MEASURES.get(3).of(0.97 * side),
                MEASURES.get(4).of(0.17 * wave));
    }

    /** Two loops and three where there is room for them; one alone is a loop. */
    @Override
    public List<Design> choices(Wish wish) {
        Design one = design(wish);
        return Stream.of("2", "3")
                .map(n -> Resonance.tuned(one.withSize(0, Quantity.of(n, Unit.ONE)), wish.frequency()))
                .filter(d -> depth(d) <= wish.length())
                .toList();
    }

    @Override
    public Fixture fixture(Design d) {
        return new Fixture.Hubs(4);
    }

    @Override
    public List<String> extras(Design d) {
        return List.of(d.count(0) + " crosses of glass fibre or bamboo, four arms each");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "An arm of the cross that carries a loop is its side over √2 from the middle: "
                        + Quantity.shown(d.size(1) / Math.sqrt(2), Unit.MM, 1) + " for the driven one.",
                "Arm, side and all the way around are three lengths; the cut list has the whole way around.");
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(0);
    }

    @Override
    public String title(Design d) {
        int n = (int) Math.round(d.size(0));
        return n == 1 ? "Square loop" : COUNTS[n - 1] + "-loop quad";
    }

    @Override
    public String good() {
        return "A decibel or so over a Yagi of the same boom, wide in band, and no tips to shock or detune.";
    }

    @Override
    public String bad() {
        return "Twice the span in both directions, a frame that the wind takes hold of, and hard to pack.";
    }

    @Override
    public int trimmed() {
        return 1;
    }

    @Override
    public String part(Design d, int wire) {
        return (wire == 0 ? "driven" : wire == 1 ? "reflector" : "director " + (wire - 1)) + " loop";
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        return LoopLength.schools(4 * d.size(1), frequency);
    }

    @Override
    public WireModel model(Design d) {
        int n = d.count(0);
        Wiring w = new Wiring(d);
        loop(w, 0, d.size(1));
        if (n > 1) {
            loop(w, -d.size(4), d.size(2));
        }
        for (int i = 2; i < n; i++) {
            loop(w, (i - 1) * d.size(4), d.size(3));
        }
        return w.feed(0, new Port.Place.Distance(d.size(1) / 2)).model("Quad");
    }

    /** Begins at a corner of the side that is fed: the lower one, which stands at the side where the field does. */
    private static void loop(Wiring w, double x, double side) {
        double h = side / 2;
        w.loop(new Vec(x, -h, -h), new Vec(x, h, -h), new Vec(x, h, h), new Vec(x, -h, h));
    }
}
