package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** A dipole before two sides of rods that meet at an angle behind it. */
public final class CornerReflector implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Driven element", 0.35, 0.6),
            Measure.length("From the corner", 0.2, 0.8),
            Measure.length("Sides, length", 0.4, 2),
            Measure.length("Rods, length", 0.45, 1.2),
            Measure.count("Rods on a side", 3, 14),
            Measure.angle("Corner's angle", 60, 150));

    /** Rods are cut coarsely: they stand for a sheet, and no part of them is tuned. */
    private static final double RODS = 0.4;

    private static final Formula IMAGES = new Formula(
            "Gain of an endless corner",
            "A square corner of endless sides acts like three images; their fields and coupling give the gain over one dipole.",
            "G",
            "2.15 + 20·log10(2·(1 − cos(2·pi·s))) + 10·log10(r ÷ q)",
            "Kraus, Antennas, 3rd ed., §10-3; r a dipole's resistance alone, q before the corner",
            "A ceiling for a square corner: real sides of two to three times the distance lie 1 to 2 dB below it");

    @Override
    public String name() {
        return "corner reflector";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.DRILL, Tool.SOLDERING_IRON);
    }

    @Override
    public String good() {
        return "9 to 11 dBi with one tuned part: the sides may be a centimetre off and the band is wide.";
    }

    @Override
    public String bad() {
        return "Bulky: sides of a wave, a dozen rods or more, and wind on all of them.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.46 * wave),
                MEASURES.get(1).of(0.4 * wave),
                MEASURES.get(2).of(0.95 * wave),
                MEASURES.get(3).of(0.65 * wave),
                Quantity.of("9", Unit.ONE),
                Quantity.of("90", Unit.DEG));
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, 0);
    }

    @Override
    public List<String> extras(Design d) {
        return List.of("frame for two sides of " + d.sizes().get(2), "plastic holder for the driven element");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Rods may be a centimetre off; the driven element and its distance may not.",
                "Rods every " + Quantity.shown(d.size(2) / (d.count(4) - 1), Unit.MM, 1)
                        + " along each side, the first in the corner itself.",
                "Rods closer than a tenth of a wave act like whole sheet.");
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(4);
    }

    @Override
    public String title(Design d) {
        return "Corner reflector, " + d.sizes().get(5);
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "driven" : "rod of a side";
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        if (Math.abs(d.size(5) - 90) > 1) {
            return List.of();
        }
        double waves = d.size(1) * frequency / 299_792_458.0;
        double alone = MutualImpedance.self().getReal();
        double before = alone
                - 2 * MutualImpedance.of(Math.sqrt(2) * waves).getReal()
                + MutualImpedance.of(2 * waves).getReal();
        return List.of(Worked.of(IMAGES)
                .computed("s", "distance from the corner, waves", waves, "", 4)
                .computed("r", "a dipole alone", alone, "Ω", 3)
                .computed("q", "before the corner", before, "Ω", 3)
                .gives(gainDbi(waves), "dBi", 1));
    }

    /** Gain of a thin half wave before an endless square corner so many waves away, dBi. */
    static double gainDbi(double waves) {
        double before = MutualImpedance.self().getReal()
                - 2 * MutualImpedance.of(Math.sqrt(2) * waves).getReal()
                + MutualImpedance.of(2 * waves).getReal();
        return 2.15
                + 20 * Math.log10(2 * (1 - Math.cos(2 * Math.PI * waves)))
                + 10 * Math.log10(MutualImpedance.self().getReal() / before);
    }

    @Override
    public WireModel model(Design d) {
        Wiring w = new Wiring(d);
        double half = d.size(0) / 2;
        w.wire(new Vec(0, -half, 0), new Vec(0, half, 0));
        double corner = -d.size(1);
        double open = Math.toRadians(d.size(5)) / 2;
        int rods = d.count(4);
        double rod = d.size(3) / 2;
        // One rod stands in the corner itself and serves both sides.
        w.wire(List.of(new Vec(corner, -rod, 0), new Vec(corner, rod, 0)), d.round(), false, RODS);
        for (int i = 1; i < rods; i++) {
            double along = d.size(2) * i / (rods - 1);
            double x = corner + along * Math.cos(open);
            for (int side : new int[] {-1, 1}) {
                double z = side * along * Math.sin(open);
                w.wire(List.of(new Vec(x, -rod, z), new Vec(x, rod, z)), d.round(), false, RODS);
            }
        }
        return w.feedMiddle(0).model("Corner reflector");
    }
}
