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
import veldline.stock.Tool;

/** A half wave folded back on itself: four times a dipole's resistance where both conductors are alike. */
public final class FoldedDipole implements WireFamily {
    private static final List<Measure> MEASURES =
            List.of(Measure.length("Length", 0.2, 0.8), Measure.length("Between the conductors", 0.004, 0.1));

    @Override
    public String name() {
        return "folded dipole";
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
        return List.of(MEASURES.get(0).of(0.47 * wave), MEASURES.get(1).of(Math.max(0.02 * wave, 3 * wish.diameter())));
    }

    @Override
    public String title(Design d) {
        return "Folded dipole";
    }

    @Override
    public WireModel model(Design d) {
        double half = d.size(0) / 2;
        double gap = d.size(1);
        Wire loop = new Wire(
                List.of(at(d, -half, 0), at(d, half, 0), at(d, half, gap), at(d, -half, gap)),
                d.diameter().value() / 2,
                true,
                Optional.of(d.metal().conductivity()));
        return WireModel.inFreeSpace(
                "Folded dipole", List.of(loop), new Port(0, new Port.Place.Distance(half)), Direction.X);
    }

    private static Vec at(Design d, double along, double aside) {
        return d.upright() ? new Vec(0, aside, along) : new Vec(0, along, aside);
    }
}
