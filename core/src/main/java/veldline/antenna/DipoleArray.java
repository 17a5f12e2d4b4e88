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
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/**
 * Equal dipoles with currents that are given: side by side over one another, end to end, or one before the other, each a step of
 * phase after the one before it, the outer ones weaker if wished, with or without rods behind.
 */
public final class DipoleArray implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.count("Dipoles", 2, 8),
            Measure.choice("They stand", "broadside", "in line", "one behind"),
            Measure.length("Apart", 0.1, 1.2),
            Measure.angle("Phase from one to the next", -180, 180),
            Measure.number("Outermost current, %", Unit.ONE, 10, 100),
            Measure.length("Each dipole", 0.35, 0.6),
            Measure.choice("Rods behind", "none", "one each"),
            Measure.length("Rods, distance behind", 0.1, 0.35));
    static final int BROADSIDE = 0;
    static final int IN_LINE = 1;
    static final int END_FIRE = 2;

    private static final Formula BEAM = new Formula(
            "Where the phase turns the beam",
            "Every step of phase leans the common front: from square to the row towards its later end.",
            "A",
            "57.29578·atan(q ÷ sqrt(1 − q^2))",
            "Balanis, Antenna Theory, 3rd ed., eq. 6-21; q the phase step over a whole turn, for each wave of distance",
            "Where the elements lie closer than half a wave and couple little; the pattern shown has the coupling in it");

    @Override
    public String name() {
        return "dipole array";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.RULE, Tool.SOLDERING_IRON, Tool.ANALYSER);
    }

    @Override
    public String good() {
        return "A beam that is turned and shaped by cable lengths alone; wide panels out of simple parts.";
    }

    @Override
    public String bad() {
        return "Equal currents need a feed that stands up to the coupling: each dipole has another impedance.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                Quantity.of("4", Unit.ONE),
                Quantity.of("0", Unit.ONE),
                MEASURES.get(2).of(0.55 * wave),
                Quantity.of("0", Unit.DEG),
                Quantity.of("100", Unit.ONE),
                MEASURES.get(5).of(0.465 * wave),
                Quantity.of("1", Unit.ONE),
                MEASURES.get(7).of(0.22 * wave));
    }

    /** The dipoles alone are cut, not their distances. */
    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, 5);
    }

    @Override
    public int trimmed() {
        return 5;
    }

    @Override
    public List<String> extras(Design d) {
        return List.of("splitter for " + d.count(0) + ", cables for the phases", "mast or frame");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Phase steps are cable: "
                        + NumberText.shown(d.size(3), 0)
                        + "° for each further dipole, in cable of its own velocity factor.",
                "Every dipole of a row sees another impedance; match with all in place.");
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(0);
    }

    @Override
    public Optional<Integer> phased() {
        return Optional.of(3);
    }

    @Override
    public String title(Design d) {
        return d.count(0) + " dipoles "
                + List.of("over one another", "in line", "one behind the other").get(d.count(1));
    }

    @Override
    public String part(Design d, int wire) {
        return wire < d.count(0) ? "dipole" : "rod behind";
    }

    /** The outer ones' share falls evenly from the middle outward. */
    static double current(Design d, int i) {
        double middle = (d.count(0) - 1) / 2.0;
        double out = middle == 0 ? 0 : Math.abs(i - middle) / middle;
        return 1 - out * (1 - d.size(4) / 100);
    }

    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        if (d.count(1) == END_FIRE) {
            return List.of();
        }
        double waves = d.size(2) * frequency / 299_792_458.0;
        double sine = -d.size(3) / (360 * waves);
        // Beyond that the front is steeper than waves can be.
        return Math.abs(sine) > 0.999
                ? List.of()
                : List.of(Worked.of(BEAM)
                        .computed("q", "phase step over 360° and the distance in waves", sine, "", 6)
                        .gives(Math.toDegrees(Math.asin(sine)), "°", 1));
    }

    @Override
    public WireModel model(Design d) {
        int n = d.count(0);
        double half = d.size(5) / 2;
        Wiring w = new Wiring(d);
        for (int i = 0; i < n; i++) {
            Vec at = place(d, i);
            w.wire(at.plus(new Vec(0, -half, 0)), at.plus(new Vec(0, half, 0)));
        }
        if (d.count(6) == 1) {
            double rod = 1.06 * half;
            for (int i = 0; i < (d.count(1) == END_FIRE ? 1 : n); i++) {
                Vec at = place(d, i).plus(new Vec(-d.size(7), 0, 0));
                w.wire(at.plus(new Vec(0, -rod, 0)), at.plus(new Vec(0, rod, 0)));
            }
        }
        for (int i = 0; i < n; i++) {
            w.drive(i, current(d, i), i * d.size(3));
        }
        return w.model("Dipole array");
    }

    private static Vec place(Design d, int i) {
        double from = (i - (d.count(0) - 1) / 2.0) * d.size(2);
        return switch (d.count(1)) {
            case IN_LINE -> new Vec(0, (i - (d.count(0) - 1) / 2.0) * Math.max(d.size(2), 1.05 * d.size(5)), 0);
            case END_FIRE -> new Vec(from, 0, 0);
            default -> new Vec(0, 0, from);
        };
    }
}
