package veldline.desktop;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.antenna.Design;
import veldline.antenna.Measure;
import veldline.antenna.WireFamily;
import veldline.field.wire.Direction;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.stock.Tool;

/** A family that only these tests know: two arms that meet at the feed, bent forward. Found as a service. */
public final class TestVee implements WireFamily {
    private static final List<Measure> MEASURES =
            List.of(Measure.length("Arm", 0.15, 0.4), Measure.angle("Bent forward", 0, 60));

    @Override
    public String name() {
        return "test vee";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return Set.of(Tool.SAW);
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
    public List<Quantity> begin(Wish wish) {
        return List.of(
                MEASURES.get(0).of(0.24 * wish.wavelength()), MEASURES.get(1).of(20));
    }

    @Override
    public String title(Design d) {
        return "Test vee";
    }

    @Override
    public String part(Design d, int wire) {
        return "arm";
    }

    @Override
    public WireModel model(Design d) {
        double a = Math.toRadians(d.size(1));
        Vec feed = new Vec(0, 0, 0);
        return WireModel.inFreeSpace(
                "test vee",
                List.of(arm(d, feed, a, 1), arm(d, feed, a, -1)),
                new Port(0, new Port.Place.Vertex(0)),
                Direction.X);
    }

    private static Wire arm(Design d, Vec feed, double bent, int side) {
        double out = side * d.size(0) * Math.cos(bent);
        Vec tip =
                d.upright() ? new Vec(d.size(0) * Math.sin(bent), 0, out) : new Vec(d.size(0) * Math.sin(bent), out, 0);
        return new Wire(
                List.of(feed, tip), d.round() / 2, false, Optional.of(d.metal().conductivity()));
    }
}
