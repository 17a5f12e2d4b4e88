package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.stock.Tool;

/** A half wave of tubes that slide into each other, thickest in the middle: stiff, packed short, trimmed at the tips. */
public final class SteppedDipole implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Length, both arms", 0.2, 0.8),
            Measure.length("Middle tube, length", 0.05, 0.3),
            Measure.length("Next tube, each arm", 0.03, 0.2),
            Measure.length("Middle tube, diameter", 0.0003, 0.03),
            Measure.length("Tips, diameter", 0.0001, 0.03));

    @Override
    public String name() {
        return "stepped dipole";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.DRILL);
    }

    @Override
    public String good() {
        return "Stiff where it is held and light at the tips; trimmed by sliding, packed in thirds.";
    }

    @Override
    public String bad() {
        return "Every step makes it longer than a plain one would be; a length from a table of plain rods is wrong.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.48 * wave),
                MEASURES.get(1).of(0.19 * wave),
                MEASURES.get(2).of(0.09 * wave),
                MEASURES.get(3).of(1.5 * wish.diameter()),
                MEASURES.get(4).of(0.6 * wish.diameter()));
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, 0);
    }

    @Override
    public String title(Design d) {
        return "Dipole of stepped tubes";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "middle tube" : wire % 2 == 1 ? "next tube" : "tip";
    }

    @Override
    public WireModel model(Design d) {
        double middle = d.size(1) / 2;
        double next = middle + d.size(2);
        // A tip slid in all the way still shows a little.
        double tip = Math.max(d.size(0) / 2, next + 0.02 * d.size(0));
        Wiring w = new Wiring(d);
        w.wire(List.of(new Vec(0, -middle, 0), new Vec(0, middle, 0)), d.size(3), false);
        for (int side : new int[] {-1, 1}) {
            w.wire(new Vec(0, side * middle, 0), new Vec(0, side * next, 0));
            w.wire(List.of(new Vec(0, side * next, 0), new Vec(0, side * tip, 0)), d.size(4), false);
        }
        return w.feedMiddle(0).model("Dipole of stepped tubes");
    }
}
