package veldline.antenna;

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

/** A half-wave dipole, straight or with its arms drooping, cut to resonance. */
public final class Dipole implements WireFamily {
    private static final List<Measure> MEASURES =
            List.of(Measure.length("Length, both arms", 0.2, 0.8), Measure.angle("Arms droop", 0, 60));

    @Override
    public String name() {
        return "dipole";
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
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(Reactance.lengthFor(0, wish.diameter() / 2, wave)), Quantity.of("0", Unit.DEG));
    }

    @Override
    public String title(Design d) {
        return d.size(1) > 0 ? "Drooping dipole" : "Dipole";
    }

    @Override
    public WireModel model(Design d) {
        double arm = d.size(0) / 2;
        double droop = Math.toRadians(d.size(1));
        double out = arm * Math.cos(droop);
        double down = -arm * Math.sin(droop);
        // What droops leans to the ground where it lies flat, and towards the mast where it stands.
        Wire wire = new Wire(
                List.of(at(d, -out, down), new Vec(0, 0, 0), at(d, out, down)),
                d.diameter().value() / 2,
                false,
                Optional.of(d.metal().conductivity()));
        return WireModel.inFreeSpace("Dipole", List.of(wire), Port.middleOf(0), Direction.X);
    }

    private static Vec at(Design d, double along, double down) {
        return d.upright() ? new Vec(down, 0, along) : new Vec(0, along, down);
    }
}
