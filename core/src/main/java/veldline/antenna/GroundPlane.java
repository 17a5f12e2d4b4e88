package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import veldline.explain.Worked;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** A quarter wave over radials, straight or drooping; drooping by 45° it comes near 50 Ω. It always stands. */
public final class GroundPlane implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Radiator", 0.15, 0.35),
            Measure.length("Radials", 0.15, 0.35),
            Measure.angle("Radials droop", 0, 80),
            Measure.count("How many radials", 2, 8));

    @Override
    public String name() {
        return "ground plane";
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
        return "Serves all round; 50 Ω by drooping, from five rods and a socket.";
    }

    @Override
    public String bad() {
        return "No gain towards anyone; level radials leave 22 Ω and a beam tilted up.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.24 * wave),
                MEASURES.get(1).of(0.25 * wave),
                Quantity.of("45", Unit.DEG),
                Quantity.of("4", Unit.ONE));
    }

    @Override
    public Design begun(Wish wish) {
        return WireFamily.super.begun(wish).withUpright(true);
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
    public String title(Design d) {
        return "Ground plane";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "radiator" : "radial";
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        return HalfWave.schools(2 * d.size(0), frequency);
    }

    @Override
    public WireModel model(Design d) {
        double droop = Math.toRadians(d.size(2));
        double out = d.size(1) * Math.cos(droop);
        double down = -d.size(1) * Math.sin(droop);
        Wiring w = Wiring.fixed(d);
        Vec foot = new Vec(0, 0, 0);
        w.wire(foot, new Vec(0, 0, d.size(0)));
        int count = d.count(3);
        for (int i = 0; i < count; i++) {
            double a = 2 * Math.PI * i / count;
            w.wire(foot, new Vec(out * Math.cos(a), out * Math.sin(a), down));
        }
        return w.feed(0, new Port.Place.Vertex(0)).model("Ground plane");
    }
}
