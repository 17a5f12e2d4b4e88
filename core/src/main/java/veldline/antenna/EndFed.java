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
import veldline.stock.Tool;

/** A half wave fed at its end, with the short counterpoise that carries the return: there always is one, the cable if nothing else. */
public final class EndFed implements WireFamily {
    private static final List<Measure> MEASURES =
            List.of(Measure.length("Wire", 0.35, 0.6), Measure.length("Counterpoise", 0.02, 0.2));

    @Override
    public String name() {
        return "end-fed half wave";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.RULE, Tool.SOLDERING_IRON);
    }

    @Override
    public String good() {
        return "One support and no cable in mid-air; a half wave where only an end can be reached.";
    }

    @Override
    public String bad() {
        return "2 to 5 kΩ at the feed: a transformer with its loss, high voltage at both ends, and the cable is the return if nothing else is.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(MEASURES.get(0).of(0.48 * wave), MEASURES.get(1).of(0.05 * wave));
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.endTuned(d, frequency, 0);
    }

    @Override
    public boolean balanced() {
        return false;
    }

    @Override
    public List<String> extras(Design d) {
        return List.of("transformer box, insulators, cord");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Between cable and wire a transformer of 49 or 64 to 1; the counterpoise at its cold side.",
                "The far end is at hundreds of volts when it sends: out of reach, insulated.");
    }

    @Override
    public String title(Design d) {
        return "End-fed half wave";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "wire" : "counterpoise";
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        return HalfWave.schools(d.size(0), frequency);
    }

    @Override
    public WireModel model(Design d) {
        double from = -d.size(0) / 2;
        Wiring w = new Wiring(d);
        Vec feed = new Vec(0, from, 0);
        w.wire(feed, new Vec(0, from + d.size(0), 0));
        w.wire(feed, new Vec(0, from, -d.size(1)));
        return w.feed(0, new Port.Place.Vertex(0)).model("End-fed half wave");
    }
}
