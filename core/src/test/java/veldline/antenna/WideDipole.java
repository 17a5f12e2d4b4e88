package veldline.antenna;

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

/** A family that only the tests know: two rods side by side, one of them fed. It is found as a service. */
public final class WideDipole implements WireFamily {
    @Override
    public String name() {
        return "dipole with a neighbour";
    }

    @Override
    public String key() {
        return "test dipole";
    }

    @Override
    public List<Measure> measures() {
        return List.of(Measure.length("Length", 0.3, 0.7), Measure.length("Beside it", 0.05, 0.3));
    }

    @Override
    public Set<Tool> tools() {
        return Set.of(Tool.SAW);
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        return List.of(
                measures().get(0).of(0.47 * wish.wavelength()),
                measures().get(1).of(0.15 * wish.wavelength()));
    }

    @Override
    public String good() {
        return "Only in tests.";
    }

    @Override
    public String bad() {
        return "Nowhere else.";
    }

    @Override
    public String title(Design d) {
        return "Dipole with a neighbour";
    }

    @Override
    public WireModel model(Design d) {
        return WireModel.inFreeSpace("test", List.of(rod(d, 0), rod(d, -d.size(1))), Port.middleOf(0), Direction.X);
    }

    private static Wire rod(Design d, double x) {
        double half = d.size(0) / 2;
        List<Vec> ends = d.upright()
                ? List.of(new Vec(x, 0, -half), new Vec(x, 0, half))
                : List.of(new Vec(x, -half, 0), new Vec(x, half, 0));
        return new Wire(
                ends, d.diameter().value() / 2, false, Optional.of(d.metal().conductivity()));
    }
}
