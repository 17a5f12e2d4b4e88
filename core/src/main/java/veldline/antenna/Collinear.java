package veldline.antenna;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/**
 * Half waves end to end, kept in step by a quarter-wave hairpin between them that turns the phase about. An odd number is fed in the
 * middle of the middle one at low resistance, an even number between the middle two at high.
 */
public final class Collinear implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.count("Half waves", 2, 8),
            Measure.length("Each half wave", 0.3, 0.6),
            Measure.length("Hairpin, length", 0.15, 0.3),
            Measure.length("Hairpin, between wires", 0.006, 0.05));
    private static final String[] COUNTS = {"Two", "Three", "Four", "Five", "Six", "Seven", "Eight"};

    @Override
    public String name() {
        return "collinear";
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
        return "Gain all round by flattening the beam: about 2, 3 and 4 dB over one dipole for two, three and four.";
    }

    @Override
    public String bad() {
        return "The flatter beam misses who is near below or above, and each doubling doubles the height for less than 3 dB.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                Quantity.of("3", Unit.ONE),
                MEASURES.get(1).of(0.47 * wave),
                MEASURES.get(2).of(0.24 * wave),
                MEASURES.get(3).of(Math.max(0.015 * wave, Math.min(0.045 * wave, 4 * wish.diameter()))));
    }

    /** Odd ones to resonance; what is fed at a high point has none that would help. */
    @Override
    public Design tuned(Design d, double frequency) {
        return d.count(0) % 2 == 1 ? Resonance.tuned(d, frequency, 1) : d;
    }

    @Override
    public int trimmed() {
        return 1;
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(0);
    }

    @Override
    public boolean isSheet(Design d, int wire) {
        return wire >= d.count(0) + hairpins(d.count(0));
    }

    @Override
    public String title(Design d) {
        return COUNTS[d.count(0) - 2] + " half waves in line";
    }

    @Override
    public String part(Design d, int wire) {
        int n = d.count(0);
        return wire < n ? "half wave" : wire < n + hairpins(n) ? "hairpin" : "link at the feed";
    }

    private static int hairpins(int n) {
        return n % 2 == 1 ? n - 1 : n - 2;
    }

    @Override
    public WireModel model(Design d) {
        int n = d.count(0);
        double half = d.size(1);
        double gap = d.size(3);
        double low = -(n * half + (n - 1) * gap) / 2;
        Wiring w = new Wiring(d);
        List<double[]> gaps = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double from = low + i * (half + gap);
            w.wire(new Vec(0, from, 0), new Vec(0, from + half, 0));
            if (i + 1 < n) {
                gaps.add(new double[] {from + half, from + half + gap});
            }
        }
        for (int i = 0; i < gaps.size(); i++) {
            if (n % 2 == 1 || i != n / 2 - 1) {
                double a = gaps.get(i)[0];
                double b = gaps.get(i)[1];
                // Backwards, away from the beam.
                w.wire(new Vec(0, a, 0), new Vec(-d.size(2), a, 0), new Vec(-d.size(2), b, 0), new Vec(0, b, 0));
            }
        }
        if (n % 2 == 1) {
            return w.feedMiddle(n / 2).model("Collinear");
        }
        double[] middle = gaps.get(n / 2 - 1);
        int link = w.wire(new Vec(0, middle[0], 0), new Vec(0, middle[1], 0));
        return w.feed(link, new Port.Place.Fraction(0.5)).model("Collinear");
    }
}
