package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** Two Yagis square to each other on one boom, one of them a step ahead, both fed alike: the step turns the wave. */
public final class CrossedYagi implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.count("Elements of each", 2, 8),
            Measure.length("Reflectors", 0.4, 0.6),
            Measure.length("Driven elements", 0.35, 0.6),
            Measure.length("Directors", 0.3, 0.5),
            Measure.length("Reflector to driven", 0.1, 0.35),
            Measure.length("Between directors", 0.1, 0.4),
            Measure.length("Second set ahead", 0.02, 0.35),
            Measure.choice("Its wave turns", "right-handed", "left-handed"));

    @Override
    public String name() {
        return "crossed Yagis";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.DRILL, Tool.RULE, Tool.SOLDERING_IRON);
    }

    @Override
    public String good() {
        return "A turning wave with a Yagi's gain: no fading as the far end rolls, 3 dB and no more lost to any straight one.";
    }

    @Override
    public String bad() {
        return "Two of everything and a splitter; held by a metal mast amid its elements one of the two suffers.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        double a = wish.diameter() / 2;
        int n = (int) Math.max(2, Math.min(6, Math.floor((wish.length() / wave - 0.45) / 0.22) + 2));
        return List.of(
                Quantity.of(Integer.toString(n), Unit.ONE),
                MEASURES.get(1).of(Reactance.lengthFor(32, a, wave)),
                MEASURES.get(2).of(Reactance.lengthFor(5, a, wave)),
                MEASURES.get(3).of(Reactance.lengthFor(-40 - 3 * n, a, wave)),
                MEASURES.get(4).of(0.2 * wave),
                MEASURES.get(5).of(0.22 * wave),
                MEASURES.get(6).of(0.25 * wave),
                Quantity.of("0", Unit.ONE));
    }

    /** The driven elements alone are cut. */
    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, 2);
    }

    @Override
    public int trimmed() {
        return 2;
    }

    @Override
    public Polarized polarized(Design d) {
        return d.count(7) == 0 ? Polarized.RIGHT_HAND : Polarized.LEFT_HAND;
    }

    @Override
    public Fixture fixture(Design d) {
        return new Fixture.Clamped();
    }

    @Override
    public List<String> extras(Design d) {
        return List.of("splitter for two, two equal cables");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Both sets fed through equal cables from one splitter; swap one driven element's sides and the hand changes.",
                "Hold it behind the reflectors, or on a mast that is no metal.");
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(0);
    }

    @Override
    public String title(Design d) {
        return "Crossed Yagis, " + d.count(0) + " and " + d.count(0);
    }

    @Override
    public String build(Design d) {
        return NumberText.shown(depth(d) * 1000, 0) + " mm boom";
    }

    @Override
    public String part(Design d, int wire) {
        int i = wire % d.count(0);
        return i == 0 ? "reflector" : i == 1 ? "driven" : "director";
    }

    @Override
    public WireModel model(Design d) {
        int n = d.count(0);
        // Turned over, the second set leads where it lagged.
        int hand = d.count(7) == 0 ? -1 : 1;
        Wiring w = Wiring.fixed(d);
        for (int set = 0; set < 2; set++) {
            for (int i = 0; i < n; i++) {
                double x = set * d.size(6) + (i == 0 ? -d.size(4) : (i - 1) * d.size(5));
                double half = d.size(Math.min(i, 2) + 1) / 2;
                w.wire(
                        set == 0 ? new Vec(x, -half, 0) : new Vec(x, 0, -hand * half),
                        set == 0 ? new Vec(x, half, 0) : new Vec(x, 0, hand * half));
            }
        }
        return w.drive(1, 1, 0).drive(n + 1, 1, 0).model("Crossed Yagis");
    }
}
