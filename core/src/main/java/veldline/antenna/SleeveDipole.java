package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.field.wire.Load;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.stock.Tool;

/**
 * A quarter wave over a sleeve around its own cable: an upright dipole fed from below. Inside, sleeve and braid are a line of a
 * quarter wave shorted at the feed, which keeps the current off the cable below; where it is not a quarter wave, some runs down.
 */
public final class SleeveDipole implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Whip above", 0.15, 0.35),
            Measure.length("Sleeve, length", 0.15, 0.32),
            Measure.length("Sleeve, diameter", 0.002, 0.035),
            Measure.length("Cable's braid, diameter", 0.0003, 0.015),
            Measure.length("Cable below", 0.05, 3));
    private static final double C = 299_792_458.0;
    private static final double ETA_OVER_2_PI = 59.9585;

    @Override
    public String name() {
        return "sleeve dipole";
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
        return "Upright, round about, fed from below in one slim tube with no radials.";
    }

    @Override
    public String bad() {
        return "The sleeve chokes one frequency only; beside it current runs down the cable and lifts the beam.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        double braid = Math.max(0.0008 * wave, Math.min(0.008 * wave, 5e-3));
        return List.of(
                MEASURES.get(0).of(0.235 * wave),
                MEASURES.get(1).of(0.25 * wave),
                MEASURES.get(2).of(Math.min(0.03 * wave, 4 * braid)),
                MEASURES.get(3).of(braid),
                MEASURES.get(4).of(0.75 * wave));
    }

    @Override
    public Design begun(Wish wish) {
        return WireFamily.super.begun(wish).withUpright(true);
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, 0);
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
    public List<String> extras(Design d) {
        return List.of("plastic spacers inside the sleeve");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "The sleeve is joined to the shield at the feed only, its lower end open; plastic keeps the cable in its middle.",
                "Nothing of metal within a tenth of a wave of the sleeve's open end.");
    }

    @Override
    public String title(Design d) {
        return "Sleeve dipole";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "whip" : wire == 1 ? "sleeve" : "cable";
    }

    @Override
    public boolean isSheet(Design d, int wire) {
        return wire == 2;
    }

    @Override
    public WireModel model(Design d) {
        Wiring w = Wiring.fixed(d);
        Vec feed = new Vec(0, 0, 0);
        Vec mouth = new Vec(0, 0, -d.size(1));
        w.wire(feed, new Vec(0, 0, d.size(0)));
        w.wire(List.of(feed, mouth), d.size(2), false);
        int cable = w.wire(List.of(mouth, new Vec(0, 0, -d.size(1) - d.size(4))), d.size(3), false);
        return w.feed(0, new Port.Place.Vertex(0)).load(choke(d, cable)).model("Sleeve dipole");
    }

    /** The shorted line in the sleeve near its quarter wave, as the tuned circuit of the same slope (Pozar, Microwave Engineering, §6.2). */
    private static Load choke(Design d, int cable) {
        double ohms = ETA_OVER_2_PI * Math.log(Math.max(1.2, d.size(2) / d.size(3)));
        double omega = 2 * Math.PI * C / (4 * d.size(1));
        double farads = Math.PI / (4 * omega * ohms);
        return new Load.Lumped(
                new Port(cable, new Port.Place.Vertex(0)),
                true,
                Optional.empty(),
                Optional.of(1 / (omega * omega * farads)),
                Optional.of(farads));
    }
}
