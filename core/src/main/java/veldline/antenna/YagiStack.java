package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Beam;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** Equal Yagis side by side and over one another, fed alike through equal cables. */
public final class YagiStack implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.count("Side by side", 1, 4),
            Measure.count("Over one another", 1, 4),
            Measure.length("Apart, side by side", 0.5, 4),
            Measure.length("Apart, over one another", 0.3, 4),
            Measure.count("Elements of each", 2, 8),
            Measure.length("Reflectors", 0.4, 0.6),
            Measure.length("Driven elements", 0.35, 0.6),
            Measure.length("Directors", 0.3, 0.5),
            Measure.length("Reflector to driven", 0.1, 0.35),
            Measure.length("Between directors", 0.1, 0.4));
    private static final int DRIVEN = 6;

    private static final Formula OPTIMUM = new Formula(
            "Stacking distance by the beam",
            "So far apart that the next lobe is just under way to being too strong; w is one antenna's width to half power in that plane.",
            "D",
            "l ÷ (2·sin(w ÷ 2))",
            "Trade rule from the aperture of one antenna; w in radians, l the wavelength in mm",
            "Gains 2.5 to 2.9 dB a doubling; a tenth nearer costs 0.1 dB and lowers the side lobes");

    @Override
    public String name() {
        return "stacked Yagis";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.DRILL, Tool.RULE, Tool.SOLDERING_IRON, Tool.ANALYSER);
    }

    @Override
    public String good() {
        return "2.5 to 2.9 dB for every doubling without a longer boom; stacked upwards the beam stays wide in bearing.";
    }

    @Override
    public String bad() {
        return "A splitter and four equal cables with their loss, a frame, and each antenna must be matched first.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        double a = wish.diameter() / 2;
        int n = (int) Math.max(2, Math.min(6, Math.floor((wish.length() / wave - 0.2) / 0.22) + 2));
        double apart = wish.upright() ? 1.1 : 0.9;
        return List.of(
                Quantity.of("1", Unit.ONE),
                Quantity.of("2", Unit.ONE),
                MEASURES.get(2).of(1.1 * wave),
                MEASURES.get(3).of(apart * wave),
                Quantity.of(Integer.toString(n), Unit.ONE),
                MEASURES.get(5).of(Reactance.lengthFor(32, a, wave)),
                MEASURES.get(6).of(Reactance.lengthFor(5, a, wave)),
                MEASURES.get(7).of(Reactance.lengthFor(-40 - 3 * n, a, wave)),
                MEASURES.get(8).of(0.2 * wave),
                MEASURES.get(9).of(0.22 * wave));
    }

    @Override
    public Design tuned(Design d, double frequency) {
        return Resonance.tuned(d, frequency, DRIVEN);
    }

    @Override
    public int trimmed() {
        return DRIVEN;
    }

    @Override
    public Fixture fixture(Design d) {
        return new Fixture.Clamped();
    }

    @Override
    public List<String> extras(Design d) {
        return List.of("splitter for " + d.count(0) * d.count(1) + ", and as many equal cables", "frame");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "All driven elements the same side to the cable's inner conductor: one turned over makes a null ahead.",
                "Equal cables from the splitter to every antenna; match each alone to the line first.");
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(4);
    }

    @Override
    public String title(Design d) {
        int all = d.count(0) * d.count(1);
        return all + (all == 1 ? " Yagi of " : " Yagis of ") + d.count(4);
    }

    @Override
    public String build(Design d) {
        return NumberText.shown(depth(d) * 1000, 0) + " mm booms";
    }

    @Override
    public String part(Design d, int wire) {
        int i = wire % d.count(4);
        return i == 0 ? "reflector" : i == 1 ? "driven" : "director";
    }

    /** Distances by the beam of one of them, side by side and over one another; takes a solution. */
    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        Quantity alone = Quantity.of("1", Unit.ONE);
        WireModel one = d.withSize(0, alone).withSize(1, alone).model();
        RadiatedField field = new RadiatedField(new FieldSolver(one, MeshRule.standard(frequency), goOn).at(frequency));
        double wave = 299_792_458.0 / frequency;
        Stream<Worked> distances = Stream.of(new Vec(0, 1, 0), new Vec(0, 0, 1))
                .flatMap(across -> new Beam(field, Direction.X, across).halfPowerWidth().stream())
                .map(width -> distance(wave, Math.toRadians(width)));
        return Stream.concat(distances, harness(d.count(0) * d.count(1), wave).stream())
                .toList();
    }

    /** Impedance of each antenna's quarter-wave section, and its length in cable; none for one alone. */
    static List<Worked> harness(int antennas, double wave) {
        return antennas < 2
                ? List.of()
                : List.of(
                        Worked.of(SECTION)
                                .computed("n", "antennas", antennas, "", 0)
                                .gives(LINE * Math.sqrt(antennas), "Ω", 0),
                        Worked.of(QUARTER)
                                .computed("l", "wavelength", wave * 1000, "mm", 2)
                                .computed("v", "velocity factor of solid polyethylene", VELOCITY, "", 2)
                                .gives(1000 * wave / 4 * VELOCITY, "mm", 1));
    }

    private static final Formula SECTION = new Formula(
            "Harness, impedance of each section",
            "A quarter wave of it turns 50 Ω into 50 Ω times n, so that n side by side are 50 Ω again.",
            "Z",
            "50·sqrt(n)",
            "A quarter-wave line between two resistances (Pozar, Microwave Engineering, 4th ed., §2.5)",
            "Antennas of 50 Ω each, all alike; 75 Ω cable does for two, 93 Ω for three or four, a splitter for more");
    private static final Formula QUARTER = new Formula(
            "Harness, a quarter wave of cable",
            "Each section is one, three or five of them, all alike: as many as reach from antenna to joint.",
            "L",
            "l ÷ 4·v",
            "A wave on a line (Pozar, Microwave Engineering, 4th ed., §2.1)",
            "As the velocity factor is known, ±2 %; measure the cable in use");
    private static final double LINE = 50;
    private static final double VELOCITY = 0.66;

    private static Worked distance(double wave, double width) {
        return Worked.of(OPTIMUM)
                .computed("l", "wavelength", wave * 1000, "mm", 2)
                .computed("w", "width to half power, rad", width, "", 5)
                .gives(1000 * wave / (2 * Math.sin(width / 2)), "mm", 0);
    }

    @Override
    public WireModel model(Design d) {
        int n = d.count(4);
        Wiring w = Wiring.fixed(d);
        int wires = 0;
        List<Integer> driven = new java.util.ArrayList<>();
        for (int side = 0; side < d.count(0); side++) {
            for (int up = 0; up < d.count(1); up++) {
                double y = (side - (d.count(0) - 1) / 2.0) * d.size(2);
                double z = (up - (d.count(1) - 1) / 2.0) * d.size(3);
                driven.add(wires + 1);
                for (int i = 0; i < n; i++) {
                    double x = i == 0 ? -d.size(8) : (i - 1) * d.size(9);
                    double half = d.size(Math.min(i, 2) + 5) / 2;
                    Vec at = new Vec(x, y, z);
                    Vec tip = d.upright() ? new Vec(0, 0, half) : new Vec(0, half, 0);
                    w.wire(at.minus(tip), at.plus(tip));
                    wires++;
                }
            }
        }
        driven.forEach(i -> w.drive(i, 1, 0));
        return w.model("Stacked Yagis");
    }
}
