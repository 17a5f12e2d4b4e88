package veldline.antenna;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/**
 * Three or four lobes of about a wave of wire each around one feed, all leaning the same way: round about, and turning. Each goes
 * out from the upper side of the feed, leans over along an arc, and comes back to the lower.
 */
public final class LobeOmni implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.choice("Lobes", "three", "four"),
            Measure.length("Spokes", 0.12, 0.35),
            Measure.angle("Lobes lean", 10, 60),
            Measure.choice("Its wave turns", "right-handed", "left-handed"),
            Measure.angle("Each lobe spans", 70, 140),
            Measure.length("Feed's gap", 0.008, 0.05));
    /** Pieces of an arc. */
    private static final int PIECES = 8;

    @Override
    public String name() {
        return "lobe omni";
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
        return "A turning wave all round in a thimble: for what banks and rolls, heard by a circular end without fading.";
    }

    @Override
    public String bad() {
        return "1 dBi is all; with three lobes its axial ratio is 3 to 4 dB, with four under 3, and every bent lobe adds.";
    }

    /** Above 300 MHz: below, nobody bends and carries one. */
    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() < 1;
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                Quantity.of("0", Unit.ONE),
                MEASURES.get(1).of(0.23 * wave),
                Quantity.of("24", Unit.DEG),
                Quantity.of("0", Unit.ONE),
                Quantity.of("114", Unit.DEG),
                MEASURES.get(5).of(0.02 * wave));
    }

    /** Thin wire: thick lobes turn the wave less evenly. */
    @Override
    public Design begun(Wish wish) {
        Design d = WireFamily.super.begun(wish);
        double most = 0.006 * wish.wavelength();
        return wish.diameter() <= most ? d : d.withDiameter(Quantity.shown(most, Unit.MM, 2));
    }

    /** Of three lobes, and of four. */
    @Override
    public List<Design> choices(Wish wish) {
        Design four = begun(wish).withSize(0, Quantity.of("1", Unit.ONE));
        return List.of(design(wish), tuned(four, wish.frequency()));
    }

    @Override
    public int trimmed() {
        return 1;
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, 1);
    }

    @Override
    public Polarized polarized(Design d) {
        return d.count(3) == 0 ? Polarized.RIGHT_HAND : Polarized.LEFT_HAND;
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Lobes lean all the same way; one bent the other way ruins all of them.",
                "Half of each lobe's start goes to the inner conductor, its end to the shield.");
    }

    /** Spokes are straight, the arc between them is not. */
    @Override
    public double curve(Design d, int wire) {
        double arc = Math.toRadians(d.size(4));
        double chords = 2 * PIECES * Math.sin(arc / 2 / PIECES);
        return wire == 0 ? 1 : (2 + arc) / (2 + chords);
    }

    @Override
    public String title(Design d) {
        return d.count(0) == 0 ? "Three-lobe omni" : "Four-lobe omni";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "gap at the feed" : "lobe";
    }

    @Override
    public boolean isSheet(Design d, int wire) {
        return wire == 0;
    }

    @Override
    public WireModel model(Design d) {
        int lobes = d.count(0) + 3;
        int hand = d.count(3) == 0 ? 1 : -1;
        double gap = d.size(5) / 2;
        double r = d.size(1);
        double lean = Math.toRadians(d.size(2)) * hand;
        double span = Math.toRadians(d.size(4));
        Wiring w = Wiring.fixed(d);
        w.wire(new Vec(0, 0, -gap), new Vec(0, 0, gap));
        for (int i = 0; i < lobes; i++) {
            double to = 2 * Math.PI * i / lobes;
            Vec out = new Vec(Math.cos(to), Math.sin(to), 0);
            // Across the lobe, leaning over about its own middle.
            Vec across = new Vec(-Math.sin(to) * Math.cos(lean), Math.cos(to) * Math.cos(lean), Math.sin(lean));
            List<Vec> lobe = new ArrayList<>();
            lobe.add(new Vec(0, 0, gap));
            for (int k = PIECES; k >= 0; k--) {
                double a = hand * span * ((double) k / PIECES - 0.5);
                lobe.add(out.times(r * Math.cos(a)).plus(across.times(r * Math.sin(a))));
            }
            lobe.add(new Vec(0, 0, -gap));
            w.wire(lobe, d.round(), false);
        }
        return w.feedMiddle(0).model("Lobe omni");
    }
}
