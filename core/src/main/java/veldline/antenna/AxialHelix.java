package veldline.antenna;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.Curve;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/**
 * An axial-mode helix over a disc or in a cup, right- or left-handed; solved, with the gains by three schools beside it. The fit to
 * measurements stands near what is solved, the textbooks' are ceilings.
 */
public final class AxialHelix implements WireFamily {
    private static final double C = 299_792_458.0;
    private static final double CIRCUMFERENCE_WAVES = 1.05;
    private static final double PITCH_DEGREES = 12.5;
    /** More turns gain too little to be offered; they may be typed. */
    private static final int MOST_OFFERED = 14;
    /** Straight edges of a turn, each one cut: the polyline is 0.6 % shorter than the curve. */
    private static final int SIDES = 16;

    private static final double ALONG = 0.36;

    private static final int SPOKES = 12;
    /** The riser is so small a part of the circumference. */
    private static final double RISER = 35;

    private static final List<Measure> MEASURES = List.of(
            Measure.count("Turns", 3, 20),
            Measure.length("Circumference", 0.7, 1.4),
            Measure.length("From turn to turn", 0.12, 0.36),
            Measure.choice("Turns", "right-handed", "left-handed"),
            Measure.length("Reflector, diameter", 0.4, 1.6),
            Measure.length("Cup, depth", 0, 0.6));

    private static final Formula TEXTBOOK = new Formula(
            "Helix gain, textbook",
            "As if the axis were lit evenly and in the best phase; n turns, circumference c and spacing s in waves.",
            "G",
            "10·log10(15·c^2·n·s)",
            "Kraus, Antennas, 1st ed. (1950)",
            "A ceiling that turns never reach: 2 to 4 dB over what is measured");
    private static final Formula LATER_TEXTBOOK = new Formula(
            "Helix gain, later textbook",
            "The same with the factor its author came down to.",
            "G",
            "10·log10(12·c^2·n·s)",
            "Kraus, Antennas, 2nd ed., §7.3",
            "A ceiling: 1 to 3 dB over what is measured");

    public static final Formula MEASURED_FIT = new Formula(
            "Helix gain, measured fit",
            "A curve through measured peak gains of uniform helices of n turns, circumference c and spacing s in waves,"
                    + " pitch p in radians.",
            "G",
            "10·log10(8.3·c^(sqrt(n + 2) − 1)·(n·s)^0.8·(tan(0.2181662) ÷ tan(p))^(sqrt(n) ÷ 2))",
            "King and Wong, IEEE Trans. AP-28 (1980), eq. 2",
            "±1 dB for 5 to 35 turns at its best frequency; the textbook's 15·c²·n·s lies 2 to 4 dB above what is measured");

    private static final Formula STRIP = new Formula(
            "Matching strip as a quarter-wave line: height",
            "A quarter turn of flat strip over the plate is a quarter-wave line between the solved resistance r and 50 Ω; w its width.",
            "h",
            "w ÷ (376.73 ÷ sqrt(50·r) − 2)",
            "Kraus, Antennas, 2nd ed., §7.4, strip over a plane with its edge field as 2 heights",
            "Takes the turns for a pure resistance, which they are not: what it gives is solved beside it");
    /** The strip is so wide, in waves. */
    private static final double STRIP_WAVES = 0.1;
    /** Nearer to the impedance of the strip's edges alone no height is found. */
    private static final double LEAST_OPEN = 0.2;

