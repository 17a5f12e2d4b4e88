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

/** A half-wave dipole, straight or with its arms drooping as an inverted V, cut to resonance. */
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
    public String good() {
        return "The least that works and the measure of all others; round about its own axis.";
    }

    @Override
    public String bad() {
        return "No front and no back: 2 dBi is all, and what comes from behind is heard as well.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(Reactance.lengthFor(0, wish.diameter() / 2, wave)), Quantity.of("0", Unit.DEG));
    }

    @Override
    public String title(Design d) {
        return d.size(1) > 0 ? d.upright() ? "Drooping dipole" : "Inverted V" : "Dipole";
    }

    @Override
    public String part(Design d, int wire) {
        return "dipole";
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        return HalfWave.schools(d.size(0), frequency);
    }

    @Override
    public WireModel model(Design d) {
        double arm = d.size(0) / 2;
        double droop = Math.toRadians(d.size(1));
        double out = arm * Math.cos(droop);
        double down = -arm * Math.sin(droop);
        // What droops leans to the ground where it lies flat, and towards the mast where it stands.
        Wiring w = Wiring.fixed(d);
        w.wire(at(d, -out, down), new Vec(0, 0, 0), at(d, out, down));
        return w.feed(0, new Port.Place.Fraction(0.5)).model("Dipole");
    }

    private static Vec at(Design d, double along, double down) {
        return d.upright() ? new Vec(down, 0, along) : new Vec(0, along, down);
    }
}
