package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** A half wave on top of a quarter-wave stub of two conductors, shorted below and tapped where it matches: a J. It always stands. */
public final class JPole implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Half wave above", 0.35, 0.6),
            Measure.length("Tap over the bottom", 0.002, 0.1),
            Measure.length("Stub", 0.18, 0.3),
            Measure.length("Between the legs", 0.006, 0.06));
    private static final double OHMS = 50;

    @Override
    public String name() {
        return "J";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.SOLDERING_IRON, Tool.DRILL);
    }

    @Override
    public String good() {
        return "A half wave without radials, its foot at earth for lightning; matched by moving the tap.";
    }

    @Override
    public String bad() {
        return "Narrow, and its cable carries current unless choked; no gain over a dipole.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.485 * wave),
                MEASURES.get(1).of(0.016 * wave + 1.2 * wish.diameter()),
                MEASURES.get(2).of(0.237 * wave),
                MEASURES.get(3).of(Math.max(0.02 * wave, Math.min(0.055 * wave, 4 * wish.diameter()))));
    }

    @Override
    public Design begun(Wish wish) {
        return WireFamily.super.begun(wish).withUpright(true);
    }

    /** Both stub and tap are moved, to 50 Ω. */
    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.matched(d, frequency, 2, 1, OHMS);
    }

    @Override
    public Polarized polarized(Design d) {
        return Polarized.UPRIGHT;
    }

    @Override
    public boolean balanced() {
        return false;
    }

    @Override
    public boolean isSheet(Design d, int wire) {
        return wire == 0;
    }

    @Override
    public String title(Design d) {
        return "J-shaped half wave";
    }

    @Override
    public String build(Design d) {
        return Quantity.shown(d.size(0) + d.size(2), Unit.MM, 0) + " high";
    }

    @Override
    public String part(Design d, int wire) {
        return List.of("bridge at the tap", "long leg", "short leg", "foot").get(wire);
    }

    @Override
    public WireModel model(Design d) {
        double tap = Math.min(d.size(1), 0.9 * d.size(2));
        double apart = d.size(3);
        Wiring w = Wiring.fixed(d);
        // The short leg stands in front, where the antenna is a little the stronger.
        Vec foot = new Vec(0, 0, 0);
        Vec back = new Vec(apart, 0, 0);
        w.wire(up(foot, tap), up(back, tap));
        w.wire(foot, up(foot, tap), up(foot, d.size(0) + d.size(2)));
        w.wire(back, up(back, tap), up(back, d.size(2)));
        w.wire(foot, back);
        return w.feedMiddle(0).model("J");
    }

    private static Vec up(Vec v, double by) {
        return new Vec(v.x(), v.y(), by);
    }
}
