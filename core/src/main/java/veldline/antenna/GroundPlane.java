package veldline.antenna;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.field.wire.Direction;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
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
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.24 * wave),
                MEASURES.get(1).of(0.25 * wave),
                Quantity.of("45", Unit.DEG),
                Quantity.of("4", Unit.ONE));
    }

    @Override
    public Design design(Wish wish) {
        return WireFamily.super.design(wish).withUpright(true);
    }

    @Override
    public String title(Design d) {
        return "Ground plane";
    }

    @Override
    public WireModel model(Design d) {
        double droop = Math.toRadians(d.size(2));
        double out = d.size(1) * Math.cos(droop);
        double down = -d.size(1) * Math.sin(droop);
        double radius = d.diameter().value() / 2;
        Optional<Double> metal = Optional.of(d.metal().conductivity());
        List<Wire> wires = new ArrayList<>();
        Vec foot = new Vec(0, 0, 0);
        wires.add(new Wire(List.of(foot, new Vec(0, 0, d.size(0))), radius, false, metal));
        int count = (int) Math.round(d.size(3));
        for (int i = 0; i < count; i++) {
            double a = 2 * Math.PI * i / count;
            Vec tip = new Vec(out * Math.cos(a), out * Math.sin(a), down);
            wires.add(new Wire(List.of(foot, tip), radius, false, metal));
        }
        return WireModel.inFreeSpace("Ground plane", wires, new Port(0, new Port.Place.Vertex(0)), Direction.X);
    }
}
