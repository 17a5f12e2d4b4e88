package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import veldline.explain.Worked;
import veldline.field.wire.Curve;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** One wave of wire around a square, a diamond or a circle, square to its beam; fed at the bottom it lies flat. */
public final class Loop implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("All the way around", 0.6, 1.6), Measure.choice("Bent to a", "square", "diamond", "circle"));
    private static final int DIAMOND = 1;
    private static final int CIRCLE = 2;
    private static final int SIDES = 32;

    @Override
    public String name() {
        return "loop";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.SOLDERING_IRON);
    }

    @Override
    public String good() {
        return "A decibel over a dipole in half its span; quiet where rain and dust charge open tips.";
    }

    @Override
    public String bad() {
        return "About 120 Ω, so a quarter wave of 75 Ω line stands between it and 50 Ω; the same to both sides.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        return List.of(MEASURES.get(0).of(1.05 * wish.wavelength()), Quantity.of("0", Unit.ONE));
    }

    @Override
    public String title(Design d) {
        return d.count(1) == CIRCLE ? "Round loop" : d.count(1) == DIAMOND ? "Diamond loop" : "Square loop";
    }

    @Override
    public String part(Design d, int wire) {
        return "loop";
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        return LoopLength.schools(d.size(0), frequency);
    }

    @Override
    public WireModel model(Design d) {
        double around = d.size(0);
        Wiring w = new Wiring(d);
        if (d.count(1) == CIRCLE) {
            // The polygon has the length of the circle that is bent.
            double r = around / (2 * SIDES * Math.sin(Math.PI / SIDES));
            w.wire(
                    new Curve(new Vec(0, 0, 0), new Vec(1, 0, 0), new Vec(0, 0, -r), 1, 0, SIDES).points(),
                    d.round(),
                    true);
            return w.feed(0, new Port.Place.Vertex(0)).model("Round loop");
        }
        if (d.count(1) == DIAMOND) {
            double h = around / 4 / Math.sqrt(2);
            w.loop(new Vec(0, 0, -h), new Vec(0, h, 0), new Vec(0, 0, h), new Vec(0, -h, 0));
            return w.feed(0, new Port.Place.Vertex(0)).model("Diamond loop");
        }
        double h = around / 8;
        w.loop(new Vec(0, -h, -h), new Vec(0, h, -h), new Vec(0, h, h), new Vec(0, -h, h));
        return w.feed(0, new Port.Place.Distance(h)).model("Square loop");
    }
}