    @Override
    public String name() {
        return "helix";
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.DRILL, Tool.RULE, Tool.SOLDERING_IRON);
    }

    /**
     * Gain in dBi by the measured fit.
     *
     * @param turns 5 to 35
     * @param circumference in waves, about 1
     * @param pitch in degrees, about 12 to 14
     */
    public static double gainDbi(double turns, double circumference, double pitch) {
        double p = Math.toRadians(pitch);
        double spacing = circumference * Math.tan(p);
        return 10
                * Math.log10(8.3
                        * Math.pow(circumference, Math.sqrt(turns + 2) - 1)
                        * Math.pow(turns * spacing, 0.8)
                        * Math.pow(Math.tan(Math.toRadians(12.5)) / Math.tan(p), Math.sqrt(turns) / 2));
    }

    /**
     * Gain by the textbook, a ceiling that turns never reach: 15, or in its later form 12, times C²·N·S (Kraus).
     *
     * @param factor 15 or 12
     */
    public static double textbookGainDbi(double factor, double turns, double circumference, double pitch) {
        double spacing = circumference * Math.tan(Math.toRadians(pitch));
        return 10 * Math.log10(factor * circumference * circumference * turns * spacing);
    }

    /** Width to half power by the textbook, degrees (Kraus, Antennas, 2nd ed., §7.3). */
    public static double textbookWidth(double turns, double circumference, double pitch) {
        return 52 / (circumference * Math.sqrt(turns * circumference * Math.tan(Math.toRadians(pitch))));
    }

    /** Width to half power by the measured fit, degrees (King and Wong, IEEE Trans. AP-28 (1980)). */
    public static double fittedWidth(double turns, double circumference, double pitch) {
        double tan = Math.tan(Math.toRadians(pitch));
        double spacing = circumference * tan;
        return 61.5
                * Math.pow(2 * turns / (turns + 5), 0.6)
                / (Math.pow(circumference, Math.sqrt(turns) / 4) * Math.pow(turns * spacing, 0.7))
                * Math.pow(tan / Math.tan(Math.toRadians(12.5)), Math.sqrt(turns) / 4);
    }

    /** Widths and gains by the schools, the measured fit first. */
    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        double wave = C / frequency;
        double c = d.size(1) / wave;
        double p = Math.atan(d.size(2) / d.size(1));
        int n = d.count(0);
        Worked fit = Worked.of(MEASURED_FIT)
                .computed("n", "turns", n, "", 0)
                .computed("c", "circumference, waves", c, "", 4)
                .computed("s", "spacing of turns, waves", d.size(2) / wave, "", 5)
                .computed("p", "pitch, rad", p, "", 6)
                .gives(gainDbi(n, c, Math.toDegrees(p)), "dBi", 1, 1);
        return Stream.concat(
                        Stream.of(
                                fit,
                                textbook(LATER_TEXTBOOK, 12, n, c, d.size(2) / wave),
                                textbook(TEXTBOOK, 15, n, c, d.size(2) / wave)),
                        Stream.concat(
                                HelixStrip.of(d, frequency, goOn)
                                        .map(s -> s.said(d, frequency))
                                        .orElse(List.of())
                                        .stream(),
                                strip(d, frequency, goOn).stream()))
                .toList();
    }

    /** How high the strip lies that brings the solved feed to 50 Ω; empty where it would have no height. */
    static Optional<Worked> strip(Design d, double frequency, BooleanSupplier goOn) {
        double r = Resonance.impedance(d, frequency, goOn).getReal();
        double open = 376.73 / Math.sqrt(50 * r) - 2;
        double width = 1000 * STRIP_WAVES * C / frequency;
        return open > LEAST_OPEN
                ? Optional.of(Worked.of(STRIP)
                        .computed("w", "width of the strip, a tenth of a wave", width, "mm", 2)
                        .computed("r", "resistance at the feed, solved", r, "Ω", 2)
                        .gives(width / open, "mm", 1, 0.2 * width / open))
                : Optional.empty();
    }

    private static Worked textbook(Formula formula, double factor, int n, double c, double s) {
        return Worked.of(formula)
                .computed("n", "turns", n, "", 0)
                .computed("c", "circumference, waves", c, "", 4)
                .computed("s", "spacing of turns, waves", s, "", 5)
                .gives(10 * Math.log10(factor * c * c * n * s), "dBi", 1);
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public String good() {
        return "A turning wave from one piece of wire, wide in band, and no aim about its axis.";
    }

    @Override
    public String bad() {
        return "100 to 250 Ω want a matching strip; 3 dB are lost to any flat or upright far end, 20 and more to the other hand.";
    }

    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        double spacing = CIRCUMFERENCE_WAVES * wave * Math.tan(Math.toRadians(PITCH_DEGREES));
        int turns = Math.max(5, Math.min(MOST_OFFERED, (int) Math.floor(wish.length() / spacing)));
        return List.of(
                Quantity.of(Integer.toString(turns), Unit.ONE),
                MEASURES.get(1).of(CIRCUMFERENCE_WAVES * wave),
                MEASURES.get(2).of(spacing),
                Quantity.of("0", Unit.ONE),
                MEASURES.get(4).of(0.8 * wave),
                MEASURES.get(5).of(0));
    }

    /** Its turns are not resonant, so there is nothing to cut. */
    @Override
    public Design tuned(Design d, double frequency) {
        return d;
    }

    @Override
    public Polarized polarized(Design d) {
        return d.count(3) == 0 ? Polarized.RIGHT_HAND : Polarized.LEFT_HAND;
    }

    @Override
    public boolean balanced() {
        return false;
    }

    @Override
    public List<String> extras(Design d) {
        return List.of(
                "disc of sheet metal or mesh, " + d.sizes().get(4) + " across",
                "former or plastic cross for the turns",
                "matching strip, thin copper");
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Wind on a former of "
                        + Quantity.shown(d.size(1) / Math.PI - d.diameter().value(), Unit.MM, 1)
                        + " outside, the wire's middle then lies right; mark a turn every "
                        + d.sizes().get(2) + ". The printed one has a groove half the wire deep.",
                "Seen from behind, going away, "
                        + (d.count(3) == 0
                                ? "right-handed turns go clockwise."
                                : "left-handed turns go against the clock."),
                "A matching strip 0.07 of a wave wide in place of the first sixth of a turn, close over the plate, brings the feed to 50 Ω; what"
                        + " it comes to stands on the bench, its height is set on the analyser.");
    }

    @Override
    public Optional<Integer> grows() {
        return Optional.of(0);
    }

    @Override
    public boolean dips() {
        return false;
    }

    @Override
    public double curve(Design d, int wire) {
        double chord = d.size(1) / Math.PI * Math.sin(Math.PI / SIDES);
        return wire == 1 ? Math.hypot(d.size(1), d.size(2)) / SIDES / Math.hypot(chord, d.size(2) / SIDES) : 1;
    }

    @Override
    public Fixture fixture(Design d) {
        return new Fixture.Former(d.size(1) / Math.PI, d.count(0) * d.size(2), d.size(2), d.count(3) == 0);
    }

    @Override
    public String title(Design d) {
        return "Helix, " + d.count(0) + " turns";
    }

    @Override
    public String build(Design d) {
        return NumberText.shown(d.count(0) * d.size(2) * 1000, 0) + " mm long";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "riser" : wire == 1 ? "helix" : "reflector";
    }

    @Override
    public boolean isSheet(Design d, int wire) {
        return wire > 1;
    }

    /** From the disc's middle a riser, a straight way out to the turns, and the turns; the disc behind as a net. */
    @Override
    public WireModel model(Design d) {
        double radius = d.size(1) / (2 * Math.PI);
        double riser = d.size(1) / RISER;
        int hand = d.count(3) == 0 ? 1 : -1;
        List<Vec> riserTo = List.of(new Vec(0, 0, 0), new Vec(riser, 0, 0), new Vec(riser, radius, 0));
        List<Vec> turns = new Curve(
                        new Vec(riser, 0, 0),
                        new Vec(1, 0, 0),
                        new Vec(riser, radius, 0),
                        hand * d.count(0),
                        d.size(2),
                        SIDES)
                .points();
        Wiring w = Wiring.fixed(d);
        w.wire(riserTo, d.round(), false);
        w.wire(turns, d.round(), false, ALONG);
        Plate.disc(w, 0, d.size(4) / 2, d.size(5), SPOKES, 2, Math.min(d.round(), d.size(4) / 60));
        return w.feed(0, new Port.Place.Vertex(0)).model("Helix");
    }
}
