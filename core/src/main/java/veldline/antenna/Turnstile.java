package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** Two level dipoles crossed on one mast, the second fed through a quarter wave of line: flat and nearly round along the ground. */
public final class Turnstile implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Each dipole", 0.35, 0.6),
            Measure.length("Phasing line, electrical length", 0.15, 0.35),
            Measure.number("Phasing line, Ω", Unit.ONE, 25, 300),
            Measure.length("One over the other", 0.002, 0.06));

    @Override
    public String name() {
        return "turnstile";
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
        return "Flat and round about within a decibel; straight up and down its wave turns.";
    }

    @Override
    public String bad() {
        return "3 dB less than one dipole along its beam; off its frequency the circle becomes a figure of eight.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(Reactance.lengthFor(0, wish.diameter() / 2, wave)),
                MEASURES.get(1).of(wave / 4),
                Quantity.of("72", Unit.ONE),
                MEASURES.get(3).of(Math.max(0.004 * wave, 3 * wish.diameter())));
    }

    @Override
    public Design begun(Wish wish) {
        return WireFamily.super.begun(wish).withUpright(false);
    }

    /** Square to each other they do not couple: each is cut as if it stood alone. */
    @Override
    public Design tuned(Design d, double frequency) {
        if (d.locked().contains(0)) {
            return d;
        }
        Design alone = new Design(
                        new Dipole().key(),
                        List.of(d.sizes().get(0), Quantity.of("0", Unit.DEG)),
                        d.diameter(),
                        d.metal(),
                        false,
                        d.form(),
                        d.covering(),
                        Set.of())
                .tuned(frequency);
        return d.withSize(0, alone.sizes().get(0));
    }

    @Override
    public Polarized polarized(Design d) {
        return Polarized.FLAT;
    }

    @Override
    public List<String> extras(Design d) {
        return List.of("phasing line, " + d.sizes().get(2) + " Ω");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "The phasing line's length is electrical: times its velocity factor it is what is cut.",
                "One dipole turned over changes which way it turns overhead, and nothing on the ground.");
    }

    @Override
    public String title(Design d) {
        return "Turnstile";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "first dipole" : "second dipole";
    }

    @Override
    public WireModel model(Design d) {
        double half = d.size(0) / 2;
        double over = d.size(3) / 2;
        Wiring w = Wiring.fixed(d);
        w.wire(new Vec(0, -half, over), new Vec(0, half, over));
        w.wire(new Vec(-half, 0, -over), new Vec(half, 0, -over));
        return w.feedMiddle(0)
                .line(new Network.Line(Port.middleOf(0), Port.middleOf(1), d.size(2), d.size(1), 1, false))
                .model("Turnstile");
    }
}
