package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.antenna.Family.Silhouette.Bar;
import veldline.field.wire.Direction;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.stock.Tool;

/** A straight half-wave dipole, cut to resonance. */
public final class Dipole implements Family {
    private static final double C = 299_792_458.0;

    @Override
    public String name() {
        return "dipole";
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.SOLDERING_IRON);
    }

    @Override
    public Shaped shape(Wish wish) {
        double length = Reactance.lengthFor(0, wish.diameter() / 2, C / wish.frequency());
        Vec half = wish.upright() ? new Vec(0, 0, length / 2) : new Vec(0, length / 2, 0);
        Wire wire = new Wire(
                List.of(half.times(-1), half),
                wish.diameter() / 2,
                false,
                Optional.of(wish.metal().conductivity()));
        WireModel model = WireModel.inFreeSpace("dipole", List.of(wire), Port.middleOf(0), Direction.X);
        return new Shaped(
                this,
                "Dipole",
                veldline.quantity.NumberText.shown(length * 1000, 1) + " mm across",
                0,
                Optional.of(model),
                Optional.empty(),
                false,
                new Silhouette(List.of(new Bar(0, -length / 2, 0, length / 2))));
    }
}
