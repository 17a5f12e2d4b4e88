package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.stock.Tool;

/** A half wave folded back on itself: four times a dipole's resistance where both conductors are alike, more or less where not. */
public final class FoldedDipole implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Length", 0.2, 0.8),
            Measure.length("Between the conductors", 0.004, 0.1),
            Measure.length("Unfed conductor, diameter", 0.0001, 0.03));
    private static final int USUAL_APART = 3;

    private static final Formula STEP_UP = new Formula(
            "Step-up by the two radii",
            "Currents divide between the two conductors by radii and distance; the feed sees a dipole's resistance times (1 + k)².",
            "N",
            "(1 + log10(s ÷ a) ÷ log10(s ÷ b))^2",
            "Balanis, Antenna Theory, 3rd ed., §9.5; a fed and b unfed radius, s apart",
            "Within 5 % where the conductors lie at least three diameters apart; the solved resistance has no such limit");

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
    public String good() {
        return "Wide in band, its middle at no voltage so that it may be earthed; made for 300 Ω line or a 4 to 1 balun.";
    }

    @Override
    public String bad() {
        return "Straight onto 50 Ω it stands at an SWR of 6; no more gain than a plain dipole.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.47 * wave),
                MEASURES.get(1).of(Math.max(0.02 * wave, USUAL_APART * wish.diameter())),
                MEASURES.get(2).of(wish.diameter()));
    }

    /** The length alone is cut. */
    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, 0);
    }

    @Override
    public String title(Design d) {
        return Math.abs(d.size(2) / d.round() - 1) < 0.01 ? "Folded dipole" : "Folded dipole, unequal";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "fed conductor" : "unfed with its ends";
    }

    /** How much more resistance than a dipole's it has, by radii and distance in metres. */
    static double stepUp(double fed, double unfed, double apart) {
        double k = 1 + Math.log(apart / fed) / Math.log(apart / unfed);
        return k * k;
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        return List.of(Worked.of(STEP_UP)
                .computed("a", "fed radius", d.round() * 500, "mm", 3)
                .computed("b", "unfed radius", d.size(2) * 500, "mm", 3)
                .computed("s", "apart", d.size(1) * 1000, "mm", 2)
                .gives(stepUp(d.round() / 2, d.size(2) / 2, d.size(1)), "", 2));
    }

    @Override
    public WireModel model(Design d) {
        double half = d.size(0) / 2;
        double gap = d.size(1);
        Wiring w = new Wiring(d);
        if (Math.abs(d.size(2) / d.round() - 1) < 1e-6) {
            w.loop(new Vec(0, -half, 0), new Vec(0, half, 0), new Vec(0, half, gap), new Vec(0, -half, gap));
        } else {
            w.wire(new Vec(0, -half, 0), new Vec(0, half, 0));
            w.wire(
                    List.of(new Vec(0, half, 0), new Vec(0, half, gap), new Vec(0, -half, gap), new Vec(0, -half, 0)),
                    d.size(2),
                    false);
        }
        return w.feed(0, new Port.Place.Distance(half)).model("Folded dipole");
    }
}
