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
 * Two squares corner to corner, or four in a row, over a sheet of metal. A side is about a quarter wave; the field lies square to
 * the row.
 */
public final class Biquad implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Side of a square", 0.18, 0.33),
            Measure.length("Over the plate", 0.06, 0.3),
            Measure.choice("Squares", "two", "four"),
            Measure.length("Plate along the row", 0.5, 2.6),
            Measure.length("Plate across the row", 0.5, 1.6),
            Measure.length("Feed's gap", 0.01, 0.08));
    private static final double OHMS = 50;
    /** The plate as rods along the field, two to a side of a square: an eighth of a wave apart. */
    private static final double RODS_PER_SIDE = 2;
    /** Where wires pass each other each stands so many diameters off the plane. */
    private static final double PASS = 1.5;

    @Override
    public String name() {
        return "biquad";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.SOLDERING_IRON, Tool.DRILL);
    }

    @Override
    public String good() {
        return "10 dBi in a hand's depth from one piece of wire and a plate; wide in band and forgiving.";
    }

    @Override
    public String bad() {
        return "The plate catches wind and stops at about 10 dBi, or 12 to 13 with four squares.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.2472 * wave + 0.0015 * wave * Math.log10(wish.diameter() / wave / 0.01)),
                MEASURES.get(1).of(0.114 * wave - 0.004 * wave * Math.log10(wish.diameter() / wave / 0.01)),
                Quantity.of("0", Unit.ONE),
                MEASURES.get(3).of(wave),
                MEASURES.get(4).of(0.8 * wave),
                MEASURES.get(5).of(Math.max(0.03 * wave, 2.5 * wish.diameter())));
    }

    @Override
    public List<Design> choices(Wish wish) {
        Design two = design(wish);
        Design four = two.withSize(2, Quantity.of("1", Unit.ONE))
                .withSize(0, MEASURES.get(0).of(0.2475 * wish.wavelength()))
                .withSize(1, MEASURES.get(1).of(0.071 * wish.wavelength()))
                .withSize(3, MEASURES.get(3).of(1.8 * wish.wavelength()));
        return List.of(two, tuned(four, wish.frequency()));
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.matched(d, frequency, 0, 1, OHMS);
    }

    @Override
    public List<String> extras(Design d) {
        return List.of(
                "sheet metal or mesh, " + d.sizes().get(3) + " by " + d.sizes().get(4),
                "plastic stand-offs, " + d.sizes().get(1));
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Plate " + d.sizes().get(3) + " by " + d.sizes().get(4)
                        + ", whole sheet or mesh finer than a tenth of a wave.",
                "Bend each half from one piece; the corners at the feed stay "
                        + d.sizes().get(5) + " apart.",
                "Stand it " + d.sizes().get(1) + " over the plate on plastic; only the shield may touch the plate.");
    }

    @Override
    public String title(Design d) {
        return d.count(2) == 1 ? "Double biquad" : "Biquad";
    }

    @Override
    public String build(Design d) {
        return Quantity.shown(d.size(3), Unit.MM, 0) + " by " + Quantity.shown(d.size(4), Unit.MM, 0) + " plate";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "gap at the feed" : wire <= 2 ? "bent wire, one half" : "plate";
    }

    @Override
    public boolean isSheet(Design d, int wire) {
        return wire > 2 || wire == 0;
    }

    @Override
    public WireModel model(Design d) {
        double gap = d.size(5) / 2;
        int squares = d.count(2) == 1 ? 2 : 1;
        Wiring w = new Wiring(d);
        w.wire(new Vec(0, -gap, 0), new Vec(0, gap, 0));
        w.wire(half(d, 1, squares), d.round(), false);
        w.wire(half(d, -1, squares), d.round(), false);
        Plate.across(w, -d.size(1), d.size(4), d.size(3), RODS_PER_SIDE / d.size(0));
        return w.feedMiddle(0).model("Biquad");
    }

    /**
     * One half of the wire, up or down the row: out along one side, back along the other. Where two squares meet the wires pass each
     * other without touching, so that the next square's current runs the same way round as it should.
     */
    private static List<Vec> half(Design d, int up, int squares) {
        double corner = d.size(0) / Math.sqrt(2);
        double gap = d.size(5) / 2;
        List<Vec> out = new ArrayList<>();
        List<Vec> back = new ArrayList<>();
        out.add(new Vec(0, gap, 0));
        back.add(new Vec(0, -gap, 0));
        int side = 1;
        for (int q = 0; q < squares; q++) {
            double from = up * 2 * q * corner;
            out.add(new Vec(0, side * corner, from + up * corner));
            back.add(new Vec(0, -side * corner, from + up * corner));
            if (q + 1 < squares) {
                out.add(new Vec(PASS * d.round(), 0, from + up * 2 * corner));
                back.add(new Vec(-PASS * d.round(), 0, from + up * 2 * corner));
                side = -side;
            }
        }
        List<Vec> all = new ArrayList<>(out);
        all.add(new Vec(0, 0, up * 2 * squares * corner));
        for (int i = back.size() - 1; i >= 0; i--) {
            all.add(back.get(i));
        }
        return all;
    }
}
